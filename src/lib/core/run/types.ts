import type { RestUntil, StepCaution, StepDoes } from '../style/index';

/** Where the trade decides before it goes on. */
export const GATES = ['fresh', 'juice', 'taste', 'rinse', 'cold', 'glue', 'room', 'covered'] as const;
export type GateId = (typeof GATES)[number];

/** An amount at the step where it is handled; masses in g, volumes in ml. */
export type Amount =
  /** As picked, and what should be there once it is trimmed and cut. */
  | {
      readonly of: 'picked';
      readonly itemId: string;
      readonly cropId: string;
      readonly g: number;
      readonly givesG: number;
    }
  /** Ready to go in: as weighed, or as reckoned; one sd. */
  | {
      readonly of: 'prepared';
      readonly itemId: string;
      readonly cropId: string;
      readonly g: number;
      readonly sdG: number;
      readonly weighed: boolean;
    }
  /** Salt of the household's kind; `id` is the target by which it is weighed out. */
  | {
      readonly of: 'salt';
      readonly id: string;
      readonly where: 'bowl' | 'brine' | 'jar' | 'leaf';
      readonly jar: number | null;
      readonly g: number;
    }
  | { readonly of: 'water'; readonly id: string; readonly g: number }
  | { readonly of: 'saved'; readonly name: string; readonly ml: number }
  | { readonly of: 'season'; readonly id: string; readonly name: string; readonly say: Season }
  /** Vegetables into a jar, brine over them. */
  | { readonly of: 'fill'; readonly jar: number; readonly name: string; readonly g: number }
  | { readonly of: 'pour'; readonly jar: number; readonly name: string; readonly ml: number }
  | { readonly of: 'headspace'; readonly jar: number; readonly name: string; readonly mm: number };

/** What goes with it, scaled to this batch: `amount` null is as one likes. */
export interface Season {
  readonly amount: number | null;
  readonly unit: string;
  /** Its weight where it is weighed. */
  readonly g: number | null;
}

/** One screen of a making. */
export interface RunStep {
  readonly id: string;
  readonly kind: 'kit' | 'do' | 'gate' | 'close' | 'label';
  readonly does: StepDoes | null;
  readonly gate: GateId | null;
  readonly amounts: readonly Amount[];
  /** Hands at work, minutes for this batch. */
  readonly minutes: number;
  readonly rest: {
    readonly fromMinutes: number;
    readonly toMinutes: number;
    readonly until: RestUntil;
    readonly turnEveryMinutes: number | null;
  } | null;
  readonly caution: StepCaution | null;
  /** Days after the start; null: on the day itself. */
  readonly afterDays: number | null;
}
