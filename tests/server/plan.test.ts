import { afterEach, beforeEach, expect, it } from 'vitest';
import { checkPlan, plainPlan, seasonPlans } from '$lib/core/season';
import { handsSaid, planAsked } from '$lib/server/views/plan';
import { testHouse, type TestHouse } from '../support/house';
import { solver } from '../support/season';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('settle', { name: 'Test kitchen', people: '2', units: 'metric' });
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
});
afterEach(() => house.db.destroy());

const asked = (query = '') => planAsked(house, handsSaid(new URLSearchParams(query)));

it('where nothing grows and nothing lies there, nothing is planned', async () => {
  const { input } = await asked();
  expect(input.styles).toEqual([]);
  expect(plainPlan(input).plan.batches).toEqual([]);
});

it('what lies in the Garden, grows, stands and is owned makes the season', async () => {
  const pick = await house.say('weigh-in', { cropId: 'cabbage-white', weight: '4 kg', bed: '', variety: '' });
  expect(pick).toMatchObject({ ok: true });
  await house.say('sow', {
    ...{ cropId: 'carrot', variety: '', bed: 'Long bed', day: '2026-06-20', planted: false },
    ...{ metres: 5, plants: null, first: '', weeks: null, amount: '', lateWeeks: 0 }
  });
  await house.say('enter-standing', {
    ...{ commandId: 'kraut', name: 'kraut', styleId: 'shredded', cropId: 'cabbage-white', placeId: 'fridge' },
    ...{ since: '2026-08-01', jarId: 'clip-1000.clamped', jars: 2 }
  });
  const { input, lots, bench } = await asked();
  expect(input.crops.find((c) => c.id === 'cabbage-white')?.lots[0]?.kg).toBeCloseTo(4, 6);
  expect(input.crops.find((c) => c.id === 'carrot')?.picks.some((kg) => kg > 0)).toBe(true);
  expect(input.stored).toHaveLength(2);
  expect(input.sizes).toMatchObject([{ id: 'clip-1000.clamped', owned: 6 }]);
  // Carrot only gives taste to shreds, and makes pieces of its own.
  const most = (style: string) =>
    input.styles.find((s) => s.id === style)?.shares.find((s) => s.cropId === 'carrot')?.to;
  expect(most('shredded')).toBe(0.3);
  expect(most('pieces')).toBe(1);
  expect(lots.map((l) => l.cropId)).toEqual(['cabbage-white']);
  expect(bench).not.toBeNull();
  let points = -Infinity;
  for (const plan of seasonPlans(input, await solver(), { trials: 20 })) {
    expect(checkPlan(input, plan.plan).faults).toEqual([]);
    expect(plan.facts.points).toBeGreaterThanOrEqual(points);
    points = plan.facts.points;
  }
  expect(points).toBeGreaterThan(plainPlan(input).facts.points - 1e-9);
});

it('hands are as the address says them, within reason; days away are nobody’s weeks', async () => {
  expect((await asked('hours=2.5&batches=1')).input.weeks[0]).toMatchObject({ hours: 2.5, batches: 1 });
  for (const strange of ['hours=-3&batches=', 'hours=lots', 'hours=1e9'])
    expect((await asked(strange)).hands).toEqual((await asked()).usual);
  await house.say('plan-away', { from: '2026-09-21', to: '2026-09-27' });
  const { input } = await asked();
  expect(input.weeks.filter((w) => w.away)).toHaveLength(1);
});
