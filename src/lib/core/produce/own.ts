import { CROPS } from './data';
import type { Crop, Cut } from './types';

/** A household's own crops, and the table's where it has corrected them; each a whole row. */
export type OwnCrops = readonly Crop[];

/** A crop as the household says it; what it does not know is null, and taken from the crop it is like. */
export interface CropSaid {
  /** `kohlrabi_1` is the first own crop like kohlrabi; `kohlrabi` corrects the table's. */
  readonly id: string;
  readonly name: string;
  /** Water in the prepared part, share. */
  readonly moisture: number | null;
  /** Sugar in the prepared part, share: kept for who asks how far it can sour. */
  readonly sugar: number | null;
  /** Usable over picked. */
  readonly trim: number | null;
  readonly piece: string | null;
  /** One usable piece, g. */
  readonly pieceG: number | null;
  readonly pack: Cut | null;
  /** Days raw at 4 °C in a bag and in the kitchen. */
  readonly keepCold: number | null;
  readonly keepRoom: number | null;
  /** No longer offered; what was made of it keeps its name. */
  readonly retired: boolean;
}

/** The crop of the table that an own one is like; a crop of the table is like itself. Example: `likeOf('kohlrabi_1')` is `'kohlrabi'`. */
export const likeOf = (id: string): string => id.split('_')[0] ?? id;

/** The id of the next own crop like one of the table. Example: after `kohlrabi_1` comes `kohlrabi_2`. */
export const nextLike = (like: string, own: readonly { readonly id: string }[]): string => {
  const taken = own.filter((c) => likeOf(c.id) === like).map((c) => Number(c.id.split('_')[1] ?? 0));
  return `${like}_${Math.max(0, ...taken) + 1}`;
};

/** What is only taken for like another crop is known so much worse. Common practice, no source. */
const ONLY_LIKE = 2;

/** The figures that a household may say of a crop. */
export const FIGURES = [
  'moisture',
  'trim',
  'pieceG',
  'piece',
  'pack',
  'keepCold',
  'keepRoom'
] as const satisfies readonly (keyof CropSaid & keyof Crop)[];

/**
 * A whole row from what is said: its own figures, the rest of the crop it is like, whose spreads are twice as wide for
 * an own crop and as they were for a corrected one. Undefined where it is like nothing in the table.
 * Example: a turnip-like crop with 89 % of water is a turnip of 0.89.
 */
export function asCrop(said: CropSaid): Crop | undefined {
  const like = CROPS.find((c) => c.id === likeOf(said.id));
  if (!like) return undefined;
  const own = said.id !== like.id;
  const wider = (sd: number, known: boolean) => (own && !known ? sd * ONLY_LIKE : sd);
  return {
    ...like,
    ...Object.fromEntries(FIGURES.flatMap((f) => (said[f] === null ? [] : [[f, said[f]]]))),
    id: said.id,
    name: said.name === '' ? like.name : said.name,
    moistureSd: wider(like.moistureSd, said.moisture !== null),
    trimSd: wider(like.trimSd, said.trim !== null),
    densitySd: wider(like.densitySd, false),
    pieceGsd: said.pieceG === null && own ? like.pieceGsd ** ONLY_LIKE : like.pieceGsd,
    // Counted with its tops on, a trim that is said for it without them says nothing.
    trimWithTops: own ? null : like.trimWithTops,
    note: own ? `like ${like.name.toLowerCase()}` : like.note,
    source: own ? `your own, like ${like.name.toLowerCase()}` : `corrected by you; ${like.source}`,
    ...(said.retired ? { retired: true } : {})
  };
}
