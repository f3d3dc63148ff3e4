import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { as } from '$lib/core/quantity';
import {
  allergenOf,
  allergensOf,
  evolveRecipe,
  granted,
  heatOf,
  readCard,
  scaleRecipe,
  sharesOf,
  STARTING_RECIPES,
  substituted,
  substitutesFor,
  tidyMeasure,
  type Recipe,
  type RecipeEvent,
  type Scaled
} from '$lib/core/recipe';
import { crop, CROPS, meanPiece } from '$lib/core/produce';
import { cropNamed, saltyNamed } from '$lib/core/reading';
import { equilibriumSalinity, saltKind } from '$lib/core/salt';
import { style, STYLES } from '$lib/core/style';
import { bench, sheet } from '../support/builders';
import { near, vector } from '../support/vectors';

const context = { system: 'US' as const, kind: saltKind('pickling')!, crops: [], salting: null };
const read = (...lines: string[]) => readCard(lines.join('\n'), context);
const scaled = (card: ReturnType<typeof read>, vegG: number, jars = 1, roomMl = 1000): Scaled => {
  const r = scaleRecipe(card, { vegG, jars, roomMl });
  if (!r.ok) throw new Error(`${r.refusal.code} ${JSON.stringify(card.problems)}`);
  return r.value;
};
const line = (s: Scaled, name: string) => s.lines.find((l) => l.of.name.includes(name))!;

