import { describe, expect, it } from 'vitest';
import { toSow } from '$lib/core/season';
import { GROWS, perMetre, seasonSpread, type CropAhead } from '$lib/core/sowing';

const ahead = (cropId: string, pickedG: number, restG: number): CropAhead => ({
  ...{ cropId, weeks: [], pickedG, restG, least: restG, most: restG, peak: null, factor: 1 }
});
const row = (metres: number | null, plants: number | null = null) => ({
  cropId: 'cabbage-white',
  metres,
  plants
});
const table = GROWS.find((g) => g.id === 'cabbage-white')!;

describe('a crop by the metre', () => {
  it('is what this season gave and will give, over its metres', () => {
    const by = perMetre('cabbage-white', [row(4), row(2)], [ahead('cabbage-white', 12_000, 3000)])!;
    expect(by.kg).toBeCloseTo(2.5, 9);
    expect(by.metres).toBe(6);
    expect(by.most / by.kg).toBeCloseTo(Math.exp(seasonSpread(table.weeks)), 9);
    expect(by.kg / by.least).toBeCloseTo(by.most / by.kg, 9);
  });
  it('counts plants by what stands between them, and goes by the table where nobody said how much grows', () => {
    const by = perMetre('cabbage-white', [row(null, 8)], [ahead('cabbage-white', 10_000, 0)])!;
    expect(by.metres).toBeCloseTo(8 * table.apartM, 9);
    expect(by.kg).toBeCloseTo(10 / by.metres, 9);
    expect(perMetre('cabbage-white', [], [])!.kg).toBe(table.kgPerMetre);
    expect(perMetre('cabbage-white', [row(4), row(null)], [ahead('cabbage-white', 9000, 0)])!.kg).toBe(
      table.kgPerMetre
    );
    expect(perMetre('pear', [], [])).toBeNull();
  });
  it('a long season is surer than a short one', () => {
    expect(seasonSpread(8)).toBeLessThan(seasonSpread(2));
    expect(seasonSpread(0)).toBe(seasonSpread(1));
  });
});

describe('what to sow', () => {
  const groups = [
    { id: 'shredded', wanted: [5, 5, 5, 5], dear: [] },
    { id: 'pieces', wanted: [10, 0, 10, 0], dear: [] },
    { id: 'slaw', wanted: [9, 9, 9, 9], dear: [] }
  ];
  const made = [
    { styleId: 'shredded', cropId: 'cabbage-white', g: 9000 },
    { styleId: 'shredded', cropId: 'carrot', g: 1000 },
    { styleId: 'pieces', cropId: 'carrot', g: 2000 }
  ];
  const sow = (crops = made) => toSow({ groups, made: crops, sowings: [row(6)], ahead: [], crops: [] });
  it('is what a year wants of each kind, made of what it was made of', () => {
    const [carrot, cabbage] = sow();
    // Five servings of 80 g a week are 20.8 kg a year, nine tenths of it cabbage, of which a fifth and more is trimmed off.
    expect(cabbage!.cropId).toBe('cabbage-white');
    expect(cabbage!.wantedG).toBeGreaterThan(0.9 * 20_800);
    expect(cabbage!.wantedG).toBeLessThan((0.9 * 20_800) / 0.6);
    expect(carrot!.wantedG).toBeGreaterThan(20_800 + 0.1 * 20_800);
    const { metres } = cabbage!;
    expect(metres!.likely).toBeCloseTo(cabbage!.wantedG / 1000 / table.kgPerMetre, 9);
    expect(metres!.least).toBeLessThan(metres!.likely);
    expect(metres!.most).toBeGreaterThan(metres!.likely);
  });
  it('says nothing of a kind that nobody made, and of a pinch', () => {
    expect(sow([])).toEqual([]);
    const pinch = [...made, { styleId: 'shredded', cropId: 'garlic', g: 10 }];
    expect(sow(pinch).map((s) => s.cropId)).toEqual(['carrot', 'cabbage-white']);
  });
});
