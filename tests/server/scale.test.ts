import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  acted,
  advanced,
  STAND_IN,
  standsStill,
  switchedOn,
  takenText,
  type ScaleAct,
  type ScaleReading,
  type StandIn
} from '$lib/core/scale';
import { standInScale } from '$lib/server/devices/stand-in-scale';
import type { Word } from '$lib/server/devices';
import { vi } from 'vitest';

/** Lets the scale run for so long, a reading each tenth of a second. */
function run(state: StandIn, ms: number, noise: (n: number) => number = () => 0, spec = STAND_IN) {
  let s = state;
  const readings = [];
  for (let t = 100; t <= ms; t += 100) {
    const next = advanced(s, state.at + t, noise(t), spec);
    s = next.state;
    readings.push(next.reading);
  }
  return { state: s, readings, last: readings.at(-1)! };
}
const did = (s: StandIn, ...acts: ScaleAct[]) => acts.reduce((a, act) => acted(a, act, a.at), s);

describe('the stand-in scale', () => {
  it('swings in, and only then stands still', () => {
    const { readings, last } = run(did(switchedOn(0), { do: 'put', g: 840 }), 3000);
    expect(readings[0]!.settled).toBe(false);
    expect(readings[2]!.g).toBeLessThan(840);
    expect(last).toMatchObject({ g: 840, settled: true, state: 'on' });
    const first = readings.find((r) => r.settled)!;
    expect(Math.abs(first.g! - 840)).toBeLessThanOrEqual(1);
  });
  it('tares in the open: bowl on, tare, net; a bowl taken away is negative', () => {
    const bowl = run(did(switchedOn(0), { do: 'put', g: 420 }), 2000).state;
    const zero = run(did(bowl, { do: 'tare' }), 2000).state;
    const net = run(did(zero, { do: 'put', g: 86 }), 2000);
    expect(net.last.g).toBe(86);
    expect(run(did(net.state, { do: 'empty' }), 2000).last.g).toBe(-420);
  });
  it('waits with the tare until it stands still', () => {
    const early = run(did(switchedOn(0), { do: 'put', g: 420 }, { do: 'tare' }), 2500);
    expect(early.last.g).toBe(0);
    expect(early.state.tareG).toBeGreaterThan(419);
    // Nobody looked for a while: what was tared then is not what is put on later.
    const away = advanced(did(switchedOn(0), { do: 'tare' }), 5000, 0, STAND_IN).state;
    expect(run(did(away, { do: 'put', g: 1195 }), 2000).last.g).toBe(1195);
  });
  it('shows whole steps and other units, holds no more than it can, creeps while loaded', () => {
    const coarse = { ...STAND_IN, stepG: 5 };
    expect(run(did(switchedOn(0), { do: 'put', g: 232 }), 2000, () => 0, coarse).last.g).toBe(230);
    const oz = run(did(switchedOn(0), { do: 'unit' }, { do: 'put', g: 226.8 }), 2000).last;
    expect([oz.unit, takenText({ ...oz, g: 226.796185 }, 1)]).toEqual(['oz', '8 oz']);
    expect(takenText({ g: 842, unit: 'g' }, 1)).toBe('842 g');
    expect(takenText({ g: 12.4, unit: 'g' }, 0.1)).toBe('12.4 g');
    expect(run(did(switchedOn(0), { do: 'put', g: 12_000 }), 2000).last).toMatchObject({
      g: null,
      state: 'overload'
    });
    const creeping = { ...STAND_IN, driftGPerMin: 6 };
    expect(run(did(switchedOn(0), { do: 'put', g: 500 }), 20_000, () => 0, creeping).last.g).toBe(502);
  });
  it('turns itself off, and a key brings it back at zero with what lies on it', () => {
    const idle = run(did(switchedOn(0), { do: 'put', g: 300 }), 181_000);
    expect(idle.last).toMatchObject({ g: null, state: 'off' });
    expect(run(did(idle.state, { do: 'tare' }), 2000).last).toMatchObject({ g: 0, state: 'on' });
    expect(run(did(idle.state, { do: 'on' }), 2000).last.state).toBe('on');
  });
  it('trembles, and is never settled while it moves more than a step', () => {
    const shaky = { ...STAND_IN, noiseG: 4 };
    const noisy = run(did(switchedOn(0), { do: 'put', g: 500 }), 3000, (n) => Math.sin(n), shaky);
    expect(noisy.readings.some((r) => r.settled)).toBe(false);
  });
  it('whatever is done to it, a settled reading is what lies on it, within two steps', () => {
    const act = fc.oneof(
      fc.record({ do: fc.constant('put' as const), g: fc.integer({ min: -200, max: 900 }) }),
      fc.constant({ do: 'tare' as const }),
      fc.constant({ do: 'unit' as const }),
      fc.constant({ do: 'empty' as const })
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 8 }), (acts) => {
        let s = switchedOn(0);
        for (const a of acts) s = run(did(s, a), 2000).state;
        const { last, state } = run(s, 2000);
        if (last.settled) expect(Math.abs(last.g! - (state.panG - state.tareG))).toBeLessThanOrEqual(2);
      }),
      { numRuns: 60 }
    );
  });
  it('stands still only after long enough', () => {
    const at = (...g: number[]) => g.map((x, i) => ({ at: i * 160, g: x }));
    expect(standsStill(at(842, 842, 842, 842, 842, 842), 1)).toBe(true);
    expect(standsStill(at(842, 842), 1)).toBe(false);
    expect(standsStill(at(840, 845, 842, 842, 842, 842), 1)).toBe(false);
    expect(standsStill([], 1)).toBe(false);
  });
});

describe('on its line', () => {
  it('speaks ten times a second while somebody listens, says when the line is cut, and nothing is heard meanwhile', () => {
    vi.useFakeTimers();
    let now = 0;
    const scale = standInScale(
      () => now,
      () => 0
    );
    const heard: Word<ScaleReading>[] = [];
    const pass = (ms: number) => {
      for (let i = 0; i < ms / 100; i++) {
        now += 100;
        vi.advanceTimersByTime(100);
      }
    };
    const stop = scale.listen((w) => heard.push(w));
    scale.play!.act({ do: 'put', g: 250 });
    pass(2000);
    expect(heard.filter((w) => w.kind === 'reading')).toHaveLength(20);
    expect(heard.at(-1)).toMatchObject({ reading: { g: 250, settled: true } });
    scale.play!.plug(false);
    scale.play!.plug(false);
    const before = heard.length;
    pass(1000);
    expect([heard.length, heard.at(-1), scale.lost]).toEqual([before, { kind: 'lost' }, true]);
    const late: Word<ScaleReading>[] = [];
    scale.listen((w) => late.push(w))();
    expect(late).toEqual([{ kind: 'lost' }]);
    scale.play!.plug(true);
    scale.press('tare');
    pass(1500);
    expect(heard.at(-1)).toMatchObject({ reading: { g: 0 } });
    stop();
    const after = heard.length;
    pass(1000);
    expect(heard.length).toBe(after);
    now += 600_000;
    scale.listen((w) => heard.push(w));
    pass(300);
    // It had turned itself off meanwhile; whoever comes to weigh switches it on.
    expect(heard.at(-1)).toMatchObject({ reading: { state: 'on' } });
    scale.close();
    expect(heard.at(-1)).toEqual({ kind: 'closed' });
    vi.useRealTimers();
  });
});
