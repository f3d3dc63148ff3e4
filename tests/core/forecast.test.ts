import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  acidityOf,
  AcidTable,
  alone,
  burpPlan,
  byWarmth,
  courseOf,
  crosses,
  EARLY,
  EVENTS,
  evenHours,
  forecast,
  gasHoursOf,
  gasOf,
  gridOf,
  holdsGas,
  LATE,
  marksOf,
  paceOf,
  phasesOf,
  priorFrom,
  sourIndex,
  tasteOf,
  timesOf,
  undissociated,
  UNKNOWN,
  type GasVessel,
  type Inside,
  type Latent,
  type Reading,
  type StyleSour
} from '$lib/core/forecast';
import { near } from '../support/vectors';

/*
 * Reference jars and check values: worked out by a script that is not this code (mark C), from parameters that were fit to
 * remembered guides and papers. They hold the arithmetic, not the world.
 */
const jar = (row: readonly (number | null)[], over: Partial<Inside> = {}): Inside => {
  const [sugar, free, buffer, pH0, ta0, settles, poured, radiusMm, skin, starts] = row as number[];
  return {
    ...{ sugar: sugar!, free: free!, buffer: buffer!, pH0: pH0!, ta0: ta0!, settles: settles! },
    ...{ poured: poured ?? null, radiusMm: radiusMm!, skin: skin!, starts: starts!, starter: null },
    ...over
  };
};
const JARS = {
  shreds: [40, 0.7, 23, 6.1, 0.1, 0.0225, null, 1.5, 1, 1],
  kimchi: [28, 0.5, 23, 5.7, 0.22, 0.022, null, 3, 1, 10],
  cucumbers: [14, 0.05, 10, 5.7, 0.03, 0.042, 0.075, 18, 2.2, 1],
  short: [12, 0.1, 9, 5.7, 0.03, 0.016, 0.03, 14, 2, 1],
  mix: [16, 0.1, 12, 5.9, 0.05, 0.018, 0.034, 6, 1, 1],
  sauce: [28, 0.2, 15, 5.3, 0.08, 0.022, 0.034, 4, 1, 1],
  mash: [45, 1, 25, 5.2, 0.14, 0.045, null, 1, 1, 1],
  tomatoes: [16, 0.05, 19, 4.45, 0.24, 0.018, 0.035, 16, 3, 1]
} as const;
type JarName = keyof typeof JARS;
const style = (sour: StyleSour['sour'], wearDays: number, holdHours: number, air: number): StyleSour => ({
  ...{ sour, wearDays, holdHours, air }
});
const STYLES: Record<JarName, StyleSour> = {
  shreds: style([8, 20, 45, 95, 170], 42, 3, 0.03),
  kimchi: style([5, 9, 16, 32, 55], 9, 2.5, 0.04),
  cucumbers: style([6, 14, 30, 50, 90], 42, 0.6, 0.01),
  short: style([2, 4, 14, 24, 45], 5, 0.6, 0.01),
  mix: style([6, 14, 26, 40, 80], 24, 1, 0.01),
  sauce: style([6, 14, 30, 50, 110], 42, 1.5, 0.015),
  mash: style([8, 20, 45, 80, 180], 90, 4, 0.03),
  tomatoes: style([10, 18, 32, 50, 90], 30, 0.8, 0.01)
};
const VESSEL: GasVessel = { massKg: 1, headspaceL: 0.12, lid: 'airlock' };
type Temp = (hour: number) => number;
const steady =
  (c: number): Temp =>
  () =>
    c;
/** Warmest at 15:00, begun at noon. */
const swing: Temp = (h) => 26.5 + 1.5 * Math.sin((Math.PI * (h + 3)) / 12);
const temps = (of: Temp, days: number, h = 1) =>
  Array.from({ length: (days * 24) / h + 1 }, (_, i) => of(i * h));

