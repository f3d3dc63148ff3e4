import { getContext, setContext } from 'svelte';

/**
 * What the paths are: pieces, one path a colour (`--p0`, `--p1`: the jar that uses them says which); glass, one, used as
 * `<id>-in` to cut off what lies in it, too; what stands before it: its outline, what of the lid is filled, and its lines.
 */
export type DrawnAs = 'pieces' | 'glass' | 'front';
export interface Drawing {
  readonly as: DrawnAs;
  readonly paths: readonly string[];
}

/** A page comes drawn: a phone need not lay its pieces again to learn what stands there. */
function cameWithPage(id: string, as: DrawnAs): Drawing | undefined {
  const there = typeof document === 'undefined' ? null : document.getElementById(id);
  if (!there) return undefined;
  const all = as === 'glass' ? [there] : [...there.querySelectorAll('path')];
  const paths = all.map((p) => p.getAttribute('d') ?? '');
  return paths.length > 0 ? { as, paths } : undefined;
}

/**
 * What jars are made of, drawn once on a page: outlines by their shape, pieces by how they are packed; every jar that is
 * alike uses them. A shelf of fifty jars weighs as little as the few ways in which they are made.
 */
export class Drawn {
  // Filled while jars are made, which must move nothing that is shown: `look` says later that there is more.
  // eslint-disable-next-line svelte/prefer-svelte-reactivity
  private readonly known = new Map<string, Drawing>();
  private size = $state(0);

  /** Keeps what a jar needs; answers the id by which it uses it. */
  keep(as: DrawnAs, key: string, make: () => readonly string[]): string {
    const id = `${as[0]}-${key.replace(/[^a-z0-9]+/gi, '-')}`;
    if (!this.known.has(id)) this.known.set(id, cameWithPage(id, as) ?? { as, paths: make() });
    return id;
  }
  /** Has what was kept since shown. */
  look(): void {
    this.size = this.known.size;
  }
  /** All that is drawn, in the order of asking. */
  get all(): readonly (readonly [id: string, Drawing])[] {
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
