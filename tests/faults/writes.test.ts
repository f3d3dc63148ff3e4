import type { CommandName } from '$lib/schema/commands';
import { describe, expect, it } from 'vitest';
import { openDatabase } from '$lib/server/db/open';
import { lots } from '$lib/server/repos';
import { USE_CASES } from '$lib/server/usecases';
import { testHouse, ZONE } from '../support/house';

type House = Parameters<(typeof USE_CASES)['weigh-in']>[0];
interface Case {
  readonly name: CommandName;
  /** Makes the house ready and answers what is then said. */
  readonly ready: (house: House) => Promise<Record<string, unknown>>;
  /** It writes at least so often. */
  readonly writes: number;
}
const start = {
  styleId: 'shredded',
  fraction: 0.022,
  saltKindId: 'sea-fine',
  placeId: 'counter',
  opens: true,
  name: 'Kraut'
};
async function onTheBench(house: House, cropId: string): Promise<void> {
  await USE_CASES['own-jars'](house, { commandId: 'a', geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
  await USE_CASES['count-goods'](house, {
    commandId: 's',
    name: 'Salt',
    kind: 'salt',
    amount: '1 kg',
    saltKindId: 'sea-fine'
  });
  await USE_CASES['weigh-in'](house, { commandId: 'b', cropId, weight: '2 kg' });
  await USE_CASES['take-to-bench'](house, { commandId: 'c', lotId: 'b', weight: '' });
}

const CASES: readonly Case[] = [
  {
    name: 'start-batch',
    ready: async (house) => {
      await onTheBench(house, 'cabbage-white');
      return start;
    },
    writes: 5
  },
  {
    // Kept brine in, the rest of the mix kept, a recipe: five streams.
    name: 'start-batch',
    ready: async (house) => {
      await onTheBench(house, 'kohlrabi');
      await USE_CASES['keep-brine'](house, {
        commandId: 'k',
        name: 'Jug',
        amount: '300 ml',
        strengthPercent: 4
      });
      return {
        ...start,
        styleId: 'pieces',
        keepRest: true,
        brineIds: JSON.stringify(['k']),
        recipeId: 'kohlrabi-mustard'
      };
    },
    writes: 9
  },
  {
    name: 'put-right',
    ready: async (house) => {
      await onTheBench(house, 'kohlrabi');
      await USE_CASES['start-batch'](house, { ...start, styleId: 'pieces', commandId: 'd' });
      return {
        batchId: 'd',
        fillingIds: ['d.j1'],
        trouble: 'wrong-top-up',
        amount: '150 ml',
        targetPercent: '3'
      };
    },
    writes: 4
  },
  {
    name: 'sort-pick',
    ready: async (house) => {
      await onTheBench(house, 'kohlrabi');
      return { lotId: 'b', culled: '100 g', offcuts: '150 g', prepared: '1.2 kg' };
    },
    writes: 4
  }
];

describe('a write that fails half way', () => {
  it.each(CASES.map((c, i) => [`${c.name}, case ${i + 1}`, c] as const))(
    '%s leaves nothing behind, whichever write it is',
    async (_, { name, ready, writes }) => {
      // Fails the nth insert of one use case, for n = 1, 2, … until it goes through.
      for (let nth = 1; nth < 40; nth++) {
        const db = await openDatabase(':memory:');
        const house = {
          db,
          zone: ZONE,
          clock: { now: () => Date.UTC(2026, 8, 12, 8), elapsed: () => 0, stepped: false }
        };
        const input = await ready(house);
        await db.raw('CREATE TABLE fuse (left INTEGER)');
        await db('fuse').insert({ left: nth });
        for (const table of ['event', 'command', 'current'])
          await db.raw(
            `CREATE TRIGGER fuse_${table} BEFORE INSERT ON ${table} BEGIN UPDATE fuse SET left = left - 1; SELECT RAISE(ABORT, 'fuse') FROM fuse WHERE left = 0; END`
          );
        const before = await db('event').count({ n: '*' });
        const stand = await db('current').select('stream', 'n').orderBy('stream');
        const draft = await db('draft').select();
        let answered: unknown;
        const failed = await USE_CASES[name](house, { ...input, commandId: 'go' }).then(
          (r) => ((answered = r), false),
          () => true
        );
        if (!failed) {
          expect(answered).toMatchObject({ ok: true });
          expect(nth).toBeGreaterThan(writes);
          await db.destroy();
          return;
        }
        expect(await db('event').count({ n: '*' })).toEqual(before);
        expect(await db('current').select('stream', 'n').orderBy('stream')).toEqual(stand);
        expect(await db('draft').select()).toEqual(draft);
        expect(await db('command').where({ id: 'go' })).toEqual([]);
        await db.destroy();
      }
      throw new Error('it never went through');
    }
  );
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
