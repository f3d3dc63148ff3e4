import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  dayMaking,
  dayOrder,
  dayPlan,
  heldBack,
  type DayMaking,
  type DayPlan,
  type Hands
} from '$lib/core/day';
import { runSteps } from '$lib/core/run';
import { style } from '$lib/core/style';
import { sheet } from '../support/builders';

const HANDS: Hands = { people: 1, boards: 1, scales: 1, bowls: 3 };
const step = (id: string, minutes: number, over: Partial<DayMaking['steps'][number]> = {}) => ({
  ...{ id, minutes, tool: null, bowl: false, rest: null, hot: false },
  ...over
});
const making = (id: string, steps: DayMaking['steps'], over: Partial<DayMaking> = {}): DayMaking => ({
  ...{ id, steps, heavy: false, readyAt: 0, latestAt: null },
  ...over
});

/** Every order of all steps, laid out on paper as one would: each as soon as it can, none before the one laid last. */
function everyOrder(makings: readonly DayMaking[], hands: Hands): { ends: number; overruns: number } {
  let best = { ends: Infinity, overruns: Infinity };
  interface Day {
    next: number[];
    ready: number[];
    latest: (number | null)[];
    people: number[];
    boards: [number, boolean][];
    scales: number[];
    bowls: number[];
    holds: boolean[];
    from: number;
    ends: number;
    overruns: number;
  }
  const least = (all: readonly number[]) => all.reduce((a, b) => Math.min(a, b), Infinity);
  const go = (d: Day): void => {
    const open = makings.map((_, m) => m).filter((m) => d.next[m]! < makings[m]!.steps.length);
    if (open.length === 0) {
      if (d.overruns < best.overruns - 1e-9 || (d.overruns < best.overruns + 1e-9 && d.ends < best.ends))
        best = { ends: d.ends, overruns: d.overruns };
      return;
    }
    const starts = (m: number, scrubbed = false) => {
      const s = makings[m]!.steps[d.next[m]!]!;
      const clean = d.boards.filter(([, hot]) => !hot);
      const fouled = d.boards.filter(([, hot]) => hot);
      const raw = open.some((o) =>
        makings[o]!.steps.slice(d.next[o]).some((x) => x.tool === 'board' && !x.hot)
      );
      const from = s.hot ? (fouled.length > 0 ? fouled : clean.length > 1 || !raw ? clean : []) : clean;
      const board = [...(scrubbed ? d.boards : from)].sort((a, b) => a[0] - b[0])[0];
      const at = Math.max(
        ...[d.from, d.ready[m]!, least(d.people)],
        s.tool === 'board' ? (board?.[0] ?? Infinity) : s.tool === 'scale' ? least(d.scales) : 0,
        s.bowl && !d.holds[m] ? least(d.bowls) : 0
      );
      return { s, at, board };
    };
    const scrubs = open.every((m) => starts(m).at === Infinity);
    const can = open.filter((m) => starts(m, scrubs).at < Infinity);
    const first = can.filter((m) => makings[m]!.heavy && d.next[m] === 0);
    for (const m of first.length > 0 ? first : can) {
      const { s, at, board } = starts(m, scrubs);
      const to = at + s.minutes;
      const used = (all: readonly number[]) => {
        const i = all.indexOf(least(all));
        return all.map((t, j) => (i === j ? to : t));
      };
      const set = <T>(all: readonly T[], v: T) => all.map((x, i) => (i === m ? v : x));
      const takes = s.bowl && !d.holds[m];
      const held = takes || d.holds[m]!;
      const frees = held && !makings[m]!.steps.slice(d.next[m]! + 1).some((x) => x.bowl);
      const bowls = takes ? d.bowls.filter((_, i) => i !== d.bowls.indexOf(least(d.bowls))) : d.bowls;
      go({
        next: set(d.next, d.next[m]! + 1),
        ready: set(d.ready, to + (s.rest?.from ?? 0)),
        latest: set(d.latest, s.rest ? to + s.rest.to : null),
        people: used(d.people),
        boards: s.tool === 'board' ? d.boards.map((b) => (b === board ? [to, s.hot] : b)) : d.boards,
        scales: s.tool === 'scale' ? used(d.scales) : d.scales,
        bowls: frees ? [...bowls, to] : bowls,
        holds: set(d.holds, held && !frees),
        ...{ from: at, ends: Math.max(d.ends, to) },
        overruns: d.overruns + Math.max(0, at - (d.latest[m] ?? Infinity))
      });
    }
  };
  const zeros = (n: number) => Array.from({ length: n }, () => 0);
  go({
    ...{ next: makings.map(() => 0), ready: makings.map((m) => m.readyAt) },
    ...{ latest: makings.map((m) => m.latestAt), holds: makings.map(() => false) },
    ...{ people: zeros(hands.people), scales: zeros(hands.scales), bowls: zeros(hands.bowls) },
    boards: zeros(hands.boards).map((t) => [t, false]),
    ...{ from: 0, ends: 0, overruns: 0 }
  });
  return best;
}

