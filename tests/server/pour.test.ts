import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { leftG, placeOf, salinityOf, standing, stockG, type Batch } from '$lib/core/batch';
import { wall } from '$lib/core/calendar';
import { careTasks } from '$lib/core/care';
import { massOf, salinityIn } from '$lib/core/contents';
import { keepUntil, ledger, quartersLeft } from '$lib/core/larder';
import { batches, brines, household, numbered, pantry } from '$lib/server/repos';
import { labels } from '$lib/server/views/labels';
import { freeJars } from '$lib/core/kitchen';
import type { Work } from '$lib/server/db/kinds';
import { careOf } from '../support/care';
import { testHouse, type TestHouse } from '../support/house';
import { near } from '../support/vectors';

const LATER = wall('2026-10-20', 9);
let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await must('own-jars', { geometryId: 'clip-1500', lid: 'clamped', owned: 2 });
  await must('own-jars', { geometryId: 'clip-500', lid: 'clamped', owned: 2 });
  await must('count-goods', { name: 'Salt', kind: 'salt', amount: '1 kg', saltKindId: 'sea-fine' });
  await begin('sticks', 'kohlrabi', { styleId: 'pieces', fraction: 0.03 });
  house.at('2026-09-20', 9);
});
afterEach(() => house.db.destroy());

async function must(...said: Parameters<TestHouse['say']>): Promise<unknown> {
  const done = await house.say(...said);
  if (!done.ok) throw new Error(`${said[0]}: ${done.codes.join()}`);
  return done.value;
}
async function begin(commandId: string, cropId: string, style: Record<string, unknown>): Promise<void> {
  await must('weigh-in', { commandId: `${commandId}-pick`, cropId, weight: '1100 g' });
  await must('take-to-bench', { lotId: `${commandId}-pick`, weight: '' });
  await must('weigh-prepared', { lotId: `${commandId}-pick`, weight: '850 g' });
  const choice = { saltKindId: 'sea-fine', placeId: 'counter', opens: true, ...style };
  await must('start-batch', { commandId, name: commandId, ...choice });
}
const load = async (id: string): Promise<Batch> => (await batches.load(house.db, id))!.state;
const due = async (b: Batch) =>
  careTasks(b, careOf(await household(house.db), LATER), LATER)
    .filter((t) => t.due <= LATER)
    .map((t) => t.kind);
const free = async (jarId: string) =>
  freeJars(
    await household(house.db),
    await numbered({ trx: house.db, at: house.clock.now() } as unknown as Work)
  ).find((j) => j.id === jarId)!.free;

