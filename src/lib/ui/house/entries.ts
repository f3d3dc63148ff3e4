import { pushState, replaceState } from '$app/navigation';

/** Sheets that lie over the room, by the entry that each has in the browser's history, and how each is taken away. */
const lying = new Map<string, { at: number; takeAway: () => void }>();

interface Entry {
  index: number;
  /** The sheet that was laid at it. */
  sheet: string | undefined;
}

/** The entry where the history stands. It is read from the browser: the page's own state is set anew whenever it looks again. */
function here(): Entry {
  const state = (typeof history === 'undefined' ? null : history.state) as {
    'sveltekit:history'?: number;
    'sveltekit:states'?: App.PageState;
  } | null;
  return { index: state?.['sveltekit:history'] ?? 0, sheet: state?.['sveltekit:states']?.sheet };
}

let stood = here();

/** To be told once a page is there. */
export function standsAnew(): void {
  stood = here();
}

/**
 * A sheet is laid: Back takes it away. An entry whose sheet is gone already serves again.
 *
 * @returns to be called when it is taken away by hand. Its entry stays, and the next Back goes past it: going back at once
 * would call off whatever page a hand begins to open in that moment.
 */
export function laySheet(id: string, takeAway: () => void): () => void {
  const { sheet } = here();
  (sheet !== undefined && !lying.has(sheet) ? replaceState : pushState)('', { sheet: id });
  stood = here();
  lying.set(id, { at: stood.index, takeAway });
  return () => lying.delete(id);
}

/** The history went to another entry of its own. */
export function wentBack(): void {
  const left = stood;
  stood = here();
  const taken = [...lying].filter(([, { at }]) => at > stood.index);
  for (const [id, { takeAway }] of taken) {
    lying.delete(id);
    takeAway();
  }
  if (taken.length === 0 && left.sheet !== undefined && stood.index === left.index - 1) history.back();
}