function run(name: JarName, temp: Temp, days: number, over: Partial<Inside> = {}, latent: Latent = UNKNOWN) {
  const inside = jar(JARS[name], over);
  const tempC = temps(temp, days);
  const pace = paceOf(inside, tempC, 1);
  const course = courseOf(pace, latent);
  const gas = gasOf(course.made, tempC, 1, VESSEL, STYLES[name]);
  return {
    ...{ course, gas },
    bubbles: crosses(gas.bubbles, 1, 1) / 24,
    under46: crosses(course.acid, pace.table.acidAt(4.6), 1) / 24,
    at: (day: number) => {
      const acid = course.acid[day * 24]!;
      return { pH: pace.table.pH(acid), ta: acidityOf(inside, acid) };
    },
    sugar: inside.sugar * latent.sugar - course.used.reduce((a, b) => a + b, 0),
    co2: course.made.reduce((a, b) => a + b, 0)
  };
}

/** Bubbles d; pH 4.6 d; [day, pH, TA] …; sugar and CO2 at the end; top rate; top lift %. */
type Row = [
  name: JarName,
  temp: Temp,
  days: number,
  wanted: [number, number, [number, number, number][], number, number, number, number],
  over?: Partial<Inside>,
  latent?: Latent
];
// prettier-ignore
const ROWS: Record<string, Row> = {
  'shreds, 20 °C': ['shreds', steady(20), 40, [1.63, 2.82, [[3, 4.5, 0.51], [7, 3.87, 1.02], [21, 3.53, 1.77]], 8.17, 67.2, 8.43, 14]],
  'shreds, 23 °C': ['shreds', steady(23), 40, [1.33, 2.39, [[2, 5, 0.344], [9, 3.67, 1.4], [28, 3.47, 1.99]], 7.91, 65, 10.6, 14.9]],
  'shreds, 7.5 °C': ['shreds', steady(7.5), 180, [7.15, 10.6, [[10, 4.71, 0.429], [28, 3.95, 0.91], [175, 3.52, 1.82]], 7.73, 79.5, 1.99, 12.2]],
  'shreds, 32 °C': ['shreds', steady(32), 20, [1.02, 2.17, [[2, 4.78, 0.408], [5, 3.73, 1.25], [9, 3.57, 1.67]], 11, 53.5, 16.1, 16.6]],
  'shreds, saltier': ['shreds', steady(20), 40, [2.27, 3.92, [[3, 5.24, 0.286], [7, 3.98, 0.877], [21, 3.56, 1.69]], 9.73, 61.7, 6.07, 13.4], { settles: 0.035 }],
  'shreds, faster with less sugar': ['shreds', steady(20), 40, [1.15, 2.03, [[3, 4.16, 0.706], [7, 3.72, 1.27], [21, 3.5, 1.9]], 1.63, 67.2, 11.6, 14.9], {}, { rate: 1.4, sugar: 0.85 }],
  'shreds, with a starter': ['shreds', steady(20), 40, [1.29, 2.12, [[2, 4.73, 0.421], [7, 3.72, 1.27], [21, 3.51, 1.83]], 12.3, 45, 8.1, 12.9], { starter: { g: 20, months: 0 } }],
  'leaf kimchi, 20 °C': ['kimchi', steady(20), 20, [1.3, 2.12, [[2, 4.7, 0.457], [3, 4.2, 0.674], [5, 3.91, 0.922]], 1.48, 60.5, 8.31, 17.3]],
  'leaf kimchi, 4.5 °C': ['kimchi', steady(4.5), 90, [Infinity, 14.4, [[14, 4.65, 0.475], [21, 4.18, 0.688], [60, 3.84, 1.01]], 5.71, 74.1, 1.1, 16]],
  'whole cucumbers, 22 °C': ['cucumbers', steady(22), 40, [4.9, 5.25, [[5, 4.87, 0.113], [10, 3.58, 0.592], [28, 3.45, 0.773]], 0, 36, 3.58, 3.33]],
  'short cucumbers, 22 °C': ['short', steady(22), 10, [1.84, 2.03, [[2, 4.66, 0.128], [3, 3.89, 0.314], [4, 3.78, 0.375]], 0.274, 40.1, 5.98, 4.01]],
  'cut mix, by day and night': ['mix', swing, 20, [1.1, 1.54, [[2, 4.1, 0.36], [3, 3.81, 0.529], [7, 3.63, 0.715]], 0, 50.9, 11.9, 5.05]],
  'pepper sauce base, 20 °C': ['sauce', steady(20), 30, [1.65, 1.92, [[3, 3.93, 0.422], [8, 3.51, 0.864], [21, 3.26, 1.48]], 2.72, 53.3, 6.79, 6.43]],
  'pepper mash, 22 °C': ['mash', steady(22), 60, [2.91, 3.74, [[5, 4.18, 0.478], [14, 3.51, 1.37], [45, 3.34, 1.96]], 18, 44.9, 4.33, 12.8]],
  'whole tomatoes, 18 °C': ['tomatoes', steady(18), 40, [2.8, 0, [[3, 4.05, 0.353], [14, 3.48, 0.819], [28, 3.41, 0.93]], 0, 48.4, 4.78, 4.04]],
  'shreds, then cold': ['shreds', (h) => (h < 336 ? 20 : 4), 104, [1.63, 2.82, [[14, 3.61, 1.54], [44, 3.6, 1.58], [104, 3.57, 1.65]], 12, 67.2, 8.43, 14]],
  'leaf kimchi, then cold': ['kimchi', (h) => (h < 72 ? 20 : 4), 93, [1.3, 2.12, [[3, 4.2, 0.671], [33, 3.88, 0.964], [93, 3.77, 1.12]], 5.42, 72.3, 8.31, 17.3]]
};

