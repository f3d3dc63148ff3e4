import { describe, expect, it } from 'vitest';
import * as kit from '../../src/lib/core/kit';
import { NEW_HOUSEHOLD, evolveHousehold, waysOf, type Household } from '../../src/lib/core/kit';
import * as pantry from '../../src/lib/core/pantry';
import * as recipe from '../../src/lib/core/recipe';
import { changedSince, type LotOnBench } from '../../src/lib/core/lot';
import { benchChangeWords } from '../../src/lib/words';

const command = 'c1';
const house: Household = {
  ...NEW_HOUSEHOLD,
  jars: [
    {
      ...{
        id: 'us-quart-regular.airlock',
        name: 'Quart',
        geometryId: 'us-quart-regular',
        lid: 'airlock',
        owned: 3
      },
      ...{ brimMl: null, headspaceMm: null, weightMl: null, weightId: null }
    }
  ]
};
const code = (o: { ok: boolean; refusal?: { code: string; field?: string } }) =>
  o.ok ? 'done' : `${o.refusal?.code} ${o.refusal?.field}`;

describe('what the household may say of itself', () => {
  const counted = { geometryId: house.jars[0]!.geometryId, lid: 'airlock' as const };

  it('owns never fewer jars than hold something', () => {
    const said = { ...counted, owned: 1, jarId: house.jars[0]!.id };
    expect(code(kit.jarsOwned(house, said, () => 2))).toBe('jars-in-use owned');
    expect(code(kit.jarsOwned(house, said, () => 1))).toBe('done');
    expect(code(kit.jarsOwned(house, { ...counted, geometryId: 'vase', owned: 1 }, () => 0))).toBe(
      'jar-shape-unknown geometryId'
    );
  });

  it('a broken jar is one fewer, and said which where all are full', () => {
    expect(code(kit.jarBroken(house, house.jars[0]!.id, 3))).toBe('broke-which fillingId');
    expect(code(kit.jarBroken(house, 'none', 0))).toBe('jar-kind-unknown jarId');
    const broke = kit.jarBroken(house, house.jars[0]!.id, 2);
    expect(broke.ok && evolveHousehold(house, broke.value, 0).jars[0]?.owned).toBe(2);
  });

  it('a measured jar holds about what its shape holds', () => {
    const said = { jarId: house.jars[0]!.id, waterWeight: '960 g', headspace: '', weightMl: null };
    const measured = kit.jarMeasured(house, said);
    // 960 g of water at 20 °C (0.9982 g/ml, CRC Handbook) are 961.7 ml.
    expect(measured.ok && measured.value.data.brimMl).toBeCloseTo(961.7, 0);
    expect(code(kit.jarMeasured(house, { ...said, waterWeight: '100 g' }))).toBe(
      'jar-volume-strange waterWeight'
    );
    expect(code(kit.jarMeasured(house, { ...said, headspace: '30 cm' }))).toBe(
      'headspace-too-much headspace'
    );
    expect(code(kit.jarMeasured(house, { ...said, weightId: 'none' }))).toBe('weight-unknown weightId');
  });

  it('a place keeps its kind as long as jars stand there, and its name is its own', () => {
    const said = { name: 'Fridge', kind: 'counter' as const, tempC: 4, shelfLitres: null, command };
    expect(code(kit.placeSaid(house, { ...said, placeId: 'fridge' }, () => true))).toBe('place-in-use kind');
    expect(code(kit.placeSaid(house, { ...said, placeId: 'fridge' }, () => false))).toBe('done');
    expect(code(kit.placeSaid(house, { ...said, name: ' fridge' }, () => false))).toBe('name-taken name');
  });

  it('a bowl said again by its name is that bowl', () => {
    const first = kit.tareSaid(house, { name: 'Steel bowl', weight: '410 g', command });
    const now = first.ok ? evolveHousehold(house, first.value, 0) : house;
    const again = kit.tareSaid(now, { name: 'steel  bowl', weight: '420 g', command: 'c2' });
    expect(again.ok && again.value.data).toEqual({ id: command, name: 'steel  bowl', g: 420 });
  });

  it('a spoon that weighs far from the table was something else', () => {
    const said = { saltKindId: 'sea-fine', spoons: 10, unit: 'tbsp' as const };
    expect(code(kit.spoonWeighed(house, { ...said, weight: '20 g' }))).toBe('spoon-strange weight');
    expect(code(kit.spoonWeighed(house, { ...said, weight: '180 g' }))).toBe('done');
    expect(code(kit.spoonWeighed(house, { ...said, weight: '' }))).toBe('done');
  });

  it('is away forwards only', () => {
    expect(code(kit.awayPlanned({ from: '2026-07-09', to: '2026-07-02', command }))).toBe(
      'away-backwards to'
    );
    expect(code(kit.awayPlanned({ from: '2026-02-31', to: '2026-07-02', command }))).toBe('day-strange from');
    expect(code(kit.awayDropped(house, 'none'))).toBe('away-unknown awayId');
  });

  it('settles what is said, and leaves what is not', () => {
    const said = { eaters: [], eatersAsked: false, skip: false, jars: [], name: '', beds: 'North, , South' };
    const settled = kit.settled(said);
    const now = settled.ok ? settled.value.reduce((h, e) => evolveHousehold(h, e, 0), house) : house;
    expect(now).toEqual({ ...house, beds: ['North', 'South'], settled: true });
    expect(code(kit.settled({ ...said, waterId: 'wine' }))).toBe('not-a-choice waterId');
  });
});

