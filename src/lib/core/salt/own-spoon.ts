import { OWN_SPOON_GSD } from '../learn/index';
import { MEASURES, type SpoonSystem } from '../quantity/index';
import type { SaltKind } from './types';

/** Level spoons of one's own, weighed once: it replaces the table for that salt. */
export interface OwnSpoon {
  readonly saltKindId: string;
  readonly spoons: number;
  readonly unit: 'tsp' | 'tbsp';
  readonly g: number;
  readonly system: SpoonSystem;
}

/** g/ml of a salt by one's own spoon. Example: ten US tsp of 56.8 g in all are `1.152`. */
export function ownDensity(own: OwnSpoon): number {
  return own.g / own.spoons / MEASURES[own.system][own.unit].factor;
}

/** The kind as this household measures it. */
export function asMeasured(kind: SaltKind, own: readonly OwnSpoon[]): SaltKind {
  const mine = own.find((o) => o.saltKindId === kind.id);
  if (!mine) return kind;
  const source = `your own spoon: ${mine.spoons} level ${mine.unit} weighed ${mine.g.toFixed(1)} g`;
  return { ...kind, gPerMl: ownDensity(mine), gsd: OWN_SPOON_GSD, source };
}
