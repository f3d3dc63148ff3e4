import { SALT_KINDS } from './data';
import type { SaltKind } from './types';

/** The kind with that id. Example: `saltKind('sea-fine')?.purity` is `0.985`. */
export function saltKind(id: string): SaltKind | undefined {
  return SALT_KINDS.find((kind) => kind.id === id);
}

/** Grams of this salt that hold so much NaCl. Example: 40 g NaCl at purity 0.92 is `43.48`. */
export function weighOut(naclG: number, kind: Pick<SaltKind, 'purity'>): number {
  return naclG / kind.purity;
}