describe('what the pantry shelf may say', () => {
  const ways = waysOf(house);
  const salt = {
    name: 'Sea salt',
    kind: 'salt' as const,
    amount: '2 kg',
    low: '',
    saltKindId: 'sea-fine',
    command
  };

  it('counts goods, and keeps the line under which they want buying', () => {
    const first = pantry.goodsCounted([], { ...salt, low: '500 g' }, ways);
    const shelf = first.ok ? pantry.evolvePantry([], first.value) : [];
    const again = pantry.goodsCounted(shelf, { ...salt, goodsId: command, amount: '1,5 kg' }, ways);
    expect(again.ok && again.value.data).toMatchObject({ id: command, amount: 1500, low: 500 });
    expect(code(pantry.goodsCounted(shelf, { ...salt, goodsId: 'none' }, ways))).toBe(
      'goods-unknown goodsId'
    );
    expect(code(pantry.goodsCounted(shelf, { ...salt, kind: 'lid', amount: 'some' }, ways))).toBe(
      'count-out-of-range amount'
    );
    const taken = (kind: string, g: number) => pantry.goodsTaken(shelf, [pantry.ofSalt(kind, g)], 'b');
    expect(taken('sea-fine', 40)).toHaveLength(1);
    expect(taken('sea-fine', 0)).toEqual([]);
    expect(taken('kosher', 40)).toEqual([]);
  });

  it('keeps brine with its strength, and takes no more than there is', () => {
    const kept = pantry.brineKept({ name: 'Rest', amount: '1 l', strengthPercent: 3 }, '2026-07-01', ways);
    const brine = kept.ok ? pantry.evolveBrine('b', undefined, kept.value) : undefined;
    expect(brine).toMatchObject({ strength: 0.03, ml: 1000, from: 'mixed', batchId: null });
    expect(code(pantry.brineTaken(brine!, '2 l', ways))).toBe('more-brine-than-there amount');
    const all = pantry.brineTaken(brine!, '', ways);
    expect(all.ok && all.value.data.ml).toBe(1000);
  });
});

describe('what a recipe may become', () => {
  const text = {
    name: 'Kraut',
    styleId: 'shredded',
    card: '1 kg white cabbage\n3 g caraway per kg',
    notes: ''
  };
  const r = recipe.asShipped('r', text);

  it('changes into something else only', () => {
    const why = { what: 'less', why: 'strong' };
    expect(code(recipe.recipeChanged(r, { ...text, ...why }, '2026-07-01'))).toBe('recipe-unchanged card');
    const long = { ...text, ...why, card: 'salt\n'.repeat(61) };
    expect(code(recipe.recipeChanged(r, long, '2026-07-01'))).toBe('card-too-long card');
    expect(code(recipe.recipeWritten({ ...text, styleId: 'jam' }, '2026-07-01'))).toBe(
      'style-unknown styleId'
    );
  });

  it('grants a wish about a line that is there', () => {
    const wish = {
      id: 'w',
      day: '2026-07-01',
      said: '3 g caraway per kg',
      by: 'more',
      why: '',
      batchId: null
    } as const;
    expect(code(recipe.wished(r, { ...wish, said: 'dill' }))).toBe('line-unknown said');
    const asked = recipe.wished(r, wish);
    const now = asked.ok ? recipe.evolveRecipe('r', r, asked.value) : undefined;
    const taken = recipe.wishSettled(now!, 'w', 'take', '2026-07-02');
    const then = taken.ok ? recipe.evolveRecipe('r', now, taken.value) : undefined;
    expect(then).toMatchObject({ version: 2, wishes: [], card: '1 kg white cabbage\n3.75 g caraway per kg' });
    expect(code(recipe.wishSettled(then!, 'w', 'take', '2026-07-02'))).toBe('recipe-unknown wishId');
  });
});

it('another hand on the bench is told pick by pick', () => {
  const lot = (id: string, cropId: string, said: string | null) =>
    ({ id, cropId, prepared: said === null ? null : { said, g: 1 } }) as LotOnBench;
  const bench = [lot('a', 'kohlrabi', '2 kg'), lot('b', 'carrot', null), lot('c', 'beet', '1 kg')];
  expect(changedSince({ a: '2 kg', b: '', c: '1 kg' }, bench)).toEqual([]);
  const changes = changedSince({ a: '3 kg', b: '1 kg', gone: '' }, bench);
  expect(changes.map((c) => c.what)).toEqual(['weighs', 'unweighed', 'came', 'went']);
  expect(benchChangeWords(changes, [])).toMatch(/^Kohlrabi weighs 2 kg, .*, a pick was put back$/);
});
