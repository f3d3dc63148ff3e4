import type { Sour } from '../batch/index';
import { minuteOfDay, MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import {
  acidityOf,
  burpPlan,
  courseOf,
  evenHours,
  EVENTS,
  forecast,
  gasHoursOf,
  gasOf,
  gridOf,
  phasesOf,
  rateRead,
  sketch,
  sugarIn,
  tasteOf,
  type Forecast,
  type ForecastJar,
  type GasVessel,
  type RatePrior,
  type Reading
} from '../forecast/index';
import { contentsTemps } from './air';
import { straysIn } from './strays';
import type { Ahead, CurveAt, Glance, Outlook } from './types';

/** Ensembles go by two hours, the one course that is shown too. */
const STEP = 2;
const CURVE_EVERY = 6;

/** What a jar is doing and will do, and when: a first guess that readings correct. It never says that a jar is safe. */
export const outlookOf = (ahead: Ahead): Outlook =>
  reckoned(ahead, (jar, prior, readings, hours) => {
    const grid = gridOf(jar, prior, hours, gasHoursOf(readings));
    const before = readings.length > 0 ? forecast({ ...grid, hours: [] }, readings.slice(0, -1)) : null;
    return { f: forecast(grid, readings), before };
  });

/** The same in a moment, for what is only tried: without readings, from three courses. */
export const outlookTried = (ahead: Ahead): Outlook =>
  reckoned({ ...ahead, noted: [] }, (jar, prior, _, hours) => ({
    f: sketch(jar, prior, hours),
    before: null
  }));

/** From the readings how fast it goes, from three courses what comes then. */
const bySketch: Reckons = (jar, prior, readings, hours) => ({
  f: sketch(jar, rateRead(jar, prior, readings, 1), hours),
  before: null
});

/** What care goes by, for many jars at once. */
export const outlookSketched = (ahead: Ahead): Outlook => reckoned(ahead, bySketch);

/** How sour many jars are at once, as care has it, without their gas. */
export const glanceOf = (ahead: Ahead): Glance => seen(ahead, bySketch).glance;

type Reckons = (
  jar: ForecastJar,
  prior: RatePrior,
  readings: readonly Reading[],
  hours: readonly number[]
) => { f: Forecast; before: Forecast | null };

function reckoned(ahead: Ahead, by: Reckons): Outlook {
  const { glance, f, wall } = seen(ahead, by);
  return { ...glance, ...gasesOf(ahead, f, wall), mayTurnAlcoholic: yeasty(ahead, f) };
}

function seen(ahead: Ahead, by: Reckons): { glance: Glance; f: Forecast; wall: (h: number) => WallMinute } {
  const steps = Math.ceil((ahead.days * 24) / STEP);
  const tempC = contentsTemps(ahead.airs, ahead.from, ahead.vessel.massKg, { stepHours: STEP, steps });
  // What one sees of the gas is what an open lid lets out.
  const jar = { ...ahead, tempC, stepHours: STEP, vessel: openly(ahead.vessel) };
  const wall = (hours: number): WallMinute => Math.round(ahead.from + hours * 60);
  const even = evenHours(ahead.inside);
  const readings = ahead.noted.map(({ id, when, ...r }) => ({ id, ...r, at: (when - ahead.from) / 60 }));
  const used = readings.filter((r) => r.of !== 'pH' || r.at >= even).sort((a, b) => a.at - b.at);
  const hours = Array.from(
    { length: Math.floor((steps * STEP) / CURVE_EVERY) + 1 },
    (_, i) => i * CURVE_EVERY
  );
  const { f, before } = by(jar, ahead.prior, used, hours);
  const spans = spansOf(f, wall);
  const guide = guideOf(ahead, f, wall);
  const curve = curveOf(f, hours, wall);
  const glance = {
    ...{ spans, curve, guide, rate: f.rate },
    used: used.map((r) => r.id),
    strays: straysIn(ahead.noted, curve).filter((id) => used.some((r) => r.id === id)),
    tooEarly: readings.filter((r) => !used.includes(r)).map((r) => r.id),
    before: before && spansOf(before, wall),
    fullySour:
      guide?.apart && used.length === 0 && guide.from > (spans.fullySour.likely ?? Infinity)
        ? guide.from
        : spans.fullySour.likely
  };
  return { glance, f, wall };
}

/**
 * How far a jar has soured by now, per kg of what is in it: what goes out of it brings that along. From the readings how
 * fast it goes, from the likely course the rest.
 */
export function sourNow(ahead: Ahead): Sour {
  const days = Math.max(STEP / 24, (ahead.now - ahead.from) / MINUTES_PER_DAY);
  const { f } = seen({ ...ahead, days }, bySketch);
  const { acid, used, late } = courseOf(f.pace, f.likely);
  const left = f.likely.sugar * sugarIn(ahead.inside) - used.reduce((a, u) => a + u, 0);
  return { acid: acid.at(-1) ?? 0, sugar: Math.max(0, left), late };
}

const openly = (v: GasVessel): GasVessel => (v.lid === 'clamped' ? { ...v, lid: 'loose' } : v);

const spansOf = (f: Forecast, wall: (h: number) => WallMinute): Outlook['spans'] => {
  const at = (h: number) => (Number.isFinite(h) ? wall(h) : null);
  return Object.fromEntries(
    EVENTS.map((e) => {
      const { early, likely, late } = f.windows[e];
      return [e, { early: at(early), likely: at(likely), late: at(late) }];
    })
  ) as Outlook['spans'];
};

function curveOf(
  { band, pace }: Forecast,
  hours: readonly number[],
  wall: (h: number) => WallMinute
): CurveAt[] {
  const { inside, table, tempC } = pace;
  return hours.map((h, i) => {
    const { early, likely, late } = band[i]!;
    return {
      at: wall(h),
      tempC: tempC[h / STEP]!,
      pH: { low: table.pH(late), likely: table.pH(likely), high: table.pH(early) },
      acidity: {
        low: acidityOf(inside, early),
        likely: acidityOf(inside, likely),
        high: acidityOf(inside, late)
      },
      sour: {
        low: tasteOf(table.sour(early)),
        likely: tasteOf(table.sour(likely)),
        high: tasteOf(table.sour(late))
      }
    };
  });
}

function guideOf(a: Ahead, f: Forecast, wall: (h: number) => WallMinute): Outlook['guide'] {
  if (!a.guide) return null;
  const { early, late } = f.windows.fullySour;
  const [from, to] = [a.guide.from * 24, a.guide.to * 24];
  return { from: wall(from), to: wall(to), apart: to < early || from > late };
}

function gasesOf(a: Ahead, f: Forecast, wall: (h: number) => WallMinute): Pick<Outlook, 'phases' | 'gas'> {
  const { pace } = f;
  const { tempC } = pace;
  const [likely, fast] = [courseOf(pace, f.likely), courseOf(pace, f.fast)];
  const open = openly(a.vessel);
  const shown = gasOf(likely.made, tempC, STEP, open, a.style);
  const swollen = gasOf(fast.made, tempC, STEP, open, a.style).lift.reduce((x, y) => Math.max(x, y), 0);
  const isUp = (h: number) => minuteOfDay(wall(h)) >= a.up.from && minuteOfDay(wall(h)) <= a.up.to;
  const clamped = a.vessel.lid === 'clamped';
  const plan = clamped ? burpPlan(fast, tempC, a.vessel, a.style, isUp) : { at: [], top: 0, over: [] };
  const shut = gasOf(fast.made, tempC, STEP, a.vessel, a.style).pressure;
  return {
    phases: phasesOf(shown).map((p) => ({ phase: p.phase, from: wall(p.from) })),
    gas: {
      fills: a.vessel.headspaceL > 0 ? (swollen * a.vessel.massKg) / DENSITY / a.vessel.headspaceL : 0,
      openings: plan.at.map(wall),
      topBar: plan.top,
      hoursOver: plan.over.length * STEP,
      shutBar: clamped ? shut.reduce((x, y) => Math.max(x, y), 0) : 0
    }
  };
}

/** A litre of a full jar, kg. */
const DENSITY = 1;

/** Over 8 g/kg of sugar left with pH under 3.8 in contents over 20 °C, or over 60 g/kg at the start. Set. */
function yeasty({ inside, now, from }: Ahead, f: Forecast): boolean {
  const { pace } = f;
  const all = sugarIn(inside);
  if (all > 60) return true;
  const course = courseOf(pace, f.likely);
  const i = Math.min(course.acid.length - 1, Math.max(0, Math.floor((now - from) / 60 / STEP)));
  const left = all - course.used.reduce((x, y) => x + y, 0);
  return left > 8 && pace.table.pH(course.acid[i]!) < 3.8 && pace.tempC[i]! > 20;
}
