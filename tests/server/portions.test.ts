import { afterEach, beforeEach, expect, it } from 'vitest';
import { massOf } from '$lib/core/contents';
import { household } from '$lib/server/repos';
import { batchGrams } from '$lib/server/views/grams';
import { pickGrams } from '$lib/server/views/pick';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.db.destroy());
const must = async (...said: Parameters<TestHouse['say']>) => {
  const done = await house.say(...said);
  if (!done.ok) throw new Error(`${said[0]}: ${done.codes.join()}`);
};

it('a portion has the household’s own name; said again it is weighed again, and 0 g of it is none', async () => {
  const portions = async () => (await household(house.db)).portions.map((p) => [p.name, p.g]);
  await must('set-portion', { name: 'A bowl', weight: '150 g' });
  await must('set-portion', { name: 'For four', weight: '0.5 kg' });
  await must('set-portion', { name: 'a bowl', weight: '180 g' });
  expect(await portions()).toEqual([
    ['a bowl', 180],
    ['For four', 500]
  ]);
  await must('set-portion', { name: 'A bowl', weight: '0 g' });
  expect(await portions()).toEqual([['For four', 500]]);
  expect((await house.say('set-portion', { name: 'A bowl', weight: 'some' })).ok).toBe(false);
});

it('a pick has its page: what went where adds up to what was weighed in, and agrees with its batch', async () => {
  await must('own-jars', { geometryId: 'clip-1500', lid: 'clamped', owned: 2 });
  await must('weigh-in', { commandId: 'pick', cropId: 'kohlrabi', weight: '2 kg' });
  await must('end-pick', { lotId: 'pick', how: 'eaten fresh', weight: '300 g' });
  await must('take-to-bench', { lotId: 'pick', weight: '1100 g' });
  await must('weigh-prepared', { lotId: 'pick', weight: '850 g' });
  const choice = {
    saltKindId: 'sea-fine',
    placeId: 'counter',
    opens: true,
    styleId: 'pieces',
    fraction: 0.03
  };
  await must('start-batch', { commandId: 'sticks', name: 'Sticks', ...choice });
  const shown = (await pickGrams(house, 'pick'))!;
  const { book } = shown;
  const [into] = book.into;
  expect(shown.names).toEqual({ sticks: 'Sticks' });
  expect(into!.preparedG + into!.trimG).toBeCloseTo(into!.pickedG, 9);
  const ended = book.ended.reduce((a, e) => a + e.g, 0);
  expect(into!.pickedG + ended + book.waitingG + book.benchG + book.asideG).toBeCloseTo(2000, 6);
  const picks = (await batchGrams(house, 'sticks'))!.book.came.find((l) => l.of === 'picks')!;
  expect(into!.preparedG).toBeCloseTo(massOf(picks.what), 3);
  expect(await pickGrams(house, 'none')).toBeUndefined();
});
