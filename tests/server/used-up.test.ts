import { afterEach, beforeEach, expect, it } from 'vitest';
import { goodsTaken, type Goods } from '$lib/core/pantry';
import { pantry } from '$lib/server/repos';
import { testHouse, type TestHouse } from '../support/house';
import { near } from '../support/vectors';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await must('own-jars', { geometryId: 'clip-1000', lid: 'airlock', owned: 2 });
  await must('own-jars', { geometryId: 'bottle-250', lid: 'loose', owned: 6 });
  const goods = {
    salt: { name: 'Salt', kind: 'salt', amount: '1 kg', saltKindId: 'sea-fine' },
    sugar: { name: 'Sugar', kind: 'sugar', amount: '500 g' },
    labels: { name: 'Labels', kind: 'label', amount: '40' },
    strips: { name: 'Strips', kind: 'strip', amount: '3' },
    vinegar: { name: 'Vinegar', kind: 'vinegar', amount: '500 ml' },
    lids: { name: 'Lids', kind: 'lid', amount: '10' }
  };
  for (const [commandId, said] of Object.entries(goods)) await must('count-goods', { commandId, ...said });
  await must('weigh-in', { commandId: 'chillies', cropId: 'pepper-cayenne', weight: '1200 g' });
  await must('take-to-bench', { lotId: 'chillies', weight: '' });
  await must('weigh-prepared', { lotId: 'chillies', weight: '800 g' });
  const choice = { saltKindId: 'sea-fine', placeId: 'counter', opens: true, fraction: 0.028 };
  await must('start-batch', { commandId: 'sauce', name: 'Red', styleId: 'pepper-sauce', ...choice });
});
afterEach(() => house.db.destroy());

async function must(...said: Parameters<TestHouse['say']>): Promise<void> {
  const done = await house.say(...said);
  if (!done.ok) throw new Error(`${said[0]}: ${done.codes.join()}`);
}
const there = async (id: string) => (await pantry(house.db)).find((g) => g.id === id)!.amount;

it('a start takes its salt and a label a jar; a pH its strip, and comes back with it', async () => {
  expect(await there('salt')).toBeLessThan(1000);
  const labels = await there('labels');
  expect(labels).toBeLessThan(40);
  await must('ph', { commandId: 'p', batchId: 'sauce', fillingIds: 'sauce.j1', pH: 4.2 });
  expect(await there('strips')).toBe(2);
  await must('undo', { of: 'p' });
  expect(await there('strips')).toBe(3);
  await must('ph', { batchId: 'sauce', fillingIds: 'sauce.j1', pH: 4.2, by: 'meter' });
  expect(await there('strips')).toBe(3);
  // More than there are: the shelf is empty, and the pH stands all the same.
  for (const pH of [4.1, 4, 3.9, 3.8])
    await must('ph', { batchId: 'sauce', fillingIds: 'sauce.j1', pH, by: 'strip' });
  expect(await there('strips')).toBe(0);
});

it('a sauce takes its vinegar, its sugar and a label a bottle', async () => {
  const labels = await there('labels');
  house.at('2026-10-02', 9);
  await must('finish', { batchId: 'sauce', fillingIds: 'sauce.j1' });
  await must('finish', { batchId: 'sauce', object: 'sauce.j1-weight', isOut: true });
  await must('finish', { batchId: 'sauce', sweet: '20 g' });
  await must('sour-sauce', {
    ...{ batchId: 'sauce', fillingIds: 'sauce.j1', sauce: '800 g', pH: 4.2, wanted: 3.7 },
    ...{ vinegarMl: 40, citricG: 0 }
  });
  near(await there('vinegar'), 460, 1e-9);
  near(await there('sugar'), 500, 1e-9);
  await must('bottle', { batchId: 'sauce', counts: { 'bottle-250.loose': 3 }, placeId: 'fridge', pH: 3.7 });
  near(await there('sugar'), 480, 1e-9);
  expect(await there('labels')).toBe(labels - 3);
});

it('takes of what ends first, of its own name only, and no more than stands there', () => {
  const goods = (id: string, over: Partial<Goods> = {}): Goods => ({
    ...{ id, name: id, kind: 'spice', unit: 'g', amount: 10, low: 0, saltKindId: null },
    ...over
  });
  const shelf = [
    goods('Caraway'),
    goods('old', { name: 'caraway, whole', useBy: '2026-12-01' }),
    goods('Dill')
  ];
  const taken = goodsTaken(shelf, [{ kind: 'spice', name: 'caraway', amount: 25 }], 'b');
  expect(taken.map((e) => e.data)).toEqual([
    { id: 'old', amount: 10, batchId: 'b' },
    { id: 'Caraway', amount: 10, batchId: 'b' }
  ]);
  expect(goodsTaken(shelf, [{ kind: 'lid', amount: 2 }], 'b')).toEqual([]);
});
