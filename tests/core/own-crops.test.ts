import { describe, expect, it } from 'vitest';
import {
  cropDropped,
  cropsOf,
  cropTyped,
  evolveHousehold,
  NEW_HOUSEHOLD,
  waysOf,
  type CropTyped
} from '$lib/core/kit';
import { weighedIn } from '$lib/core/lot';
import {
  allCrops,
  asCrop,
  crop,
  CROPS,
  likeOf,
  nextLike,
  piecesOf,
  trimKey,
  type CropSaid
} from '$lib/core/produce';
import { cropNamed, readCount, readDose } from '$lib/core/reading';
import { readRecipe } from '$lib/core/recipe';
import { cutFor, style, usualSaltFor } from '$lib/core/style';
import { sheet } from '../support/builders';
import { near } from '../support/vectors';

const TYPED: CropTyped = {
  like: 'kohlrabi',
  name: 'Yacon',
  water: null,
  sugar: null,
  trim: null,
  piece: '',
  weight: '',
  keepRoom: null,
  keepCold: null,
  cut: ''
};
const said = (over: Partial<CropTyped>, house = NEW_HOUSEHOLD) => cropTyped(house, { ...TYPED, ...over });
const after = (over: Partial<CropTyped>, house = NEW_HOUSEHOLD) => {
  const r = said(over, house);
  if (!r.ok) throw new Error(r.refusal.code);
  return evolveHousehold(house, r.value, 0);
};
const code = (r: ReturnType<typeof said>) => (r.ok ? '' : `${r.refusal.code} ${r.refusal.field}`);

