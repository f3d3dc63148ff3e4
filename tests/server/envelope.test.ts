import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { wall, wallText } from '$lib/core/calendar';
import { batches, rebuildAll } from '$lib/server/repos';
import { instantOf } from '$lib/server/clock';
import { versionOf } from '$lib/server/db/log';
import { News, type Told } from '$lib/server/news';
import { USE_CASES } from '$lib/server/usecases';
import { PREPARED } from '../support/good';
import { testHouse, ZONE, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  for (const [name, input] of PREPARED) await house.say(name, input);
});
afterEach(() => house.db.destroy());

const kraut = async () => (await batches.load(house.db, 'kraut'))!.state;
const TASTE = { batchId: 'kraut', fillingIds: 'kraut.j1', sour: 2, salt: 2, crunch: 4 };

describe('what stands on every command', () => {
  it('care said late is dated when it was done, and so is what is derived from it anew', async () => {
    house.at('2026-09-15', 20, 0);
    const done = { doneAt: '2026-09-15T07:30', device: 'kitchen', saw: 12 };
    expect(await house.say('taste', { ...TASTE, ...done, commandId: 'late' })).toMatchObject({ ok: true });
    const tasted = async () => wallText((await kraut()).tastes.at(-1)!.at);
    expect(await tasted()).toBe('2026-09-15T07:30');
    await rebuildAll(house.db, ZONE);
    expect(await tasted()).toBe('2026-09-15T07:30');
    const at = (hour: number, minute: number) => instantOf(wall('2026-09-15', hour, minute), ZONE);
    expect(await house.db('command').where({ id: 'late' }).first()).toMatchObject({
      device: 'kitchen',
      saw: 12,
      at: at(20, 0),
      done: at(7, 30)
    });
  });
  it('what has a day of its own, or changes what follows, counts from when it arrived', async () => {
    house.at('2026-09-15', 20, 0);
    const moved = { batchId: 'kraut', fillingIds: 'kraut.j1', placeId: 'fridge' };
    expect(await house.say('move', { ...moved, doneAt: '2026-09-13T08:00' })).toMatchObject({ ok: true });
    expect(wallText((await kraut()).fillings[0]!.stays.at(-1)!.from)).toBe('2026-09-15T20:00');
  });
  it.each([
    ['2026-09-15T20:30', 'done-ahead'],
    ['2026-06-01T08:00', 'done-long-ago'],
    ['2026-09-11T08:00', 'done-before-it'],
    ['2026-09-31T08:00', 'day-strange'],
    ['yesterday', 'day-strange']
  ])('a phone that says %s is told %s', async (doneAt, code) => {
    house.at('2026-09-15', 20, 0);
    expect(await house.say('taste', { ...TASTE, doneAt })).toEqual({ ok: false, codes: [code] });
  });
  it('a phone whose clock is a few minutes ahead is taken at the house’s', async () => {
    house.at('2026-09-15', 20, 0);
    expect(await house.say('taste', { ...TASTE, doneAt: '2026-09-15T20:05' })).toMatchObject({ ok: true });
    expect(wallText((await kraut()).tastes.at(-1)!.at)).toBe('2026-09-15T20:00');
  });
  it('said again with another envelope it is the same command', async () => {
    const said = { ...TASTE, commandId: 'twice' };
    expect(await house.say('taste', { ...said, device: 'a', saw: 3 })).toMatchObject({ ok: true });
    const before = await house.events();
    expect(await house.say('taste', { ...said, device: 'a', saw: 9 })).toMatchObject({ ok: true });
    expect(await house.events()).toBe(before);
  });
});

describe('news', () => {
  it('tells what was stored, once, and nothing of what was refused', async () => {
    const news = new News(() => 7);
    const heard: (Told | null)[] = [];
    const stop = news.hear((change) => heard.push(change));
    const loud = { ...house, news };
    const say = (commandId: string, more = {}) => USE_CASES.taste(loud, { ...TASTE, commandId, ...more });
    await say('a');
    const first = news.beat;
    expect(heard).toEqual([
      { version: await versionOf(house.db), kinds: ['batch'], beat: first, elapsed: 7 }
    ]);
    await say('a');
    await say('b', { batchId: 'nobody' });
    expect(heard).toHaveLength(1);
    await USE_CASES.undo(loud, { commandId: 'c', of: 'a' });
    expect(heard.at(-1)).toEqual({
      version: await versionOf(house.db),
      kinds: ['batch'],
      beat: news.beat,
      elapsed: 7
    });
    expect(news.beat).not.toBe(first);
    expect(new News(() => 7).beat).not.toBe(new News(() => 7).beat);
    stop();
    await say('d');
    expect(heard).toHaveLength(2);
    expect(news.listening).toBe(0);
  });
});
