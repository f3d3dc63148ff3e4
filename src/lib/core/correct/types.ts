import type { EquilibriumSalinity, TrueStrength } from '../quantity/index';
import type { Phase } from './balance';

/** What went wrong with a jar that stands; each asks only what it needs. Masses in g. */
export type Trouble =
  | { readonly kind: 'short'; readonly missingG: number }
  | { readonly kind: 'too-salty'; readonly freeBrineG: number }
  | { readonly kind: 'too-weak' }
  | { readonly kind: 'evaporated'; readonly missingG: number }
  | { readonly kind: 'spilled'; readonly missingG: number }
  | { readonly kind: 'drawn-in'; readonly missingG: number }
  | {
      readonly kind: 'wrong-top-up';
      readonly pouredG: number;
      readonly strength: TrueStrength;
      readonly freeBrineG: number;
    }
  /** Brine ran over, and the jar is filled up already. */
  | {
      readonly kind: 'spilled-refilled';
      readonly missingG: number;
      readonly pouredG: number;
      readonly strength: TrueStrength;
      readonly freeBrineG: number;
    }
  | {
      readonly kind: 'unsalted-added';
      readonly addedG: number;
      readonly moisture: number;
    };
export type TroubleKind = Trouble['kind'];
export const TROUBLES: readonly TroubleKind[] = [
  'short',
  'too-salty',
  'too-weak',
  'evaporated',
  'spilled',
  'spilled-refilled',
  'drawn-in',
  'wrong-top-up',
  'unsalted-added'
];

/** A jar as putting right needs it. */
export interface JarNow {
  /** As it stood before the trouble. */
  readonly phase: Phase;
  /** Where it should end. */
  readonly target: EquilibriumSalinity;
  /** Hours until its pieces have evened out, and since it was filled or last corrected. */
  /** Liquid that fits into it at all, g; more than that is a slip. */
  readonly roomG: number;
  readonly evenHours: number;
  readonly ageHours: number;
}

/** What to do, in order; masses in g, salt as pure NaCl. */
export type Doing =
  | { readonly act: 'draw'; readonly brineG: number; readonly times: number }
  | { readonly act: 'water'; readonly waterG: number; readonly times: number }
  | {
      readonly act: 'brine';
      readonly massG: number;
      readonly waterG: number;
      readonly naclG: number;
      readonly strength: TrueStrength;
    }
  | { readonly act: 'salt'; readonly naclG: number; readonly inBrineG: number }
  | { readonly act: 'wait'; readonly hours: number };

/** The answer: what to do, where it ends, and what the two usual hands would have done. */
export interface Remedy {
  /** As it stands now, the trouble counted. */
  readonly now: Phase;
  readonly doing: readonly Doing[];
  readonly after: Phase;
  /** Hours until it has evened out again, all steps told. */
  readonly waitHours: number;
  /** It has not evened out since it was filled: wait so many hours first. */
  readonly prematureHours: number;
  /** Where it would end by plain water, by the standard brine, and by the answer; null where neither means anything. */
  readonly beside: {
    readonly water: EquilibriumSalinity | null;
    readonly standard: EquilibriumSalinity | null;
    readonly answer: EquilibriumSalinity;
  };
}
