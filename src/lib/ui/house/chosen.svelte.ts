import { untrack } from 'svelte';
import { navigating, page } from '$app/state';

/**
 * What the address says is chosen in this room, such as `batch`. A tap counts at once, before its page has come: the
 * next tap is about what was chosen, however slow the line.
 */
export function chosenBy(what: string): string | null {
  const to = navigating.to?.url;
  return (to?.pathname === page.url.pathname ? to : page.url).searchParams.get(what);
}

/**
 * What a room's panel is about: what was tapped, else what the room opened with. It never becomes another by itself: after
 * an action the next tap would be about a jar that nobody chose.
 */
export class OnPanel<T> {
  private opened = $state<string | undefined>();
  private last = $state.raw<{ readonly id: string; readonly of: T } | undefined>();
  private readonly id: string | undefined;
  /** It; undefined where it is not in this room any more. */
  readonly now: T | undefined;

  /**
   * @param what how the address names it
   * @param find it by its id, where it is here
   * @param usual with which the room opens
   */
  constructor(what: string, find: (id: string) => T | undefined, usual: () => string | undefined) {
    this.opened = untrack(usual);
    this.id = $derived(chosenBy(what) ?? this.opened);
    this.now = $derived(this.id === undefined ? undefined : find(this.id));
    $effect.pre(() => {
      this.opened ??= usual();
    });
    $effect.pre(() => {
      if (this.id !== undefined && this.now !== undefined) this.last = { id: this.id, of: this.now };
    });
  }

  /** As it was when it was last here; undefined: it was not, since the page came. */
  get gone(): T | undefined {
    return this.last?.id === this.id ? this.last?.of : undefined;
  }
}
