import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { FIRST_BENCH } from '$lib/core/lot';
import { batches, lots, pantry, rebuildAll, runs } from '$lib/server/repos';
import { kitchenFor, saveBenchDraft } from '$lib/server/usecases';
import { batchPage } from '$lib/server/views/notebook';
import { runShown } from '$lib/server/views/run';
import { today } from '$lib/server/views/today';
import { START } from '../support/good';
import { testHouse, ZONE, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await must('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 4 });
  await must('count-goods', {
    name: 'Sea salt',
    kind: 'salt',
    unit: 'g',
    amount: '500 g',
    saltKindId: 'sea-fine'
  });
  await must('weigh-in', { commandId: 'lot', cropId: 'cabbage-white', weight: '2 kg' });
  await must('take-to-bench', { lotId: 'lot', weight: '' });
  await must('begin-making', { commandId: 'run', name: 'Kraut', styleId: 'shredded' });
});
afterEach(() => house.db.destroy());

async function must(...said: Parameters<TestHouse['say']>): Promise<unknown> {
  const done = await house.say(...said);
  if (!done.ok) throw new Error(`${said[0]}: ${done.codes.join()}`);
  return done.value;
}
const run = async () => (await runs.load(house.db, 'run'))!.state;
const salt = async () => (await pantry(house.db)).find((g) => g.saltKindId === 'sea-fine')!.amount;

it('is begun once on a bench; a start closes it with its lids, and what comes after is on Today on its day', async () => {
  expect(await house.say('begin-making', { name: 'Again', styleId: 'shredded' })).toMatchObject({
    codes: ['making-under-way']
  });
  expect((await today(house, false)).makings).toMatchObject([{ id: 'run', due: null, next: 'trim-heads' }]);
  await must('do-step', { runId: 'run', step: 'trim' });
  await must('lay-jar', { runId: 'run', layers: ['crop:cabbage-white', 'cap'] });
  await must('put-in', { runId: 'run', objects: { j1: { weight: 1 } } });
  const started = await house.say('start-batch', { ...START, commandId: 'kraut' });
  expect(started).toMatchObject({ ok: true });
  expect((await run()).became).toMatchObject({ batchId: 'kraut', lidNumbers: [1, 2] });
  expect((await today(house, false)).makings).toMatchObject([{ due: 'label' }]);
  await must('do-step', { runId: 'run', step: 'label' });
  expect((await today(house, false)).makings).toEqual([]);
  const page = await batchPage(house, 'kraut');
  expect(page?.making).toMatchObject({
    layers: ['crop:cabbage-white', 'cap'],
    objects: { j1: { weight: 1 } }
  });
  house.at('2026-09-20', 9);
  expect((await today(house, false)).makings).toMatchObject([{ due: 'season-later' }]);
  await must('do-step', { runId: 'run', step: 'season' });
  expect((await run()).over).toBe(true);
});

it('what nobody did in time is put away with the next making, and comes back with its undo', async () => {
  await must('start-batch', { ...START, commandId: 'kraut' });
  house.at('2026-09-30', 9);
  expect((await today(house, false)).makings).toEqual([]);
  expect((await run()).over).toBe(false);
  await must('weigh-in', { commandId: 'lot2', cropId: 'cabbage-white', weight: '1 kg' });
  await must('take-to-bench', { lotId: 'lot2', weight: '' });
  await must('begin-making', { commandId: 'next', name: 'Next', styleId: 'shredded' });
  expect((await run()).over).toBe(true);
  await must('undo', { of: 'next' });
  expect((await run()).over).toBe(false);
});

it('a start taken back opens it again, with all that was done', async () => {
  await must('do-step', { runId: 'run', step: 'trim' });
  await must('start-batch', { ...START, commandId: 'kraut' });
  await must('do-step', { runId: 'run', step: 'label' });
  await must('undo', { of: 'kraut' });
  const now = await run();
  expect(now.became).toBeNull();
  expect(now.over).toBe(false);
  expect(Object.keys(now.done)).toContain('trim');
  expect(await batches.list(house.db, 'live')).toEqual([]);
});

