import { afterEach, beforeEach, expect, it } from 'vitest';
import { eatingDown } from '$lib/server/views/eat-down';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('settle', { name: 'Test kitchen', people: '2', units: 'metric' });
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
});
afterEach(() => house.db.destroy());

function must<R extends { ok: boolean }>(r: R): Extract<R, { ok: true }> {
  expect(r).toMatchObject({ ok: true });
  return r as Extract<R, { ok: true }>;
}

const enter = (commandId: string, styleId: string, cropId: string, placeId: string, jars: number) =>
  house.say('enter-standing', {
    ...{ commandId, name: commandId, styleId, cropId, placeId, jars },
    ...{ since: '2026-08-01', jarId: 'clip-1000.clamped' }
  });
const kinds = () => eatingDown(house);

it('nothing stored lasts no time: nothing is said', async () => {
  expect(await kinds()).toEqual([]);
});

it('each kind by itself, in grams of vegetables; what was eaten says how fast it goes', async () => {
  must(await enter('kraut', 'shredded', 'cabbage-white', 'fridge', 2));
  must(await enter('sticks', 'pieces', 'kohlrabi', 'fridge', 1));
  const before = await kinds();
  expect(before.map((k) => [k.style, k.jars]).sort()).toEqual([
    ['pieces', 1],
    ['shredded', 2]
  ]);
  const sticks = before.find((k) => k.style === 'pieces')!;
  // A litre of sticks in brine is not a kilogram of sticks.
  expect(sticks.thereG).toBeLessThan(700);
  expect(before.every((k) => k.learntFromG === 0)).toBe(true);

  const eat = () =>
    house.say('portion', { batchId: 'kraut', fillingId: 'kraut.j1', how: 'eaten', amount: 'quarter' });
  for (let week = 0; week < 3; week++) {
    house.at(`2026-09-${12 + 6 * week}`);
    must(await eat());
  }
  const kraut = (await kinds()).find((k) => k.style === 'shredded')!;
  expect(kraut.learntFromG).toBeGreaterThan(400);
  const { early, likely, late } = kraut.gone;
  expect(early!).toBeLessThan(likely!);
  expect(late === null || likely! < late).toBe(true);
  expect(kraut.line[0]!.likely).toBeGreaterThan(kraut.line.at(-1)!.likely);
});

it('a feast eats faster, days away keep it longer, and both can be taken back', async () => {
  must(await enter('kraut', 'shredded', 'cabbage-white', 'fridge', 2));
  const gone = async () => (await kinds())[0]!.gone.likely!;
  const usual = await gone();
  const feast = must(
    await house.say('plan-feast', { from: '2026-09-20', to: '2026-09-21', people: 30, name: 'Harvest' })
  );
  const sooner = await gone();
  expect(sooner).toBeLessThan(usual);
  must(await house.say('drop-feast', { feastId: feast.commandId }));
  expect(await gone()).toBe(usual);
  must(await house.say('plan-away', { from: '2026-09-20', to: '2026-09-29' }));
  expect(await gone()).toBe(usual + 10 * 1440);
});

it('refuses a feast that ends before it begins, or that is not planned', async () => {
  const backwards = { from: '2026-09-21', to: '2026-09-20', people: 8, name: '' };
  expect(await house.say('plan-feast', backwards)).toMatchObject({ codes: ['feast-backwards'] });
  expect(await house.say('drop-feast', { feastId: 'nothing' })).toMatchObject({ codes: ['feast-unknown'] });
});

it('what stands on the counter comes when it is sour; what is to be thrown away, nobody eats', async () => {
  must(await enter('kraut', 'shredded', 'cabbage-white', 'counter', 1));
  const [coming] = await kinds();
  expect(coming).toMatchObject({ style: 'shredded', jars: 0, thereG: 0 });
  expect(coming!.comingG).toBeGreaterThan(500);
  expect(coming!.comesAt).not.toBeNull();
  must(await house.say('see-sign', { batchId: 'kraut', fillingIds: 'kraut.j1', sign: 'mould' }));
  expect(await kinds()).toEqual([]);
});