describe('a card in its own words', () => {
  it.each([
    [
      '2 kg white cabbage',
      { amount: 2000, unit: 'g', scales: 'recipe', cropId: 'cabbage-white', produce: true }
    ],
    ['2 lb 3 oz carrots', { unit: 'g', cropId: 'carrot', produce: true }],
    ['2–3 cloves garlic a jar', { name: 'garlic', amount: 2.5, unit: 'clove', scales: 'jar' }],
    ['1 to 2 tsp caraway per kg', { name: 'caraway', amount: 1.5, unit: 'tsp', scales: 'kg' }],
    ['5 lb. green cabbage', { name: 'green cabbage', amount: 2267.96185, unit: 'g', produce: true }],
    ['1 tbsp. juniper berries', { name: 'juniper berries', amount: 1, unit: 'tbsp' }],
    ['1 (2 lb) cabbage', { name: 'cabbage', amount: 907.18474, unit: 'g', produce: true }],
    ['2 heads of cabbage, about 4 kg', { name: 'cabbage', amount: 4000, unit: 'g', produce: true }],
    ['1 cabbage (about 2 kg)', { name: 'cabbage', amount: 2000, unit: 'g', produce: true }],
    ['fish sauce 30 ml', { name: 'fish sauce', amount: 30, unit: 'ml', saltyId: 'fish-sauce' }],
    ['3 cloves garlic (about 15 g)', { name: 'garlic', amount: 15, unit: 'g' }],
    ['apple, as you like', { name: 'apple', amount: null, scales: 'free' }],
    ['anise', { name: 'anise', amount: null }],
    ['sixteen peppercorns', { name: 'peppercorns', amount: 16 }],
    ['sixtyfold mix', { name: 'sixtyfold mix', amount: null }],
    ['an apple', { name: 'apple', amount: 1 }],
    ['caraway 3 g', { name: 'caraway', amount: 3, unit: 'g' }],
    ['chilli flakes or paprika 2 tsp', { name: 'chilli flakes', amount: 2, unit: 'tsp' }],
    ['20 % carrot', { amount: 0.2, scales: 'share', produce: true }],
    ['3 heads white cabbage', { amount: 3, unit: 'head', scales: 'recipe', produce: true }],
    ['4 sweet peppers', { amount: 4, unit: '', cropId: 'pepper-bell-ripe', produce: true }],
    ['3 g caraway per kg', { amount: 3, unit: 'g', scales: 'kg', name: 'caraway' }],
    ['3 g/kg caraway', { scales: 'kg', name: 'caraway', amount: 3 }],
    ['30 g per kg fish sauce', { scales: 'kg', saltyId: 'fish-sauce', amount: 30 }],
    ['1 leaf a jar, on top', { scales: 'jar', amount: 1 }],
    ['1 oz garlic per lb', { scales: 'kg', produce: false, cropId: 'garlic' }],
    ['0.5 % caraway', { amount: 5, unit: 'g', scales: 'kg' }],
    ['1 bay leaf a jar', { amount: 1, scales: 'jar', name: 'bay leaf' }],
    [
      '2 cloves of garlic per jar',
      { amount: 2, unit: 'clove', scales: 'jar', name: 'garlic', produce: false }
    ],
    ['3 heads dill a gallon', { amount: 3, unit: 'head', scales: 'room', perMl: 3785.411784 }],
    ['caraway: 6 g', { amount: 6, name: 'caraway', scales: 'recipe' }],
    [
      'oak leaf or cherry leaf, 1 a jar',
      { amount: 1, name: 'oak leaf', instead: ['cherry leaf'], scales: 'jar' }
    ],
    ['1 ½ tsp mustard seed', { amount: 1.5, unit: 'tsp', allergen: 'mustard' }],
    ['15 ml fish sauce per kg', { amount: 15, unit: 'ml', saltyId: 'fish-sauce', allergen: 'fish' }],
    ['chilli, as you like', { scales: 'free', amount: null, heat: 3 }],
    ['2 g cumin per kg (optional)', { optional: true, amount: 2 }],
    ['some dill', { amount: null, scales: 'recipe' }],
    ['a pinch of sugar', { amount: null }]
  ] as [string, object][])('%s', (said, wanted) => {
    expect(read(said).ingredients[0]).toMatchObject(wanted);
  });
  it('names crops as people do, and not what is made of them', () => {
    expect(cropNamed('Cabbages', [])?.id).toBe('cabbage-white');
    expect(cropNamed('napa', [])?.id).toBe('cabbage-napa');
    expect(cropNamed('jalapeños', [])?.id).toBe('pepper-jalapeno');
    expect(cropNamed('ripe tomatoes', [])?.id).toBe('tomato-ripe');
    for (const no of ['celery seed', 'celery salt', 'horseradish leaf', 'garlic powder', 'caraway'])
      expect(cropNamed(no, []), no).toBeUndefined();
    for (const c of CROPS) expect(cropNamed(c.name, [])?.id, c.name).toBe(c.id);
    expect(allergensOf(['celery', 'carrot', 'mustard seed', 'celeriac'])).toEqual(['celery', 'mustard']);
    expect([saltyNamed('olives')?.id, saltyNamed('olive oil')]).toEqual(['olives', undefined]);
    expect([allergenOf('sesame oil'), allergenOf('juniper'), heatOf('Habanero', [])]).toEqual([
      'sesame',
      '',
      5
    ]);
  });
  it('says what is missing, what contradicts itself, and lets what is marked free pass', () => {
    const codes = (...lines: string[]) => read(...lines).problems.map((p) => p.code);
    expect(codes('2 kg cabbage', '2.2 % salt of the vegetables')).toEqual([]);
    expect(codes('2 kg cabbage', '2.2 % salt')).toEqual(['salt-unclear']);
    expect(codes('2 kg cabbage')).toEqual(['no-salt']);
    expect(codes('2 kg cabbage', 'salt')).toEqual(['figure-missing']);
    expect(codes('2 % salt of the vegetables')).toEqual(['no-produce']);
    expect(codes('2 kg cabbage', '2 % salt of the vegetables', '40 g salt')).toEqual(['salt-twice']);
    expect(codes('80 % cabbage', '30 % carrot', '2 % salt at the end')).toEqual(['shares-over']);
    expect(codes('80 % cabbage', '10 % carrot', '2 % salt at the end')).toEqual(['shares-over']);
    expect(codes('2 kg cabbage', '10 % carrot', '2 % salt at the end')).toEqual([]);
    expect(codes('2 kg cabbage', '2 % salt at the end', 'some dill')).toEqual(['figure-missing']);
    expect(codes('2 kg cabbage', '2 % salt at the end', 'dill, as you like')).toEqual([]);
    expect(codes('2 cups cabbage', '2 % salt at the end')).toEqual(['line-unclear']);
    // Kosher may be dense or light, and a mug is of any size.
    expect(codes('5 lb cabbage', '3 tbsp kosher salt')).toEqual(['salt-measure-unclear']);
    expect(codes('5 lb cabbage', '3 tbsp dense kosher salt')).toEqual([]);
    // What was weighed holds where the spoons agree within their own ±; a figure far from them is asked.
    expect(read('2.5 kg cabbage', '3 tbsp salt (56 g)').salt?.readings.map((x) => x.saltG)).toEqual([56]);
    expect(codes('2.5 kg cabbage', '3 tbsp salt (80 g)')).toEqual(['salt-measure-unclear']);
    expect(codes('2 kg gherkins', '3 tsp salt to a mug of water')).toEqual(['salt-measure-unclear']);
    expect(codes('5 lb cabbage', '2-3 tbsp salt')).toEqual([]);
    expect(codes('5 lb. cabbage', '3 tablespoons canning or pickling salt')).toEqual([]);
    expect(codes('2 kg cabbage', '2 % salt at the end', '2 tbsp a quart')).toEqual(['name-missing']);
    expect(codes('2 kg cabbage', '2 % salt at the end', 'oak leaf, 1 a jar', '1 clove')).toEqual([]);
  });
  it('never breaks on what people write', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 40 }), { maxLength: 8 }), (lines) => {
        const card = read(...lines);
        for (const i of card.ingredients) expect(i.amount === null || Number.isFinite(i.amount)).toBe(true);
        const s = scaleRecipe(card, { vegG: 1000, jars: 1, roomMl: 1000 });
        if (card.problems.some((p) => p.blocks)) expect(s.ok).toBe(false);
      })
    );
  });
});

