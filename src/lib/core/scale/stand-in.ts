import { standsStill, type ScaleReading, type ScaleSpec } from './reading';

/** How a simulated scale behaves. */
export interface StandInSpec extends ScaleSpec {
  /** One sd of a reading, g. */
  readonly noiseG: number;
  /** Time constant with which it comes to rest, ms. */
  readonly settleMs: number;
  /** Creep while loaded, g a minute. */
  readonly driftGPerMin: number;
  /** Untouched so long it turns itself off, ms. */
  readonly autoOffMs: number;
}

/** The stand-in that ships with the app: a usual kitchen scale. Common practice, no source. */
export const STAND_IN: StandInSpec = {
  name: 'Kitchen scale (stand-in)',
  stepG: 1,
  capacityG: 10_000,
  noiseG: 0.2,
  settleMs: 220,
  driftGPerMin: 0.15,
  autoOffMs: 180_000
};

/** What happens to a scale. */
export type ScaleAct =
  | { readonly do: 'put'; readonly g: number }
  | { readonly do: 'empty' }
  | { readonly do: 'tare' }
  | { readonly do: 'unit' }
  | { readonly do: 'on' }
  | { readonly do: 'off' };

export interface StandIn {
  readonly at: number;
  readonly on: boolean;
  /** Truly on the pan, and as far as the spring has come, g. */
  readonly panG: number;
  readonly felt: number;
  readonly driftG: number;
  readonly tareG: number;
  /** The tare key was pressed: zero as soon as it stands still. */
  readonly taring: boolean;
  readonly unit: 'g' | 'oz';
  readonly touchedAt: number;
  /** Readings of the last second, for whether it stands still. */
  readonly last: readonly { readonly at: number; readonly g: number }[];
}

/** Switched on, empty, at a moment of the elapsed clock. */
export const switchedOn = (at: number): StandIn => ({
  at,
  on: true,
  panG: 0,
  felt: 0,
  driftG: 0,
  tareG: 0,
  taring: false,
  unit: 'g',
  touchedAt: at,
  last: []
});

/** A hand on it: things put on or taken off, a key pressed. A key pressed when it is off turns it on, at zero. */
export function acted(s: StandIn, act: ScaleAct, at: number): StandIn {
  const touched = { ...s, touchedAt: at };
  switch (act.do) {
    case 'put':
      return { ...touched, panG: Math.max(0, s.panG + act.g) };
    case 'empty':
      return { ...touched, panG: 0 };
    case 'off':
      return { ...touched, on: false };
    case 'on':
    case 'tare':
      if (!s.on || act.do === 'on')
        return { ...touched, on: true, tareG: s.on ? s.tareG : s.panG, taring: false, driftG: 0, last: [] };
      return { ...touched, taring: true };
    case 'unit':
      return s.on ? { ...touched, unit: s.unit === 'g' ? 'oz' : 'g' } : touched;
  }
}

/** How long readings are kept for the question whether it stands still, ms. */
const REMEMBERED_MS = 1200;

/**
 * The scale a little later: it comes to rest exponentially, creeps while loaded, trembles by `noise` (one draw from a
 * standard normal), shows whole steps, and turns itself off when nobody touches it.
 * Example: 840 g put on a pan with 0.22 s time constant stand within a step after 1.5 s.
 */
export function advanced(
  s: StandIn,
  at: number,
  noise: number,
  spec: StandInSpec
): { state: StandIn; reading: ScaleReading } {
  const dt = Math.max(0, at - s.at);
  const felt = s.panG + (s.felt - s.panG) * Math.exp(-dt / spec.settleMs);
  const on = s.on && at - s.touchedAt < spec.autoOffMs;
  const driftG = s.panG > 0 ? s.driftG + (spec.driftGPerMin * dt) / 60_000 : 0;
  if (!on) {
    const off = { ...s, at, on: false, felt, driftG: 0, last: [] };
    return { state: off, reading: { at, g: null, unit: s.unit, settled: false, state: 'off' } };
  }
  if (felt > spec.capacityG)
    return {
      state: { ...s, at, felt, driftG, last: [] },
      reading: { at, g: null, unit: s.unit, settled: false, state: 'overload' }
    };
  const raw = felt - s.tareG + driftG + noise * spec.noiseG;
  const g = Math.round(raw / spec.stepG) * spec.stepG || 0;
  const last = [...s.last.filter((r) => at - r.at < REMEMBERED_MS), { at, g }];
  // Nobody looked for a while: it has come to rest meanwhile.
  const rested = dt > REMEMBERED_MS;
  if (s.taring && (rested || standsStill(last, spec.stepG)))
    return {
      state: { ...s, at, felt, tareG: felt, taring: false, driftG: 0, last: [] },
      reading: { at, g: 0, unit: s.unit, settled: false, state: 'on' }
    };
  return {
    state: { ...s, at, felt, driftG, last },
    reading: { at, g, unit: s.unit, settled: standsStill(last, spec.stepG), state: 'on' }
  };
}
