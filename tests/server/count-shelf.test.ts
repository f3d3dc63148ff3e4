import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { placeOf, standing } from '$lib/core/batch';
import { quartersLeft } from '$lib/core/larder';
import { batches, household } from '$lib/server/repos';
import { shelfToCount } from '$lib/server/views/shelf';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('own-jars', { geometryId: 'clip-500', lid: 'clamped', owned: 6 });
  const jars = { jarId: 'clip-500.clamped', saltPercent: 2.2, styleId: 'shredded', cropId: 'cabbage-white' };
  const since = { since: '2026-08-01' };
  await house.say('enter-standing', {
    commandId: 'a',
    name: 'Kraut',
    jars: 3,
    placeId: 'fridge',
    ...jars,
    ...since
  });
  await house.say('enter-standing', {
    commandId: 'b',
    name: 'Other',
    jars: 1,
    placeId: 'counter',
    ...jars,
    ...since
  });
});
afterEach(() => house.db.destroy());
const load = async (id: string) => (await batches.load(house.db, id))!.state;
const as = (fillingId: string, quarters: number | null = null, how = 'eaten') => ({
  fillingId,
  quarters,
  how
});
const count = (jars: unknown[], more: Record<string, unknown> = {}) =>
  house.say('count-shelf', { placeId: 'fridge', jars, alsoHere: [], ...more });

describe('a shelf counted through', () => {
  it('books what differs with its reason, brings in what stands there, and remembers the day', async () => {
    const done = await count([as('a.j1'), as('a.j2', 2, 'given'), as('a.j3', 0)], {
      alsoHere: ['b.j1'],
      reason: 'the party'
    });
    expect(done).toMatchObject({ ok: true, value: { name: 'Fridge', jars: 4, off: 3 } });
    const a = await load('a');
    expect(a.fillings.map(quartersLeft)).toEqual([4, 2, 0]);
    expect(a.portions.map((p) => [p.how, p.reason])).toEqual([
      ['given', 'the party'],
      ['eaten', 'the party']
    ]);
    expect(placeOf((await load('b')).fillings[0]!)).toBe('fridge');
    const place = (await household(house.db)).places.find((p) => p.id === 'fridge')!;
    expect(place.counted).toMatchObject({ jars: 4, off: 3 });
    // What is said of the place later keeps it.
    await house.say('set-place', { placeId: 'fridge', name: 'Fridge', kind: 'cold', tempC: 5 });
    expect((await shelfToCount(house, 'fridge'))?.place.counted).toEqual(place.counted);
    expect((await shelfToCount(house, 'fridge'))?.jars.map((j) => j.quarters)).toEqual([4, 2, 4]);
  });

  it('taken back, everything stands as it was written', async () => {
    const before = [await load('a'), await load('b')];
    const done = await count([as('a.j1', 1), as('a.j2'), as('a.j3', 0, 'thrown')], { alsoHere: ['b.j1'] });
    await house.say('undo', { of: done.ok ? done.commandId : '' });
    expect([await load('a'), await load('b')]).toEqual(before);
    expect((await household(house.db)).places.find((p) => p.id === 'fridge')?.counted).toBeUndefined();
  });

  it('refuses a count that leaves a jar out, and one that finds more than is written; nothing is booked', async () => {
    expect(await count([as('a.j1', 0), as('a.j2')])).toMatchObject({ codes: ['shelf-half-counted'] });
    await house.say('portion', { batchId: 'a', fillingId: 'a.j1', how: 'eaten', amount: 'half' });
    const seen = await house.events();
    expect(await count([as('a.j1', 3), as('a.j2', 0), as('a.j3')])).toMatchObject({
      codes: ['more-than-written']
    });
    expect(await count([as('a.j1'), as('a.j2'), as('a.j3')], { alsoHere: ['gone.j1'] })).toMatchObject({
      codes: ['jar-unknown']
    });
    expect(await count([], { placeId: 'attic' })).toMatchObject({ codes: ['place-unknown'] });
    expect(await house.events()).toBe(seen);
  });

  it('what is to be thrown away is thrown away whole, whatever was said of it', async () => {
    await house.say('see-sign', { batchId: 'a', fillingIds: 'a.j1', sign: 'mould' });
    const done = await count([as('a.j1', 0), as('a.j2'), as('a.j3')]);
    expect(done).toMatchObject({ ok: true, value: { off: 1 } });
    const a = await load('a');
    expect(a.portions.map((p) => p.how)).toEqual(['thrown']);
    expect(standing(a).map((f) => f.id)).toEqual(['a.j2', 'a.j3']);
  });

  it('a jar that another hand brought here meanwhile is found, not missed', async () => {
    await house.say('move', { batchId: 'b', fillingIds: 'b.j1', placeId: 'fridge' });
    const done = await count([as('a.j1'), as('a.j2'), as('a.j3')], { alsoHere: ['b.j1', 'b.j1'] });
    expect(done).toMatchObject({ ok: true, value: { jars: 4, off: 0 } });
  });

  it('a jar that another hand emptied meanwhile is no difference', async () => {
    await house.say('portion', { batchId: 'a', fillingId: 'a.j2', how: 'eaten', amount: 'all' });
    const done = await count([as('a.j1'), as('a.j2', 0), as('a.j3')]);
    expect(done).toMatchObject({ ok: true, value: { jars: 2, off: 0 } });
    expect(standing(await load('a'))).toHaveLength(2);
  });
});
