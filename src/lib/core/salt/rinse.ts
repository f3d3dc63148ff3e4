import { sdOfRange, together, type Spread } from '../quantity/index';
import { tasteWord } from './taste';

/** What was measured once the leaf was rinsed and wrung; nothing of it is needed, all of it helps. */
export interface Rinsed {
  /** Weight after rinsing and wringing, g; null while not weighed. */
  readonly afterG: number | null;
  /** Salinity of the pressed juice, mass fraction; or a taste word; null: nobody looked. */
  readonly reading: { readonly salinity: number } | { readonly taste: string } | null;
}

/** The leaf after its rinse: what it weighs, how salty its water is, and what is in it. */
export interface RinsedLeaf {
  readonly after: Spread;
  readonly salinity: Spread;
  readonly by: 'salinity' | 'taste' | 'estimate';
  readonly naclG: number;
  readonly naclSd: number;
  readonly waterG: number;
}

/** A meter or a drop on a refractometer in plain juice: out by a tenth, at least 0.1 %. Common practice. */
const READING_SD = { share: 0.05, least: 0.001 };
/** 70 in 100 lie within ± this many sd. */
const SDS_OF_70 = 1.0364;

/**
 * What heavy salting, rinsing and wringing leave in the leaf. `dryG` is its dry matter, which stays; all else is
 * salty water. Unweighed and unmeasured it is an estimate in a wide band: `keeps` is weight after over before
 * (nine times in ten), `leaves` the salinity (70 in 100).
 * Example: 1700 g of leaf with 95 g dry matter, weighed 1400 g after and read at 2 %, hold 26.1 g of salt.
 */
export function rinsedLeaf(
  before: Spread,
  dryG: number,
  rinsed: Rinsed | undefined,
  keeps: { readonly from: number; readonly to: number },
  leaves: { readonly from: number; readonly to: number }
): RinsedLeaf {
  const kept = (keeps.from + keeps.to) / 2;
  const after: Spread =
    rinsed?.afterG != null
      ? { mean: rinsed.afterG, sd: rinsed.afterG * 0.005 }
      : {
          mean: before.mean * kept,
          sd: together(before.mean * sdOfRange(keeps.from, keeps.to), before.sd * kept)
        };
  const { salinity, by } = salinityOf(rinsed, leaves);
  const wetG = Math.max(0, after.mean - dryG);
  const naclG = salinity.mean * wetG;
  return {
    after,
    salinity,
    by,
    naclG,
    naclSd: together(salinity.sd * wetG, salinity.mean * after.sd),
    waterG: wetG - naclG
  };
}

function salinityOf(
  rinsed: Rinsed | undefined,
  leaves: { readonly from: number; readonly to: number }
): { salinity: Spread; by: RinsedLeaf['by'] } {
  const reading = rinsed?.reading ?? null;
  if (reading && 'salinity' in reading) {
    const sd = Math.max(READING_SD.least, reading.salinity * READING_SD.share);
    return { salinity: { mean: reading.salinity, sd }, by: 'salinity' };
  }
  const word = reading ? tasteWord(reading.taste) : undefined;
  if (word) return { salinity: word.salinity, by: 'taste' };
  return {
    salinity: { mean: (leaves.from + leaves.to) / 2, sd: (leaves.to - leaves.from) / 2 / SDS_OF_70 },
    by: 'estimate'
  };
}
