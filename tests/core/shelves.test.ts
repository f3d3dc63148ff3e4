import { describe, expect, it } from 'vitest';
import { standsMm, stillFits, tooTall } from '$lib/core/larder';
import { jarGeometry } from '$lib/core/vessel';

const size = (id: string, usableMl: number, free = 99) => ({
  id,
  usableMl,
  free,
  jar: { name: id, geometryId: id }
});
const SIZES = [size('clip-500', 470), size('clip-1000', 1000), size('clip-3000', 2900)];

describe('shelves', () => {
  it('a jar stands higher than it is deep inside, and under a board that is clear enough', () => {
    const high = standsMm('clip-1000')!;
    expect(high).toBeGreaterThan(jarGeometry('clip-1000')!.innerHeightMm);
    expect(tooTall({ shelfMm: high }, 'clip-1000')).toBe(false);
    expect(tooTall({ shelfMm: high - 1 }, 'clip-1000')).toBe(true);
    expect(tooTall({}, 'clip-3000')).toBe(false);
    expect(tooTall({ shelfMm: 1 }, 'no such jar')).toBe(false);
  });
  it('what still fits goes by room and by height', () => {
    expect(stillFits({ shelfLitres: null }, 0, SIZES)).toEqual([]);
    expect(stillFits({ shelfLitres: 40 }, 25_000, SIZES).map((s) => s.n)).toEqual([21, 10, 3]);
    expect(stillFits({ shelfLitres: 40 }, 25_000, [size('clip-500', 470, 8)])[0]?.n).toBe(8);
    const low = { shelfLitres: 40, shelfMm: standsMm('clip-1000')! };
    expect(stillFits(low, 25_000, SIZES).map((s) => s.jarId)).toEqual(['clip-500', 'clip-1000']);
    expect(stillFits({ shelfLitres: 10 }, 25_000, SIZES).map((s) => s.n)).toEqual([0, 0, 0]);
  });
});
