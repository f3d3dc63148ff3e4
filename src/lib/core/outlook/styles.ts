import type { StyleSour } from '../forecast/index';
import { likeOf, type Cut } from '../produce/index';
import { styleLike } from '../style/index';

/** What a style does to the course of its jars. */
export interface SoursAs extends StyleSour {
  /** Share of the sugar that stands free in the liquid from the start; of a brined style, of pieces. */
  readonly free: number;
  /** Both flora's start against plain vegetables. */
  readonly starts: number;
}

/** How sour it is at first taste, mild, tangy, fully sour and too sour (sour index, mmol/kg); days it stands at 20 °C; h, share. */
const row = (
  sour: StyleSour['sour'],
  wearDays: number,
  [holdHours, air]: readonly [number, number],
  free: number,
  starts = 1
): SoursAs => ({ sour, wearDays, holdHours, air, free, starts });

/**
 * The styles' sourness, as fit to and tuned against remembered guides and practice (docs/forecast.md says how far).
 * Own ways of making a style are as the style.
 */
const SOURS: Readonly<Record<string, SoursAs>> = {
  shredded: row([8, 20, 45, 95, 170], 42, [3, 0.03], 0.7),
  slaw: row([3, 8, 20, 45, 90], 14, [3, 0.03], 0.5),
  'leaf-rinsed': row([5, 9, 16, 32, 55], 9, [2.5, 0.04], 0.5, 10),
  'leaf-single': row([5, 9, 16, 32, 55], 14, [2.5, 0.04], 0.5, 10),
  pieces: row([6, 14, 26, 40, 80], 24, [1, 0.01], 0.1),
  'short-cucumbers': row([2, 4, 14, 24, 45], 5, [0.6, 0.01], 0.1),
  'soft-fruit': row([10, 18, 32, 50, 90], 30, [0.8, 0.01], 0.05),
  'sliced-peppers': row([6, 14, 28, 45, 90], 18, [1.5, 0.015], 0.1),
  'pepper-sauce': row([6, 14, 30, 50, 110], 42, [1.5, 0.015], 0.2),
  'pepper-mash': row([8, 20, 45, 80, 180], 90, [4, 0.03], 1)
};

/** Pieces in brine that have their own way: whole cucumbers and halved sprouts. */
const WHOLE_CUCUMBERS = row([6, 14, 30, 50, 90], 42, [0.6, 0.01], 0.05);
const SPROUTS = row([6, 12, 22, 36, 80], 28, [1, 0.02], 0.1);

/** How a style sours, by what makes up most of it. */
export function soursAs(styleId: string, most: { readonly cropId: string; readonly cut: Cut }): SoursAs {
  const like = styleLike(styleId);
  if (like === 'pieces') {
    const crop = likeOf(most.cropId);
    if (crop === 'cucumber-small' && (most.cut === 'upright' || most.cut === 'whole')) return WHOLE_CUCUMBERS;
    if (crop === 'brussels-sprout') return SPROUTS;
  }
  return SOURS[like] ?? SOURS.pieces!;
}

/** Half the thickness of a piece for what diffuses through it, mm, and how much its skin slows it. Set; skins tuned. */
export function pieceOf(cropId: string, cut: Cut, styleId: string): { radiusMm: number; skin: number } {
  const crop = likeOf(cropId);
  if (crop === 'cucumber-small' && (cut === 'upright' || cut === 'whole'))
    return styleLike(styleId) === 'short-cucumbers' ? { radiusMm: 14, skin: 2 } : { radiusMm: 18, skin: 2.2 };
  if (crop.startsWith('tomat') && (cut === 'cherry' || cut === 'whole')) return { radiusMm: 16, skin: 3 };
  if (crop === 'brussels-sprout' && cut === 'half') return { radiusMm: 11, skin: 1.5 };
  const sliced = styleLike(styleId) === 'sliced-peppers';
  return { radiusMm: RADIUS[cut], skin: sliced && (cut === 'strip' || cut === 'ring') ? 1.5 : 1 };
}

const RADIUS: Readonly<Record<Cut, number>> = {
  shred: 1.5,
  leaf: 3,
  ...{ spear: 6, coin: 4, chunk: 9, floret: 8, half: 14, upright: 5, cherry: 12, strip: 4, ring: 4 },
  ...{ whole: 10, mash: 1 }
};
