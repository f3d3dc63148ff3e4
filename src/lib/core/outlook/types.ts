import type { WallMinute } from '../calendar/index';
import type {
  ForecastEvent,
  GasVessel,
  Inside,
  Phase,
  RatePrior,
  Reading,
  StyleSour
} from '../forecast/index';
import type { Air } from './air';
import type { GuideSpan } from './guides';

/** A reading as it was noted. */
export type Noted = { readonly id: string; readonly when: WallMinute } & Asked;
type Asked = Reading extends infer R ? (R extends Reading ? Omit<R, 'at'> : never) : never;

/** All that a jar's outlook is reckoned from: plain data, so that a worker may do it. */
export interface Ahead {
  readonly from: WallMinute;
  readonly now: WallMinute;
  readonly days: number;
  readonly inside: Inside;
  readonly style: StyleSour;
  readonly vessel: GasVessel;
  readonly airs: readonly Air[];
  readonly prior: RatePrior;
  /** From so many batches of the household's own. */
  readonly batches: number;
  readonly noted: readonly Noted[];
  readonly guide: GuideSpan | null;
  /** Somebody is up from and to, minutes after midnight. */
  readonly up: { readonly from: number; readonly to: number };
}

/** When it comes: eight times in ten between early and late; null: not in the time that was looked at. */
export interface Span {
  readonly early: WallMinute | null;
  readonly likely: WallMinute | null;
  readonly late: WallMinute | null;
}

/** The curve at one moment: pH and acidity (% as lactic), each with the two between which it is eight times in ten. */
export interface CurveAt {
  readonly at: WallMinute;
  readonly pH: { readonly low: number; readonly likely: number; readonly high: number };
  readonly acidity: { readonly low: number; readonly likely: number; readonly high: number };
  /** How sour it would be said to taste, 0 to 5. */
  readonly sour: { readonly low: number; readonly likely: number; readonly high: number };
  readonly tempC: number;
}

export interface GasAhead {
  /** Most that the contents swell by, against the room over them: 1 runs over. */
  readonly fills: number;
  /** Of a clamped lid: when it wants opening, the highest pressure left, bar, and how many hours are over the limit so. */
  readonly openings: readonly WallMinute[];
  readonly topBar: number;
  readonly hoursOver: number;
  /** Never opened, it would come to so much, bar. */
  readonly shutBar: number;
}

/** How sour it is and will be, and when; what is looked at of many jars at once. */
export interface Glance {
  readonly spans: Readonly<Record<ForecastEvent, Span>>;
  readonly curve: readonly CurveAt[];
  readonly rate: RatePrior;
  /** Readings that moved it, and those that were taken before the pieces had evened out. */
  readonly used: readonly string[];
  readonly tooEarly: readonly string[];
  /** A pH that fits neither the curve nor its instrument: a slip, most likely. */
  readonly strays: readonly string[];
  /** Without the last reading that moved it. */
  readonly before: Readonly<Record<ForecastEvent, Span>> | null;
  /** What tested guides say until fully sour; `apart` where it lies outside of the span. */
  readonly guide: { readonly from: WallMinute; readonly to: WallMinute; readonly apart: boolean } | null;
  /** Fully sour counts from then on: the later of both until this jar's own readings decide. */
  readonly fullySour: WallMinute | null;
}

export interface Outlook extends Glance {
  readonly phases: readonly { readonly phase: Phase; readonly from: WallMinute }[];
  readonly gas: GasAhead;
  /** Sugar left over in a warm, sour jar, or very much of it at the start: it may go fizzy and alcoholic. */
  readonly mayTurnAlcoholic: boolean;
}
