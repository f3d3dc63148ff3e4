import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type BatchEvent } from '$lib/core/batch';
import { MINUTES_PER_DAY } from '$lib/core/calendar';
import { courseOf, paceOf, sugarIn, UNKNOWN, type Change, type Inside } from '$lib/core/forecast';
import { USUAL_ROUNDS } from '$lib/core/kit';
import { aheadOf, knowsOf, outlookOf, outlookSketched, sourNow } from '$lib/core/outlook';
import { batch, PLACES, put, START } from '../support/builders';
import { near } from '../support/vectors';

const H = 2;
const DAYS = 30;
const steady = Array.from({ length: (DAYS * 24) / H + 1 }, () => 20);
const inside = (over: Partial<Inside> = {}): Inside => ({
  ...{ sugar: 40, free: 0.7, buffer: 23, pH0: 6.1, ta0: 0.1, settles: 0.0225, poured: null },
  ...{ radiusMm: 1.5, skin: 1, starts: 1, starter: null },
  ...over
});
const pace = (over: Partial<Inside> = {}) => paceOf(inside(over), steady, H);
const course = (over: Partial<Inside> = {}) => courseOf(pace(over), UNKNOWN);
const change = (hours: number, over: Partial<Change> = {}): Change => ({ hours, settles: 0.0225, ...over });
const share = fc.double({ min: 0.2, max: 1, noNaN: true });

describe('a jar that is changed while it stands', () => {
  it('is as it was where nothing thins it', () => {
    const plain = course();
    for (const later of [[], [change(40)], [change(40, { keeps: 1 }), change(90)]])
      expect([...course({ later }).acid]).toEqual([...plain.acid]);
  });

  it('made up at once of the same, goes as if it had been one', () =>
    fc.assert(
      fc.property(share, (keeps) => {
        const later = [change(0, { keeps, sugar: 40 * (1 - keeps) })];
        const [one, two] = [course(), course({ later })];
        one.acid.forEach((a, i) => expect(two.acid[i]).toBeCloseTo(a, 6));
      }),
      { numRuns: 30 }
    ));

  it('has then so much of its acid as it keeps, and never more sugar used than there is', () =>
    fc.assert(
      fc.property(
        share,
        fc.integer({ min: 1, max: 300 }),
        fc.double({ min: 0, max: 30, noNaN: true }),
        (keeps, step, sugar) => {
          const later = [change(step * H, { keeps, sugar })];
          const [plain, changed] = [course(), course({ later })];
          // While little goes on four steps are one, never across a change: the two are cut otherwise.
          near(changed.acid[step]!, plain.acid[step]! * keeps, 1e-3);
          const used = changed.used.reduce((a, b) => a + b, 0);
          expect(used).toBeLessThanOrEqual(sugarIn(inside({ later })) + 1e-9);
          expect(changed.acid.every((a) => a >= 0)).toBe(true);
        }
      ),
      { numRuns: 60 }
    ));

  it('thinned with water stays less sour; with a second pick it sours to the same again, later', () => {
    const half = course({ later: [change(96, { keeps: 0.5 })] });
    const pick = course({ later: [change(96, { keeps: 0.5, sugar: 20 })] });
    const plain = course();
    const end = plain.acid.length - 1;
    expect(half.acid[end]).toBeLessThan(0.6 * plain.acid[end]!);
    expect(pick.acid[60]).toBeLessThan(0.95 * plain.acid[60]!);
    expect(pick.acid[end]).toBeGreaterThan(0.95 * plain.acid[end]!);
  });

  it('what comes of another jar that is as far goes on as if it had stood there from the start', () =>
    fc.assert(
      fc.property(share, fc.integer({ min: 48, max: 250 }), (keeps, step) => {
        const plain = course();
        // The other half: so much acid, what is left of its sugar, its flora.
        const then = courseOf(paceOf(inside(), steady.slice(0, step + 1), H), UNKNOWN);
        const left = 40 - then.used.reduce((a, b) => a + b, 0);
        const sour = { acid: (1 - keeps) * then.acid.at(-1)!, late: then.late };
        const later = [change(step * H, { keeps, sugar: (1 - keeps) * left, sour })];
        const mixed = course({ later });
        near(mixed.acid[step]!, plain.acid[step]!, 2e-3);
        near(mixed.acid.at(-1)!, plain.acid.at(-1)!, 5e-3);
      }),
      { numRuns: 30 }
    ));

  it('acid that comes made is there at once, is thinned like the rest, and never lost', () => {
    const sour = { acid: 40, late: 1 };
    const later = [change(24, { keeps: 0.5, sugar: 0, sour }), change(200, { keeps: 0.5 })];
    const [plain, mixed] = [course(), course({ later })];
    near(mixed.acid[12]!, 0.5 * plain.acid[12]! + 40, 1e-3);
    expect(mixed.acid[100]!).toBeLessThan(mixed.acid[99]!);
    near(mixed.acid[100]! / mixed.acid[99]!, 0.5, 0.02);
  });

  it('counts sugar by what is left of it. Worked by hand: 40 thinned to half and 10 more, then to 0.8, are 24', () => {
    const later = [change(10, { keeps: 0.5, sugar: 10 }), change(20, { keeps: 0.8 })];
    near(sugarIn(inside({ later })), 24, 1e-12);
  });
});

