import { afterEach, beforeEach, expect, it } from 'vitest';
import { bedsShown } from '$lib/server/views/beds';
import { testHouse, type TestHouse } from '../support/house';
import { near } from '../support/vectors';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.db.destroy());
const codes = async (...said: Parameters<TestHouse['say']>) => {
  const done = await house.say(...said);
  return done.ok ? [] : done.codes;
};
const carrots = { commandId: 'row', cropId: 'carrot', day: '2026-05-10', metres: 4 };

it('what is sown is expected, corrected, picked, cleared, and undone', async () => {
  expect(await codes('sow', carrots)).toEqual([]);
  const [s] = (await bedsShown(house)).sowings;
  expect(s).toMatchObject({ firstPick: '2026-08-03', givesG: 7200 });
  expect(await codes('sow', { ...carrots, commandId: 'again', sowingId: 'row', lateWeeks: 2 })).toEqual([]);
  const shown = await bedsShown(house);
  expect(shown.sowings).toMatchObject([{ id: 'row', firstPick: '2026-08-17' }]);
  await house.say('weigh-in', { commandId: 'pick', cropId: 'carrot', weight: '900 g' });
  const [c] = (await bedsShown(house)).ahead;
  near(c!.pickedG, 900, 1e-9);
  expect(await codes('undo', { of: 'again' })).toEqual([]);
  expect((await bedsShown(house)).sowings).toMatchObject([{ lateWeeks: 0 }]);
  expect(await codes('drop-sowing', { commandId: 'gone', sowingId: 'row' })).toEqual([]);
  expect((await bedsShown(house)).ahead).toEqual([]);
  await house.say('undo', { of: 'gone' });
  expect((await bedsShown(house)).sowings).toHaveLength(1);
});

it('a season that is over only teaches', async () => {
  await house.say('sow', { ...carrots, day: '2025-03-01' });
  expect((await bedsShown(house)).sowings).toMatchObject([{ over: true }]);
  expect((await bedsShown(house)).ahead).toEqual([]);
});

it('refuses what nobody could reckon with, each with its own words', async () => {
  expect(await codes('sow', { ...carrots, metres: '' })).toEqual(['yield-unknown']);
  expect(await codes('sow', { ...carrots, cropId: 'none' })).toEqual(['crop-unknown']);
  expect(await codes('sow', { ...carrots, first: '2026-04-01' })).toEqual(['picked-before-sown']);
  expect(await codes('sow', { ...carrots, cropId: 'apple', amount: '20 kg' })).toEqual([
    'first-pick-unknown'
  ]);
  expect(await codes('sow', { ...carrots, cropId: 'apple', amount: '20 kg', first: '2026-09-20' })).toEqual(
    []
  );
  // A slip in a year would make a season of centuries.
  expect(await codes('sow', { ...carrots, commandId: 'far', day: '2206-05-01' })).toEqual(['sown-far-off']);
  expect(await codes('sow', { ...carrots, commandId: 'farther', first: '9999-12-31' })).toEqual([
    'sown-far-off'
  ]);
  expect(await codes('drop-sowing', { sowingId: 'none' })).toEqual(['sowing-unknown']);
});

it('a frost ends what is tender', async () => {
  await house.say('sow', { cropId: 'green-bean', day: '2026-08-01', metres: 10 });
  const gives = async () => (await bedsShown(house)).sowings[0]!.givesG;
  const all = await gives();
  await house.say('say-frost', { day: '2026-10-10' });
  expect(await gives()).toBeLessThan(all);
  // Sown so late that nothing of it is picked before: said so, and it stands in the beds still.
  await house.say('say-frost', { day: '2026-09-20' });
  expect((await bedsShown(house)).sowings).toMatchObject([{ givesG: 0, over: false }]);
  await house.say('say-frost', { day: '' });
  expect(await gives()).toBe(all);
});
