import { describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { stageFrom } from '$lib/core/outlook';
import { storedSays } from '$lib/words';

const NOW = wall('2026-10-10', 9);
const span = (likely: number | null) => ({ early: likely, likely, late: likely });
const seen = (of: Record<string, number | null>, fullySour: number | null) => ({
  spans: Object.fromEntries(
    ['firstTaste', 'mild', 'tangy', 'fullySour', 'last'].map((e) => [e, span(of[e] ?? null)])
  ) as Parameters<typeof stageFrom>[0]['spans'],
  fullySour,
  curve: [{ at: NOW }, { at: wall('2027-03-01', 9) }]
});
const day = (at: number) => `day ${Math.round((at - NOW) / 1440)}`;

describe('a stored jar sours on', () => {
  it('still mild till January, and tangy from then on', () => {
    const o = seen({ firstTaste: NOW - 9e4, mild: NOW - 8e4, tangy: wall('2027-01-12', 9) }, null);
    const from = stageFrom(o, NOW);
    expect(from).toMatchObject({ stage: 'mild', next: { stage: 'tangy', at: wall('2027-01-12', 9) } });
    expect(storedSays(from, day)).toBe('By this guess mild now, still mild till day 94, tangy from then on.');
  });
  it('what never gets further says so; what is past its last day is kept as it is', () => {
    const never = stageFrom(seen({ firstTaste: NOW - 9e4, mild: NOW - 8e4 }, null), NOW);
    expect(never).toMatchObject({ stage: 'mild', next: null });
    expect(storedSays(never, day)).toContain('hardly get sourer');
    const old = { firstTaste: NOW - 9e4, mild: NOW - 8e4, tangy: NOW - 7e4, last: NOW - 5e4 };
    const past = stageFrom(seen(old, NOW - 6e4), NOW);
    expect(past).toMatchObject({ stage: 'fullySour', next: null });
    expect(storedSays(past, day)).toContain('about as it is');
  });
});
