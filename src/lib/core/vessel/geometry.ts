import { JARS } from './data';
import type { JarGeometry } from './types';

/** How gas gets out, or does not. */
export type Lid = 'airlock' | 'valve' | 'loose' | 'cloth' | 'clamped' | 'water channel';
export const LIDS: readonly Lid[] = ['clamped', 'airlock', 'valve', 'loose', 'cloth', 'water channel'];

/** Example: `jarGeometry('clip-1000')?.brimMl` is `1060`. */
export function jarGeometry(id: string): JarGeometry | undefined {
  return JARS.find((jar) => jar.id === id);
}

/** Crocks and buckets want more room above than jars, and are weighted. */
export const isCrock = (g: JarGeometry): boolean => /^(crock|bucket)/.test(g.id);

/**
 * The usual headspace, mm: 25 for jars; for crocks the lesser of 100 mm and 0.4 of the inner height.
 * Common practice, no source. Example: a crock 165 mm high gets `66`.
 */
export function usualHeadspace(g: JarGeometry): number {
  return isCrock(g) ? Math.min(100, 0.4 * g.innerHeightMm) : 25;
}

/** Headspace as volume, ml: a cylinder of the opening. Example: 76 mm wide, 25 mm high is `113.4`. */
export function headspaceMl(openingMm: number, heightMm: number): number {
  return ((Math.PI / 4) * openingMm ** 2 * heightMm) / 1000;
}

/**
 * What a jar takes up to its fill line, ml: brim volume less headspace and less what the weight pushes aside.
 * Never under 0. Example: a wide quart with 25 mm and a 35 ml disc takes `835.8`.
 */
export function usableMl(g: JarGeometry, headspaceMm = usualHeadspace(g), weightMl = 0): number {
  return Math.max(0, g.brimMl - headspaceMl(g.openingMm, headspaceMm) - weightMl);
}
