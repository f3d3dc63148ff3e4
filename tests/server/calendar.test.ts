import ICAL from 'ical.js';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { wall, wallText } from '$lib/core/calendar';
import { icsOf } from '$lib/server/calendar/ics';
import { Keys } from '$lib/server/people';
import { makeFeed, takeBackPass } from '$lib/server/usecases/people';
import { diary } from '$lib/server/views/diary';
import { START } from '../support/good';
import { testHouse, type TestHouse } from '../support/house';

/** The calendar as a parser reads it that is not the one that wrote it. */
const ADDRESS = 'http://kitchen.local:4400';
let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await house.say('settle', { name: 'Nook; by the pond, "old" \\ mill', people: '3', units: 'metric' });
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
  const jars = { since: '2026-09-11', jarId: 'clip-1000.clamped', styleId: 'pieces', cropId: 'kohlrabi' };
  for (const [commandId, placeId, name] of [
    ['sticks', 'counter', 'Kohlrabi, dill; “thick” ones'],
    ['coins', 'fridge', 'Coins']
  ] as const)
    await house.say('enter-standing', { ...jars, commandId, placeId, name, jars: 2 });
});
afterEach(() => house.db.destroy());

async function read(name = '', feed = 'feed1') {
  const text = icsOf(await diary(house, name), ADDRESS, feed);
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
  return { text, calendar, events, uids: events.map((e) => e.uid) };
}

describe('the calendar', () => {
  it('is read by another parser: each round at its time on the household’s wall, in no zone', async () => {
    const { text, calendar, events, uids } = await read();
    expect(text.split('\r\n').every((line) => Buffer.byteLength(line) <= 75)).toBe(true);
    expect(calendar.getFirstPropertyValue('method')).toBe('PUBLISH');
    expect(calendar.getFirstPropertyValue('x-wr-calname')).toBe('Crockle, Nook; by the pond, "old" \\ mill');
    const { rounds, windows } = await diary(house, '');
    expect(rounds.length).toBeGreaterThan(10);
    expect(events).toHaveLength(rounds.length + windows.length);
    expect(new Set(uids).size).toBe(uids.length);
    for (const r of rounds) {
      const event = events.find((e) => e.uid.startsWith(`round-${r.placeId}-${wallText(r.at)}`))!;
      expect(event.startDate.toString()).toBe(`${wallText(r.at)}:00`);
      expect(event.startDate.zone).toBe(ICAL.Timezone.localTimezone);
      expect(event.duration.toSeconds()).toBe(r.minutes * 60);
      expect(event.description.split('\n')).toHaveLength(r.cares.length);
    }
    const first = events.find((e) => e.uid.startsWith('round-counter'))!;
    expect(first.description).toContain('Kohlrabi, dill; “thick” ones, jars 1 and 2: ');
    expect(first.location).toBe('Kitchen counter');
    expect(first.component.getAllSubcomponents('valarm')).toHaveLength(1);
    const taste = events.find((e) => e.uid.startsWith('firstTaste'))!;
    expect(taste.startDate.isDate).toBe(true);
    expect(taste.component.getFirstPropertyValue('url')).toBe(`${ADDRESS}/notebook/sticks`);
  });
  it('a reading moves a window under its own name, newer than before; taken back it stands as before', async () => {
    const last = ({ events }: Awaited<ReturnType<typeof read>>) =>
      events.find((e) => e.uid.startsWith('last-kraut'))!;
    // What was weighed in and salted here is reckoned; of what stood there already only the usual days are known.
    await house.say('weigh-in', { commandId: 'pick', cropId: 'cabbage-white', weight: '1 kg' });
    await house.say('take-to-bench', { lotId: 'pick', weight: '' });
    await house.say('start-batch', { ...START, commandId: 'kraut' });
    house.at('2026-09-16', 9);
    const before = last(await read());
    const pH = await house.say('ph', { batchId: 'kraut', fillingIds: ['kraut.j1'], pH: 3.5, by: 'meter' });
    const after = last(await read());
    expect(after.uid).toBe(before.uid);
    expect(after.sequence).toBeGreaterThan(before.sequence);
    expect(after.startDate.compare(before.startDate)).toBeLessThan(0);
    if (pH.ok) await house.say('undo', { of: pH.commandId });
    const again = last(await read());
    expect(again.startDate.compare(before.startDate)).toBe(0);
    expect(again.sequence).toBeGreaterThan(after.sequence);
  });
  it('what is done is no longer told, and a timer is', async () => {
    const at = wall('2026-09-12', 20);
    const uid = `round-counter-${wallText(at)}@feed1.crockle`;
    house.at('2026-09-13', 9);
    const open = { kind: 'open', how: 'done', batchId: 'sticks', fillingIds: ['sticks.j1', 'sticks.j2'] };
    await house.say('start-timer', { name: 'Brine cools', lasts: '1 h 30' });
    const { events } = await read();
    expect(events.find((e) => e.summary === 'Brine cools')!.startDate.toString()).toBe('2026-09-13T10:30:00');
    const morning = `round-counter-2026-09-13T08:00@feed1.crockle`;
    expect((await read()).uids).not.toContain(uid);
    expect((await read()).events.find((e) => e.uid === morning)?.description).toMatch(/open/);
    await house.say('care', { ...open, slot: wall('2026-09-13', 8) });
    expect((await read()).events.find((e) => e.uid === morning)?.description ?? '').not.toMatch(/open/);
  });
  it('for one by name leaves out the places that another has taken', async () => {
    await house.say('take-place', { placeId: 'counter', name: 'Rob' });
    const counter = (all: readonly string[]) => all.some((id) => id.startsWith('round-counter'));
    for (const name of ['Rob', 'rob ']) expect(counter((await read(name)).uids)).toBe(true);
    expect(counter((await read('Ida')).uids)).toBe(false);
    expect(counter((await read('')).uids)).toBe(true);
    await house.say('take-place', { placeId: 'counter', name: '' });
    expect(counter((await read('Ida')).uids)).toBe(true);
  });
});

