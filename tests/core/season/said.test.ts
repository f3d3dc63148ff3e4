import { describe, expect, it } from 'vitest';
import {
  boundBy,
  cameOf,
  evolveSaid,
  NOTHING_SAID,
  onceIn,
  planKept,
  startSaid,
  startsToCome,
  wantedIn,
  wishSaid,
  type KeptStart,
  type SeasonEvent,
  type SeasonSaid
} from '$lib/core/season';
import { wishSays } from '$lib/words';

// A Wednesday; its week begins on Monday the 14th.
const today = '2026-09-16';
const around = { today, knows: (_: string, id: string) => id !== 'nothing' };
const after = (state: SeasonSaid, ...events: readonly SeasonEvent[]) => events.reduce(evolveSaid, state);
const start = (styleId: string, monday: string): KeptStart => ({
  ...{ styleId, monday },
  ...{ picks: { carrot: 800 }, jars: { litre: 1 } }
});

describe('a start said by hand', () => {
  const said = (how: 'begin' | 'not' | 'later' | 'free', monday: string, now = NOTHING_SAID) => {
    const r = startSaid({ styleId: 'pieces', monday, how }, around);
    if (!r.ok) throw new Error(r.refusal.code);
    return after(now, ...r.value);
  };
  it('is named by any day of its week, and said again replaces', () => {
    const held = said('begin', '2026-09-20');
    expect(held.held).toEqual([{ styleId: 'pieces', monday: '2026-09-14' }]);
    const not = said('not', '2026-09-14', held);
    expect([not.held, not.barred]).toEqual([[], [{ styleId: 'pieces', monday: '2026-09-14' }]]);
    const free = said('free', '2026-09-15', not);
    expect([free.held, free.barred]).toEqual([[], []]);
  });
  it('put off is not then, and begun the week after', () => {
    const later = said('later', '2026-09-14');
    expect(later.barred).toEqual([{ styleId: 'pieces', monday: '2026-09-14' }]);
    expect(later.held).toEqual([{ styleId: 'pieces', monday: '2026-09-21' }]);
  });
  it('refuses a week that has passed, one too far off, no day, a style nobody knows', () => {
    const code = (monday: string, styleId = 'pieces') => {
      const r = startSaid({ styleId, monday, how: 'begin' }, around);
      return r.ok ? null : r.refusal.code;
    };
    expect(code('2026-09-13')).toBe('week-past');
    expect(code('2026-09-14')).toBeNull();
    expect(code('2028-01-03')).toBe('week-far-off');
    expect(code('2026-02-30')).toBe('day-strange');
    expect(code(today, 'nothing')).toBe('style-unknown');
  });
});

it('a wish is kept by its kind, and taken back by saying none', () => {
  const wish = (servings: number | null, styleId = 'pieces') => wishSaid({ styleId, servings }, around);
  const [six, none] = [wish(6), wish(null)];
  if (!six.ok || !none.ok) throw new Error();
  expect(after(NOTHING_SAID, six.value).wishes).toEqual({ pieces: 6 });
  expect(after(NOTHING_SAID, six.value, none.value).wishes).toEqual({});
  expect(wish(6, 'nothing').ok).toBe(false);
});

describe('a plan that is kept', () => {
  const keep = (now: SeasonSaid, starts: readonly KeptStart[], day = today, begun = () => false) => {
    const r = planKept(now, starts, { ...around, today: day, begun });
    if (!r.ok) throw new Error(r.refusal.code);
    return after(now, r.value);
  };
  const first = keep(NOTHING_SAID, [start('pieces', '2026-09-14'), start('shredded', '2026-09-21')]);
  it('takes the place of the one before; weeks that have passed stay', () => {
    const next = keep(first, [start('sliced', '2026-09-28')], '2026-09-23');
    expect(next.kept.map((s) => s.styleId)).toEqual(['pieces', 'sliced']);
    // What was begun of it this week stays in it.
    const made = keep(first, [start('sliced', '2026-09-28')], '2026-09-23', () => true);
    expect(made.kept.map((s) => s.styleId)).toEqual(['pieces', 'shredded', 'sliced']);
  });
  it('of no starts lets go of what was to come', () => {
    expect(keep(first, [], '2026-09-22').kept.map((s) => s.styleId)).toEqual(['pieces']);
  });
  it('refuses what nobody knows, by what it is', () => {
    const code = (s: KeptStart) => {
      const r = planKept(NOTHING_SAID, [s], { ...around, begun: () => false });
      return r.ok ? null : r.refusal.code;
    };
    expect(code(start('nothing', today))).toBe('style-unknown');
    expect(code({ ...start('pieces', today), picks: { nothing: 5 } })).toBe('crop-unknown');
    expect(code({ ...start('pieces', today), jars: { nothing: 1 } })).toBe('jar-kind-unknown');
    expect(code(start('pieces', '2026-09-07'))).toBe('week-past');
  });
  it('is what a new plan is held against: what of it is not begun, unless it is said not to be', () => {
    expect(boundBy(first, today, []).held).toEqual([]);
    expect(boundBy(first, today, []).earlier).toEqual([
      { styleId: 'pieces', week: 0 },
      { styleId: 'shredded', week: 1 }
    ]);
    const begun = [{ styleId: 'pieces', monday: '2026-09-14' }];
    expect(boundBy(first, today, begun).earlier).toEqual([{ styleId: 'shredded', week: 1 }]);
    expect(boundBy(first, '2026-09-08', []).earlier).toEqual([
      { styleId: 'pieces', week: 1 },
      { styleId: 'shredded', week: 2 }
    ]);
    const not = startSaid({ styleId: 'shredded', monday: '2026-09-21', how: 'not' }, around);
    if (!not.ok) throw new Error();
    const now = after(first, ...not.value);
    // What is dropped on purpose is not asked about later.
    expect(now.kept.map((s) => s.styleId)).toEqual(['pieces']);
    expect(boundBy(now, today, [])).toEqual({
      held: [],
      earlier: [{ styleId: 'pieces', week: 0 }],
      barred: [{ styleId: 'shredded', week: 1 }]
    });
    expect(startsToCome(first, today, begun, 6).map((s) => s.styleId)).toEqual(['shredded']);
    expect(startsToCome(first, '2026-09-22', [], 6).map((s) => s.styleId)).toEqual(['shredded']);
  });
  it('is held against what was begun: in its week, a week off, or not', () => {
    const planned = { styleId: 'pieces', monday: '2026-09-14' };
    const begun = (monday: string) => cameOf(planned, [{ styleId: 'pieces', monday }]);
    expect(begun('2026-09-14')).toBe('begun');
    expect(begun('2026-09-21')).toBe('later');
    expect(begun('2026-09-07')).toBe('earlier');
    expect(begun('2026-09-28')).toBe('not');
    expect(cameOf(planned, [{ styleId: 'shredded', monday: '2026-09-14' }])).toBe('not');
  });
});

