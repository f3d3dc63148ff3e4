import { describe, expect, it } from 'vitest';
import { openDatabase } from '$lib/server/db/open';
import { lots } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import { testHouse, ZONE } from '../support/house';

describe('a write that fails half way', () => {
  it('leaves nothing behind, whichever write it is', async () => {
    // Fails the nth insert of one use case, for n = 1, 2, … until it goes through.
    for (let nth = 1; nth < 20; nth++) {
      const db = await openDatabase(':memory:');
      const house = { db, zone: ZONE, clock: { now: () => Date.UTC(2026, 8, 12, 8), stepped: false } };
      const ready = await testReady(house);
      await db.raw('CREATE TABLE fuse (left INTEGER)');
      await db('fuse').insert({ left: nth });
      for (const table of ['event', 'command', 'current'])
        await db.raw(
          `CREATE TRIGGER fuse_${table} BEFORE INSERT ON ${table} BEGIN UPDATE fuse SET left = left - 1; SELECT RAISE(ABORT, 'fuse') FROM fuse WHERE left = 0; END`
        );
      const before = await db('event').count({ n: '*' });
      const draft = await db('current').select('stream', 'n').orderBy('stream');
      const run = USE_CASES['start-batch'](house, { ...ready, commandId: 'go' });
      const failed = await run.then(
        () => false,
        () => true
      );
      if (!failed) {
        expect(nth).toBeGreaterThan(4);
        await db.destroy();
        return;
      }
      expect(await db('event').count({ n: '*' })).toEqual(before);
      expect(await db('current').select('stream', 'n').orderBy('stream')).toEqual(draft);
      expect(await db('command').where({ id: 'go' })).toEqual([]);
      await db.destroy();
    }
    throw new Error('it never went through');
  });

  async function testReady(house: Parameters<(typeof USE_CASES)['weigh-in']>[0]) {
    await USE_CASES['own-jars'](house, { commandId: 'a', geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
    await USE_CASES['weigh-in'](house, { commandId: 'b', cropId: 'cabbage-white', weight: '2 kg' });
    await USE_CASES['take-to-bench'](house, { commandId: 'c', lotId: 'b', weight: '' });
    return {
      styleId: 'shredded',
      fraction: 0.022,
      saltKindId: 'sea-fine',
      placeId: 'counter',
      opens: true,
      name: 'Kraut'
    };
  }
});

describe('the log', () => {
  it('cannot be changed or shortened, and a second event at the same number is turned away', async () => {
    const house = await testHouse();
    await house.say('weigh-in', { commandId: 'x', cropId: 'carrot', weight: '1 kg' });
    await expect(house.db('event').update({ data: '{}' })).rejects.toThrow('only ever appended');
    await expect(house.db('event').delete()).rejects.toThrow('only ever appended');
    await expect(house.db('command').delete()).rejects.toThrow('only ever appended');
    const [row] = (await house.db('event').where({ stream: 'lot:x' })) as Record<string, unknown>[];
    await expect(house.db('event').insert({ ...row, seq: undefined, id: 'other' })).rejects.toThrow('UNIQUE');
    expect((await lots.list(house.db, 'all')).length).toBe(1);
    await house.db.destroy();
  });
});
