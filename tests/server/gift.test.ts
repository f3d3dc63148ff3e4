import { afterEach, beforeEach, expect, it } from 'vitest';
import { giftPage } from '$lib/server/views/gift';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('settle', { name: 'Osier Bank', people: '2', units: 'metric' });
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
  await house.say('enter-standing', {
    ...{ commandId: 'k', name: 'Kraut with celery', styleId: 'shredded', cropId: 'cabbage-white', jars: 2 },
    ...{ since: '2026-08-01', placeId: 'fridge', jarId: 'clip-1000.clamped' }
  });
});
afterEach(() => house.db.destroy());

it('a jar’s card says what is in it, and once given for whom; it stands when the jar is gone', async () => {
  const before = (await giftPage(house, 'k', 'k.j1'))!;
  expect(before).toMatchObject({ to: '', from: 'Osier Bank', label: { name: 'Kraut with celery' } });
  expect(before.holds[0]).toMatch(/cabbage/i);
  expect(before.label.allergens).toContain('celery');
  expect(before.code!.dark).toHaveLength(before.code!.size ** 2);
  const given = { batchId: 'k', fillingId: 'k.j1', how: 'given', amount: 'all', reason: 'Ida' };
  expect(await house.say('portion', given)).toMatchObject({ ok: true });
  const after = (await giftPage(house, 'k', 'k.j1'))!;
  expect(after.to).toBe('Ida');
  expect(after.label.bestTill).toBe(before.label.bestTill);
  expect(after.code).not.toEqual(before.code);
});

it('what is more than a code holds has its words without one', async () => {
  const items = [...Array(40).keys()].map((i) => ({ name: `Капуста ${i} `.padEnd(70, 'ж'), preparedG: 1 }));
  const b = await house.db('current').where({ stream: 'batch:k' }).first<{ state: string }>('state');
  const state = { ...(JSON.parse(b.state) as object), items };
  await house
    .db('current')
    .where({ stream: 'batch:k' })
    .update({ state: JSON.stringify(state) });
  const card = (await giftPage(house, 'k', 'k.j1'))!;
  expect(card.code).toBeNull();
  expect(card.holds).toHaveLength(41);
});

it('of no jar there is no card', async () => {
  expect(await giftPage(house, 'k', 'k.j9')).toBeUndefined();
  expect(await giftPage(house, 'none', 'k.j1')).toBeUndefined();
});
