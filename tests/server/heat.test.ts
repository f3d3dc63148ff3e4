import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { careTasks } from '$lib/core/care';
import { keepUntil } from '$lib/core/larder';
import { batches, household } from '$lib/server/repos';
import { cold } from '$lib/server/views/cold';
import { giftPage } from '$lib/server/views/gift';
import { pantryShown } from '$lib/server/views/pantry';
import { giftText, problem } from '$lib/words';
import { careOf } from '../support/care';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('own-jars', { geometryId: 'clip-500', lid: 'clamped', owned: 2 });
  const jars = { jarId: 'clip-500.clamped', jars: 2, placeId: 'fridge', saltPercent: 2.2 };
  const kraut = { styleId: 'shredded', cropId: 'cabbage-white', since: '2026-08-01', name: 'Kraut' };
  await house.say('enter-standing', { commandId: 'kraut', ...kraut, ...jars });
});
afterEach(() => house.db.destroy());

const PROCESS = {
  ...{ batchId: 'kraut', fillingIds: 'kraut.j1', placeId: 'pantry' },
  ...{ guide: 'The county guide', edition: '2019', product: 'Kraut', pack: 'raw', jarSize: '500 ml' },
  ...{ rowTo: '300 m', kitchen: '220 m', way: 'boiling-water', minutes: 999 % 7, who: 'Ada' }
} as const;
const heat = (over: Record<string, unknown> = {}) => house.say('heat-jars', { ...PROCESS, ...over });
const refusedFor = async (over: Record<string, unknown>) => {
  const said = await heat(over);
  return said.ok ? 'done' : said.codes.join();
};
const readSour = (pH = 3.5) =>
  house.say('ph', { batchId: 'kraut', fillingIds: ['kraut.j1', 'kraut.j2'], pH });
const jar = async () => (await batches.load(house.db, 'kraut'))!.state.fillings[0]!;

describe('a pantry jar', () => {
  it('comes onto the shelf by a whole process, read sour; nothing lives in it from then on', async () => {
    await readSour();
    expect(await refusedFor({})).toBe('done');
    const f = await jar();
    expect(f.heated).toMatchObject({
      guide: 'The county guide',
      jarMl: 500,
      rowToM: 300,
      kitchenM: 220,
      pressure: ''
    });
    const ours = await household(house.db);
    const b = (await batches.load(house.db, 'kraut'))!.state;
    const tasks = careTasks(b, careOf(ours, wall('2027-03-01', 9)), wall('2027-03-01', 9));
    expect(tasks.flatMap((t) => t.fillingIds)).not.toContain('kraut.j1');
    expect(tasks.flatMap((t) => t.fillingIds)).toContain('kraut.j2');
    const months = (keepUntil(b.style, f, ours.places)!.best - f.heated!.at) / (30.4 * 1440);
    expect(Math.round(months)).toBe(12);
    expect((await pantryShown(house)).jars.map((s) => s.filling.id)).toEqual(['kraut.j1']);
    expect((await cold(house, null, true)).eatFirst.map((s) => s.filling.id)).toEqual(['kraut.j2']);
  });

  it.each([
    ['guide', 'process-misses'],
    ['edition', 'process-misses'],
    ['product', 'process-misses'],
    ['pack', 'process-misses'],
    ['jarSize', 'process-misses'],
    ['rowTo', 'process-misses'],
    ['kitchen', 'process-misses'],
    ['way', 'process-misses'],
    ['minutes', 'process-misses'],
    ['who', 'process-misses']
  ])('without its %s is refused, with what is missing', async (field, code) => {
    await readSour();
    expect(await refusedFor({ [field]: '' })).toBe(code);
    expect((await jar()).heated).toBeUndefined();
  });

  it('is refused for what its guide does not cover, each in words that say what would work', async () => {
    expect(await refusedFor({})).toBe('sour-first');
    const high = await readSour(4.9);
    expect(await refusedFor({})).toMatch(/sour-first|discard-first/);
    await house.say('undo', { of: high.ok ? high.commandId : '' });
    await readSour();
    expect(await refusedFor({ kitchen: '640 m' })).toBe('process-altitude');
    expect(await refusedFor({ rowTo: '1000 ft', kitchen: '305 m' })).toBe('process-altitude');
    expect(await refusedFor({ kitchen: 'upstairs' })).toBe('height-strange');
    expect(await refusedFor({ jarSize: '250 ml' })).toBe('process-jar');
    expect(await refusedFor({ way: 'pressure' })).toBe('process-misses');
    expect(await refusedFor({ placeId: 'fridge' })).toBe('pantry-wanted');
    await house.say('portion', { batchId: 'kraut', fillingId: 'kraut.j1', how: 'eaten', amount: 'quarter' });
    expect(await refusedFor({})).toBe('jar-opened');
    const words = problem({
      code: 'process-misses',
      field: 'kitchen',
      values: { missing: 'kitchen,minutes' }
    });
    expect(words.says).toContain('your altitude, the minutes are missing');
  });

  it('is no longer a living ferment: not decanted, soured, finished, put right, nor heated again', async () => {
    await readSour();
    await heat();
    const it = { batchId: 'kraut', fillingId: 'kraut.j1' };
    const said = [
      await house.say('decant', { ...it, jarId: 'clip-500.clamped', weight: '' }),
      await house.say('finish', { batchId: 'kraut', fillingIds: 'kraut.j1' }),
      await heat()
    ];
    expect(said.map((s) => (s.ok ? 'done' : s.codes[0]))).toEqual([
      'jars-not-free',
      'jar-heated',
      'jar-heated'
    ]);
    const brine = { ...it, name: 'Juice', amount: '50 ml', strengthPercent: 2 };
    expect(await house.say('keep-brine', brine)).toMatchObject({ ok: false, codes: ['jar-heated'] });
    // Its card says so; the raw one beside it says that it lives.
    const cardOf = async (id: string) => giftText((await giftPage(house, 'kraut', id))!);
    expect(await cardOf('kraut.j1')).toMatch(/heated \d+ Sep 2026/);
    expect(await cardOf('kraut.j1')).not.toContain('alive');
    expect(await cardOf('kraut.j2')).toContain('raw and alive');
    // Into the fridge and back, as its neighbour may not.
    await house.say('move', { ...it, fillingIds: 'kraut.j1', placeId: 'fridge' });
    expect((await house.say('move', { ...it, fillingIds: 'kraut.j1', placeId: 'pantry' })).ok).toBe(true);
    const raw = await house.say('move', { ...it, fillingIds: 'kraut.j2', placeId: 'pantry' });
    expect(raw).toMatchObject({ ok: false, codes: ['raw-not-pantry'] });
  });

  it('opened, it keeps as an open jar does, a month in the cold', async () => {
    await readSour();
    await heat();
    house.at('2026-12-01', 9);
    await house.say('portion', { batchId: 'kraut', fillingId: 'kraut.j1', how: 'eaten', amount: 'quarter' });
    const b = (await batches.load(house.db, 'kraut'))!.state;
    const keeps = keepUntil(b.style, await jar(), (await household(house.db)).places)!;
    expect(keeps.best).toBe(wall('2026-12-29', 9));
  });

  it('is taken back as if it had not been', async () => {
    await readSour();
    const before = await jar();
    const done = await heat();
    expect(done.ok).toBe(true);
    await house.say('undo', { of: done.ok ? done.commandId : '' });
    expect(await jar()).toEqual(before);
  });
});
