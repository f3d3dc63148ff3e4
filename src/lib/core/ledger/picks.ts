import { asideG, LOT_ENDS, type Lot } from '../lot/index';

/** Where picks went, g: everything together is what was weighed in. */
export interface PicksBook {
  readonly weighedG: number;
  /** Waiting in the Garden, and on a bench. */
  readonly waitingG: number;
  readonly benchG: number;
  readonly packedG: number;
  /** Greens, seed, followers and off-cuts that were kept of the trim; off-cuts are weighed in anew. */
  readonly asideG: number;
  readonly ended: readonly { readonly how: string; readonly g: number }[];
}

/** Of some picks. */
export function picksBook(lots: readonly Lot[]): PicksBook {
  const sum = (of: (l: Lot) => number) => lots.reduce((a, l) => a + of(l), 0);
  return {
    weighedG: sum((l) => l.weighed.g),
    waitingG: sum((l) => l.gardenG),
    benchG: sum((l) => l.benchG),
    packedG: sum((l) => l.packedG),
    asideG: sum((l) => asideG(l.aside)),
    ended: LOT_ENDS.flatMap((how) => {
      const g = sum((l) => l.endedG[how] ?? 0);
      return g > 0 ? [{ how, g }] : [];
    })
  };
}