describe('a standing jar that was changed', () => {
  const house = knowsOf({ places: PLACES, crops: [], resets: {}, rounds: USUAL_ROUNDS }, []);
  const day = MINUTES_PER_DAY;
  const now = START + 6 * day;
  const added: BatchEvent = {
    type: 'added',
    data: {
      fillingId: 'f1',
      items: [put('cabbage-white', 450)],
      vegG: 450,
      vegRoomMl: 400,
      naclG: 9,
      saltG: 9.2,
      drawnG: 0
    }
  };
  const topped: BatchEvent = {
    type: 'putRight',
    data: {
      ...{ fillingId: 'f1', trouble: 'spilled', from: 0.022, to: 0.022, reason: '' },
      ...{ drawnG: 0, lostG: 200, waterG: 195.6, naclG: 4.4, saltG: 4.5, vegG: 0 }
    }
  };
  const ahead = (b: ReturnType<typeof batch>) => aheadOf(b, b.fillings[0]!, house, now)!;

  it('a second pick brings its sugar on its day: what stood before is two thirds, and fully sour comes later', () => {
    const [plain, more] = [batch(), batch({}, [[72, added]])];
    const { inside: is } = ahead(more);
    const [only] = is.later!;
    near(only!.hours, 72, 1e-9);
    // 920 g stood there, 459 g came.
    near(only!.keeps!, 920 / 1379, 1e-3);
    near(is.sugar, ahead(plain).inside.sugar, 1e-9);
    near(sugarIn(is) / ahead(plain).inside.sugar, 1, 0.02);
    const at = (b: ReturnType<typeof batch>) => outlookOf(ahead(b)).spans.fullySour.likely!;
    expect(at(more)).toBeGreaterThan(at(plain));
    expect(more.items[1]).toMatchObject({ into: 'f1' });
  });

  it('the other jars of its batch have nothing of it', () => {
    const two = batch({ fillings: [...batch().fillings, { ...batch().fillings[0]!, id: 'f2' }].map(asNew) }, [
      [72, added]
    ]);
    const other = aheadOf(two, two.fillings[1]!, house, now)!;
    expect(other.inside.later).toBeUndefined();
    near(other.inside.sugar, ahead(batch()).inside.sugar, 1e-9);
  });

  it('spilled and topped up with brine is less sour then, and its windows come later', () => {
    const [plain, thin] = [batch(), batch({}, [[72, topped]])].map(ahead);
    near(thin!.inside.later![0]!.keeps!, (920 - 200) / 920, 1e-3);
    const [a, b] = [plain, thin].map((x) => outlookSketched(x!));
    const pHAt = (o: typeof a, d: number) => o!.curve.find((c) => c.at >= START + d * day)!.pH.likely;
    near(pHAt(a, 2.5), pHAt(b, 2.5), 1e-5);
    expect(pHAt(b, 3.5)).toBeGreaterThan(pHAt(a, 3.5) + 0.02);
    expect(b!.spans.tangy.likely).toBeGreaterThan(a!.spans.tangy.likely!);
  });

  it('a sour jar poured into a young one makes it sour at once, by its weight; the other jars of it stay as they are', () => {
    const sour = { acid: 100, sugar: 2, late: 1 };
    const half = { dryG: 20, juiceG: 430, brineG: 0, saltG: 10 };
    const received: BatchEvent = {
      type: 'received',
      data: {
        ...{ fillingId: 'f1', other: { batchId: 'old', fillingId: 'o1' }, what: half, keeps: null, sour },
        items: [put('beet', 450)]
      }
    };
    const { sour: _, ...unknown } = received.data;
    const two = (event: BatchEvent) =>
      batch({ fillings: [...batch().fillings, { ...batch().fillings[0]!, id: 'f2' }].map(asNew) }, [
        [24, event]
      ]);
    const [mix, blind] = [two(received), two({ type: 'received', data: unknown })];
    const at = (b: ReturnType<typeof batch>, nth: number) => aheadOf(b, b.fillings[nth]!, house, now)!;
    const [change] = at(mix, 0).inside.later!;
    // 920 g stood there, 460 g came: a third.
    near(change!.sour!.acid, 100 / 3, 1e-2);
    near(change!.sugar!, 2 / 3, 1e-2);
    const tangy = (b: ReturnType<typeof batch>, nth: number) =>
      outlookSketched(at(b, nth)).spans.tangy.likely!;
    expect(tangy(mix, 0)).toBeLessThan(tangy(mix, 1));
    expect(at(mix, 1).inside.later).toBeUndefined();
    near(at(mix, 1).inside.buffer, ahead(batch()).inside.buffer, 1e-9);
    // What nobody could reckon is as it was before.
    expect(at(blind, 0).inside.later).toBeUndefined();
    expect(mix.items[1]).toMatchObject({ cropId: 'beet', into: 'f1' });
  });

  it('what a jar has come to goes on where it is poured: acid as its curve has it', () => {
    const is = sourNow(ahead(batch()));
    const curve = outlookSketched(ahead(batch())).curve.find((c) => c.at >= now)!;
    near(0.009008 * is.acid + ahead(batch()).inside.ta0, curve.acidity.likely, 0.02);
    expect(is.late).toBeGreaterThan(0);
    expect(is.sugar).toBeLessThan(ahead(batch()).inside.sugar);
  });

  it('what evaporated and was made up with water thins nothing', () => {
    const vapour: BatchEvent = {
      type: 'putRight',
      data: { ...topped.data, trouble: 'evaporated', waterG: 200, naclG: 0, saltG: 0 }
    };
    near(ahead(batch({}, [[72, vapour]])).inside.later![0]!.keeps!, 1, 1e-9);
  });
});

/** A filling as it is begun with. */
function asNew(f: { id: string }) {
  const {
    full,
    holds: _,
    stays: __,
    emptiedAt: ___,
    ...rest
  } = f as ReturnType<typeof batch>['fillings'][number];
  return { ...rest, parts: [{ from: 'before' as const, what: full }] };
}
