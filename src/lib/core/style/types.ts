import type { CropNote } from '../safety/index';
import type { Cut } from '../produce/index';
import type { RestUntil, StepCaution, StepDoes, StyleId } from './codes';

/** How salt gets in: rubbed in dry, poured as brine, or heavily on the leaf and rinsed off again. */
export type Salting = 'dry' | 'brine' | 'rinsed';

/** One step of the making, as data that a making-day screen can run. */
export interface Step {
  readonly id: string;
  readonly does: StepDoes;
  /** Hands at work, minutes per kg prepared; rests are waited for. */
  readonly minutesPerKg: number;
  readonly rest?: {
    readonly fromMinutes: number;
    readonly toMinutes: number;
    readonly until: RestUntil;
    /** Turned or stirred so often meanwhile. */
    readonly turnEveryMinutes?: number;
  };
  /** Said at the step where the harm would happen. */
  readonly caution?: StepCaution;
  /** Only where salt goes in this way. */
  readonly only?: Salting;
  /** Days after the start, for what comes in a second stage. */
  readonly afterDays?: number;
}

/** What people add beside the main crop, and how it scales. */
export interface Addition {
  readonly name: string;
  readonly amount: number;
  readonly unit: string;
  /** By weight of the vegetables, by jar, by count of the batch, or as one likes. */
  readonly per: 'kg' | 'jar' | 'batch' | 'free';
  readonly optional: boolean;
}

export interface Range {
  readonly from: number;
  readonly to: number;
}

/** Heavy dry salting of leaf: how much, and what rinsing and wringing leave. */
export interface HeavySalting {
  /** Salt on the prepared leaf, mass fraction. */
  readonly fraction: number;
  /** Weight after over weight before. */
  readonly keeps: Range;
  /** Equilibrium salinity after rinsing, 70 in 100. */
  readonly leaves: Range;
}

/** A cut of the household's own, by the one that it is like. */
export interface OwnCut {
  readonly name: string;
  readonly like: Cut;
  /** Prepared vegetables that a litre of jar takes, g; null: as many as of the cut that it is like. */
  readonly gPerLitre: number | null;
}

export interface Style {
  readonly id: string;
  readonly name: string;
  /** The usual way; the others are the household's choice. */
  readonly salting: Salting;
  readonly alsoSalting: readonly Salting[];
  readonly heavy?: HeavySalting;
  /** Crops it is made for, the dearest first. */
  readonly produce: readonly string[];
  /** Cuts it allows; a crop whose usual cut is not among them takes the first. */
  readonly cuts: readonly Cut[];
  /** Another cut for these crops. */
  readonly cropCut?: Readonly<Record<string, Cut>>;
  /** The household's own cut in its way of making it. */
  readonly ownCut?: OwnCut;
  /** Equilibrium salinity, mass fraction. */
  readonly salt: Range;
  readonly usualSalt: number;
  /** Saltier for these crops. */
  readonly cropSalt: Readonly<Record<string, number>>;
  /** Hot brine is a usual choice here. */
  readonly hotBrine: boolean;
  /** Days on the counter at 20-22 °C. */
  readonly counterDays: Range;
  /** Months it keeps at or under 4 °C. */
  readonly coldMonths: Range;
  /** Day by which pH must be at or under 4.6: at about 20 °C, and when cool. */
  readonly pHDays: { readonly usual: number; readonly cool: number };
  readonly steps: readonly Step[];
  readonly additions: readonly Addition[];
  /** Notes on single crops, at the step of preparing. */
  readonly notes: Readonly<Record<string, CropNote>>;
  readonly source: string;
}

/** A style of the table. */
export interface TableStyle extends Style {
  readonly id: StyleId;
}
