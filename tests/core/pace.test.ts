import { describe, expect, it } from 'vitest';
import {
  evolveRun,
  learntPaces,
  madeOf,
  runClosed,
  runSteps,
  tablePace,
  taughtByRun,
  type Run,
  type RunEvent
} from '$lib/core/run';
import { style } from '$lib/core/style';
import { sheet } from '../support/builders';

/** Each word at its minute. */
function played(styleId: string, words: readonly (readonly [at: number, event: RunEvent])[]): Run {
  const begun: RunEvent = { type: 'begun', data: { bench: 'b', name: 'x', styleId } };
  return words.reduce<Run>(
    (run, [at, event]) => evolveRun('r', run, event, at)!,
    evolveRun('r', undefined, begun, 0)!
  );
}
const did = (step: string): RunEvent => ({ type: 'did', data: { step, last: false } });
const passed = (gate: 'fresh' | 'juice'): RunEvent => ({
  type: 'answered',
  data: { gate, answer: 'sound', passes: true }
});
const closed = (g: number, cropId: string | null): RunEvent =>
  runClosed({ batchId: 'x', styleId: 'shredded', lidNumbers: [1], made: { g, cropId } });
const pacesOf = (run: Run) =>
  Object.fromEntries(taughtByRun(run).flatMap((t) => t.paces.map((p) => [p.key, p.minutesPerKg])));

describe('minutes of hands, learnt from makings', () => {
  it('a step takes from where the hands came to it till it was done, by the kilo and the crop', () => {
    const run = played('shredded', [
      [3, did('kit')],
      [11, did('trim')],
      [12, passed('fresh')],
      [30, did('shred')],
      [40, closed(2000, 'cabbage-white')]
    ]);
    expect(pacesOf(run)).toEqual({ 'trim-heads:cabbage-white': 4, 'shred:cabbage-white': 9 });
  });

  it('what was put off, rested, tapped through or called away from teaches nothing', () => {
    const rests = style('shredded')!.steps.find((s) => s.rest)!.id;
    const next = style('shredded')!.steps[style('shredded')!.steps.findIndex((s) => s.id === rests) + 1]!.id;
    const run = played('shredded', [
      [3, did('trim')],
      [10, { type: 'putOff', data: { till: 70 } }],
      [71, did('shred')],
      [81, did(rests)],
      [141, did(next)],
      [500, closed(2000, 'cabbage-white')]
    ]);
    expect(run.took.shred).toBeUndefined();
    // Three minutes for two kilos are its 1.5; the rest is as far from the table as nobody's hands are, or was a rest.
    const keys = Object.keys(pacesOf(run));
    expect(keys.some((k) => k.startsWith('shred'))).toBe(false);
    expect(keys.length).toBeLessThanOrEqual(2);
    for (const [key, pace] of Object.entries(pacesOf(run))) {
      const table = tablePace(key.split(':')[0] as never)!;
      expect(Math.max(pace / table, table / pace)).toBeLessThanOrEqual(4);
    }
    // A gate between: the rest is over, and hands took it up when it was answered.
    const gated = played('shredded', [
      [0, did(rests)],
      [60, passed('juice')],
      [70, did(next)],
      [80, closed(2000, 'cabbage-white')]
    ]);
    expect(gated.took[next]).toEqual({ minutes: 10, after: null });
    // An old making that did not write down what went in.
    expect(
      taughtByRun(
        played('shredded', [
          [9, did('trim')],
          [20, runClosed({ batchId: 'x', styleId: 'shredded', lidNumbers: [1], made: null })]
        ])
      )
    ).toEqual([]);
  });

  it('the table moves towards the household, and begins anew after a reset', () => {
    const at = (day: string, minutesPerKg: number) => ({
      day,
      paces: [{ key: 'shred:cabbage-white', minutesPerKg }]
    });
    const slow = ['2026-09-01', '2026-09-08', '2026-09-15'].map((day) => at(day, 12));
    const table = tablePace('shred')!;
    const own = learntPaces(slow, {})['shred:cabbage-white']!;
    expect(own).toMatchObject({ n: 3 });
    expect(own.mean).toBeGreaterThan(table * 1.5);
    expect(own.mean).toBeLessThan(12);
    expect(learntPaces(slow, { 'pace:shred:cabbage-white': '2026-09-08' })['shred:cabbage-white']!.n).toBe(1);
    expect(learntPaces(slow, { 'pace:shred:cabbage-white': '2026-09-15' })).toEqual({});
  });

  it('the steps of the next making take as long as the household’s do, and no other step does', () => {
    const w = sheet();
    const made = madeOf(w);
    const s = style(w.styleId)!;
    const plain = runSteps(w, s, []);
    const step = plain.find((x) => x.does && x.minutes > 0)!;
    const key = made.cropId ? `${step.does}:${made.cropId}` : step.does!;
    const own = runSteps(w, s, [], { [key]: { mean: 20, sd: 1, n: 2 } });
    expect(own.find((x) => x.id === step.id)!.minutes).toBeCloseTo((20 * made.g) / 1000);
    expect(own.filter((x, i) => x.minutes !== plain[i]!.minutes).map((x) => x.does)).toEqual([step.does]);
  });
});
