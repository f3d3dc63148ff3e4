import { GROWS } from './data';
import { seasonSpread, type CropAhead } from './expected';
import type { Sowing } from './sowing';

/** What a metre of row gives of a crop here, kg: likely, and nine seasons in ten between these. */
export interface PerMetre {
  readonly kg: number;
  readonly least: number;
  readonly most: number;
  /** So many metres of it grow this season; 0: none, or nobody said how many. */
  readonly metres: number;
}

/**
 * A crop by the metre, by what this season's sowings of it gave and will give; where none is said in metres or plants, by the
 * table. Null: neither knows it. Example: 6 m of which 12 kg were picked and 3 kg are to come give 2.5 kg a metre.
 *
 * @param sowings of this season
 */
export function perMetre(
  cropId: string,
  sowings: readonly Pick<Sowing, 'cropId' | 'metres' | 'plants'>[],
  ahead: readonly CropAhead[]
): PerMetre | null {
  const row = GROWS.find((g) => g.id === cropId);
  const mine = sowings.filter((s) => s.cropId === cropId);
  const long = mine.map((s) => s.metres ?? (s.plants !== null && row ? s.plants * row.apartM : null));
  const metres = long.reduce<number>((a, m) => a + (m ?? 0), 0);
  const known = long.every((m) => m !== null) && metres > 0;
  const of = ahead.find((a) => a.cropId === cropId);
  const kg = known && of ? (of.pickedG + of.restG) / 1000 / metres : (row?.kgPerMetre ?? 0);
  if (kg <= 0) return null;
  const spread = Math.exp(seasonSpread(row?.weeks ?? of?.weeks.length ?? 1));
  return { kg, least: kg / spread, most: kg * spread, metres };
}