it('every word of it can be taken back', async () => {
  const said: [Parameters<TestHouse['say']>[0], Record<string, unknown>][] = [
    ['do-step', { step: 'trim' }],
    ['skip-step', { step: 'shred', why: 'bought shredded' }],
    ['answer-gate', { gate: 'fresh', answer: 'sound' }],
    ['tick-kit', { thing: 'tray', on: true }],
    ['put-in', { objects: { j1: { leaf: 2 } } }],
    ['lay-jar', { layers: ['cap'] }],
    ['put-off', { minutes: 60 }]
  ];
  const before = await run();
  for (const [name, input] of said) {
    const done = await house.say(name, { ...input, runId: 'run' });
    expect(done, name).toMatchObject({ ok: true });
    expect(await run(), name).not.toEqual(before);
    await must('undo', { of: done.ok ? done.commandId : '' });
    expect(await run(), name).toEqual(before);
  }
});

describe('given up', () => {
  it('unsalted, all of it goes back to the Garden and the bench is free', async () => {
    await must('give-up', { runId: 'run', how: 'back' });
    expect((await lots.list(house.db, 'live'))[0]).toMatchObject({ gardenG: 2000, benchG: 0 });
    expect((await run()).givenUp).toBe('back');
    await must('take-to-bench', { lotId: 'lot', weight: '' });
    await must('begin-making', { name: 'Again', styleId: 'shredded' });
  });
  it('salted, it is eaten or thrown away, and its salt is off the shelf; taken back, all is there again', async () => {
    await must('do-step', { runId: 'run', step: 'salt' });
    expect(await house.say('give-up', { runId: 'run', how: 'back' })).toMatchObject({
      codes: ['salted-not-back']
    });
    const gone = await house.say('give-up', {
      runId: 'run',
      how: 'thrown',
      saltKindId: 'sea-fine',
      amount: '44 g'
    });
    expect(gone).toMatchObject({ ok: true });
    expect(await lots.list(house.db, 'live')).toEqual([]);
    expect(await salt()).toBe(456);
    await must('undo', { of: gone.ok ? gone.commandId : '' });
    expect(await salt()).toBe(500);
    expect((await lots.list(house.db, 'live'))[0]).toMatchObject({ benchG: 2000 });
    expect((await run()).givenUp).toBeNull();
  });
});

it('what is under way holds its jars and its salt before what is chosen by hand elsewhere', async () => {
  const keep = (bench: string, set: Record<string, unknown>) => saveBenchDraft(house, { bench, set });
  await must('weigh-in', { commandId: 'lot2', cropId: 'cabbage-white', weight: '2 kg' });
  await must('take-to-bench', { lotId: 'lot2', weight: '', bench: 'other' });
  await keep('other', { counts: { 'clip-1000.clamped': 3 } });
  await keep(FIRST_BENCH, { holds: { 'clip-1000.clamped': 3 }, holdsSalt: { 'sea-fine': 460 } });
  const free = async (bench: string) =>
    (await kitchenFor(house.db, '2026-09-12', bench)).jars.find((j) => j.id === 'clip-1000.clamped')?.free;
  expect(await free(FIRST_BENCH)).toBe(4);
  expect(await free('other')).toBe(1);
  await must('begin-making', { commandId: 'run2', name: 'Other', styleId: 'shredded', bench: 'other' });
  const shown = await runShown(house, 'run2');
  expect(shown?.shelf['sea-fine']).toBe(40);
  expect(shown?.others).toEqual([{ id: 'run', name: 'Kraut' }]);
  expect((await runShown(house, 'run'))?.shelf['sea-fine']).toBe(500);
  expect(await runShown(house, 'nothing')).toBeNull();
});

it('derived anew from the log it is the same', async () => {
  await must('do-step', { runId: 'run', step: 'trim' });
  await must('put-off', { runId: 'run', minutes: 720 });
  const before = await run();
  expect(before.waitsTill).toBeGreaterThan(0);
  await rebuildAll(house.db, ZONE);
  expect(await run()).toEqual(before);
});

