import { navigating, page } from '$app/state';

/**
 * What the address says is chosen in this room, such as `batch`. A tap counts at once, before its page has come: the
 * next tap is about what was chosen, however slow the line.
 */
export function chosenBy(what: string): string | null {
  const to = navigating.to?.url;
  return (to?.pathname === page.url.pathname ? to : page.url).searchParams.get(what);
}
