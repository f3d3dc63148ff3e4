import { afterEach, beforeEach, expect, it } from 'vitest';
import { kit } from '$lib/server/views/kit';
import { benchShown } from '$lib/server/views/bench';
import { FIRST_BENCH } from '$lib/core/lot';
import { testHouse, type TestHouse } from '../support/house';

const JAR = 'clip-1000.clamped';
let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 3 });
  for (const id of ['a', 'b'])
    expect(
      await house.say('enter-standing', {
        ...{ commandId: id, name: id, styleId: 'shredded', cropId: 'cabbage-white' },
        ...{ since: '2026-08-01', placeId: 'fridge', jarId: JAR, jars: 1 }
      })
    ).toMatchObject({ ok: true });
});
afterEach(() => house.db.destroy());
const eaten = (id: string) =>
  house.say('portion', { batchId: id, fillingId: `${id}.j1`, how: 'eaten', amount: 'all' });
const toWash = async () => (await kit(house)).toWash[JAR];

it('a jar that was emptied is free, and to be washed until it is said to be', async () => {
  expect(await toWash()).toBe(0);
  expect(await house.say('wash-jars', {})).toMatchObject({ codes: ['nothing-to-wash'] });
  await eaten('a');
  expect((await kit(house)).full[JAR]).toBe(1);
  expect(await toWash()).toBe(1);
  expect((await benchShown(house, FIRST_BENCH)).toWash[JAR]).toBe(1);
  house.at('2026-09-12', 9);
  const washed = await house.say('wash-jars', { jarId: JAR });
  expect(washed).toMatchObject({ ok: true, value: { jars: 1 } });
  expect(await toWash()).toBe(0);
  // Taken back, it wants washing again; the next to be emptied does so by itself.
  await house.say('undo', { of: washed.ok ? washed.commandId : '' });
  expect(await toWash()).toBe(1);
  house.at('2026-09-12', 10);
  await house.say('wash-jars', {});
  house.at('2026-09-13');
  await eaten('b');
  expect(await toWash()).toBe(1);
});

it('nobody says it: after two weeks it is clean', async () => {
  await eaten('a');
  house.at('2026-09-26', 7);
  expect(await toWash()).toBe(1);
  house.at('2026-09-26', 9);
  expect(await toWash()).toBe(0);
});

it('a broken jar is not washed, and no more than stand empty are', async () => {
  await eaten('a');
  await house.say('break-jar', { jarId: JAR, fillingId: 'b.j1' });
  expect(await toWash()).toBe(1);
  await house.say('own-jars', { jarId: JAR, geometryId: 'clip-1000', lid: 'clamped', owned: 0 });
  expect(await toWash()).toBe(0);
  expect(await house.say('wash-jars', { jarId: 'none' })).toMatchObject({ codes: ['jar-kind-unknown'] });
});

it('what stands full is known to come back, and is gone from that list when it has', async () => {
  expect((await kit(house)).back.map((b) => b.jarId)).toEqual([JAR, JAR]);
  await eaten('a');
  const [b, ...none] = (await kit(house)).back;
  expect(none).toEqual([]);
  expect(b!.likely).toBeGreaterThan(0);
});