describe('a crop of the household’s own', () => {
  const house = after({ water: 87, weight: '300 g', piece: 'root', keepRoom: 9 });
  const yacon = crop('kohlrabi_1', cropsOf(house))!;
  it('has its own figures, and for the rest those of the crop it is like, known less well', () => {
    const like = crop('kohlrabi', [])!;
    expect(yacon).toMatchObject({ name: 'Yacon', moisture: 0.87, piece: 'root', pieceG: 300, keepRoom: 9 });
    expect([yacon.trim, yacon.density, yacon.keepCold]).toEqual([like.trim, like.density, like.keepCold]);
    expect([yacon.trimSd, yacon.densitySd]).toEqual([2 * like.trimSd, 2 * like.densitySd]);
    expect([yacon.moistureSd, yacon.pieceGsd]).toEqual([like.moistureSd, like.pieceGsd]);
    expect(likeOf(yacon.id)).toBe('kohlrabi');
    expect(nextLike('kohlrabi', house.crops)).toBe('kohlrabi_2');
  });
  it('stands in the list, is counted, read in a dose and on a card', () => {
    const own = cropsOf(house);
    expect(allCrops(own).map((c) => c.name)).toContain('Yacon');
    expect(cropNamed('Yacons', own)?.id).toBe('kohlrabi_1');
    expect(cropNamed('yacon powder', own)).toBeUndefined();
    const count = readCount('3 yacon roots', yacon, own);
    expect(count.ok && count.value).toMatchObject({ n: 3, own: true });
    expect(readCount('3 carrots', yacon, own)).toMatchObject({ refusal: { code: 'count-of-another' } });
    const ways = waysOf(house);
    const dose = readDose('1 tbsp to 1 kg of yacon', ways);
    expect(dose.ok && dose.value[0]).toMatchObject({ base: 'vegetables', per: 1000 });
    const card = readRecipe(
      { styleId: 'pieces', card: '2 yacons\n500 g carrots\n2.5 % salt at the end' },
      ways
    );
    expect(card.ingredients.map((i) => i.cropId)).toEqual(['kohlrabi_1', 'carrot']);
    expect(card.problems.filter((p) => p.blocks)).toEqual([]);
    near(card.baseG ?? 0, 500 + 2 * 300 * Math.exp(Math.log(1.5) ** 2 / 2), 1e-9);
  });
  it('is weighed in, and the worksheet reckons with its water and its wider ±', () => {
    const input = { ...{ variety: '', bed: '', gross: '', tare: '', note: '', unit: 'g' }, withTops: false };
    const pick = weighedIn(
      { ...input, cropId: 'kohlrabi_1', weight: '4 roots', quality: 'sound', kept: 'room', sure: false },
      { ways: waysOf(house), today: '2026-09-12' }
    );
    expect(pick.ok && pick.value.event).toMatchObject({ data: { cropId: 'kohlrabi_1' } });
    const items = (cropId: string) => [{ id: 'a', cropId, pickedG: 1400, withTops: false, preparedG: null }];
    const own = sheet({ styleId: 'pieces', items: items('kohlrabi_1'), crops: cropsOf(house) });
    const like = sheet({ styleId: 'pieces', items: items('kohlrabi') });
    near(own.prepared.mean, like.prepared.mean, 1e-9);
    expect(own.prepared.sd).toBeGreaterThan(1.5 * like.prepared.sd);
    // Less water in the flesh wants less salt for the same end.
    expect(own.salt.naclG).toBeLessThan(like.salt.naclG);
    expect(own.items[0]!.crop.moisture).toBe(0.87);
  });
  it('goes by its likeness in styles, pieces and what is learnt', () => {
    const gherkin = crop(
      'cucumber-small_1',
      cropsOf(after({ like: 'cucumber-small', name: 'Bur gherkin' }))
    )!;
    expect(usualSaltFor(style('pieces')!, [gherkin.id])).toBe(
      usualSaltFor(style('pieces')!, ['cucumber-small'])
    );
    expect(cutFor(style('pieces')!, gherkin)).toBe(cutFor(style('pieces')!, crop('cucumber-small', [])!));
    expect(trimKey('turnip_1', false)).toBe('turnip_1');
    expect(piecesOf({ ...crop('garlic', [])!, id: 'garlic_1' }).map((p) => p.word)).toContain('head');
  });
  it('is refused without a name, with another’s, and like nothing', () => {
    expect(code(said({ name: '' }))).toBe('missing name');
    expect(code(said({ name: ' white  CABBAGE ' }))).toBe('name-taken name');
    expect(code(said({ name: 'yacon' }, house))).toBe('name-taken name');
    expect(code(said({ like: 'nope' }))).toBe('crop-unknown like');
    expect(code(said({ cropId: 'kohlrabi_7' }))).toBe('crop-unknown cropId');
    expect(code(said({ weight: 'heavy' }))).toMatch(/weight$/);
  });
  it('named again after it was dropped it comes back; a plural is the crop it is of', () => {
    const dropped = cropDropped(house, 'kohlrabi_1');
    const empty = evolveHousehold(house, dropped.ok ? dropped.value : never(), 0);
    const again = after({ name: 'yacon', water: 86 }, empty);
    expect(again.crops).toHaveLength(1);
    expect(crop('kohlrabi_1', cropsOf(again))).toMatchObject({ name: 'yacon', moisture: 0.86 });
    // Like something else it is another, and the one that is offered is meant.
    const other = after({ like: 'turnip', name: 'Yacon' }, empty);
    expect(cropNamed('yacon', cropsOf(other))?.id).toBe('turnip_1');
    expect(code(said({ name: 'Carrots' }))).toBe('name-taken name');
    expect(code(said({ like: 'kohlrabi_1' }))).toBe('crop-unknown like');
  });
  it('has no name that a dose or a card takes for something else', () => {
    for (const name of [
      'Water',
      'salt',
      'Sea salt',
      'Kosher',
      'brine',
      'Vegetables',
      'Head',
      'Cup',
      'Litre',
      'jar'
    ])
      expect(code(said({ name })), name).toBe('name-means-else name');
    for (const name of ['12', '2 kg', 'Half', 'Soup', 'Total', 'Handful', 'Fish sauce', 'Whey', 'and', '!!'])
      expect(code(said({ name })), name).toBe('name-means-else name');
    for (const name of [
      'Yard-long bean',
      'Water spinach',
      'Sea kale',
      'Salsify',
      'Oca',
      'Ñora',
      'Яблоко',
      'Cup plant'
    ])
      expect(code(said({ name })), name).toBe('');
    // What was understood before is understood alike, whatever crops there are.
    const many = after({ name: 'Water spinach' }, after({ name: 'Sea kale' }));
    const dose = readDose('50 g sea salt to 1 l of water', waysOf(many));
    expect(dose.ok && dose.value.map((r) => r.base)).toEqual(['water']);
  });
  it('dropped, it is no longer offered and keeps its name; said again it is back', () => {
    const dropped = cropDropped(house, 'kohlrabi_1');
    const gone = evolveHousehold(house, dropped.ok ? dropped.value : never(), 0);
    expect(allCrops(cropsOf(gone)).map((c) => c.name)).not.toContain('Yacon');
    expect(crop('kohlrabi_1', cropsOf(gone))?.name).toBe('Yacon');
    const back = after({ cropId: 'kohlrabi_1', name: 'Yacon', water: 88 }, gone);
    expect(allCrops(cropsOf(back)).map((c) => c.name)).toContain('Yacon');
    expect(cropDropped(house, 'carrot')).toMatchObject({ refusal: { code: 'crop-unknown' } });
  });
});

describe('a figure of the table, corrected', () => {
  const house = after({ cropId: 'carrot', like: '', name: 'Purple thing', water: 86.5 });
  it('keeps its name, its other figures and its spreads, and says whose it is', () => {
    const [now, was] = [crop('carrot', cropsOf(house))!, crop('carrot', [])!];
    expect(now).toEqual({ ...was, moisture: 0.865, source: `corrected by you; ${was.source}` });
    expect(allCrops(cropsOf(house))).toHaveLength(CROPS.length);
  });
  it('goes back to the table; and a correction of nothing is none', () => {
    const back = cropDropped(house, 'carrot');
    expect(evolveHousehold(house, back.ok ? back.value : never(), 0).crops).toEqual([]);
    expect(code(said({ cropId: 'carrot' }))).toBe('missing water');
  });
  it('every row of the table said again is that row', () => {
    for (const c of CROPS) {
      const { moisture, trim, pieceG, piece, pack, keepCold, keepRoom } = c;
      const same: CropSaid = {
        ...{ id: c.id, name: '', sugar: null, retired: false },
        ...{ moisture, trim, pieceG, piece, pack, keepCold, keepRoom }
      };
      expect({ ...asCrop(same), source: c.source }).toEqual(c);
    }
    expect(asCrop({ ...house.crops[0]!, id: 'nope' })).toBeUndefined();
  });
});

const never = (): never => {
  throw new Error('refused');
};