const aStep = fc.record({
  minutes: fc.integer({ min: 1, max: 40 }),
  tool: fc.constantFrom('board', 'scale', null),
  bowl: fc.boolean(),
  hot: fc.boolean(),
  rest: fc.option(
    fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 })).map(([from, more]) => ({
      ...{ from, to: from + more }
    }))
  )
});
const aDay = fc
  .array(fc.tuple(fc.array(aStep, { minLength: 1, maxLength: 3 }), fc.nat(4)), { minLength: 2, maxLength: 3 })
  .map((all) =>
    all.map(([steps, kind], m) =>
      making(
        `m${m}`,
        // After hot peppers the board of a making is a hot one.
        steps.map((s, i) => ({
          ...{ ...s, id: `s${i}` },
          hot: s.tool === 'board' && steps.slice(0, i + 1).some((x) => x.hot && x.tool === 'board')
        })),
        { heavy: kind === 0, readyAt: kind === 1 ? 15 : 0, latestAt: kind === 1 ? 40 : null }
      )
    )
  );
const someHands = fc.record({
  people: fc.integer({ min: 1, max: 2 }),
  boards: fc.integer({ min: 1, max: 2 }),
  scales: fc.constant(1),
  bowls: fc.integer({ min: 1, max: 2 })
});

/** One cuts long what is eaten raw, and the others want the board for hot peppers, after rests that may not be long. */
const aLongCut = fc
  .tuple(
    fc.integer({ min: 40, max: 180 }),
    fc.array(fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 40 })), {
      minLength: 1,
      maxLength: 2
    })
  )
  .map(([minutes, others]) => [
    making('cut', [step('s0', minutes, { tool: 'board' })]),
    ...others.map(([turn, from], i) =>
      making(`m${i}`, [
        step('s0', turn, { rest: { from, to: from + 20 }, bowl: true }),
        step('s1', 10, { tool: 'board', bowl: true, hot: true }),
        step('s2', 5)
      ])
    )
  ]);

it('is as good as the best of all orders, on 500 small days', () => {
  fc.assert(
    fc.property(aDay, someHands, (makings, hands) => {
      const plan = dayOrder(makings, hands);
      const best = everyOrder(makings, hands);
      expect(plan.exact).toBe(true);
      expect(plan.overruns).toBeCloseTo(best.overruns, 6);
      expect(plan.ends).toBeCloseTo(best.ends, 6);
      holds(plan, makings, hands);
    }),
    { numRuns: 500 }
  );
});

it('held back on purpose no lid closes later and no rest overruns by more, on 500 small days', () => {
  let fewer = 0;
  fc.assert(
    fc.property(fc.oneof(aDay, aLongCut), someHands, (makings, hands) => {
      const laid = dayOrder(makings, hands);
      const plan = heldBack(laid, makings, hands);
      expect(plan.ends).toBe(laid.ends);
      expect(plan.overruns).toBeLessThanOrEqual(laid.overruns + 1e-9);
      if (plan.overruns < laid.overruns - 1e-6) fewer += 1;
      holds(plan, makings, hands);
      hotAfterRaw(plan, laid, makings);
    }),
    { numRuns: 500 }
  );
  // It is not for nothing.
  expect(fewer).toBeGreaterThan(0);
});

/** What lies on the boards lies there in the order in which it was laid: none is hot before it should be. */
function hotAfterRaw(plan: DayPlan, laid: DayPlan, makings: readonly DayMaking[]): void {
  const onBoards = (of: DayPlan) =>
    of.placed
      .filter(
        (p) => makings.find((m) => m.id === p.making)!.steps.find((s) => s.id === p.step)!.tool === 'board'
      )
      .map((p) => `${p.making} ${p.step}`);
  expect(onBoards(plan)).toEqual(onBoards(laid));
}

