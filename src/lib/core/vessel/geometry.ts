import { JARS } from './data';
import type { JarGeometry } from './types';

/** How gas gets out, or does not. */
export type Lid = 'airlock' | 'valve' | 'loose' | 'cloth' | 'clamped' | 'water channel';
export const LIDS: readonly Lid[] = ['clamped', 'airlock', 'valve', 'loose', 'cloth', 'water channel'];

/**
 * The shape of that name: one of the table's, or one that the household has measured (see `ownShape`).
 * Example: `jarGeometry('clip-1000')?.brimMl` is `1060`.
 */
export function jarGeometry(id: string): JarGeometry | undefined {
  return JARS.find((jar) => jar.id === id) ?? readOwnShape(id);
}

/** A shape the household has measured. Volumes in ml, lengths in mm. */
export interface OwnShape {
  readonly kind: 'jar' | 'crock' | 'bucket' | 'bottle';
  readonly shape: 'straight' | 'shouldered';
  readonly brimMl: number;
  readonly openingMm: number;
  readonly innerHeightMm: number;
}

/**
 * The name of a measured shape: its measures themselves, so that every jar that stands keeps the shape it was filled in.
 * Example: a 1.2 l straight jar, 90 wide, 185 high is `own.jar.straight.1200.90.185`.
 */
export const ownShapeId = (s: OwnShape): string =>
  ['own', s.kind, s.shape, Math.round(s.brimMl), Math.round(s.openingMm), Math.round(s.innerHeightMm)].join(
    '.'
  );

/** Undefined for what is no such name, and for measures that cannot be: too wide for the volume, or the other way. */
function readOwnShape(id: string): JarGeometry | undefined {
  const m = /^own\.(jar|crock|bucket|bottle)\.(straight|shouldered)\.(\d{2,6})\.(\d{2,4})\.(\d{2,4})$/.exec(
    id
  );
  if (!m) return undefined;
  const [, kind = 'jar', shape = 'straight', brim, opening, height] = m;
  const [brimMl, openingMm, innerHeightMm] = [Number(brim), Number(opening), Number(height)];
  const cylinderMl = headspaceMl(openingMm, innerHeightMm);
  const ratio = cylinderMl / brimMl;
  if (ratio > 1.6 || ratio < (shape === 'straight' ? 0.6 : 0.1)) return undefined;
  const name = `${kind === 'jar' ? 'Own jar' : `Own ${kind}`} ${brimMl} ml`;
  return {
    id,
    name,
    nominalMl: brimMl,
    brimMl,
    openingMm,
    innerHeightMm,
    shape,
    source: 'your own measures'
  };
}

/** Bottles take sauce, never pieces. */
export const isBottle = (g: Pick<JarGeometry, 'id'>): boolean => /^(own\.)?bottle/.test(g.id);

/** Crocks and buckets want more room above than jars, and are weighted. */
export const isCrock = (g: JarGeometry): boolean => /^(own\.)?(crock|bucket)/.test(g.id);

/** The lid that a shape usually bears. Example: `usualLid('crock-water-5l')` is `'water channel'`. */
export function usualLid(geometryId: string): Lid {
  if (geometryId.startsWith('crock-water')) return 'water channel';
  if (/^(own\.)?(crock|bucket)/.test(geometryId)) return 'cloth';
  return /^(clip|glass-lid)/.test(geometryId) ? 'clamped' : 'loose';
}

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
