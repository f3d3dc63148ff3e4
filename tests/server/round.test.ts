import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { BY_LOG, type RoundStop } from '$lib/core/care';
import { batches } from '$lib/server/repos';
import { today } from '$lib/server/views/today';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('settle', { name: 'Test kitchen', people: '3', units: 'metric' });
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
  const jars = { since: '2026-09-08', placeId: 'counter', jarId: 'clip-1000.clamped' };
  for (const [commandId, styleId, cropId, n] of [
    ['kraut', 'shredded', 'cabbage-white', 2],
    ['sticks', 'pieces', 'kohlrabi', 1]
  ] as const)
    await house.say('enter-standing', { ...jars, commandId, name: commandId, styleId, cropId, jars: n });
});
afterEach(() => house.db.destroy());

const load = async (id: string) => (await batches.load(house.db, id))!.state;
const counter = async () => (await today(house, true)).due.find((p) => p.placeId === 'counter');
const stops = async (): Promise<readonly RoundStop[]> => (await counter())?.stops.shown ?? [];
const visitOf = ({ batchId, fillingIds, wants }: RoundStop) => ({
  batchId,
  fillingIds,
  cares: wants.map(({ kind, slot, fillingIds: of }) => ({ kind, slot, fillingIds: of }))
});

describe('the round', () => {
  it('a place in one command, stored and taken back as one', async () => {
    const before = await stops();
    expect(before.map((s) => [s.batchId, s.lidNumbers.length])).toEqual([
      ['kraut', 2],
      ['sticks', 1]
    ]);
    expect((await counter())!.jars).toBe(3);
    const done = await house.say('visit', { visits: before.map(visitOf) });
    expect(done).toMatchObject({ ok: true, value: { lidNumbers: [1, 2, 3] } });
    const after = await stops();
    expect(after.flatMap((s) => s.wants).every((w) => BY_LOG.has(w.kind))).toBe(true);
    if (done.ok) expect(await house.say('undo', { of: done.commandId })).toMatchObject({ ok: true });
    expect(await stops()).toEqual(before);
  });
  it('what another hand has answered meanwhile is left out, and all of it answered is said', async () => {
    const seen = await stops();
    await house.say('visit', { visits: [visitOf(seen[0]!)] });
    const rest = await house.say('visit', { visits: JSON.stringify(seen.map(visitOf)) });
    expect(rest).toMatchObject({ ok: true, value: { lidNumbers: [3] } });
    expect(await house.say('visit', { visits: seen.map(visitOf) })).toMatchObject({
      codes: ['already-answered']
    });
    const wrong = [{ ...visitOf(seen[0]!), fillingIds: ['nobody'] }];
    expect(await house.say('visit', { visits: wrong, pH: '4,1' })).toMatchObject({ codes: ['jar-unknown'] });
    expect(await house.say('visit', { visits: [] })).toMatchObject({ codes: ['no-jar-named'] });
    expect(await house.say('visit', { visits: 'not a list' })).toMatchObject({ ok: false });
  });
  it('one that is refused leaves nothing of the rest behind', async () => {
    const seen = await stops();
    await house.say('see-sign', { batchId: 'sticks', fillingIds: 'sticks.j1', sign: 'mould' });
    const events = await house.events();
    const tasted = await house.say('visit', { visits: seen.map(visitOf), sour: 2 });
    expect(tasted).toMatchObject({ codes: ['discard-first'] });
    expect(await house.events()).toBe(events);
  });
  it('after weeks: as it was, or gone; what must be measured and moved is still asked, and nothing was tasted', async () => {
    house.at('2026-11-20', 9);
    const quiet = await stops();
    expect(quiet.map((s) => s.quietSince !== null)).toEqual([true, true]);
    expect(
      await house.say('gone', { batchId: 'kraut', fillingIds: 'kraut.j2', how: 'thrown' })
    ).toMatchObject({ ok: true, value: { lidNumbers: [2] } });
    expect((await load('kraut')).portions.at(-1)).toMatchObject({ how: 'thrown', fillingId: 'kraut.j2' });
    await house.say('visit', { visits: (await stops()).map(visitOf), how: 'unknown' });
    const after = await stops();
    expect(after.every((s) => s.quietSince === null)).toBe(true);
    expect(new Set(after.flatMap((s) => s.wants.map((w) => w.kind)))).toEqual(new Set(['pH', 'toCold']));
    expect((await load('kraut')).tastes).toEqual([]);
    // Skipping is for what comes again; the cold is asked for once.
    await house.say('visit', { visits: after.map(visitOf), how: 'skipped' });
    expect(new Set((await stops()).flatMap((s) => s.wants.map((w) => w.kind)))).toEqual(new Set(['toCold']));
  });
  it('a condemned jar is thrown away only', async () => {
    await house.say('see-sign', { batchId: 'kraut', fillingIds: 'kraut.j1', sign: 'mould' });
    const eat = { batchId: 'kraut', fillingIds: ['kraut.j1', 'kraut.j2'], how: 'eaten' };
    expect(await house.say('gone', eat)).toMatchObject({ codes: ['discard-first'] });
    expect(await house.say('gone', { ...eat, how: 'thrown' })).toMatchObject({ ok: true });
  });
});
