import type { Cut } from '../produce/index';

/** One step of the making, as data that a making-day screen can run. */
export interface Step {
  readonly id: string;
  readonly does: string;
  /** Hands at work, minutes per kg prepared; rests are waited for. */
  readonly minutesPerKg: number;
  readonly rest?: { readonly fromMinutes: number; readonly toMinutes: number; readonly until: string };
  readonly caution?: string;
}

/** What people add beside the main crop, and how it scales. */
export interface Addition {
  readonly name: string;
  readonly amount: number;
  readonly unit: string;
  readonly per: 'kg' | 'jar';
  readonly optional: true;
}

export interface Range {
  readonly from: number;
  readonly to: number;
}

export interface Style {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  readonly salting: 'dry' | 'brine';
  /** Cuts it allows; a crop whose usual cut is not among them takes the first. */
  readonly cuts: readonly Cut[];
  /** Equilibrium salinity, mass fraction. */
  readonly salt: Range;
  readonly usualSalt: number;
  /** Saltier for these crops. */
  readonly cropSalt: Readonly<Record<string, number>>;
  /** Days on the counter at 20-22 °C. */
  readonly counterDays: Range;
  /** Months it keeps at or under 4 °C. */
  readonly coldMonths: Range;
  /** Day by which pH must be at or under 4.6: at about 20 °C, and when cool. */
  readonly pHDays: { readonly usual: number; readonly cool: number };
  readonly steps: readonly Step[];
  readonly additions: readonly Addition[];
  readonly tasting: readonly string[];
  readonly finishing: string;
  readonly source: string;
}
