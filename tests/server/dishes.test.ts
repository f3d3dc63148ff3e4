import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { stockG } from '$lib/core/batch';
import { batches, household } from '$lib/server/repos';
import { cold } from '$lib/server/views/cold';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await must('own-jars', { geometryId: 'clip-500', lid: 'clamped', owned: 4 });
  const jars = { jarId: 'clip-500.clamped', placeId: 'fridge', saltPercent: 2.2, cropId: 'cabbage-white' };
  const old = { since: '2026-06-01', commandId: 'old', name: 'Old kraut', styleId: 'shredded', jars: 1 };
  const young = {
    since: '2026-08-01',
    commandId: 'young',
    name: 'Young kraut',
    styleId: 'shredded',
    jars: 2
  };
  await must('enter-standing', { ...jars, ...old });
  await must('enter-standing', { ...jars, ...young });
  await must('set-dish', { commandId: 'pie', name: 'Pie', uses: [{ styleId: 'shredded', weight: '100 g' }] });
});
afterEach(() => house.db.destroy());
async function must(...said: Parameters<TestHouse['say']>): Promise<string> {
  const done = await house.say(...said);
  if (!done.ok) throw new Error(`${said[0]}: ${done.codes.join()}`);
  return done.commandId;
}
const left = async (id: string) =>
  (await batches.load(house.db, id))!.state.fillings.reduce((a, f) => a + stockG(f), 0);
const shown = async () => cold(house, null, true);

describe('dishes that eat ferments', () => {
  it('says for how many there is enough, and takes from what should go first', async () => {
    const all = (await left('old')) + (await left('young'));
    const [pie] = (await shown()).dishes;
    expect(pie?.servings).toBe(Math.floor(all / 100));
    expect(pie?.first?.name).toBe('Old kraut');
    const before = [await left('old'), await left('young')];
    const servings = Math.ceil(before[0]! / 100) + 1;
    const done = await must('cook-dish', { dishId: 'pie', servings });
    expect(await left('old')).toBeCloseTo(0, 3);
    expect(before[0]! + before[1]! - (await left('young'))).toBeCloseTo(servings * 100, 3);
    const portions = (await batches.load(house.db, 'old'))!.state.portions;
    expect(portions.map((p) => [p.how, p.reason])).toEqual([['cooked', 'Pie']]);
    await must('undo', { of: done });
    expect([await left('old'), await left('young')]).toEqual(before);
  });

  it('refuses more than there is, a dish of nothing, and a day that is over', async () => {
    const said = await house.say('cook-dish', { dishId: 'pie', servings: 400 });
    expect(said).toMatchObject({ ok: false, codes: ['dish-lacks'] });
    expect(await house.say('set-dish', { name: 'Air', uses: [] })).toMatchObject({
      codes: ['dish-of-nothing']
    });
    const on = (day: string) => house.say('plan-dish', { dishId: 'pie', servings: 2, day });
    expect(await on('2026-09-01')).toMatchObject({ codes: ['dish-day-past'] });
    expect(await house.say('cook-dish', { dishId: 'none', servings: 1 })).toMatchObject({
      codes: ['dish-unknown']
    });
  });

  it('planned, it is reckoned with: what is left dips that day, and too little is said', async () => {
    const line = async () => (await shown()).kinds.find((k) => k.style === 'shredded')!.line;
    const before = await line();
    const small = await must('plan-dish', { dishId: 'pie', servings: 3, day: '2026-09-14' });
    const after = await line();
    const on = (all: typeof before) => all.find((p) => p.day >= 3)!.likely;
    expect(on(before) - on(after)).toBeGreaterThan(200);
    expect((await shown()).tooLittle).toEqual([]);
    const large = await must('plan-dish', { dishId: 'pie', servings: 100, day: '2026-09-16' });
    expect((await shown()).tooLittle).toEqual([large]);
    await must('drop-planned', { plannedId: large });
    await must('cook-dish', { dishId: 'pie', servings: 3, plannedId: small });
    expect((await household(house.db)).plannedDishes).toEqual([]);
    await must('set-dish', { name: 'pie', uses: [{ styleId: 'shredded', weight: '1 oz' }] });
    expect((await household(house.db)).dishes).toHaveLength(1);
    await must('drop-dish', { dishId: 'pie' });
    expect((await shown()).dishes).toEqual([]);
  });
});