it('how long hands took is learnt once the lids are closed, shown in Kit, and begins anew by a tap', async () => {
  const minutes = async (n: number, step: string) => {
    house.at('2026-09-12', 8, n);
    await must('do-step', { runId: 'run', step });
  };
  const paces = async () => (await kitchenFor(house.db, '2026-09-12', FIRST_BENCH)).learnt.paces;
  await minutes(11, 'kit');
  await minutes(21, 'trim');
  expect(await paces()).toEqual({});
  const started = await house.say('start-batch', { ...START, commandId: 'kraut' });
  expect(started).toMatchObject({ ok: true });
  expect((await run()).became?.made).toMatchObject({ cropId: 'cabbage-white' });
  const [key = ''] = Object.keys(await paces());
  expect(key).toBe('trim-heads:cabbage-white');
  expect((await paces())[key]).toMatchObject({ n: 1 });
  expect((await paces())[key]!.mean).toBeGreaterThan(3);
  await must('reset-learning', { what: `pace:${key}` });
  expect(await paces()).toEqual({});
});

it('off-cuts get a making beside it: its style, its salt, figures and jars of their own; undone whole', async () => {
  await saveBenchDraft(house, { bench: FIRST_BENCH, set: { fraction: 0.025, saltKindId: 'kosher-flake' } });
  await must('sort-pick', { commandId: 'sorted', lotId: 'lot', offcuts: '300 g', prepared: '1.4 kg' });
  expect(await house.say('begin-beside', { runId: 'run', lotId: 'nobody', name: 'Off-cuts' })).toMatchObject({
    codes: ['lot-unknown']
  });
  await must('begin-beside', { commandId: 'beside', runId: 'run', lotId: 'sorted.off', name: 'Off-cuts' });
  expect((await runs.load(house.db, 'beside'))!.state).toMatchObject({
    styleId: 'shredded',
    bench: 'beside'
  });
  const shown = (await runShown(house, 'beside'))!;
  expect(shown.bench.lots).toMatchObject([{ benchG: 300, prepared: { g: 300 } }]);
  expect(shown.bench.draft).toMatchObject({ fraction: 0.025, saltKindId: 'kosher-flake' });
  // Once there, they are not there a second time.
  expect(await house.say('begin-beside', { runId: 'run', lotId: 'sorted.off', name: 'Again' })).toMatchObject(
    { codes: ['lot-begun-already'] }
  );
  await must('undo', { of: 'beside' });
  expect((await lots.load(house.db, 'sorted.off'))!.state.gardenG).toBe(300);
  expect(await runs.load(house.db, 'beside')).toBeUndefined();
});

it('what is over is started in a jar of its own, as it was weighed', async () => {
  await must('own-jars', { geometryId: 'clip-500', lid: 'airlock', owned: 2 });
  await must('weigh-prepared', { lotId: 'lot', weight: '1.6 kg' });
  const side = { jarId: 'clip-500.airlock', weight: '300 g' };
  const said = { ...START, counts: { 'clip-1000.clamped': 2, 'clip-500.airlock': 1 } };
  expect(await house.say('start-batch', { ...said, side: { ...side, weight: '3 kg' } })).toMatchObject({
    codes: ['more-than-there-is']
  });
  expect(await house.say('start-batch', { ...said, side: { ...side, weight: 'a bit' } })).toMatchObject({
    codes: ['not-understood']
  });
  await must('start-batch', { ...said, commandId: 'kraut', side });
  const { fillings } = (await batches.load(house.db, 'kraut'))!.state;
  expect(fillings.map((f) => f.jarId)).toEqual([
    'clip-1000.clamped',
    'clip-1000.clamped',
    'clip-500.airlock'
  ]);
  const dry = fillings.map((f) => f.holds.dryG);
  expect(dry[2]! / dry.reduce((a, b) => a + b, 0)).toBeCloseTo(300 / 1600, 6);
});
