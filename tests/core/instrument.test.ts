import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  brineStrengthShown,
  bufferPH,
  buffersRead,
  CALIBRATION_DAYS,
  dipped,
  dippedFor,
  electrodeAt,
  electrodeOf,
  mVAt,
  mVPerPH,
  onItsHook,
  pHOf,
  pHOnLine,
  STAND_IN_METER,
  titratableAcidity,
  type Dip,
  type Electrode,
  type MeterAct,
  type StandInMeter
} from '$lib/core/instrument';

/** What a true electrode would say in the two buffers at those temperatures. */
const inBuffers = (e: Electrode, sevenC = 22, fourC = 20) => ({
  seven: { mV: mVAt(e, bufferPH('7.00', sevenC), sevenC), tempC: sevenC },
  four: { mV: mVAt(e, bufferPH('4.01', fourC), fourC), tempC: fourC }
});
const code = (o: { ok: boolean; refusal?: { code: string } }) => (o.ok ? null : o.refusal?.code);

describe('an electrode', () => {
  it('is worth what Nernst says: 59.16 mV a pH at 25 °C, 54.20 at 0, 64.12 at 50 (R, F: CODATA 2018, exact)', () => {
    expect(mVPerPH(25)).toBeCloseTo(59.159, 3);
    expect(mVPerPH(0)).toBeCloseTo(54.199, 3);
    expect(mVPerPH(50)).toBeCloseTo(64.12, 2);
  });
  it('stands in buffers that change with their warmth (Bates 1973 and sachets, recalled from memory)', () => {
    expect(bufferPH('4.01', 25)).toBeCloseTo(4.008, 3);
    expect(bufferPH('4.01', 22.5)).toBeCloseTo(4.005, 3);
    expect(bufferPH('7.00', 20)).toBeCloseTo(7.02, 3);
    expect([bufferPH('7.00', -3), bufferPH('7.00', 60)]).toEqual([7.12, 6.97]);
  });
  it('calibrated in two buffers reads any pH at any warmth as it is', () => {
    fc.assert(
      fc.property(
        fc.record({
          slope: fc.double({ min: 0.86, max: 1.04, noNaN: true }),
          zeroMv: fc.integer({ min: -40, max: 40 })
        }),
        fc.double({ min: 2.5, max: 7.5, noNaN: true }),
        fc.integer({ min: 3, max: 35 }),
        fc.integer({ min: 5, max: 35 }),
        (truth, pH, tempC, bufferC) => {
          const found = electrodeOf(inBuffers(truth, bufferC));
          expect(found.slope).toBeCloseTo(truth.slope, 9);
          expect(found.zeroMv).toBeCloseTo(truth.zeroMv, 7);
          expect(pHOf(found, { mV: mVAt(truth, pH, tempC), tempC })).toBeCloseTo(pH, 9);
        }
      )
    );
  });
  it('would read a jar from the fridge a fifth wrong without its temperature', () => {
    const ideal = { slope: 1, zeroMv: 0 };
    const mV = mVAt(ideal, 3.6, 5);
    expect(pHOf(ideal, { mV, tempC: 25 })).toBeCloseTo(3.83, 2);
    expect(pHOf(ideal, { mV, tempC: 5 })).toBeCloseTo(3.6, 9);
  });
});

