import { getContext, setContext } from 'svelte';

/** The pieces of a jar as they are drawn: one path an item, each in its colour. */
export interface Pieces {
  readonly paths: readonly string[];
  readonly colours: readonly string[];
}

/**
 * What lies in jars, drawn once on a page: every jar that is packed alike uses it. A shelf of fifty jars weighs as little
 * as the few ways in which they are packed.
 */
export class Drawn {
  // Filled while jars are made, which must move nothing that is shown: `look` says later that there is more.
  // eslint-disable-next-line svelte/prefer-svelte-reactivity
  private readonly known = new Map<string, Pieces>();
  private size = $state(0);

  /** Keeps what a jar needs; answers the id by which it uses it. */
  keep(key: string, pieces: () => Pieces): string {
    const id = `pieces-${key.replace(/[^a-z0-9]+/gi, '-')}`;
    if (!this.known.has(id)) this.known.set(id, pieces());
    return id;
  }
  /** Has what was kept since shown. */
  look(): void {
    this.size = this.known.size;
  }
  /** All that is drawn, in the order of asking. */
  get all(): readonly (readonly [id: string, Pieces])[] {
    return this.size >= 0 ? [...this.known] : [];
  }
}

const KEY = Symbol('drawn');

/** The page's own, for all jars on it. */
export function provideDrawn(): Drawn {
  const drawn = new Drawn();
  setContext(KEY, drawn);
  return drawn;
}
export const useDrawn = (): Drawn => getContext<Drawn>(KEY);
