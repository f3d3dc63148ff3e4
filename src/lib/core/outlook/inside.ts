import type { Inside } from '../forecast/index';
import type { Cut } from '../produce/index';
import { chemistryOf } from './chemistry';
import { pieceOf, soursAs, type SoursAs } from './styles';

/** One crop in a jar, as it was cut. */
export interface PartIn {
  readonly cropId: string;
  readonly cut: Cut;
  readonly g: number;
}

/** A jar as it was filled. */
export interface FilledAs {
  readonly styleId: string;
  readonly parts: readonly PartIn[];
  /** Vegetables, and everything, g: what is not vegetable brings neither sugar nor buffer. */
  readonly vegetableG: number;
  readonly allG: number;
  /** Where its salt settles, mass fraction; strength of the brine as poured, null where none was. */
  readonly settles: number;
  readonly poured: number | null;
  readonly starter: Inside['starter'];
  /** Sugar of own crops, share, where the household knows it. */
  readonly sugars: Readonly<Record<string, number>>;
}

/** The sour way of a jar, by the crop that makes up most of it. */
export const wayOf = ({ styleId, parts }: Pick<FilledAs, 'styleId' | 'parts'>): SoursAs =>
  soursAs(
    styleId,
    parts.reduce((a, p) => (p.g > a.g ? p : a), parts[0] ?? { cropId: 'cabbage-white', cut: 'shred', g: 0 })
  );

/**
 * What a ferment is reckoned from, of a jar as it was filled: sugar, buffer and acidity by mass share, pH by buffer, pieces
 * by how fast they even out. Example: whole gherkins, 62 % of their jar, bring sugar 14 g/kg and buffer 10.
 */
export function insideOf(jar: FilledAs): Inside {
  const { free, starts } = wayOf(jar);
  const all = Math.max(
    1e-9,
    jar.parts.reduce((a, p) => a + p.g, 0)
  );
  const share = jar.allG > 0 ? Math.min(1, jar.vegetableG / jar.allG) : 1;
  const sum = { sugar: 0, buffer: 0, pH: 0, acidity: 0, evens: 0 };
  for (const p of jar.parts) {
    const w = (p.g / all) * share;
    const c = chemistryOf(p.cropId, jar.sugars[p.cropId]);
    const { radiusMm, skin } = pieceOf(p.cropId, p.cut, jar.styleId);
    sum.sugar += w * c.sugar;
    sum.buffer += w * c.buffer;
    sum.pH += w * c.buffer * c.pH;
    sum.acidity += w * c.acidity;
    sum.evens += p.g / all / (radiusMm ** 2 * skin);
  }
  return {
    sugar: sum.sugar,
    free,
    buffer: Math.max(1, sum.buffer),
    pH0: sum.buffer > 0 ? sum.pH / sum.buffer : 6,
    ta0: sum.acidity,
    settles: jar.settles,
    poured: jar.poured,
    radiusMm: sum.evens > 0 ? 1 / Math.sqrt(sum.evens) : 5,
    skin: 1,
    starts,
    starter: jar.starter
  };
}
