import { isCrock } from './geometry';
import type { JarGeometry } from './types';

/** A jar's inner outline for drawing: a neck as wide as the opening on a body that holds the rest. All mm. */
export interface Profile {
  readonly heightMm: number;
  readonly neckMm: number;
  readonly neckWidthMm: number;
  readonly bodyWidthMm: number;
}

/**
 * The outline whose volume is the jar's brim volume: neck of 28 mm (shouldered) or of 0.3 of the height (crock),
 * none for straight jars; the body's width follows. Example: `profile(jarGeometry('clip-1000')!).bodyWidthMm` is about 98.
 */
export function profile(g: JarGeometry): Profile {
  const straight = g.shape === 'straight' || g.shape === 'tapered';
  const neckMm = straight ? 0 : isCrock(g) ? 0.3 * g.innerHeightMm : 28;
  const neckVolume = (Math.PI / 4) * g.openingMm ** 2 * neckMm;
  const bodyArea = (g.brimMl * 1000 - neckVolume) / (g.innerHeightMm - neckMm);
  const bodyWidthMm = Math.sqrt((bodyArea * 4) / Math.PI);
  return {
    heightMm: g.innerHeightMm,
    neckMm,
    neckWidthMm: straight ? bodyWidthMm : Math.min(g.openingMm, bodyWidthMm),
    bodyWidthMm
  };
}

/** Height from the bottom that a volume reaches, mm. Example: the brim volume reaches the inner height. */
export function heightOf(volumeMl: number, p: Profile): number {
  const area = (width: number) => (Math.PI / 4) * width ** 2;
  const bodyMl = (area(p.bodyWidthMm) * (p.heightMm - p.neckMm)) / 1000;
  if (volumeMl <= bodyMl) return (Math.max(0, volumeMl) * 1000) / area(p.bodyWidthMm);
  const above = ((volumeMl - bodyMl) * 1000) / area(p.neckWidthMm);
  return Math.min(p.heightMm, p.heightMm - p.neckMm + above);
}

/** Volume from the bottom to a height, ml; the other way round of `heightOf`. */
export function volumeTo(heightMm: number, p: Profile): number {
  const area = (width: number) => (Math.PI / 4) * width ** 2;
  const body = Math.min(Math.max(0, heightMm), p.heightMm - p.neckMm);
  const neck = Math.min(p.neckMm, Math.max(0, heightMm - (p.heightMm - p.neckMm)));
  return (area(p.bodyWidthMm) * body + area(p.neckWidthMm) * neck) / 1000;
}
