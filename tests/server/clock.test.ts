import { describe, expect, it } from 'vitest';
import { wall, wallText } from '$lib/core/calendar';
import { instantOf, SteppedClock, wallOf } from '$lib/server/clock';
import { readConfig } from '$lib/server/config';
import { openDatabase } from '$lib/server/db/open';
import { stepClock } from '$lib/server/usecases';
import { nextCare } from '$lib/server/views/care';
import { vector } from '../support/vectors';

describe('the household’s wall', () => {
  for (const id of ['V46', 'V47']) {
    const v = vector(id);
    it(v.name, () => {
      const [day = '', time = ''] = (v.in.start as string).split('T');
      const [h = 0, m = 0] = time.split(':').map(Number);
      const begins = wall(day, h, m);
      const due = begins + v.in.addDays * 1440;
      expect(wallText(due)).toBe(v.out.dueLocal);
      expect(new Date(instantOf(due, v.in.zone)).toISOString().slice(0, 16)).toBe(v.out.dueUtc.slice(0, 16));
      expect((instantOf(due, v.in.zone) - instantOf(begins, v.in.zone)) / 3_600_000).toBe(v.out.elapsedHours);
    });
  }
  it('goes there and back in any zone', () => {
    for (const zone of ['Europe/Dublin', 'America/New_York', 'Pacific/Auckland', 'Asia/Kolkata'])
      for (let day = 0; day < 366; day += 5) {
        const at = wall('2026-01-01', 12) + day * 1440;
        expect(wallOf(instantOf(at, zone), zone)).toBe(at);
      }
  });
});

describe('the demo’s clock', () => {
  it('steps by an hour and a day, is remembered, and never goes back', async () => {
    const db = await openDatabase(':memory:');
    const zone = 'Europe/Dublin';
    const clock = await SteppedClock.open(db, instantOf(wall('2026-09-12', 8, 10), zone));
    const house = { db, clock, zone };
    await stepClock(house, { by: 'hour' }, nextCare);
    await stepClock(house, { by: 'day' }, nextCare);
    expect(wallText(wallOf(clock.now(), zone))).toBe('2026-09-13T09:10');
    expect(await stepClock(house, { by: 'due' }, nextCare)).toMatchObject({
      refusals: [{ code: 'nothing-due' }]
    });
    await expect(clock.stepTo(clock.now() - 1)).rejects.toThrow('never');
    expect((await SteppedClock.open(db, 0)).now()).toBe(clock.now());
    await db.destroy();
  });
});

describe('settings', () => {
  it('have defaults, and are refused by name when they cannot be', () => {
    expect(readConfig({})).toMatchObject({ demo: false, database: 'data/household.db', logLevel: 'info' });
    expect(readConfig({ CROCKLE_DEMO: '1' }).zone).toBe('Europe/Dublin');
    expect(() => readConfig({ CROCKLE_DEMO: 'yes', CROCKLE_ZONE: 'Mars/Olympus' })).toThrow(
      /CROCKLE_DEMO must be 0 or 1 \(it is "yes"\)[\s\S]*CROCKLE_ZONE must be a time zone/
    );
  });
});