/** Printed with three figures. */
const printed = (value: number, expected: number, relTol: number) =>
  expected === 0
    ? expect(value).toBeLessThan(0.05)
    : Number.isFinite(expected)
      ? near(value, expected, relTol)
      : expect(value).toBe(expected);

describe('a course, against another hand’s', () => {
  it.each(Object.entries(ROWS))('%s', (_, [name, temp, days, wanted, over, latent]) => {
    const [bubbles, under46, read, sugar, co2, rate, lift] = wanted;
    const r = run(name, temp, days, over, latent);
    printed(r.bubbles, bubbles, 0.01);
    printed(r.under46, under46, 0.01);
    for (const [day, pH, ta] of read) {
      expect(Math.abs(r.at(day).pH - pH)).toBeLessThanOrEqual(0.011);
      printed(r.at(day).ta, ta, 0.01);
    }
    printed(r.sugar, sugar, 0.01);
    printed(r.co2, co2, 0.01);
    printed(Math.max(...r.gas.rate), rate, 0.06);
    printed(100 * Math.max(...r.gas.lift), lift, 0.06);
  });
  it('nothing sours that is frozen, salted hard, or without sugar', () => {
    const none = [
      run('shreds', steady(-5), 40),
      run('shreds', steady(20), 40, { settles: 0.2 }),
      run('shreds', steady(20), 40, { sugar: 0 })
    ];
    for (const r of none) expect([r.at(40).pH, r.at(40).ta, r.co2]).toEqual([6.1, 0.1, 0]);
  });
  it('single values', () => {
    near(byWarmth(EARLY, 20), 0.726, 1e-3);
    near(byWarmth(EARLY, 4), 0.0948, 1e-3);
    near(byWarmth(LATE, 20), 0.499, 1e-3);
    near(byWarmth(LATE, 4), 0.0159, 4e-3);
    near(holdsGas(4), 62.6, 1e-3);
    near(holdsGas(20), 39, 1e-3);
    near(holdsGas(25), 34, 1e-3);
    const table = new AcidTable({ buffer: 23, pH0: 6.1 }, 400);
    expect(table.pH(100)).toBeCloseTo(3.88, 3);
    expect(undissociated(100, 3.88)).toBeCloseTo(48.8, 1);
    expect(table.acidOfSour(sourIndex(100, table.pH(100)))).toBeCloseTo(100, 3);
    for (const [sour, taste] of [
      [5, 1.02],
      [20, 2.48],
      [80, 4.49]
    ] as const)
      expect(tasteOf(sour)).toBeCloseTo(taste, 2);
  });
});

