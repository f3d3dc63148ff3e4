import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDuration } from '$lib/core/reading';
import {
  evolveTimer,
  freeSound,
  isAloud,
  isShown,
  MOST_TIMERS,
  nextRing,
  ringing,
  SHOWN_MS,
  SOUNDS,
  timerChanged,
  timerEnded,
  timerHeard,
  timerStarted,
  type Timer
} from '$lib/core/timer';
import { lastingWords } from '$lib/words';

const MIN = 60_000;
const T0 = 1_000_000;

describe('how long', () => {
  it.each([
    ['20', 20],
    ['20 min', 20],
    ['20m', 20],
    ['ten minutes', 10],
    ['1 h 30', 90],
    ['1h30 min', 90],
    ['1:30', 90],
    ['1.5 h', 90],
    ['1,5 h', 90],
    ['half an hour', 30],
    ['an hour and a half', 90],
    ['two hours and 5 minutes', 125],
    ['a quarter of an hour', 15],
    ['90 s', 1.5],
    ['1 day 2 h', 1560],
    ['20-30 min', 20]
  ])('“%s” is %d minutes', (said, minutes) => {
    expect(readDuration(said)).toEqual({ ok: true, value: expect.closeTo(minutes, 9) });
  });
  it.each([
    ['', 'nothing-said'],
    ['-5 min', 'negative'],
    ['soon', 'not-understood'],
    ['20 kg', 'not-understood'],
    ['1:75', 'not-understood'],
    ['5 min 2 h', 'not-understood'],
    ['5 5', 'not-understood'],
    ['5 min 3', 'not-understood'],
    ['h', 'not-understood'],
    ['3 s', 'time-out-of-range'],
    ['9 days', 'time-out-of-range'],
    ['1'.repeat(70), 'not-understood']
  ])('“%s” is refused: %s', (said, code) => {
    expect(readDuration(said)).toMatchObject({ ok: false, refusal: { code } });
  });
  it('what is written is read back as long', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1439 }), (minutes) => {
        expect(readDuration(lastingWords(minutes))).toEqual({ ok: true, value: minutes });
      })
    );
    expect([lastingWords(0.5), lastingWords(90), lastingWords(3000)]).toEqual([
      '30\u00a0s',
      '1\u00a0h 30\u00a0min',
      '2\u00a0d 2\u00a0h'
    ]);
  });
});

const SAID = { name: 'Leaf rests', placeId: '', next: 'Rinse it', every: '', sound: '' as const };
const set = (lasts: string, every = '', going: readonly Timer[] = []): Timer => {
  const begun = timerStarted({ ...SAID, lasts, every }, going, T0);
  if (!begun.ok) throw new Error(begun.refusal.code);
  return evolveTimer('t', undefined, begun.value)!;
};
const then = (t: Timer, said: ReturnType<typeof timerHeard> | ReturnType<typeof timerChanged>): Timer => {
  if (!said.ok) throw new Error(said.refusal.code);
  return evolveTimer('t', t, said.value)!;
};

