import { describe, expect, it } from 'vitest';
import { bottleSets, freeSizes } from '$lib/core/batch';
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

describe('a sauce into bottles', () => {
  const jar = (id: string, geometryId: string, free: number) => ({
    ...{ id, name: id, geometryId, free },
    lid: 'clamped' as const
  });
  const sizes = (bottles: number) =>
    freeSizes([
      jar('bottle', 'bottle-250', bottles),
      jar('half', 'clip-500', 9),
      jar('litre', 'clip-1000', 6),
      jar('larger', 'clip-1500', 1)
    ]);
  const each = sizes(1).find((s) => s.id === 'bottle')!.usableMl;
  const firstOf = (needMl: number, bottles: number) => bottleSets(needMl, sizes(bottles))[0]?.counts;

  it('goes into bottles first, and a rest that is worth none is left over', () => {
    expect(firstOf(7 * each, 12)).toEqual({ bottle: 7 });
    expect(firstOf(7 * each + 12, 12)).toEqual({ bottle: 7 });
    // The last one half full, and more: it is worth one.
    expect(firstOf(7 * each + 0.7 * each, 12)).toEqual({ bottle: 8 });
  });
  it('goes into jars where there are too few bottles, and those who have none are shown jars', () => {
    for (const few of [0, 3]) {
      const sets = bottleSets(7 * each + 12, sizes(few));
      expect(sets.length).toBeGreaterThan(0);
      for (const s of sets) expect(s.leftMl).toBeLessThan(0.03 * 7 * each);
      expect(sets[0]!.counts).not.toEqual({ bottle: few });
    }
  });
});
