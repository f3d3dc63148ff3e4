/** How the prepared crop is usually cut; sets packing in the jar. */
export const CUTS = [
  'shred',
  'leaf',
  'spear',
  'coin',
  'chunk',
  'floret',
  'half',
  'upright',
  'cherry',
  'strip',
  'ring',
  'whole',
  'mash'
] as const;
export type Cut = (typeof CUTS)[number];

export interface Crop {
  readonly id: string;
  readonly name: string;
  readonly moisture: number;
  readonly moistureSd: number;
  readonly trim: number;
  readonly trimSd: number;
  /** Trim counted from the plant with its tops on; null where that makes no difference. */
  readonly trimWithTops: number | null;
  readonly density: number;
  readonly densitySd: number;
  /** Spongy flesh soaks brine up to this density, g/ml. */
  readonly soakedDensity?: number;
  /** One usable piece: median, g, geometric sd, and what it is called. */
  readonly pieceG: number;
  readonly pieceGsd: number;
  readonly piece: string;
  readonly pack: Cut;
  readonly keepCold: number;
  readonly keepRoom: number;
  /** Better at 8-12 °C than in the fridge. */
  readonly chill: boolean;
  readonly heat: number;
  readonly note: string;
  readonly source: string;
  /** An own crop that is no longer offered. */
  readonly retired?: boolean;
}