describe('windows', () => {
  const windows = (name: JarName, temp: Temp, days: number, readings: Reading[] = [], h = 2) => {
    const inside = jar(JARS[name]);
    const at = { style: STYLES[name], vessel: VESSEL, tempC: temps(temp, days, h), stepHours: h };
    return forecast(gridOf({ inside, ...at }, { mean: 0, sd: 0.3 }, [], gasHoursOf(readings)), readings);
  };
  const meter: Reading = { at: 72, of: 'pH', pH: 4.2, by: 'meter' };
  // Days, the 10th, 50th and 90th of a hundred, from the first bubbles to the last sensible day; ln rate after.
  // prettier-ignore
  it.each<[string, () => ReturnType<typeof forecast>, [number, number, number][], [number, number]]>([
    ['shreds', () => windows('shreds', steady(20), 60), [[1, 1.6, 2.4], [1.9, 2.8, 4.2], [2, 3, 4.4], [2.7, 3.9, 5.8], [4.4, 6.5, 9.5], [8.6, 12.6, 18.5], [44.5, 44.5, 44.5]], [0, 0.292]],
    ['whole cucumbers', () => windows('cucumbers', steady(22), 60), [[3.8, 4.8, 6.2], [4.1, 5.2, 6.8], [4.4, 5.7, 7.5], [5, 6.5, 8.7], [6.3, 8.6, 13.4], [8.8, 13.6, Infinity], [24.3, 49, 49]], [0, 0.292]],
    ['cut mix', () => windows('mix', swing, 30, [], 1), [[0.7, 1, 1.6], [1.1, 1.5, 2.2], [1.2, 1.7, 2.5], [1.4, 2.1, 3], [2, 2.9, 4.3], [3, 5, Infinity], [11, 12.5, 12.5]], [0, 0.292]],
    ['a meter at 72 h', () => windows('shreds', steady(20), 60, [meter]), [[1, 1.2, 1.4], [1.8, 2.2, 2.6], [1.9, 2.3, 2.8], [2.5, 3.1, 3.6], [4.2, 5.1, 6], [8.2, 10, 11.6], [44.5, 44.5, 44.5]], [0.251, 0.136]],
    ['a strip and slow gas at 96 h', () => windows('shreds', steady(20), 60, [{ at: 96, of: 'pH', pH: 5, by: 'strip' }, { at: 96, of: 'gas', seen: 'slow' }]), [[1.9, 2.5, 2.9], [3.3, 4.3, 5], [3.5, 4.6, 5.3], [4.6, 6, 7], [7.6, 9.8, 11.5], [14.9, 19.2, 22.8], [44.5, 44.5, 44.5]], [-0.392, 0.171]],
    ['a taste at 240 h', () => windows('shreds', steady(20), 60, [{ at: 240, of: 'taste', sour: 2 }]), [[1.3, 2.4, 3.4], [2.3, 4.2, 5.7], [2.5, 4.4, 6.1], [3.2, 5.8, 8], [5.3, 9.5, 13.1], [10.4, 18.5, 25.5], [44.5, 44.5, 44.5]], [-0.309, 0.334]]
  ])('%s', (_, made, wanted, [mean, sd]) => {
    const f = made();
    EVENTS.forEach((e, i) => {
      const { early, likely, late } = f.windows[e];
      [early, likely, late].forEach((t, k) => {
        const days = wanted[i]![k]!;
        // Printed to a tenth of a day; between nodes of the grid a quantile may lie a little aside.
        if (Number.isFinite(days)) expect(Math.abs(t / 24 - days)).toBeLessThanOrEqual(0.1 + 0.02 * days);
        else expect(t).toBe(Infinity);
      });
    });
    expect(f.rate.mean).toBeCloseTo(mean, 2);
    expect(f.rate.sd).toBeCloseTo(sd, 2);
  });
  it('a pH that was read before the pieces evened out is kept and not used; the same again gives the same', () => {
    const early: Reading = { at: 12, of: 'pH', pH: 3.5, by: 'meter' };
    expect(evenHours(jar(JARS.cucumbers))).toBeGreaterThan(12);
    const plain = windows('cucumbers', steady(22), 40);
    const read = windows('cucumbers', steady(22), 40, [early]);
    expect(read.used).toBe(0);
    expect(read).toEqual(plain);
  });
});

