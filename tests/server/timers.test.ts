import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { openDatabase } from '$lib/server/db/open';
import { SteppedClock } from '$lib/server/clock';
import { rebuildAll, timers } from '$lib/server/repos';
import { running } from '$lib/server/views';
import { READERS as READ } from '$lib/server/views/reads';
import { stepClock, type House } from '$lib/server/usecases';
import { nextCare } from '$lib/server/views/care';
import { testHouse, ZONE, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => (house = await testHouse()));
afterEach(() => house.db.destroy());
const set = async (lasts: string, over: object = {}) => {
  const r = await house.say('start-timer', { name: 'Rest', lasts, ...over });
  if (!r.ok) throw new Error(r.codes.join());
  return r.commandId;
};

describe('timers', () => {
  it('are the same for every phone, and silent once one of them heard it', async () => {
    const id = await set('20 min', { placeId: 'counter', next: 'Rub it again' });
    expect(await READ.timers(house)).toEqual([
      {
        ...{ id, name: 'Rest', placeId: 'counter', next: 'Rub it again', sound: 'bell' },
        ringsIn: 20,
        ringing: false
      }
    ]);
    house.at('2026-09-12', 8, 35);
    expect(await READ.timers(house)).toMatchObject([{ ringsIn: null, ringing: true }]);
    expect(await house.say('hear-timer', { timerId: id })).toMatchObject({ ok: true });
    expect(await running(house)).toEqual([]);
    expect(await house.say('hear-timer', { timerId: id })).toMatchObject({ codes: ['timer-over'] });
    expect(await house.say('end-timer', { timerId: 'none' })).toMatchObject({ codes: ['timer-unknown'] });
  });
  it('stopped by a slip, it runs on when that is undone; one with a change on it is not undone', async () => {
    const id = await set('1 h');
    const stop = await house.say('end-timer', { timerId: id });
    expect(await running(house)).toEqual([]);
    await house.say('undo', { of: stop.ok ? stop.commandId : '' });
    expect(await running(house)).toMatchObject([{ id }]);
    await house.say('change-timer', { timerId: id, way: 'longer', by: '5 min' });
    expect(await house.say('undo', { of: id })).toMatchObject({ codes: ['changed-since'] });
  });
  it('the next to ring comes first; what nobody stopped is put away', async () => {
    const late = await set('2 h');
    const soon = await set('5 min');
    expect((await running(house)).map((t) => t.id)).toEqual([soon, late]);
    house.at('2026-09-14');
    expect(await running(house)).toEqual([]);
    await set('5 min');
    expect((await timers.list(house.db, 'live')).length).toBe(1);
  });
  it('stand in the log as anything does', async () => {
    await set('20 min', { every: '5' });
    const before = await timers.list(house.db, 'all');
    await house.db.transaction((trx) => rebuildAll(trx, ZONE));
    expect(await timers.list(house.db, 'all')).toEqual(before);
    expect(await house.say('start-timer', { name: 'x', lasts: '5', placeId: 'moon' })).toMatchObject({
      codes: ['place-unknown']
    });
  });
});

describe('the demo’s clock', () => {
  it('steps to the next ring, and keeps it over a restart', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'timers-')), 'demo.db');
    const open = async (): Promise<House> => {
      const db = await openDatabase(file);
      return { db, zone: ZONE, clock: await SteppedClock.open(db, Date.UTC(2026, 8, 12, 8)) };
    };
    let demo = await open();
    const { USE_CASES } = await import('$lib/server/usecases');
    expect(await stepClock(demo, { by: 'ring' }, nextCare)).toMatchObject({
      refusals: [{ code: 'nothing-rings' }]
    });
    const started = { commandId: 'rest', name: 'Rest', lasts: '90 min', every: '30 min' };
    expect(await USE_CASES['start-timer'](demo, started)).toMatchObject({ ok: true });
    await demo.db.destroy();
    demo = await open();
    const at = demo.clock.now();
    expect(await stepClock(demo, { by: 'ring' }, nextCare)).toMatchObject({ ok: true });
    // Real seconds count as well: it is at the half hour by now, less what the test took.
    expect((demo.clock.now() - at) / 60_000).toBeGreaterThan(25);
    expect(await READ.timers(demo)).toMatchObject([{ ringing: true }]);
    expect(demo.clock.now() - at).toBeLessThanOrEqual(30 * 60_000);
    await demo.db.destroy();
  });
});
