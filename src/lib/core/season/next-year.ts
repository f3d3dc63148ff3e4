import { crop, type OwnCrops } from '../produce/index';
import { perMetre, type CropAhead, type PerMetre, type Sowing } from '../sowing/index';
import { SERVING_G } from './household-styles';
import type { SeasonGroup } from './types';

/** What went into jars of a kind, g prepared. */
export interface MadeOf {
  readonly styleId: string;
  readonly cropId: string;
  readonly g: number;
}

/** How much of a crop next year's table wants, as picked, and how many metres of row give that. */
export interface ToSow {
  readonly cropId: string;
  readonly wantedG: number;
  /** Null: nobody knows what a metre of it gives. */
  readonly metres: { readonly likely: number; readonly least: number; readonly most: number } | null;
  readonly perMetre: PerMetre | null;
}

const WEEKS_A_YEAR = 52;
/** Less nobody sows a row for, g. */
const LITTLE_G = 500;

/**
 * What to sow for next year's table: what is wanted of each kind, made of what it was made of this year. A kind that was not
 * made says nothing: nobody knows of what it would be.
 */
export function toSow(known: {
  readonly groups: readonly SeasonGroup[];
  readonly made: readonly MadeOf[];
  readonly sowings: readonly Pick<Sowing, 'cropId' | 'metres' | 'plants'>[];
  readonly ahead: readonly CropAhead[];
  readonly crops: OwnCrops;
}): ToSow[] {
  const wanted = new Map<string, number>();
  for (const { id, wanted: weekly } of known.groups) {
    const of = known.made.filter((m) => m.styleId === id);
    const all = of.reduce((a, m) => a + m.g, 0);
    if (all <= 0 || weekly.length === 0) continue;
    const yearG = ((weekly.reduce((a, n) => a + n, 0) * SERVING_G) / weekly.length) * WEEKS_A_YEAR;
    for (const { cropId, g } of of) {
      const rawG = (yearG * g) / all / (crop(cropId, known.crops)?.trim ?? 1);
      wanted.set(cropId, (wanted.get(cropId) ?? 0) + rawG);
    }
  }
  return [...wanted]
    .filter(([, g]) => g >= LITTLE_G)
    .map(([cropId, wantedG]): ToSow => {
      const by = perMetre(cropId, known.sowings, known.ahead);
      const at = (kg: number) => wantedG / 1000 / kg;
      const metres = by && { likely: at(by.kg), least: at(by.most), most: at(by.least) };
      return { cropId, wantedG, metres, perMetre: by };
    })
    .sort((a, b) => b.wantedG - a.wantedG || a.cropId.localeCompare(b.cropId));
}
