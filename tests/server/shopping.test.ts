import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { basketCost } from '$lib/core/pantry';
import { pantry } from '$lib/server/repos';
import { shoppingShown } from '$lib/server/views/pantry';
import { listText } from '$lib/words';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
const goods = (name: string, kind: string, more: Record<string, unknown>) =>
  house.say('count-goods', { commandId: name.toLowerCase().replace(' ', '-'), name, kind, ...more });
beforeEach(async () => {
  house = await testHouse();
  await goods('Salt', 'salt', { amount: '200 g', low: '500 g', saltKindId: 'sea-fine' });
  await goods('Strips', 'strip', { amount: '40', low: '10', useBy: '2026-08-31' });
  await goods('Vinegar', 'vinegar', { amount: '1 l', low: '250 ml' });
});
afterEach(() => house.db.destroy());
const lines = async () =>
  (await shoppingShown(house)).map((l) => `${l.name}: ${l.why}${l.inBasket ? ', in' : ''}`);
const stock = async () => Object.fromEntries((await pantry(house.db)).map((g) => [g.name, g.amount]));

describe('the shopping list', () => {
  it('holds what ran low, what is out of date, and what somebody wrote; written twice is refused', async () => {
    expect((await house.say('write-line', { commandId: 'cloth', line: 'Cheesecloth' })).ok).toBe(true);
    expect(await house.say('write-line', { line: 'cheesecloth' })).toMatchObject({ codes: ['line-there'] });
    expect(await lines()).toEqual(['Salt: low', 'Strips: old', 'Cheesecloth: written']);
    const text = listText(await shoppingShown(house), 'metric').replace(/\s/g, ' ');
    expect(text).toContain('- Salt (200 g left)');
    expect(text).toContain('good until 31 Aug 2026: too old now');
    await house.say('strike-line', { lineId: 'cloth' });
    expect(await lines()).toEqual(['Salt: low', 'Strips: old']);
  });

  it('names salt that what lies on a bench will take, beyond what there is', async () => {
    await goods('Grey salt', 'salt', { amount: '800 g', low: '0', saltKindId: 'sea-grey-damp' });
    expect(await lines()).not.toContain('Grey salt: wanted');
    const { shoppingList, NO_SHOPPING } = await import('$lib/core/pantry');
    const list = shoppingList(await pantry(house.db), NO_SHOPPING, '2026-09-12', { 'sea-grey-damp': 1100 });
    expect(list.find((l) => l.name === 'Grey salt')).toMatchObject({ why: 'wanted', lacks: 300 });
  });

  it('is ticked in the shop with its price, and at home it stands on the shelf with its new date', async () => {
    await house.say('write-line', { commandId: 'cloth', line: 'Cheesecloth' });
    for (const [lineId, price] of [
      ['salt', 2.5],
      ['strips', 6],
      ['cloth', undefined]
    ] as const)
      await house.say('tick-line', { lineId, isIn: true, price });
    await house.say('tick-line', { lineId: 'cloth', isIn: false });
    expect(await lines()).toEqual(['Salt: low, in', 'Strips: old, in', 'Cheesecloth: written']);
    expect(basketCost(await shoppingShown(house))).toBe(8.5);
    const came = { salt: { amount: '1 kg', useBy: '' }, strips: { amount: '100', useBy: '2028-05-01' } };
    const home = await house.say('bring-home', { came });
    expect(await stock()).toEqual({ Salt: 1200, Strips: 140, Vinegar: 1000 });
    expect(await lines()).toEqual(['Cheesecloth: written']);
    expect((await pantry(house.db)).find((g) => g.name === 'Strips')?.useBy).toBe('2028-05-01');
    // Taken back as one: the shelf and the list as they were.
    await house.say('undo', { of: home.ok ? home.commandId : '' });
    expect(await stock()).toEqual({ Salt: 200, Strips: 40, Vinegar: 1000 });
    expect(await lines()).toEqual(['Salt: low, in', 'Strips: old, in', 'Cheesecloth: written']);
  });

  it('refuses what is not there, and an amount that nobody can read, with nothing lost', async () => {
    expect(await house.say('tick-line', { lineId: 'none', isIn: true })).toMatchObject({
      codes: ['list-line-unknown']
    });
    expect(await house.say('bring-home', { came: {} })).toMatchObject({ codes: ['basket-empty'] });
    await house.say('tick-line', { lineId: 'salt', isIn: true });
    const came = { salt: { amount: 'a sack', useBy: '' } };
    expect((await house.say('bring-home', { came })).ok).toBe(false);
    expect(await lines()).toContain('Salt: low, in');
    expect(await stock()).toMatchObject({ Salt: 200 });
  });
});