describe('a timer', () => {
  it('rings at its end, until it was heard', () => {
    const t = set('20');
    expect([ringing(t, T0 + 19 * MIN), nextRing(t, T0 + 19 * MIN)]).toEqual([null, T0 + 20 * MIN]);
    expect([ringing(t, T0 + 20 * MIN), nextRing(t, T0 + 20 * MIN)]).toEqual([T0 + 20 * MIN, null]);
    // Nobody was there: it goes on being shown, till the day after.
    expect(ringing(t, T0 + 300 * MIN)).toBe(T0 + 20 * MIN);
    expect([isShown(t, T0 + 300 * MIN), isShown(t, T0 + 20 * MIN + SHOWN_MS)]).toEqual([true, false]);
    const heard = then(t, timerHeard(t, T0 + 21 * MIN));
    expect([heard.ended, ringing(heard, T0 + 22 * MIN)]).toEqual([true, null]);
    expect(timerHeard(heard, T0 + 23 * MIN)).toMatchObject({ ok: false, refusal: { code: 'timer-over' } });
  });
  it('sounds for two minutes, and again where a phone is taken up within the hour', () => {
    const t = set('20');
    const at = (minutes: number) => T0 + minutes * MIN;
    expect([isAloud(t, at(19), T0), isAloud(t, at(21), T0), isAloud(t, at(23), T0)]).toEqual([
      false,
      true,
      false
    ]);
    expect([isAloud(t, at(60), at(59)), isAloud(t, at(62), at(59)), isAloud(t, at(90), at(90))]).toEqual([
      true,
      false,
      false
    ]);
  });
  it('turned every half hour, it rings on the way and goes on', () => {
    const t = set('2 h', '30');
    expect([ringing(t, T0 + 29 * MIN), ringing(t, T0 + 31 * MIN)]).toEqual([null, T0 + 30 * MIN]);
    const turned = then(t, timerHeard(t, T0 + 33 * MIN));
    expect([turned.ended, ringing(turned, T0 + 40 * MIN), nextRing(turned, T0 + 40 * MIN)]).toEqual([
      false,
      null,
      T0 + 60 * MIN
    ]);
    // Two turns missed ring once.
    expect(ringing(turned, T0 + 95 * MIN)).toBe(T0 + 90 * MIN);
  });
  it('is made longer and shorter; one that rings goes on from now', () => {
    const t = set('20');
    const longer = then(t, timerChanged(t, { way: 'longer', by: '10 min' }, T0 + MIN));
    expect(longer.endsAt).toBe(T0 + 30 * MIN);
    const rang = then(t, timerChanged(t, { way: 'longer', by: '5' }, T0 + 25 * MIN));
    expect([rang.endsAt, ringing(rang, T0 + 26 * MIN)]).toEqual([T0 + 30 * MIN, null]);
    const shorter = then(t, timerChanged(t, { way: 'shorter', by: '5' }, T0 + MIN));
    expect(shorter.endsAt).toBe(T0 + 15 * MIN);
    const now = then(t, timerChanged(t, { way: 'shorter', by: '1 h' }, T0 + MIN));
    expect(ringing(now, T0 + MIN)).toBe(T0 + MIN);
    const over = then(t, timerEnded(t) as ReturnType<typeof timerHeard>);
    expect(timerChanged(over, { way: 'longer', by: '5' }, T0)).toMatchObject({ ok: false });
    expect(timerEnded(over)).toMatchObject({ ok: false });
  });
  it('says what will not do', () => {
    const ask = (over: object, going: Timer[] = []) =>
      timerStarted({ ...SAID, lasts: '20', ...over }, going, T0);
    expect(ask({ lasts: 'soon' })).toMatchObject({ refusal: { code: 'not-understood', field: 'lasts' } });
    expect(ask({ every: '20' })).toMatchObject({ refusal: { code: 'turns-too-long', field: 'every' } });
    expect(ask({ every: 'often' })).toMatchObject({ refusal: { code: 'not-understood', field: 'every' } });
    const many = Array.from({ length: MOST_TIMERS }, () => set('5'));
    expect(ask({}, many)).toMatchObject({ refusal: { code: 'timers-too-many' } });
  });
  it('has a sound of its own as long as there are any', () => {
    const all: Timer[] = [];
    for (let n = 0; n < SOUNDS.length; n++) all.push(set('5', '', all));
    expect(new Set(all.map((t) => t.sound)).size).toBe(SOUNDS.length);
    expect(freeSound(all)).toBe('bell');
    expect(set('5', '', [all[0]!]).sound).not.toBe('bell');
  });
  it('never rings for what was heard, and always once more for what was not', () => {
    const act = fc.tuple(fc.constantFrom('heard', 'longer', 'shorter'), fc.integer({ min: 0, max: 40 }));
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 180 }),
        fc.integer({ min: 1, max: 60 }),
        fc.array(act, { maxLength: 12 }),
        (lasts, every, acts) => {
          let t = set(`${lasts} min`, every < lasts ? `${every} min` : '');
          let now = T0;
          for (const [what, after] of acts) {
            now += after * MIN;
            if (t.ended) break;
            t = then(t, what === 'heard' ? timerHeard(t, now) : timerChanged(t, { way: what, by: '7' }, now));
            // Made shorter than now it rings at once; else what was just done silences it.
            if (what !== 'shorter') expect(ringing(t, now)).toBeNull();
            const next = nextRing(t, now);
            expect(next === null || next > now).toBe(true);
            if (next !== null) expect(ringing(t, next)).toBe(next);
            else if (!t.ended) expect(ringing(t, now)).toBe(t.endsAt);
          }
        }
      )
    );
  });
});