describe('a jar is a thing of its own', () => {
  it('half eaten, it is decanted into a smaller one: the large is free, the small goes on as what it was', async () => {
    await must('move', { batchId: 'sticks', fillingIds: 'sticks.j1', placeId: 'fridge' });
    await must('taste', { batchId: 'sticks', fillingIds: 'sticks.j1', sour: 3, salt: 2, crunch: 4 });
    const portion = { batchId: 'sticks', fillingId: 'sticks.j1', how: 'eaten' };
    await must('portion', { ...portion, amount: 'weight', weight: '650 g' });
    expect([await free('clip-1500.clamped'), await free('clip-500.clamped')]).toEqual([1, 2]);
    house.at('2026-10-20', 9);
    const before = await load('sticks');
    expect(await due(before)).toContain('openInCold');
    const jarId = 'clip-500.clamped';
    const to = { batchId: 'sticks', fillingId: 'sticks.j1', jarId };
    expect(await must('decant', { commandId: 'small', ...to })).toMatchObject({ lidNumbers: [2] });
    const after = await load('sticks');
    const [old, jar] = after.fillings;
    expect(old!.emptiedAt).not.toBeNull();
    expect(standing(after)).toHaveLength(1);
    // Its pieces with as much of their brine as fits; what is over is poured away.
    near(leftG(jar!), jar!.usableMl, 1e-6);
    near(stockG(jar!), stockG(before.fillings[0]!), 1e-6);
    expect([jar!.lidNumber, placeOf(jar!), jar!.jarId]).toEqual([2, 'fridge', jarId]);
    near(salinityIn(jar!.holds), salinityOf(before, before.fillings[0]!)!, 1e-4);
    // Its time in the cold, and what was tasted, go with it.
    expect(jar!.stays[0]).toEqual(before.fillings[0]!.stays[0]);
    expect(after.tastes[0]!.fillingIds).toEqual(['sticks.j1', 'small.j1']);
    expect([await free('clip-1500.clamped'), await free(jarId)]).toEqual([2, 1]);
    // What its first week asked of the large jar is not asked of the small one.
    expect(await due(after)).toEqual([]);
    await must('undo', { of: 'small' });
    expect(await load('sticks')).toEqual(before);
  });

  it('its pieces are its stock: a quarter is a quarter of them, the brine stays, and goes with the last', async () => {
    const one = async () => (await load('sticks')).fillings[0]!;
    const full = await one();
    // 850 g of kohlrabi in brine: more than half of what the jar holds, and not all of it.
    expect(stockG(full)).toBeGreaterThan(840);
    expect(stockG(full)).toBeLessThan(0.75 * leftG(full));
    const eat = { batchId: 'sticks', fillingId: 'sticks.j1', how: 'eaten' };
    await must('portion', { ...eat, amount: 'quarter' });
    near(stockG(await one()), 0.75 * stockG(full), 1e-3);
    near(leftG(full) - leftG(await one()), stockG(full) / 4, 1e-3);
    expect((await one()).holds.brineG).toBe(full.holds.brineG);
    expect(quartersLeft(await one())).toBe(3);
    expect(await house.say('portion', { ...eat, amount: 'weight', weight: '800 g' })).toMatchObject({
      codes: ['more-than-there-is']
    });
    await must('portion', { ...eat, commandId: 'last', amount: 'all' });
    expect((await one()).emptiedAt).not.toBeNull();
    const { filledG, eatenG } = ledger(await load('sticks'));
    near(eatenG, stockG(full), 1e-3);
    near(filledG, eatenG, 1e-3);
    await must('undo', { of: 'last' });
    await must('portion', { ...eat, commandId: 'kept', amount: 'all', keepBrine: true });
    const [brine] = await brines.list(house.db, 'live');
    near(brine!.ml * 1.02, leftG(full) - stockG(full), 0.02);
    near(brine!.strength, salinityIn(full.holds), 1e-3);
    await must('undo', { of: 'kept' });
    expect(await brines.list(house.db, 'live')).toEqual([]);
    near(stockG(await one()), 0.75 * stockG(full), 1e-3);
  });

  it('a meal from two jars: all of it or nothing, and one thing to take back', async () => {
    await begin('coins', 'carrot', { styleId: 'pieces', fraction: 0.02 });
    const of = (batchId: string, amount: string, fillingId = `${batchId}.j1`) => ({
      batchId,
      fillingId,
      amount
    });
    const jar = async (id: string) => (await load(id)).fillings[0]!;
    const before = [await jar('sticks'), await jar('coins')];
    const wrong = { portions: [of('sticks', 'half'), of('coins', 'half', 'none')] };
    expect(await house.say('eat-meal', wrong)).toMatchObject({ codes: ['jar-unknown'] });
    expect(await jar('sticks')).toEqual(before[0]);
    const portions = [of('sticks', 'half'), of('coins', 'quarter')];
    await must('eat-meal', { commandId: 'soup', name: 'Soup', portions });
    near(stockG(await jar('sticks')), stockG(before[0]!) / 2, 1e-3);
    near(stockG(await jar('coins')), stockG(before[1]!) * 0.75, 1e-3);
    expect((await load('coins')).portions[0]).toMatchObject({ how: 'eaten', reason: 'Soup' });
    await must('undo', { of: 'soup' });
    expect([await jar('sticks'), await jar('coins')]).toEqual(before);
    await must('eat-meal', { commandId: 'stew', how: 'cooked', portions });
    expect((await load('coins')).portions[0]).toMatchObject({ how: 'cooked' });
    await must('undo', { of: 'stew' });
    expect(await jar('coins')).toEqual(before[1]);
  });

  it('refuses more than fits, jars that are not free, and what is to be thrown away', async () => {
    const to = { batchId: 'sticks', fillingId: 'sticks.j1', jarId: 'clip-500.clamped' };
    expect(await house.say('decant', to)).toMatchObject({ codes: ['more-than-jar-takes'] });
    expect(await house.say('decant', { ...to, weight: '9 kg' })).toMatchObject({
      codes: ['more-than-there-is']
    });
    expect(await house.say('decant', { ...to, jarId: 'none' })).toMatchObject({
      codes: ['jar-kind-unknown']
    });
    await must('decant', { ...to, weight: '300 g' });
    await must('decant', { ...to, weight: '300 g' });
    expect(await house.say('decant', { ...to, weight: '300 g' })).toMatchObject({ codes: ['jars-not-free'] });
    await must('see-sign', { batchId: 'sticks', fillingIds: 'sticks.j1', sign: 'mould' });
    expect(await house.say('decant', { ...to, jarId: 'clip-1500.clamped' })).toMatchObject({
      codes: ['discard-first']
    });
  });

  it('two batches are poured together: by weight, on both sides, and undone on both', async () => {
    await begin('coins', 'carrot', { styleId: 'pieces', fraction: 0.02 });
    await must('portion', {
      batchId: 'sticks',
      fillingId: 'sticks.j1',
      how: 'eaten',
      amount: 'weight',
      weight: '700 g'
    });
    const [sticks, coins] = [await load('sticks'), await load('coins')];
    const pour = {
      batchId: 'coins',
      fillingId: 'coins.j1',
      intoBatchId: 'sticks',
      intoFillingId: 'sticks.j1'
    };
    await must('pour-together', { commandId: 'both', ...pour, weight: '500 g' });
    const [one, two] = [await load('sticks'), await load('coins')];
    const [into, from] = [one.fillings[0]!, two.fillings[0]!];
    near(leftG(into) - leftG(sticks.fillings[0]!), leftG(coins.fillings[0]!) - leftG(from), 1e-9);
    // As salty as both by their weight: between the two.
    expect(salinityOf(one, into)!).toBeGreaterThan(0.0205);
    expect(salinityOf(one, into)!).toBeLessThan(0.0295);
    near(salinityOf(one, into)!, salinityIn(into.holds), 1e-9);
    expect(one.items.map((i) => i.cropId)).toEqual(['kohlrabi', 'carrot']);
    expect(
      await house.say('pour-together', { ...pour, intoBatchId: 'coins', intoFillingId: 'coins.j1' })
    ).toMatchObject({ codes: ['into-itself'] });
    expect(await house.say('pour-together', { ...pour, intoBatchId: 'none' })).toMatchObject({
      codes: ['batch-unknown']
    });
    // How far it had come goes with it, and its carrots are in that jar only.
    expect(into.mixed).toMatchObject([{ sour: { acid: expect.any(Number) as number } }]);
    expect(one.items[1]).toMatchObject({ into: 'sticks.j1' });
    await must('undo', { of: 'both' });
    expect([await load('sticks'), await load('coins')]).toEqual([sticks, coins]);
  });

  it('what some must not eat comes with what is poured in, through however many jars; pH is to be read anew', async () => {
    await begin('spiced', 'cabbage-napa', {
      styleId: 'slaw',
      fraction: 0.022,
      extras: JSON.stringify([{ id: 'fish-sauce', amount: '20 g' }])
    });
    await begin('coins', 'carrot', { styleId: 'pieces', fraction: 0.02 });
    await must('ph', { batchId: 'sticks', fillingIds: 'sticks.j1', pH: 4.2 });
    for (const batchId of ['coins', 'sticks'])
      await must('portion', {
        batchId,
        fillingId: `${batchId}.j1`,
        how: 'eaten',
        amount: 'half'
      });
    const allergens = async (id: string) => (await labels(house, id))!.labels.map((l) => l.allergens);
    expect(await allergens('sticks')).toEqual([[]]);
    const pour = (from: string, into: string) =>
      must('pour-together', {
        commandId: `${from}-into-${into}`,
        batchId: from,
        fillingId: `${from}.j1`,
        intoBatchId: into,
        intoFillingId: `${into}.j1`,
        weight: '50 g'
      });
    await pour('spiced', 'coins');
    await pour('coins', 'sticks');
    expect(await allergens('sticks')).toEqual([['fish']]);
    expect((await load('sticks')).readings).toEqual([]);
    await must('undo', { of: 'coins-into-sticks' });
    expect(await allergens('sticks')).toEqual([[]]);
    expect((await load('sticks')).readings).toHaveLength(1);
  });

  it('in the cold a mix keeps no longer than the one of both that keeps less', async () => {
    await begin('coins', 'carrot', { styleId: 'pieces', fraction: 0.02 });
    await must('portion', { batchId: 'sticks', fillingId: 'sticks.j1', how: 'eaten', amount: 'half' });
    await must('move', { batchId: 'coins', fillingIds: 'coins.j1', placeId: 'fridge' });
    house.at('2026-10-20', 9);
    await must('move', { batchId: 'sticks', fillingIds: 'sticks.j1', placeId: 'fridge' });
    const keeps = async (id: string) => {
      const b = await load(id);
      return keepUntil(b.style, b.fillings[0]!, (await household(house.db)).places)!;
    };
    const [older, younger] = [await keeps('coins'), await keeps('sticks')];
    expect(older.best).toBeLessThan(younger.best);
    const jars = { intoBatchId: 'sticks', intoFillingId: 'sticks.j1' };
    const pour = { batchId: 'coins', fillingId: 'coins.j1', ...jars, weight: '100 g' };
    await must('pour-together', { commandId: 'both', ...pour });
    expect(await keeps('sticks')).toEqual(older);
    // The other way round nothing is shorter than it was.
    expect(await keeps('coins')).toEqual(older);
    await must('undo', { of: 'both' });
    expect(await keeps('sticks')).toEqual(younger);
  });

  it('brine kept off a jar leaves it, with its salt', async () => {
    const before = (await load('sticks')).fillings[0]!;
    const jug = { name: 'Off the sticks', amount: '200 ml', strengthPercent: 3 };
    await must('keep-brine', { commandId: 'jug', ...jug, batchId: 'sticks', fillingId: 'sticks.j1' });
    const after = (await load('sticks')).fillings[0]!;
    const gone = massOf(before.holds) - massOf(after.holds);
    expect((await brines.list(house.db, 'live'))[0]).toMatchObject({ ml: 200, strength: 0.03 });
    // 200 ml of 3 % weigh 204 g, and 6.1 g of that is salt.
    near(gone, 204, 2e-3);
    near(before.holds.saltG - after.holds.saltG, gone * 0.03, 1e-2);
    expect(
      await house.say('keep-brine', { ...jug, amount: '2 l', batchId: 'sticks', fillingId: 'sticks.j1' })
    ).toMatchObject({ codes: ['more-than-there-is'] });
  });

  it('salt that was strewn on a leaf before the rinse came off the shelf, too', async () => {
    const salt = async () => (await pantry(house.db))[0]!.amount;
    const before = await salt();
    const rinsed = JSON.stringify({ after: '700 g', taste: '', salinity: '1.2' });
    await begin('leaf', 'cabbage-napa', {
      styleId: 'leaf-rinsed',
      salting: 'rinsed',
      fraction: 0.022,
      rinsed
    });
    const used = before - (await salt());
    // The style's 8 % of 850 g of leaf, beside what was added after it.
    near(used - (await load('leaf')).saltG!, 68, 1e-6);
  });
});
