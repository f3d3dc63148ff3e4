import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readRecipe, STARTING_RECIPES } from '$lib/core/recipe';
import { allRecipes, batches, household, recipeOf, rebuildAll } from '$lib/server/repos';
import { waysOf } from '$lib/core/kit';
import { testHouse, ZONE, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
});
afterEach(() => house.db.destroy());

const text = {
  name: 'Lane kraut',
  styleId: 'shredded',
  card: '2 kg white cabbage\n2.2 % salt of the vegetables\n4 g caraway per kg',
  notes: ''
};
const id = (r: { ok: boolean; value?: unknown }) => (r.value as { recipeId: string }).recipeId;

describe('recipes of the household', () => {
  it('are written, changed with what and why, and keep every version', async () => {
    const recipeId = id(await house.say('write-recipe', text));
    const changed = await house.say('change-recipe', {
      ...text,
      recipeId,
      card: text.card.replace('4 g', '5 g'),
      what: 'more caraway',
      why: 'hardly there'
    });
    expect(changed).toMatchObject({ ok: true, value: { version: 2 } });
    const r = (await recipeOf(house.db, recipeId))!;
    expect(r.history.map((v) => [v.version, v.what])).toEqual([
      [1, ''],
      [2, 'more caraway']
    ]);
    expect(await house.say('change-recipe', { ...r, recipeId, what: 'nothing' })).toMatchObject({
      codes: ['recipe-unchanged']
    });
    if (changed.ok) await house.say('undo', { of: changed.commandId });
    expect((await recipeOf(house.db, recipeId))!.version).toBe(1);
  });
  it('the starting set is there from the first day, and becomes one’s own by being changed', async () => {
    expect(await allRecipes(house.db)).toHaveLength(STARTING_RECIPES.length);
    const plain = (await recipeOf(house.db, 'plain-kraut'))!;
    expect(plain.from).toBe('starting set');
    await house.say('change-recipe', {
      name: plain.name,
      styleId: plain.styleId,
      notes: '',
      recipeId: plain.id,
      card: `${plain.card}\n3 g dill seed per kg`,
      what: 'with dill'
    });
    const own = (await recipeOf(house.db, 'plain-kraut'))!;
    expect([own.from, own.version, own.history[0]!.card]).toEqual(['own', 2, plain.card]);
    expect(await allRecipes(house.db)).toHaveLength(STARTING_RECIPES.length);
  });
  it('a wish is taken as the next version, or left', async () => {
    const said = '4 g caraway per kg';
    const recipeId = id(await house.say('write-recipe', text));
    const wish = await house.say('wish-next', { recipeId, said, by: 'more', why: 'hardly there' });
    const other = await house.say('wish-next', { recipeId, said: '2 kg white cabbage', by: 'less' });
    expect(await house.say('wish-next', { recipeId, said: 'garlic', by: 'less' })).toMatchObject({
      codes: ['line-unknown']
    });
    if (!wish.ok || !other.ok) throw new Error();
    await house.say('settle-wish', { recipeId, wishId: wish.commandId, how: 'take' });
    await house.say('settle-wish', { recipeId, wishId: other.commandId, how: 'leave' });
    const r = (await recipeOf(house.db, recipeId))!;
    expect([r.version, r.wishes, r.history[1]!.why]).toEqual([2, [], 'hardly there']);
    expect(r.card).toContain('5 g caraway per kg');
    expect(await house.say('settle-wish', { recipeId, wishId: wish.commandId, how: 'take' })).toMatchObject({
      ok: false
    });
  });
  it('put away it is no longer offered, but its batches keep it; and it comes back', async () => {
    const recipeId = id(await house.say('write-recipe', text));
    await house.say('retire-recipe', { recipeId });
    expect((await allRecipes(house.db)).some((r) => r.id === recipeId)).toBe(false);
    expect((await recipeOf(house.db, recipeId))!.retired).toBe(true);
    await house.say('retire-recipe', { recipeId, back: 'yes' });
    expect((await allRecipes(house.db)).some((r) => r.id === recipeId)).toBe(true);
  });
  it('a batch knows the version it was made from, whatever becomes of the recipe', async () => {
    const recipeId = id(await house.say('write-recipe', text));
    await house.say('weigh-in', { commandId: 'lot', cropId: 'cabbage-white', weight: '3 kg' });
    await house.say('take-to-bench', { lotId: 'lot', weight: '' });
    await house.say('weigh-prepared', { lotId: 'lot', weight: '2.3 kg' });
    const start = {
      styleId: 'shredded',
      way: 'perVegetables',
      fraction: 0.022,
      saltKindId: 'sea-fine',
      placeId: 'counter',
      opens: true,
      name: 'Kraut'
    };
    expect(await house.say('start-batch', { ...start, recipeId: 'none' })).toMatchObject({
      codes: ['recipe-unknown']
    });
    const s = await house.say('start-batch', { ...start, recipeId });
    if (!s.ok) throw new Error(s.codes.join());
    await house.say('change-recipe', { ...text, recipeId, name: 'Another name', what: 'the name' });
    await rebuildAll(house.db, ZONE);
    const b = (await batches.load(house.db, s.commandId))!.state;
    expect(b.recipe).toEqual({ id: recipeId, version: 1, name: 'Lane kraut' });
    expect((await recipeOf(house.db, recipeId))!.version).toBe(2);
  });
  it('a card is read with the household’s own spoons and salt', async () => {
    const r = (await recipeOf(house.db, 'plain-kraut'))!;
    const card = readRecipe(
      { ...r, card: '1 kg cabbage\nsalt: 1 tbsp to 1 kg' },
      waysOf(await household(house.db))
    );
    expect(card.problems).toEqual([]);
    expect(card.salt!.readings[0]!.saltG).toBeGreaterThan(10);
  });
});