describe('shares of the vegetables', () => {
  it('pieces count with their mean weight beside what is weighed', () => {
    const of = (...lines: string[]) =>
      Object.fromEntries([...sharesOf(read(...lines, '2 % salt at the end'))].map(([i, n]) => [i.cropId, n]));
    const carrots = 4 * meanPiece(crop('carrot', [])!);
    near(of('2 kg white cabbage', '4 carrots').carrot, carrots / (2000 + carrots), 1e-9);
    near(of('80 % white cabbage', '20 % carrot').carrot, 0.2, 1e-9);
  });
});

describe('scaling, against computed check values', () => {
  const v41 = vector('V41');
  it(v41.name, () => {
    const card = read(
      '1 kg cabbage',
      `${v41.in.cups} cups dill`,
      `${v41.in.tbsp} tbsp mustard seed`,
      `${v41.in.bayLeavesPerJar} bay leaf a jar`,
      '2 % salt at the end'
    );
    const s = scaled(card, 1000 * v41.in.factor, v41.in.jars);
    near(line(s, 'mustard').amount!, v41.out.tbsp, v41.tol);
    near(line(s, 'dill').amount!, v41.out.cups, v41.tol);
    near(line(s, 'bay').amount!, v41.out.bayLeaves, v41.tol);
    expect(`6 tbsp = ${tidyMeasure(v41.out.tbsp, 'tbsp', 'US')}`).toBe(v41.out.fraction);
  });
  const v42 = vector('V42');
  it(v42.name, () => {
    const card = read(
      `${v42.in.recipeVegG} g cabbage`,
      `${v42.in.saltG} g salt`,
      `${v42.in.carawayG} g caraway`
    );
    const s = scaled(card, v42.in.actualVegG);
    near(s.factor!, v42.out.factor, v42.tol);
    near(line(s, 'caraway').g!, v42.out.carawayG, v42.tol);
    // As weighed: pure salt over the purity of the kind.
    near((s.salt!.fraction * v42.in.actualVegG) / context.kind.purity, v42.out.saltG, v42.tol);
    expect(s.salt!.way).toBe('perVegetables');
  });
  const v43 = vector('V43');
  it(v43.name, () => {
    const card = read('4 lb gherkins', `${v43.in.headsPerGallon} heads dill a gallon`, '3 % salt at the end');
    const halfGallon = 3785.411784 / 2;
    const s = scaled(card, 5000, v43.in.halfGallons, v43.in.halfGallons * halfGallon);
    near(line(s, 'dill').amount!, v43.out.heads, v43.tol);
    expect(s.notes).toContain('whole-pieces');
  });
  it('shares add up, with grams for the rest', () => {
    const s = scaled(read('2 kg cabbage', '10 % carrot', '2 % salt at the end'), 1000);
    near(line(s, 'cabbage').g!, 900, 1e-9);
    near(line(s, 'carrot').g!, 100, 1e-9);
  });
  it('says what no longer scales', () => {
    const card = read('1 kg cabbage', '2 % salt at the end', '3 g caraway');
    expect(scaled(card, 6000).notes).toContain('spice-far');
    expect(scaled(card, 18_000).notes).toContain('crock-warm');
    expect(scaled(read('1 kg cabbage', '2 % salt at the end', '1 bay leaf a jar'), 1000, 0).notes).toContain(
      'jars-unknown'
    );
  });
  it('refuses a card with a figure missing, and nothing at all', () => {
    const r = scaleRecipe(read('2 kg cabbage', 'dill', '2 % salt at the end'), {
      vegG: 900,
      jars: 1,
      roomMl: 1
    });
    expect(r).toMatchObject({ refusal: { code: 'recipe-figure-missing', values: { said: 'dill' } } });
    const none = scaleRecipe(read('2 kg cabbage', '2 % salt at the end'), { vegG: 0, jars: 0, roomMl: 0 });
    expect(none.ok).toBe(false);
  });
  it('up and down again comes back, exactly in salt', () => {
    const card = read('1400 g cabbage', '350 g carrot', '37 g salt', '5 g caraway', '2 g dill per kg');
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 12, noNaN: true }), (k) => {
        const there = scaled(card, 1750 * k);
        for (const l of there.lines) near((l.g ?? 0) / k, line(scaled(card, 1750), l.of.name).g ?? 0, 1e-9);
        near(there.salt!.fraction, scaled(card, 1750).salt!.fraction, 1e-12);
      })
    );
  });
  it('spoons in the measure a hand would take', () => {
    expect(tidyMeasure(3, 'tsp', 'US')).toBe('1 tbsp');
    expect(tidyMeasure(1.5, 'tsp', 'metric')).toBe('1½ tsp');
    expect(tidyMeasure(16, 'tbsp', 'US')).toBe('1 cup');
    expect(tidyMeasure(2.33, 'clove', 'US')).toBe('2.3 clove');
  });
});