describe('gas', () => {
  const plan = (name: JarName, temp: Temp, rate: number, hours: readonly number[]) => {
    const tempC = temps(temp, 20);
    const course = courseOf(paceOf(jar(JARS[name]), tempC, 1), { rate, sugar: 1 });
    const vessel: GasVessel = { massKg: 0.9, headspaceL: 0.12, lid: 'clamped' };
    return {
      never: Math.max(...gasOf(course.made, tempC, 1, vessel, STYLES[name]).pressure),
      ...burpPlan(course, tempC, vessel, STYLES[name], (h) => hours.includes((12 + h) % 24))
    };
  };
  it('a clamped lid is opened when somebody is up, before it would pass its limit', () => {
    const mix = plan('mix', swing, 1, [7, 13, 19, 22]);
    expect(mix.at).toEqual([34, 43, 58, 79]);
    near(mix.top, 0.296, 0.01);
    near(mix.never, 1.35, 0.01);
    expect(plan('mix', swing, 1.47, [7, 13, 19, 22]).at).toEqual([25, 34, 43, 58]);
    expect(plan('shreds', steady(20), 1, [7, 19]).at).toEqual([43, 55, 67, 79, 103, 151]);
    const fast = plan('shreds', steady(20), 1.47, [7, 19]);
    expect([fast.at, fast.over.length]).toEqual([[31, 43, 55, 67, 91], 1]);
    near(fast.top, 0.303, 0.01);
  });
  it('phases: waking, first bubbles, lively, a lull where there is one, settling, quiet', () => {
    const hours = (name: JarName, temp: Temp) =>
      phasesOf(run(name, temp, 20).gas).map((p) => [p.phase, p.from] as const);
    expect(hours('shreds', steady(20))).toEqual([
      ...[['waking', 0] as const, ['firstBubbles', 37] as const, ['lively', 42] as const],
      ...[['settling', 144] as const, ['quiet', 184] as const]
    ]);
    const mix = hours('mix', swing);
    expect(mix.map(([p]) => p)).toEqual([
      'waking',
      'firstBubbles',
      'lively',
      'lull',
      'lively',
      'settling',
      'quiet'
    ]);
    [0, 26, 40, 56, 62, 100, 105].forEach((h, i) => expect(Math.abs(mix[i]![1] - h)).toBeLessThanOrEqual(2));
  });
});

it('the household: what a batch says by itself, and what the next of its style is expected to do', () => {
  const finished = [
    { style: 'shreds', mean: 0.3, variance: 0.01 },
    { style: 'shreds', mean: 0.2, variance: 0.02 },
    { style: 'kimchi', mean: 0.1, variance: 0.01 }
  ];
  near(priorFrom(finished, 'shreds').mean, 0.127, 5e-3);
  near(priorFrom(finished, 'shreds').sd, 0.283, 5e-3);
  near(priorFrom(finished, 'new').mean, 0.0792, 5e-3);
  near(priorFrom(finished, 'new').sd, 0.3, 5e-3);
  const one = alone({ mean: 0.2, sd: 0.1 }, { mean: 0, sd: 0.3 })!;
  near(one.mean, 0.225, 1e-9);
  near(one.variance, 0.01125, 1e-9);
  expect(alone({ mean: 0.2, sd: 0.3 }, { mean: 0, sd: 0.3 })).toBeNull();
});

