import { describe, expect, it } from 'vitest';
import { brineServes, type BrineOrigin, type KnownBrine } from '$lib/core/pantry';
import { brineFrom, brineSays } from '$lib/words';

const brine = (origin: BrineOrigin | null, over: Partial<KnownBrine> = {}): KnownBrine => ({
  ...{
    id: 'b',
    name: 'Off the kraut',
    day: '2026-09-01',
    from: 'batch',
    batchId: 'k',
    strength: 0.022,
    ml: 500
  },
  origin,
  ...over
});
const sour: BrineOrigin = { name: 'Kraut', sound: true, pH: 3.5 };

describe('what a kept brine serves for', () => {
  it('a starter only of a sound batch, read sour, within a month', () => {
    expect(brineServes(brine(sour), '2026-09-04')[0]).toBe('starter');
    expect(brineServes(brine(sour), '2026-10-05')).not.toContain('starter');
    expect(brineServes(brine({ ...sour, pH: null }), '2026-09-04')).toEqual(['soup', 'dressing', 'drink']);
    expect(brineServes(brine({ ...sour, pH: 4.5 }), '2026-09-04')).not.toContain('starter');
    expect(brineServes(brine(null), '2026-09-04')).not.toContain('starter');
  });
  it('nothing of a batch that was thrown away, or too old', () => {
    expect(brineServes(brine({ ...sour, sound: false }), '2026-09-04')).toEqual(['away']);
    expect(brineServes(brine(sour), '2027-01-01')).toEqual(['away']);
    expect(brineServes(brine(null, { from: 'mixed' }), '2026-09-10')).toEqual(['brine']);
    expect(brineServes(brine(null, { from: 'mixed' }), '2026-09-20')).toEqual(['away']);
  });
  it('says so', () => {
    expect(brineSays(['starter', 'soup'])).toBe('good for a starter, a soup');
    expect(brineFrom(brine(sour))).toBe('off Kraut, pH 3.5');
    expect(brineFrom(brine({ ...sour, pH: null }))).toContain('never read');
    expect(brineFrom(brine(null))).toBe('');
  });
});
