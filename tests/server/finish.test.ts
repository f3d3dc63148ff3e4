import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { laidIn, leftG, salinityOf, sauceReckonedG, standing, type Batch } from '$lib/core/batch';
import { bookOf, movedIn, sumOf } from '$lib/core/ledger';
import { massOf, salinityIn } from '$lib/core/contents';
import { batches, brines } from '$lib/server/repos';
import { testHouse, type TestHouse } from '../support/house';
import { near } from '../support/vectors';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await must('own-jars', { geometryId: 'clip-1000', lid: 'airlock', owned: 2 });
  await must('own-jars', { geometryId: 'bottle-250', lid: 'loose', owned: 12 });
  await must('count-goods', { name: 'Salt', kind: 'salt', amount: '1 kg', saltKindId: 'sea-fine' });
  await must('weigh-in', { commandId: 'chillies', cropId: 'pepper-cayenne', weight: '1200 g' });
  await must('take-to-bench', { lotId: 'chillies', weight: '' });
  await must('weigh-prepared', { lotId: 'chillies', weight: '800 g' });
  const choice = { saltKindId: 'sea-fine', placeId: 'counter', opens: true, fraction: 0.028 };
  await must('start-batch', { commandId: 'sauce', name: 'Red', styleId: 'pepper-sauce', ...choice });
  house.at('2026-10-02', 9);
});
afterEach(() => house.db.destroy());

async function must(...said: Parameters<TestHouse['say']>): Promise<unknown> {
  const done = await house.say(...said);
  if (!done.ok) throw new Error(`${said[0]}: ${done.codes.join()}`);
  return done.value;
}
const codes = async (...said: Parameters<TestHouse['say']>) => {
  const done = await house.say(...said);
  return done.ok ? [] : done.codes;
};
const load = async (): Promise<Batch> => (await batches.load(house.db, 'sauce'))!.state;
const jars = async () => standing(await load()).map((f) => f.id);

async function emptied(): Promise<void> {
  await must('finish', { batchId: 'sauce', fillingIds: await jars() });
  for (const o of (await load()).finishing!.laid)
    await must('finish', { batchId: 'sauce', object: o.id, isOut: true });
}

it('what is noted is named, so that one knows what an undo takes back', async () => {
  const what = async (said: object) =>
    (await must('finish', { batchId: 'sauce', ...said })) as { readonly what: string };
  expect(await what({ fillingIds: await jars() })).toMatchObject({ what: 'begun' });
  for (const { id: object } of (await load()).finishing!.laid)
    expect(await what({ object, isOut: true })).toMatchObject({ what: 'out' });
  const object = (await load()).finishing!.laid[0]!.id;
  expect(await what({ object, isOut: false })).toMatchObject({ what: 'inAgain' });
  await what({ object, isOut: true });
  expect(await what({ brine: '200 g' })).toMatchObject({ what: 'drained' });
  expect(await what({ back: '80 g', water: '', sweet: '' })).toMatchObject({ what: 'bowl' });
  expect(await what({ sauce: '900 g' })).toMatchObject({ what: 'weighed' });
});

it('one weight forgotten: no blade, and no bottle, until it is ticked', async () => {
  await must('finish', { batchId: 'sauce', fillingIds: await jars() });
  const [first, ...others] = (await load()).finishing!.laid;
  for (const o of others) await must('finish', { batchId: 'sauce', object: o.id, isOut: true });
  // Draining wants no blade.
  expect(await codes('finish', { batchId: 'sauce', brine: '200 g' })).toEqual([]);
  expect(await codes('finish', { batchId: 'sauce', back: '80 g' })).toEqual(['objects-in']);
  const bottled = { batchId: 'sauce', counts: { 'bottle-250.loose': 2 }, placeId: 'fridge' };
  expect(await codes('bottle', bottled)).toEqual(['objects-in']);
  await must('finish', { batchId: 'sauce', object: first!.id, isOut: true });
  expect(await codes('finish', { batchId: 'sauce', back: '80 g' })).toEqual([]);
});