describe('a calibration', () => {
  const good = inBuffers({ slope: 0.97, zeroMv: 6 });
  it('is refused when the buffers were swapped, the electrode is tired, or its zero is far off', () => {
    expect(buffersRead(good).ok).toBe(true);
    expect(code(buffersRead({ seven: good.four, four: good.seven }))).toBe('buffers-swapped');
    expect(code(buffersRead(inBuffers({ slope: 0.8, zeroMv: 0 })))).toBe('buffers-strange');
    // Twice the same sachet.
    expect(code(buffersRead({ seven: good.seven, four: good.seven }))).toBe('buffers-strange');
    expect(code(buffersRead(inBuffers({ slope: 1, zeroMv: 60 })))).toBe('electrode-off');
  });
  it('holds for a week, and nothing is read without one', () => {
    const dip: Dip = { mV: mVAt({ slope: 0.97, zeroMv: 6 }, 3.84, 18), tempC: 18 };
    const at = 10_000;
    const late = at + CALIBRATION_DAYS * 1440;
    expect(pHOnLine({ at, ...good }, dip, late)).toEqual({ ok: true, value: 3.84 });
    expect(pHOnLine({ at, ...good }, dip, late + 1)).toMatchObject({
      refusal: { code: 'calibration-old', field: 'pH', values: { days: 7 } }
    });
    expect(code(pHOnLine(null, dip, at))).toBe('meter-not-calibrated');
    expect(code(pHOnLine({ at, ...good }, { mV: 500, tempC: 20 }, at))).toBe('ph-out-of-range');
  });
});

describe('titration', () => {
  it('14.2 ml of 0.1 mol/l for 10 ml are 1.279 % (formula of the trade, worked by hand: 14.2 × 0.1 × 90.08 / 100)', () => {
    expect(titratableAcidity({ sampleMl: 10, molar: 0.1, usedMl: 14.2 })).toBeCloseTo(1.279, 3);
    expect(titratableAcidity({ sampleMl: 5, molar: 0.1, usedMl: 7.1 })).toBeCloseTo(1.279, 3);
  });
});

describe('what tells the strength of a plain brine', () => {
  const percent = (...a: Parameters<typeof brineStrengthShown>) => (brineStrengthShown(...a) ?? NaN) * 100;
  it('a hydrometer by density, the warmth of the brine reckoned in', () => {
    // tests/support/brine-density.csv, read the other way round: g/ml over water of 20 °C.
    const rows = readFileSync('tests/support/brine-density.csv', 'utf8').trim().split('\n').slice(1);
    let seen = 0;
    for (const row of rows) {
      const [b, , at0, at10, at20, at25, at40] = row.split(',').map(Number) as [number, ...number[]];
      if (b < 0.01 || b > 0.26) continue;
      const columns = [
        [0, at0],
        [10, at10],
        [20, at20],
        [25, at25],
        [40, at40]
      ] as [number, number][];
      for (const [tempC, density] of columns) {
        if (!density) continue;
        expect(Math.abs(percent('sg', density / 0.998203, tempC) - b * 100), `${row} ${tempC}`).toBeLessThan(
          0.03
        );
        seen++;
      }
    }
    expect(seen).toBeGreaterThan(20);
  });
  it('1.0225 in brine of 20 °C is 3.15 %, in brine of 5 °C 2.8 %', () => {
    expect(percent('sg', 1.0225, 20)).toBeCloseTo(3.15, 2);
    expect(percent('sg', 1.0225, 5)).toBeCloseTo(2.77, 2);
  });
  it('a salometer by its degrees (100 is saturated at 60 °F), a refractometer by Brix', () => {
    expect(percent('salometer', 11.37, 15.6)).toBeCloseTo(3.0, 2);
    expect(percent('salometer', 37.89, 15.6)).toBeCloseTo(10.0, 1);
    // Worked out from remembered refractive indices: 1, 2, 3.5, 5, 10 % show 1.2, 2.4, 4.2, 6.0, 11.7.
    for (const [brix, is] of [
      [1.2, 1],
      [2.4, 2],
      [4.2, 3.5],
      [6, 5],
      [11.7, 10],
      [3.0, 2.5]
    ] as const)
      expect(percent('brix', brix, 20)).toBeCloseTo(is, 2);
  });
  it('a refractometer beyond its table goes on by the same slope, up to all that water holds', () => {
    expect(percent('brix', 17.4, 20)).toBeCloseTo(15, 1);
  });
  it('says nothing of what no brine shows', () => {
    expect(brineStrengthShown('sg', 1.022, 20)).not.toBeNull();
    for (const [scale, value] of [
      ['sg', 0.98],
      ['sg', 1.3],
      ['sg', NaN],
      ['salometer', 130],
      ['salometer', -5],
      ['brix', 40],
      ['brix', -2]
    ] as const)
      expect(brineStrengthShown(scale, value, 20), `${scale} ${value}`).toBeNull();
    expect(percent('sg', 1.0, 4)).toBeCloseTo(0, 1);
  });
});