describe('its address', () => {
  it('holds for a calendar only, is kept by its fingerprint, and is taken back for good', async () => {
    let now = Date.UTC(2026, 8, 12);
    const keys = new Keys(house.db, true, () => now);
    const mine = { name: 'Ida', role: 'hand', kind: 'session', pass: 'p' } as const;
    const made = await makeFeed({ ...house, keys, hand: mine }, { commandId: 'f', name: 'Ida' });
    if (!made.ok) throw new Error();
    const secret = /^\/calendar\/([\w-]{43})\.ics$/.exec(made.value.path)![1]!;
    expect(JSON.stringify(await house.db('pass'))).not.toContain(secret);
    const hand = await keys.whoShows('feed', secret);
    expect(hand).toMatchObject({ name: 'Ida', role: 'guest' });
    for (const kind of ['session', 'token'] as const) expect(await keys.whoShows(kind, secret)).toBeNull();
    // Signing out phones leaves it; it lives as long as it is read now and then.
    await keys.signOutAll();
    now += 300 * 86_400_000;
    expect(await keys.whoShows('feed', secret)).not.toBeNull();
    now += 300 * 86_400_000;
    expect(await keys.whoShows('feed', secret)).not.toBeNull();
    const back = await takeBackPass({ ...house, keys, hand: mine }, { commandId: 'b', passId: hand!.pass });
    expect(back.ok).toBe(true);
    expect(await keys.whoShows('feed', secret)).toBeNull();
    // No guest makes one, and no program.
    for (const not of [
      { ...mine, role: 'guest' as const },
      { ...mine, kind: 'token' as const }
    ])
      expect(await makeFeed({ ...house, keys, hand: not }, { commandId: 'g', name: '' })).toMatchObject({
        ok: false
      });
  });
});