it('a sauce: drained, thinned, sieved, soured, weighed, into bottles with its pH; every gram is somewhere', async () => {
  await emptied();
  const before = (await load()).fillings.reduce((a, f) => a + leftG(f), 0);
  await must('finish', { batchId: 'sauce', brine: '300 g', back: '120 g' });
  await must('finish', { batchId: 'sauce', pulp: '100 g', pulpTo: 'kept' });
  await must('finish', { batchId: 'sauce', freshCropId: 'carrot', fresh: '60 g', sweet: '15 g' });
  await must('sour-sauce', {
    ...{ batchId: 'sauce', fillingIds: await jars(), sauce: '1 kg', pH: 4.2, wanted: 3.7 },
    ...{ vinegarMl: 40, citricG: 0 }
  });
  const reckoned = before - 180 - 100 + 75 + 40;
  expect(await codes('finish', { batchId: 'sauce', sauce: '9 kg' })).toEqual(['more-than-there-is']);
  await must('finish', { batchId: 'sauce', sauce: `${Math.round(reckoned - 20)} g` });
  const counts = { 'bottle-250.loose': 5 };
  await must('bottle', {
    commandId: 'b',
    batchId: 'sauce',
    counts,
    placeId: 'fridge',
    keepBrine: true,
    pH: 3.7
  });
  const b = await load();
  const bottles = standing(b);
  expect(bottles.map((f) => f.geometryId)).toEqual(Array(5).fill('bottle-250'));
  expect(b.finishing).toBeUndefined();
  expect(new Set(bottles.map((f) => f.lidNumber)).size).toBe(5);
  // The last reading is the bottles', and they are as salty as what is in them.
  expect(b.readings.at(-1)).toMatchObject({ pH: 3.7, fillingIds: bottles.map((f) => f.id) });
  near(salinityOf(b, bottles[0]!)!, salinityIn(bottles[0]!.holds), 1e-9);
  const kept = (await brines.list(house.db, 'live')).find((x) => x.name === 'Red')!;
  expect(kept.batchId).toBe('sauce');
  near(kept.ml, 180, 0.03);
  // What came is what went and what stands, to a milligram.
  const events = (await batches.events(house.db, 'sauce')).map(({ at, id, command: _, ...event }) => ({
    event,
    said: { id, at }
  }));
  const book = bookOf(movedIn('sauce', events), new Set(b.fillings.map((f) => f.id)));
  const [came, went] = [massOf(sumOf(book.came)), massOf(sumOf(book.went))];
  expect(Math.abs(came - went - massOf(book.stands))).toBeLessThan(0.002);
  expect(Math.abs(massOf(book.stands) - bottles.reduce((a, f) => a + leftG(f), 0))).toBeLessThan(0.002);
  expect(book.went.map((l) => l.of)).toEqual(expect.arrayContaining(['sieved', 'lost', 'brine']));
});

it('refuses what cannot be: bottles that are not there, more than the sauce fills, the pantry', async () => {
  await emptied();
  const bottle = (n: number, placeId = 'fridge') =>
    codes('bottle', { batchId: 'sauce', counts: { 'bottle-250.loose': n }, placeId });
  expect(await bottle(0)).toEqual(['no-jars-chosen']);
  expect(await bottle(13)).toEqual(['jars-not-free']);
  expect(await bottle(11)).toEqual(['bottles-too-many']);
  await must('set-place', { placeId: 'shelf', name: 'Pantry', kind: 'pantry', tempC: 18 });
  expect(await bottle(4, 'shelf')).toEqual(['raw-not-pantry']);
  expect(await codes('finish', { batchId: 'sauce', brine: '5 kg' })).toEqual(['more-than-there-is']);
  expect(await codes('finish', { batchId: 'sauce', object: 'nothing', isOut: true })).toEqual([
    'object-unknown'
  ]);
});

it('is taken back as one: the jars stand again, full as they were, and the brine is gone', async () => {
  await emptied();
  const before = (await load()).fillings;
  await must('finish', { batchId: 'sauce', brine: '200 g' });
  const counts = { 'bottle-250.loose': 3 };
  await must('bottle', { commandId: 'b', batchId: 'sauce', counts, placeId: 'fridge', keepBrine: true });
  expect(standing(await load())).toHaveLength(3);
  await must('undo', { of: 'b' });
  expect((await load()).fillings).toEqual(before);
  expect(await brines.list(house.db, 'live')).toEqual([]);
  await must('leave-finish', { batchId: 'sauce' });
  expect((await load()).finishing).toBeUndefined();
});