const anyJar = fc.record({
  ...{
    sugar: fc.double({ min: 0, max: 100, noNaN: true }),
    free: fc.double({ min: 0, max: 1, noNaN: true })
  },
  ...{
    buffer: fc.double({ min: 5, max: 35, noNaN: true }),
    pH0: fc.double({ min: 3.6, max: 6.5, noNaN: true })
  },
  ...{
    ta0: fc.double({ min: 0, max: 0.6, noNaN: true }),
    settles: fc.double({ min: 0, max: 0.26, noNaN: true })
  },
  poured: fc.option(fc.double({ min: 0, max: 0.26, noNaN: true })),
  ...{
    radiusMm: fc.double({ min: 1, max: 25, noNaN: true }),
    skin: fc.double({ min: 1, max: 3, noNaN: true })
  },
  starts: fc.constantFrom(1, 10),
  starter: fc.option(
    fc.record({ g: fc.integer({ min: 1, max: 100 }), months: fc.integer({ min: 0, max: 12 }) })
  )
});
const anyLid = fc.constantFrom('clamped', 'airlock', 'valve', 'loose', 'cloth', 'water channel');
const rising = (of: Float64Array) => of.every((x, i) => i === 0 || x >= of[i - 1]!);

it('whatever the jar: acid never falls, no more sugar goes than there is, no gas is lost, nothing is not a number', () => {
  fc.assert(
    fc.property(
      anyJar,
      anyLid,
      fc.double({ min: -5, max: 50, noNaN: true }),
      fc.double({ min: 0.5, max: 2.2, noNaN: true }),
      (inside, lid, tempC, rate) => {
        const series = temps(steady(tempC), 20);
        const course = courseOf(paceOf(inside, series, 1), { rate, sugar: 1 });
        expect(rising(course.acid)).toBe(true);
        const [raw, early, late] = course.used;
        expect(raw + early + late).toBeLessThanOrEqual(inside.sugar + 1e-9);
        near(course.acid.at(-1)! + 1, 4.317 * early + 11.1 * late + 1, 1e-9);
        const gas = gasOf(course.made, series, 1, { massKg: 0.9, headspaceL: 0.12, lid }, STYLES.shreds);
        const made = course.made.reduce((a, b) => a + b, 0);
        near(gas.dissolved + gas.letOut + 1, made + 1, 1e-9);
        near(made + 1, 3.084 * early + 11.1 * raw + 1, 1e-9);
        for (const of of [course.acid, gas.rate, gas.bubbles, gas.pressure, gas.lift])
          expect(of.every(Number.isFinite)).toBe(true);
        expect(gas.pressure.every((p) => p >= -0.2 - 1e-9)).toBe(true);
      }
    ),
    { numRuns: 200 }
  );
});

it('in a kitchen: sooner sour when warmer or quicker, later when saltier; windows in their order', () => {
  // Raw vegetables without a starter: with one the early may be overtaken by the late, and warmth helps those more.
  const inKitchen = anyJar.map((j) => ({
    ...{ ...j, sugar: 15 + j.sugar * 0.4, settles: 0.005 + j.settles / 5, poured: null, starter: null },
    ...{ radiusMm: Math.min(18, j.radiusMm), skin: Math.min(2.2, j.skin) }
  }));
  const soured = (inside: Inside, tempC: number, rate = 1) => {
    const pace = paceOf(inside, temps(steady(tempC), 90), 1);
    return crosses(courseOf(pace, { rate, sugar: 1 }).acid, pace.table.acidAt(4.6), 1);
  };
  fc.assert(
    fc.property(inKitchen, fc.double({ min: 4, max: 25, noNaN: true }), (inside, tempC) => {
      const at = soured(inside, tempC);
      expect(soured(inside, tempC + 3)).toBeLessThanOrEqual(at * 1.002);
      expect(soured({ ...inside, settles: inside.settles + 0.005 }, tempC)).toBeGreaterThanOrEqual(
        at * 0.998
      );
      expect(soured(inside, tempC, 1.3)).toBeLessThanOrEqual(at + 1e-6);
      const pace = paceOf(inside, temps(steady(tempC), 60, 2), 2);
      const course = courseOf(pace, UNKNOWN);
      const t = timesOf(course, course.made, marksOf(pace, STYLES.shreds));
      expect(t.firstTaste).toBeLessThanOrEqual(t.mild);
      expect(t.mild).toBeLessThanOrEqual(t.tangy);
      expect(t.tangy).toBeLessThanOrEqual(t.fullySour);
    }),
    { numRuns: 100 }
  );
});
