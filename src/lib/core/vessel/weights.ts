/** What holds the follower under. */
export type WeightKind = 'disc' | 'stone' | 'water bag' | 'plate' | 'jar on a plate';
export const WEIGHT_KINDS: readonly WeightKind[] = ['disc', 'stone', 'water bag', 'plate', 'jar on a plate'];

export interface VesselWeight {
  readonly kind: WeightKind;
  /** Volume it pushes aside in the brine, ml. */
  readonly displacesMl: number;
  /** Height it wants above what it lies on, mm. */
  readonly heightMm: number;
  /** Width of what covers the contents, mm. */
  readonly widthMm: number;
}

/** Usual measures; weigh and measure your own. Common practice, no source. */
export const USUAL_WEIGHTS: Readonly<Record<WeightKind, VesselWeight>> = {
  disc: { kind: 'disc', displacesMl: 35, heightMm: 18, widthMm: 66 },
  stone: { kind: 'stone', displacesMl: 350, heightMm: 40, widthMm: 140 },
  'water bag': { kind: 'water bag', displacesMl: 120, heightMm: 20, widthMm: 90 },
  plate: { kind: 'plate', displacesMl: 120, heightMm: 15, widthMm: 180 },
  'jar on a plate': { kind: 'jar on a plate', displacesMl: 200, heightMm: 130, widthMm: 180 }
};

/** Under the fill line the liquid stands this much over everything. Common practice, no source. */
const COVERED_MM = 10;

/** How far a weight stands above the rim, mm; 0 or less: it fits. Example: 130 mm with 25 mm headspace is `95`. */
export const aboveRimMm = (w: Pick<VesselWeight, 'heightMm'>, headspaceMm: number): number =>
  w.heightMm - headspaceMm - COVERED_MM;

/** Round the edge of a cover this much may stay open before bits come up, mm. Common practice, no source. */
const GAP_MM = 8;

/** Whether bits come up past a cover in a body so wide. Example: 66 in 76 is not let past, 66 in 98 is. */
export const letsBitsPast = (w: Pick<VesselWeight, 'widthMm'>, bodyMm: number): boolean =>
  (bodyMm - w.widthMm) / 2 > GAP_MM;
