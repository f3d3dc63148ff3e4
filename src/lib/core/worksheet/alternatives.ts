import { bands, type Bands } from './bands';
import type { WorksheetInput } from './types';
import type { Worksheet } from './answers';
import { everyWay, type WayEnds } from './ways';
import { worksheet } from './worksheet';

/** One proposed set of jars, with what it needs and how surely everything goes in. */
export interface Alternative {
  readonly counts: Readonly<Record<string, number>>;
  readonly vessels: number;
  readonly leftG: number;
  readonly leftMl: number;
  readonly spareMl: number;
  readonly brineMl: number;
  readonly saltG: number;
  readonly ends: number;
  readonly bands: Bands;
}

export interface Alternatives {
  readonly sets: readonly Alternative[];
  /** Error bands of the set on the bench, and where its dose ends by every way of saying it. */
  readonly bands: Bands | null;
  readonly ways: readonly WayEnds[];
}

/** The best different sets, each with its own brine and salt, and error bands: too much for a keystroke. */
export function alternatives(input: WorksheetInput): Alternatives {
  const now = worksheet({ ...input, sets: 3 });
  // Jars chosen by hand that cannot be are no reason to show no others: they are the way out.
  const free = now.ok || input.counts === null ? now : worksheet({ ...input, counts: null, sets: 3 });
  const sets = (free.ok ? free.value.sets : []).flatMap((set): Alternative[] => {
    const made = worksheet({ ...input, sets: 1, counts: set.counts });
    return made.ok ? [ofSet(made.value)] : [];
  });
  if (!now.ok) return { sets, bands: null, ways: [] };
  return { sets, bands: bands(now.value), ways: everyWay(input, now.value) };
}

const ofSet = (w: Worksheet): Alternative => ({
  counts: w.chosen.counts,
  vessels: w.chosen.vessels,
  leftG: w.leftG,
  leftMl: w.chosen.leftMl,
  spareMl: w.chosen.spareMl,
  brineMl: w.brine?.mixMl ?? 0,
  saltG: w.salt.weighG,
  ends: w.ends.equilibrium,
  bands: bands(w)
});