describe('recalled guide recipes, made as recipes', () => {
  it('Guide 6 kraut, 3 tbsp to 5 lb of shreds (V78), recalled from memory', () => {
    const v = vector('V78');
    const s = scaled(read('5 lb white cabbage', 'salt: 3 tbsp to 5 lb'), v.in.vegG);
    near(s.salt!.fraction, v.out.perVegetables, 0.005);
    const naclG = s.salt!.fraction * v.in.vegG;
    near(
      equilibriumSalinity({ naclG, waterG: 0, vegG: v.in.vegG, vegWaterG: v.in.vegWaterG }),
      v.out.equilibrium,
      0.005
    );
    // Inside the usual range of kraut.
    expect(v.out.equilibrium).toBeLessThanOrEqual(style('shredded')!.salt.to + 1e-9);
  });
  it('Guide 6 fermented dills, half a cup of salt in 8 cups of water over 4 lb (V82), recalled from memory', () => {
    const v = vector('V82');
    const card = read('4 lb gherkins', 'salt: 1/2 cup to 8 cups of water', '3 heads dill a gallon');
    expect(card.problems).toEqual([]);
    const s = scaled(card, v.in.vegG, 1, 3785);
    expect(s.salt!.way).toBe('perWater');
    // A quarter cup of vinegar dilutes it by a thirtieth.
    near(s.salt!.fraction, v.out.perWater, 0.04);
    const waterG = v.in.waterG;
    near(
      equilibriumSalinity({
        naclG: v.out.perWater * waterG,
        waterG,
        vegG: v.in.vegG,
        vegWaterG: v.in.vegWaterG
      }),
      v.out.equilibrium,
      0.002
    );
  });
});