describe('the stand-in meter', () => {
  /** Lets it stand for so long, a reading each tenth of a second; noise of a fixed pattern. */
  function stood(from: StandInMeter, ms: number) {
    const wave = [0.5, -0.8, 0.1, 1.1, -0.4, -0.5];
    let state = from;
    const readings = [];
    for (let i = 1; i <= ms / 100; i++) {
      const next = dippedFor(state, from.at + i * 100, wave[i % 6]!);
      state = next.state;
      readings.push(next.reading);
    }
    return { state, readings, last: readings.at(-1)! };
  }
  const into = (s: StandInMeter, pH: number, tempC = 20) =>
    dipped(s, { do: 'dip', pH, tempC } satisfies MeterAct);

  it('creeps to where it belongs, and only then stands still; in the air it never does', () => {
    const { readings, last } = stood(into(onItsHook(0), 4.2), 15_000);
    const truth = mVAt(electrodeAt(15_000), 4.2, 20);
    expect(readings[3]!.settled).toBe(false);
    expect(last.settled).toBe(true);
    expect(Math.abs(last.mV - truth)).toBeLessThan(0.5);
    const first = readings.find((r) => r.settled)!;
    expect(Math.abs(first.mV - truth) / 59).toBeLessThan(0.02);
    expect(stood(onItsHook(0), 15_000).readings.some((r) => r.settled)).toBe(false);
  });
  it('once it stands still it stands, whatever its tremble: a tap is not too late; dipped anew it settles anew', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 200, maxLength: 200 }),
        (tremble) => {
          let state = into(onItsHook(0), 4.2);
          const settled = tremble.map((noise, i) => {
            const next = dippedFor(state, (i + 1) * 100, noise);
            state = next.state;
            return next.reading.settled;
          });
          expect(settled.lastIndexOf(false)).toBeLessThan(
            settled.includes(true) ? settled.indexOf(true) : 200
          );
          expect(dippedFor(into(state, 7), 20_100, 0).reading.settled).toBe(false);
        }
      )
    );
  });
  it('calibrated reads a fridge jar to a twentieth; a week later it has wandered, and buffers put it right', () => {
    const calibrate = (from: StandInMeter) => {
      const seven = stood(into(from, bufferPH('7.00', 21), 21), 15_000);
      const four = stood(into(seven.state, bufferPH('4.01', 21), 21), 15_000);
      return { electrode: electrodeOf({ seven: seven.last, four: four.last }), state: four.state };
    };
    const first = calibrate(onItsHook(0));
    const fridge = stood(into(first.state, 3.6, 6), 15_000);
    expect(Math.abs(pHOf(first.electrode, fridge.last) - 3.6)).toBeLessThan(0.05);
    const later = onItsHook(8 * 86_400_000);
    const wandered = pHOf(first.electrode, stood(into(later, 3.6), 15_000).last);
    expect(Math.abs(wandered - 3.6)).toBeGreaterThan(0.1);
    const again = calibrate(later);
    expect(Math.abs(pHOf(again.electrode, stood(into(again.state, 3.6), 15_000).last) - 3.6)).toBeLessThan(
      0.03
    );
  });
  it('wanders within what calibration puts right, however old the house', () => {
    for (let day = 0; day < 400; day += 3)
      expect(buffersRead(inBuffers(electrodeAt(day * 86_400_000))).ok, String(day)).toBe(true);
    expect(STAND_IN_METER.wanderMv).toBeGreaterThan(10);
  });
});
