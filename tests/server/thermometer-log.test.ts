import { beforeEach, afterEach, describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { shownAt, tempsDuring } from '$lib/core/kit';
import { wallOf } from '$lib/server/clock';
import { readConfig } from '$lib/server/config';
import { openThermometers } from '$lib/server/devices';
import { News } from '$lib/server/news';
import { household } from '$lib/server/repos';
import { ThermometerLog } from '$lib/server/thermometer-log';
import { testHouse, ZONE, type TestHouse } from '../support/house';

describe('thermometers that note by themselves', () => {
  let house: TestHouse;
  let thermometers: NonNullable<ReturnType<typeof openThermometers>>;
  let log: ThermometerLog;
  const failed: unknown[] = [];
  beforeEach(async () => {
    house = await testHouse();
    await house.say('settle', { name: 'Test kitchen' });
    thermometers = openThermometers('stand-in', () => wallOf(house.clock.now(), ZONE))!;
    failed.length = 0;
    log = new ThermometerLog({ ...house, thermometers }, (e) => failed.push(e));
  });
  afterEach(async () => {
    await log.stop();
    thermometers.close();
    await house.db.destroy();
    expect(failed).toEqual([]);
  });
  const place = async (id: string) => (await household(house.db)).places.find((p) => p.id === id)!;
  const counter = () => place('counter');

  it('note at once where nothing was read, and nothing again while nothing is new; dry goods have none', async () => {
    await log.look();
    await log.look();
    expect((await counter()).read).toHaveLength(1);
    expect((await place('pantry')).read).toBeUndefined();
    expect((await counter()).read![0]!.tempC).toBe(shownAt(await counter(), wall('2026-09-12', 8, 10), []));
  });

  it('remember what passed while nobody looked: few readings, and the days come out as they were', async () => {
    await log.look();
    house.at('2026-09-26', 9);
    await log.look();
    const now = await counter();
    expect(now.read!.length).toBeGreaterThanOrEqual(8);
    expect(now.read!.length).toBeLessThan(50);
    const spells = tempsDuring(now, wall('2026-09-13'), wall('2026-09-26'));
    // At every hour of two weeks what was noted is within what is not worth noting of what it showed, half the time it had to wait.
    for (let at = wall('2026-09-13'); at < wall('2026-09-26'); at += 60) {
      const taken = spells.filter((s) => s.from <= at).at(-1)!.tempC;
      expect(Math.abs(taken - shownAt(now, at, []))).toBeLessThan(1);
    }
  });

  it('bring a warm spell into the days of the place within hours, and what is said of it stays as it was', async () => {
    await log.look();
    thermometers.play!.act({ do: 'spell', placeId: 'counter', byC: 6 });
    house.at('2026-09-13', 8);
    await log.look();
    const now = await counter();
    expect(now.tempC).toBe(21);
    expect(tempsDuring(now, wall('2026-09-12', 20), wall('2026-09-13', 8)).at(-1)!.tempC).toBeGreaterThan(26);
  });

  it('note nothing while the line is cut, and what they remember when it is back', async () => {
    await log.look();
    thermometers.play!.plug(false);
    house.at('2026-09-20', 8);
    await log.look();
    expect((await counter()).read).toHaveLength(1);
    thermometers.play!.plug(true);
    await log.look();
    expect((await counter()).read!.length).toBeGreaterThan(3);
  });

  it('look by themselves after a start and when the house tells that a place is new', async () => {
    const news = new News(() => house.clock.now());
    const awake = new ThermometerLog({ ...house, thermometers, news }, (e) => failed.push(e));
    awake.start();
    await awake.look();
    expect((await counter()).read).toHaveLength(1);
    await house.say('set-place', { name: 'Stairs', kind: 'cold', tempC: '14' });
    news.tell({ version: 1, kinds: ['household'] });
    await awake.look();
    const stairs = (await household(house.db)).places.find((p) => p.name === 'Stairs')!;
    expect(stairs.read).toHaveLength(1);
    await awake.stop();
    expect(news.listening).toBe(0);
  });

  it('keep their entries as a hand’s: dated when it was read, by which device, and taken back like any', async () => {
    await log.look();
    const row = (await house
      .db('command')
      .where({ kind: 'read-thermometer' })
      .whereLike('id', '%.counter')
      .first()) as {
      id: string;
      device: string;
    };
    expect(row.device).toBe('thermometers');
    const jars = { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' };
    const owned = await house.say('own-jars', jars);
    house.at('2026-09-16', 8);
    await log.look();
    // What notes by itself stands in nobody's way.
    expect(await house.say('undo', { of: owned.ok ? owned.commandId : '' })).toMatchObject({ ok: true });
    const before = (await counter()).read!.length;
    expect(await house.say('undo', { of: row.id })).toMatchObject({ ok: true });
    expect((await counter()).read).toHaveLength(before - 1);
  });

  it('are none unless the settings name them; the demo has the simulated ones', () => {
    expect(readConfig({}).thermometers).toBe('none');
    expect(readConfig({ CROCKLE_DEMO: '1' }).thermometers).toBe('stand-in');
    expect(() => readConfig({ CROCKLE_THERMOMETERS: 'on' })).toThrow(
      /CROCKLE_THERMOMETERS must be none or stand-in/
    );
  });
});