describe('the starting set', () => {
  it('covers every style, with nothing missing', () => {
    expect(new Set(STARTING_RECIPES.map(([, r]) => r.styleId))).toEqual(new Set(STYLES.map((s) => s.id)));
    for (const [id, r] of STARTING_RECIPES) {
      expect(read(r.card).problems, id).toEqual([]);
      near(
        [...sharesOf(read(r.card)).values()].reduce((a, b) => a + b, 0),
        1,
        1e-9
      );
    }
  });
  it.each(STARTING_RECIPES.map(([id, r]) => [id, r] as const))(
    '%s lies in the salt range of its style and fits its jars, half a jar or a bucket',
    (_, r) => {
      const s = style(r.styleId)!;
      for (const vegG of [400, 2000, 4000]) {
        const made = scaled(read(r.card), vegG, 4);
        const items = made.lines
          .filter((l) => l.of.produce)
          .map((l, i) => ({
            id: String(i),
            cropId: l.of.cropId!,
            pickedG: l.g! * 1.3,
            withTops: false,
            preparedG: l.g!
          }));
        const rinsed =
          s.salting === 'rinsed' ? { rinsed: { afterG: vegG * 0.82, reading: { salinity: 0.014 } } } : {};
        const jars = bench().jars.map((j) => ({ ...j, free: 12 }));
        const w = sheet({ styleId: r.styleId, items, jars, ...made.salt!, ...rinsed });
        expect(w.leftG).toBeLessThan(1);
        expect(w.ends.equilibrium).toBeGreaterThanOrEqual(s.salt.from - 1e-9);
        expect(w.ends.equilibrium).toBeLessThanOrEqual(s.salt.to + 1e-9);
      }
    }
  );
});

