import { crop, preparedFrom, trimKey, type Cut } from '../produce/index';
import type { Spread } from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { cutFor, styleIn } from '../style/index';
import { ownedSizes } from './jars';
import { fillsPerMl, packsOf } from './prepare';
import type { WorksheetInput, WorksheetJar } from './types';

/** The other way round: what to pick to fill these jars. */
export interface ToPick {
  readonly cut: Cut;
  readonly roomMl: number;
  readonly preparedG: number;
  readonly picked: Spread;
}

/**
 * How much to pick for full jars of one crop in a style: prepared = room × packing × density, or bulk for shreds;
 * picked = prepared / trim, both as the household's batches taught them or as the table says. Refuses an unknown crop or style, and no jar.
 * Example: one litre clip-top of white-cabbage kraut (928 ml) wants 928 g of shreds, 1160 g picked.
 */
export function toPick(
  styleId: string,
  cropId: string,
  withTops: boolean,
  jars: readonly WorksheetJar[],
  counts: Readonly<Record<string, number>>,
  learnt: Partial<Pick<WorksheetInput, 'trims' | 'packings' | 'styles'>> & Pick<WorksheetInput, 'crops'>
): Outcome<ToPick> {
  const s = styleIn(styleId, learnt.styles ?? []);
  const c = crop(cropId, learnt.crops);
  if (!s) return refuse('style-unknown', { field: 'styleId' });
  if (!c) return refuse('crop-unknown', { field: 'cropId' });
  const roomMl = ownedSizes(jars).reduce((a, j) => a + j.usableMl * (counts[j.id] ?? 0), 0);
  if (roomMl <= 0) return refuse('no-jar-named', { field: 'counts' });
  const cut = cutFor(s, c);
  const packs = packsOf(s, c, s.salting, learnt.packings);
  const preparedG = roomMl * fillsPerMl(c, cut, packs.fraction);
  const one = learnt.trims?.[trimKey(c.id, withTops)] ?? preparedFrom(1, c, withTops);
  return done({
    cut,
    roomMl,
    preparedG,
    picked: { mean: preparedG / one.mean, sd: (preparedG * one.sd) / one.mean ** 2 }
  });
}
