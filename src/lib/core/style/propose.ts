import { crop, likeOf, type OwnCrops } from '../produce/index';
import { styleLike, stylesIn, type OwnStyles } from './own';
import type { Style } from './types';

/** What the choice of a style is made from. */
export interface Occasion {
  /** What is on the bench, g by crop. */
  readonly bench: readonly { readonly cropId: string; readonly g: number }[];
  /** Live stock by style, g; a style that is missing has none. */
  readonly stockG: Readonly<Record<string, number>>;
  /** Somebody at the table likes it mild. */
  readonly mild: boolean;
  /** The household's own crops. */
  readonly crops: OwnCrops;
  readonly styles: OwnStyles;
}

/** Why a style is proposed. */
export type Reason =
  | { readonly why: 'suits'; readonly share: number }
  | { readonly why: 'running-low' }
  | { readonly why: 'too-hot' };

export interface Proposal {
  readonly style: Style;
  readonly score: number;
  readonly reasons: readonly Reason[];
}

/** Stock of a style under which it counts as short, g. Common practice, no source. */
const SHORT_G = 1000;

/**
 * Styles for what lies on the bench, the best first: how much of it the style is made for (and how dearly), what is
 * running low, and who eats it. Styles that suit less than half of the bench are left out.
 * Of two that suit alike, the plainer one, as the table has them. Example: 3 kg of white cabbage proposes `shredded` first.
 */
export function proposeStyles(o: Occasion): Proposal[] {
  const all = o.bench.reduce((a, b) => a + b.g, 0);
  if (all <= 0) return [];
  const hottest = Math.max(0, ...o.bench.map((b) => crop(b.cropId, o.crops)?.heat ?? 0));
  return stylesIn(o.styles)
    .flatMap((style): Proposal[] => {
      const suits = o.bench.reduce((a, b) => a + (dearness(style, b.cropId) > 0 ? b.g : 0), 0) / all;
      if (suits < 0.5) return [];
      const dear = o.bench.reduce((a, b) => a + dearness(style, b.cropId) * b.g, 0) / all;
      const short = (o.stockG[style.id] ?? 0) < SHORT_G;
      const tooHot = o.mild && hottest >= 3 && !/^pepper-(sauce|mash)$/.test(styleLike(style.id));
      const reasons: Reason[] = [
        { why: 'suits', share: suits },
        ...(short ? [{ why: 'running-low' } as const] : []),
        ...(tooHot ? [{ why: 'too-hot' } as const] : [])
      ];
      return [{ style, score: suits + dear + (short ? 0.1 : 0) - (tooHot ? 0.5 : 0), reasons }];
    })
    .sort((a, b) => b.score - a.score);
}

/** 1 for the crop a style is best known for, falling along its list; 0 when it is not on it. */
function dearness(s: Style, cropId: string): number {
  const at = s.produce.indexOf(likeOf(cropId));
  return at < 0 ? 0 : 1 - (0.8 * at) / s.produce.length;
}