/** What must hold of every plan, whoever made it. */
function holds(plan: DayPlan, makings: readonly DayMaking[], hands: Hands): void {
  expect(plan.placed).toHaveLength(makings.reduce((a, m) => a + m.steps.length, 0));
  for (const m of makings) {
    const mine = plan.placed.filter((p) => p.making === m.id);
    expect(mine.map((p) => p.step)).toEqual(m.steps.map((s) => s.id));
    mine.forEach((p, i) => {
      expect(p.to - p.from).toBeCloseTo(m.steps[i]!.minutes, 6);
      const before = mine[i - 1];
      if (before) expect(p.from).toBeGreaterThanOrEqual(before.to + (m.steps[i - 1]!.rest?.from ?? 0) - 1e-6);
    });
  }
  const toolOf = (p: DayPlan['placed'][number]) =>
    makings.find((m) => m.id === p.making)!.steps.find((s) => s.id === p.step)!.tool;
  for (const p of plan.placed) {
    const beside = plan.placed.filter((x) => x.from < p.from + 1e-6 && x.to > p.from + 1e-6);
    expect(beside.length).toBeLessThanOrEqual(hands.people);
    expect(new Set(beside.map((x) => x.person)).size).toBe(beside.length);
    expect(beside.filter((x) => toolOf(x) === 'board').length).toBeLessThanOrEqual(hands.boards);
    expect(beside.filter((x) => toolOf(x) === 'scale').length).toBeLessThanOrEqual(hands.scales);
  }
}

describe('a day', () => {
  it('does other work while one rests', () => {
    const plan = dayOrder(
      [
        making('kraut', [step('rub', 30, { rest: { from: 60, to: 120 } }), step('pack', 10)]),
        making('peppers', [step('cut', 40)])
      ],
      HANDS
    );
    expect(plan).toMatchObject({ ends: 100, overruns: 0, exact: true });
    expect(plan.placed.map((p) => p.step)).toEqual(['rub', 'cut', 'pack']);
  });
  it('begins later what would else rest too long', () => {
    // The other cuts for two hours at the only board, which the leaf wants after its rest of an hour at most.
    const two = [
      making('cut', [step('cut', 120, { tool: 'board' })]),
      making('leaf', [
        step('turn', 10, { rest: { from: 30, to: 60 } }),
        step('paste', 20, { tool: 'board', hot: true })
      ])
    ];
    const hands = { ...HANDS, people: 2 };
    expect(dayOrder(two, hands)).toMatchObject({ ends: 140, overruns: 50 });
    const plan = dayPlan(two, hands);
    expect(plan).toMatchObject({ ends: 140, overruns: 0 });
    expect(plan.placed.find((p) => p.step === 'turn')).toMatchObject({ from: 50, to: 60 });
  });
  it('lets no rest overrun, though it ends later', () => {
    const plan = dayOrder(
      [
        making('leaf', [step('turn', 10, { rest: { from: 10, to: 20 } }), step('pack', 10)]),
        making('long', [step('cut', 90)])
      ],
      HANDS
    );
    expect(plan.overruns).toBe(0);
  });
  it('hot peppers come after what is eaten raw on the only board, beside it on another', () => {
    const two = [
      making('hot', [step('cut', 20, { tool: 'board', hot: true })]),
      making('raw', [step('cut', 20, { tool: 'board' })])
    ];
    const first = (hands: Hands) => dayOrder(two, hands).placed[0]!.making;
    expect(first({ ...HANDS, people: 2 })).toBe('raw');
    expect(dayOrder(two, { ...HANDS, people: 2, boards: 2 }).ends).toBe(20);
  });
  it('heavy salting begins first', () => {
    const plan = dayOrder(
      [
        making('quick', [step('cut', 10)]),
        making('leaf', [step('salt', 10, { rest: { from: 120, to: 720 } }), step('pack', 10)], {
          heavy: true
        })
      ],
      HANDS
    );
    expect(plan.placed[0]!.making).toBe('leaf');
  });
  it('two pairs of hands are sooner done, and nobody does two things at once', () => {
    const all = [1, 2, 3].map((n) => making(`m${n}`, [step('cut', 30), step('pack', 20)]));
    expect(dayOrder(all, HANDS).ends).toBe(150);
    expect(dayOrder(all, { ...HANDS, people: 2 }).ends).toBeLessThanOrEqual(80);
  });
  it('of nothing is done at once', () => {
    expect(dayOrder([], HANDS)).toEqual({ placed: [], ends: 0, overruns: 0, exact: true });
    expect(dayOrder([making('m', [])], HANDS).ends).toBe(0);
  });
  it('follows from makings as they stand: what is behind is left out, a rest that runs counts', () => {
    const s = style('shredded')!;
    const steps = runSteps(sheet(), s, []);
    const whole = dayMaking('k', steps, () => true, { inBowl: true, restsFor: null, hot: false });
    expect(whole.steps.map((x) => x.id)).toEqual(['trim', 'shred', 'weigh', 'salt', 'pack', 'cover']);
    expect(whole.steps.find((x) => x.id === 'salt')?.rest).toEqual({ from: 10, to: 120 });
    const resting = dayMaking('k', steps, (x) => steps.indexOf(x) > steps.findIndex((y) => y.id === 'salt'), {
      ...{ inBowl: true, restsFor: 4, hot: false }
    });
    expect(resting).toMatchObject({ readyAt: 6, latestAt: 116 });
    expect(resting.steps[0]?.id).toBe('pack');
  });
});