it('what was counted in is counted out; a jar that nobody counted is asked for its weight', async () => {
  const jars = standing(await load());
  const laid = laidIn(jars, jars, { j1: { weight: 2, bag: 1, leaf: 0 } });
  const [first] = jars;
  const of = (id: string) => laid.filter((o) => o.fillingId === id).map((o) => [o.kind, o.n]);
  expect(of(first!.id)).toEqual([
    ['weight', 2],
    ['bag', 1]
  ]);
  for (const other of jars.slice(1)) expect(of(other.id)).toEqual([['weight', 1]]);
  const decanted = { ...first!, id: 'later' };
  expect(laidIn([decanted], [...jars, decanted], { j1: { weight: 0 } })).toMatchObject([
    { fillingId: 'later', kind: 'weight', n: 1 }
  ]);
});

describe('old brine as a mother', () => {
  const stock = async () => (await brines.list(house.db, 'live')).find((x) => x.id === 'old')!;
  const keep = () =>
    must('keep-brine', { commandId: 'old', name: 'Old', amount: '200 ml', strengthPercent: 4 });

  it('comes into the bowl by weight, is taken off what is kept when it is bottled, and comes back undone', async () => {
    await keep();
    await emptied();
    const alone = sauceReckonedG(await load(), (await load()).finishing!);
    await must('finish', { batchId: 'sauce', oldBrineId: 'old', oldBrine: '80 g' });
    const f = (await load()).finishing!;
    near(sauceReckonedG(await load(), f), alone + 80, 1e-3);
    // Noted, it is still there; bottled, it is not.
    near((await stock()).ml, 200, 1e-9);
    const before = standing(await load());
    const counts = { 'bottle-250.loose': 4 };
    await must('bottle', { commandId: 'b', batchId: 'sauce', counts, placeId: 'fridge', rest: 'thrown' });
    near((await stock()).ml, 200 - f.oldBrine!.ml, 1e-9);
    const events = (await batches.events(house.db, 'sauce')).map(({ at, id, command: _, ...event }) => ({
      event,
      said: { id, at }
    }));
    const b = await load();
    const book = bookOf(movedIn('sauce', events), new Set(b.fillings.map((x) => x.id)));
    near(massOf(book.came.find((l) => l.of === 'brine')!.what), 80, 1e-2);
    expect(Math.abs(massOf(sumOf(book.came)) - massOf(sumOf(book.went)) - massOf(book.stands))).toBeLessThan(
      0.002
    );
    await must('undo', { of: 'b' });
    near((await stock()).ml, 200, 1e-9);
    expect(standing(await load())).toEqual(before);
  });

  it('is left out again by an empty weight; nothing that is not there, and no more than there is', async () => {
    await keep();
    await emptied();
    expect(await codes('finish', { batchId: 'sauce', oldBrineId: 'none', oldBrine: '80 g' })).toEqual([
      'brine-unknown'
    ]);
    expect(await codes('finish', { batchId: 'sauce', oldBrine: '80 g' })).toEqual(['brine-unknown']);
    expect(await codes('finish', { batchId: 'sauce', oldBrineId: 'old', oldBrine: '300 g' })).toEqual([
      'more-brine-than-there'
    ]);
    await must('finish', { batchId: 'sauce', oldBrineId: 'old', oldBrine: '80 g' });
    await must('finish', { batchId: 'sauce', oldBrine: '' });
    expect((await load()).finishing!.oldBrine).toBeUndefined();
  });

  it('that another used up meanwhile is said before anything is bottled, and too old it is none', async () => {
    await keep();
    await emptied();
    await must('finish', { batchId: 'sauce', oldBrineId: 'old', oldBrine: '80 g' });
    await must('take-brine', { brineId: 'old', amount: '150 ml' });
    const counts = { 'bottle-250.loose': 4 };
    expect(await codes('bottle', { batchId: 'sauce', counts, placeId: 'fridge' })).toEqual([
      'more-brine-than-there'
    ]);
    expect((await load()).finishing).toBeDefined();
    house.at('2026-10-30', 9);
    expect(await codes('finish', { batchId: 'sauce', oldBrineId: 'old', oldBrine: '20 g' })).toEqual([
      'brine-unknown'
    ]);
  });
});