describe('a recipe over time', () => {
  const text = {
    name: 'Kraut',
    styleId: 'shredded',
    card: '2 kg cabbage\n2 % salt at the end\n3 g caraway per kg',
    notes: ''
  };
  const after = (...events: RecipeEvent[]): Recipe =>
    events.reduce<Recipe | undefined>((s, e) => evolveRecipe('k', s, e), undefined)!;
  const written: RecipeEvent = { type: 'written', data: { ...text, day: '2026-09-01', from: 'own' } };
  const wish = {
    id: 'w',
    day: '2026-09-20',
    said: '3 g caraway per kg',
    by: 'more' as const,
    why: 'too little',
    batchId: 'b'
  };
  it('keeps its versions with what changed and why; a wish waits until it is granted or dropped', () => {
    const wished = after(written, { type: 'wished', data: wish });
    expect(wished.wishes).toHaveLength(1);
    const card = granted(wished.card, wish)!;
    expect(card).toContain('3.75 g caraway per kg');
    const changed = after(
      written,
      { type: 'wished', data: wish },
      {
        type: 'changed',
        data: { ...text, card, day: '2026-10-01', what: 'more caraway', why: 'too little', wishId: 'w' }
      }
    );
    expect([changed.version, changed.wishes, changed.history.map((h) => h.version)]).toEqual([2, [], [1, 2]]);
    expect(changed.history[0]!.card).toBe(text.card);
    expect(
      after(written, { type: 'wished', data: wish }, { type: 'wishDropped', data: { id: 'w' } }).wishes
    ).toEqual([]);
    expect(after(written, { type: 'retired', data: { back: false } }).retired).toBe(true);
  });
  it('salt moves by a twelfth, and a line that is gone grants nothing', () => {
    expect(granted(text.card, { said: '2 % salt at the end', by: 'less' })).toContain('1.85 % salt');
    expect(granted(text.card, { said: '9 g dill', by: 'more' })).toBeUndefined();
    expect(granted('dill', { said: 'dill', by: 'more' })).toBeUndefined();
  });
  it('a figure is moved as it is written: mixed numbers, fractions, both ends of a range', () => {
    const more = (said: string) => granted(said, { said, by: 'more' });
    expect(more('1½ tsp dill seed per kg')).toBe('1.88 tsp dill seed per kg');
    expect(more('1 1/2 tsp dill seed')).toBe('1.88 tsp dill seed');
    expect(more('¾ tsp caraway')).toBe('0.94 tsp caraway');
    expect(more('2–3 cloves garlic a jar')).toBe('2.5–3.75 cloves garlic a jar');
    expect(more('a handful of dill')).toBeUndefined();
  });
  it('a substitute takes its place on the card, by as much as it is stronger; every one of the starting set', () => {
    const card = '2 kg leaf cabbage\n60 ml fish sauce per kg\nOak leaf, 1 a jar';
    const kind = saltKind('sea-fine')!;
    const { ingredients } = readCard(card, { system: 'metric', kind, crops: [], salting: null });
    const [soy] = substitutesFor('fish sauce');
    expect(substituted(card, ingredients[1]!, soy!)).toBe(card.replace('60 ml fish', '84 ml soy'));
    expect(substituted(card, ingredients[2]!, { name: 'cherry leaf', factor: 1 })).toContain(
      'cherry leaf, 1 a jar'
    );
    expect(substituted(card, { line: 1, name: 'miso' }, soy!)).toBeUndefined();
    expect(substituted('some fish sauce', { line: 0, name: 'fish sauce' }, soy!)).toBeUndefined();
    for (const [, recipe] of STARTING_RECIPES) {
      const read = readCard(recipe.card, { system: 'metric', kind, crops: [], salting: null });
      for (const i of read.ingredients)
        for (const s of substitutesFor(i.name)) {
          const swapped = substituted(recipe.card, i, s);
          if (swapped === undefined) continue;
          const again = readCard(swapped, { system: 'metric', kind, crops: [], salting: null });
          expect(again.ingredients).toHaveLength(read.ingredients.length);
          const now = again.ingredients.find((x) => x.line === i.line);
          expect(now?.name, swapped).toContain(s.name);
          if (i.produce) expect(now?.produce, swapped).toBe(true);
        }
    }
  });
  it('substitutes have their reason; fish sauce for soy is as much salt', () => {
    expect(substitutesFor('oak leaf')[0]).toMatchObject({ name: 'grape leaf', factor: 1 });
    for (const name of ['oak leaf', 'fish sauce', 'leaf cabbage', 'dill', 'cayenne'])
      for (const s of substitutesFor(name)) expect(s.reason.length).toBeGreaterThan(5);
    const soy = substitutesFor('fish sauce').find((s) => s.name === 'soy sauce')!;
    near(soy.factor * 0.143, 0.1996, 0.01);
    expect(substitutesFor('juniper').length + substitutesFor('sugar').length).toBe(1);
    expect(as.perWater(0.1)).toBe(0.1);
  });
});
