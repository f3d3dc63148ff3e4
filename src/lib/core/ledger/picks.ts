import { asideG, LOT_ENDS, type Lot, type LotEvent } from '../lot/index';

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

/** What a pick gave to one batch, g: as it was picked, prepared, and what its trimming took. */
export interface PackedIn {
  readonly batchId: string;
  readonly pickedG: number;
  readonly preparedG: number;
  readonly trimG: number;
}

/** Where one pick went: the lines add up to what was weighed in. */
export interface PickBook extends PicksBook {
  readonly into: readonly PackedIn[];
}

/**
 * Every gram of one pick, by its events. Example: of 1100 g weighed in, 1000 g packed that weighed 850 g prepared are 850 g
 * in the batch and 150 g of trim, and 100 g wait.
 */
export function pickBook(lot: Lot, events: readonly LotEvent[]): PickBook {
  const into = new Map<string, PackedIn>();
  for (const e of events) {
    if (e.type !== 'packed') continue;
    const { batchId, g, preparedG } = e.data;
    const before = into.get(batchId) ?? { batchId, pickedG: 0, preparedG: 0, trimG: 0 };
    into.set(batchId, {
      batchId,
      pickedG: before.pickedG + g,
      preparedG: before.preparedG + preparedG,
      trimG: before.trimG + g - preparedG
    });
  }
  return { ...picksBook([lot]), into: [...into.values()] };
}
