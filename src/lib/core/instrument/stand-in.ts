import { standsStill } from '../scale/index';
import { mVAt, type Electrode, type ElectrodeReading } from './electrode';

/** How a simulated meter behaves. */
export interface StandInMeterSpec {
  readonly name: string;
  /** Time constants with which the electrode and its thermometer come to rest, ms. */
  readonly settleMs: number;
  readonly warmMs: number;
  /** One sd of a reading at rest, and in the air, mV. */
  readonly noiseMv: number;
  readonly airMv: number;
  /** Its zero wanders so far to both sides, mV, there and back in so many days. */
  readonly zeroMv: number;
  readonly wanderMv: number;
  readonly wanderDays: number;
  /** Share of the ideal slope when fresh, and what it loses halfway through that time. */
  readonly slope: number;
  readonly slopeLoss: number;
}

/** The stand-in that ships with the app: a usual pen, a year old. Common practice, no source. */
export const STAND_IN_METER: StandInMeterSpec = {
  name: 'pH meter (stand-in)',
  settleMs: 1500,
  warmMs: 1200,
  noiseMv: 0.15,
  airMv: 25,
  zeroMv: 8,
  wanderMv: 14,
  wanderDays: 40,
  slope: 0.98,
  slopeLoss: 0.03
};

/** What happens to a meter. */
export type MeterAct =
  { readonly do: 'dip'; readonly pH: number; readonly tempC: number } | { readonly do: 'out' };

export interface StandInMeter {
  readonly at: number;
  /** What it stands in; null: the air. */
  readonly into: { readonly pH: number; readonly tempC: number } | null;
  /** As far as the electrode and its thermometer have come. */
  readonly mV: number;
  readonly tempC: number;
  /** Readings of the last seconds, for whether it stands still. */
  readonly last: readonly { readonly at: number; readonly mV: number }[];
  /** It stood still: a tremble does not unsettle it again. */
  readonly settled: boolean;
}

const ROOM_C = 21;

/** Dry, on its hook. */
export const onItsHook = (at: number): StandInMeter => ({
  ...{ at, into: null, mV: 0, tempC: ROOM_C },
  ...{ last: [], settled: false }
});

/** A hand on it: into a liquid, or out. */
export const dipped = (s: StandInMeter, act: MeterAct): StandInMeter => ({
  ...s,
  into: act.do === 'dip' ? { pH: act.pH, tempC: act.tempC } : null,
  last: [],
  settled: false
});

const DAY_MS = 86_400_000;

/** The electrode as it is at a moment of the house's elapsed clock: its zero wanders, its slope comes and goes. */
export function electrodeAt(at: number, spec: StandInMeterSpec = STAND_IN_METER): Electrode {
  const turn = (2 * Math.PI * at) / (spec.wanderDays * DAY_MS);
  return {
    slope: spec.slope - (spec.slopeLoss * (1 - Math.cos(turn))) / 2,
    zeroMv: spec.zeroMv + spec.wanderMv * Math.sin(turn)
  };
}

/** Readings within so much of each other for so long stand still: a hundredth of a pH. */
const STILL_MV = 0.8;
/** Once it stands still, so much more unsettles it: a hand that takes the reading is not faster than its tremble. */
const HOLDS = 2.5;
const STILL_MS = 1500;
const REMEMBERED_MS = 2500;

/**
 * The meter a little later: electrode and thermometer come to rest exponentially, tremble by `noise` (one draw from a
 * standard normal), and in the air say anything.
 */
export function dippedFor(
  s: StandInMeter,
  at: number,
  noise: number,
  spec: StandInMeterSpec = STAND_IN_METER
): { state: StandInMeter; reading: ElectrodeReading } {
  const dt = Math.max(0, at - s.at);
  const toward = (from: number, to: number, ms: number) => to + (from - to) * Math.exp(-dt / ms);
  const tempC = toward(s.tempC, s.into?.tempC ?? ROOM_C, spec.warmMs);
  const rest = s.into ? mVAt(electrodeAt(at, spec), s.into.pH, s.into.tempC) : 0;
  const mV = toward(s.mV, rest, spec.settleMs);
  const shown = Math.round((mV + noise * (s.into ? spec.noiseMv : spec.airMv)) * 10) / 10;
  const last = [...s.last.filter((r) => at - r.at < REMEMBERED_MS), { at, mV: shown }];
  const still = standsStill(
    last.map((r) => ({ at: r.at, g: r.mV })),
    s.settled ? HOLDS * STILL_MV : STILL_MV,
    STILL_MS
  );
  const settled = s.into !== null && still;
  return {
    state: { ...s, at, mV, tempC, last, settled },
    reading: { at, mV: shown, tempC: Math.round(tempC * 10) / 10, settled }
  };
}