describe('wanted at some time', () => {
  const said = (when: string, servings: number | null = 5) =>
    wishSaid({ styleId: 'pieces', servings, when }, around);
  const after = (...all: ReturnType<typeof said>[]) =>
    all.reduce((state, w) => (w.ok ? evolveSaid(state, w.value) : state), NOTHING_SAID);

  it('in a month, or once in the week of a day, beside what is wanted every week', () => {
    const state = after(said(''), said('12', 9), said('2026-09-26', 20), said('12', 8));
    expect(state.wishes).toEqual({ pieces: 5 });
    expect(state.wishesAt).toEqual([
      { styleId: 'pieces', when: '2026-09-21', servings: 20 },
      { styleId: 'pieces', when: '12', servings: 8 }
    ]);
    const wanted = (monday: string) => wantedIn(5, state.wishesAt, { styleId: 'pieces', monday, people: 4 });
    expect(wanted('2026-12-07')).toBe(8);
    expect(wanted('2026-11-30')).toBe(5);
    expect(onceIn(state.wishesAt, 'pieces', '2026-09-21')).toBe(20);
    expect(onceIn(state.wishesAt, 'shredded', '2026-09-21')).toBe(0);
    expect(after(said('12'), said('12', null)).wishesAt).toEqual([]);
  });

  it('for one of them it takes the place of that one’s share, of what is said for all or of what is usual', () => {
    const forOne = (who: string, servings: number | null, when = '') =>
      wishSaid({ styleId: 'pieces', servings, when, who }, around);
    const wanted = (of: SeasonSaid, monday = '2026-11-02', styleId = 'pieces') =>
      wantedIn(of.wishes[styleId] ?? 8, of.wishesAt, { styleId, monday, people: 4 });
    // Four eat eight: two each. One of them likes none of it, one has five.
    expect(wanted(after(forOne('Ida', 0)))).toBe(6);
    expect(wanted(after(forOne('Ida', 0), forOne('Jon', 5)))).toBe(4 + 5);
    expect(wanted(after(forOne('Ida', 0), forOne('Ida', null)))).toBe(8);
    expect(wanted(after(said('', 4), forOne('Ida', 2)))).toBe(3 + 2);
    expect(wanted(after(forOne('Ida', 2)), '2026-11-02', 'shredded')).toBe(8);
    // A month of its own, for all and for one.
    const state = after(said('12', 12), forOne('Ida', 1), forOne('Ida', 4, '12'));
    expect(wanted(state)).toBe(6 + 1);
    expect(wanted(state, '2026-12-07')).toBe(9 + 4);
    expect(wishSays({ when: '', servings: 0, who: 'Ida' })).toBe('none for Ida a week, as you said');
    expect(wishSays({ when: '12', servings: 1, who: 'Ida' })).toBe('1 serving for Ida a week in December');
  });

  it.each([
    ['2026-08-01', 'week-past'],
    ['2029-01-01', 'week-far-off'],
    ['13', 'day-strange'],
    ['soon', 'day-strange']
  ])('%s is refused: %s', (when, code) => {
    expect(said(when)).toMatchObject({ ok: false, refusal: { code, field: 'when' } });
  });
});

describe('a start that is moved', () => {
  const moved = (to: string) =>
    startSaid({ styleId: 'pieces', monday: '2026-09-28', how: 'move', to }, around);
  it('is not begun then, and is held to in its new week', () => {
    const said = moved('2026-10-14');
    expect(said.ok && said.value.map((e) => e.data)).toEqual([
      { styleId: 'pieces', monday: '2026-09-28', how: 'not' },
      { styleId: 'pieces', monday: '2026-10-12', how: 'begin' }
    ]);
    const back = moved('2026-09-30');
    expect(back.ok && back.value.map((e) => e.data)).toEqual([
      { styleId: 'pieces', monday: '2026-09-28', how: 'begin' }
    ]);
  });
  it('goes to no week that has passed, and says which field is amiss', () => {
    expect(moved('2026-08-03')).toMatchObject({ ok: false, refusal: { code: 'week-past', field: 'to' } });
    expect(moved('')).toMatchObject({ ok: false, refusal: { code: 'day-strange', field: 'to' } });
  });
});
