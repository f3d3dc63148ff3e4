import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { Knex } from 'knex';
import { Aggregate } from '$lib/server/db/aggregate';
import { appendTo } from '$lib/server/db/log';
import { Seen } from '$lib/server/seen';
import { testHouse, ZONE } from '../support/house';

/** Everything that was added, in order: what is left out or said twice shows. */
const kind = {
  kind: 'said',
  evolve: (_: string, state: string | undefined, e: { type: string; data: unknown }) =>
    `${state ?? ''}${String(e.data)} `,
  isLive: () => true
};
const EVERY = 3;
const often = new Aggregate<string, { type: string; data: unknown }>(kind, EVERY);

const work = (trx: Knex, command: string) => ({ trx, command, at: 0, wall: 0, zone: ZONE, elapsed: 0 });

describe('a long stream', () => {
  it('stands as its log says, whatever was undone, and whether it was read from a snapshot or from its beginning', async () => {
    const house = await testHouse();
    let stream = 0;
    await fc.assert(
      fc.asyncProperty(
        // Each step says so many things, or takes one of the former steps back.
        fc.array(fc.oneof(fc.integer({ min: 1, max: 4 }), fc.integer({ min: -12, max: -1 })), {
          maxLength: 25
        }),
        async (steps) => {
          const id = `s${++stream}`;
          const name = `said:${id}`;
          const said: { command: string; n: number; events: string[] }[] = [];
          let n = 0;
          for (const [i, step] of steps.entries()) {
            const command = `${id}.c${i}`;
            if (step > 0) {
              const events = Array.from({ length: step }, (_, k) => `${i}.${k}`);
              await often.append(
                work(house.db, command),
                id,
                events.map((data) => ({ type: 'added', data }))
              );
              said.push({ command, n: n + 1, events });
              n += step;
              continue;
            }
            const at = said.length + step;
            if (at < 0) continue;
            const gone = said.splice(at, 1)[0]!;
            await appendTo(house.db, name, n, command, 0, [{ type: 'undone', data: { of: gone.command } }]);
            n += 1;
            await often.rebuild(house.db, id, ZONE, gone.n);
          }
          const wanted = said.flatMap((s) => s.events).join(' ');
          const now = await often.load(house.db, id);
          expect((now?.state ?? '').trim()).toBe(wanted);
          // Never more than a few are kept, and none from after what was undone.
          const kept = (await house.db('snapshot').where({ stream: name })) as { n: number }[];
          expect(kept.length).toBeLessThanOrEqual(4);
          await often.rebuild(house.db, id, ZONE);
          expect(((await often.load(house.db, id))?.state ?? '').trim()).toBe(wanted);
        }
      ),
      { numRuns: 60 }
    );
    await house.db.destroy();
  });
});

describe('what pages read', () => {
  it('is read once until something is stored, and anew where it could not be read', async () => {
    let [beat, reads] = ['a', 0];
    const seen = new Seen(() => beat);
    const read = () => Promise.resolve(++reads);
    expect([await seen.once('x', read), await seen.once('x', read), await seen.once('y', read)]).toEqual([
      1, 1, 2
    ]);
    beat = 'b';
    expect([await seen.once('x', read), await seen.once('x', read)]).toEqual([3, 3]);
    await expect(seen.once('z', () => Promise.reject(new Error('disk')))).rejects.toThrow('disk');
    expect(await seen.once('z', read)).toBe(4);
  });
  it('what shall not be kept is read again, and of more than can be kept goes what was asked for longest ago', async () => {
    let reads = 0;
    const seen = new Seen(() => 'a');
    const read = () => Promise.resolve(++reads);
    expect([await seen.once('x', read, () => false), await seen.once('x', read)]).toEqual([1, 2]);
    for (let n = 0; n < 59; n++) await seen.once(`page ${n}`, read);
    expect(await seen.once('x', read)).toBe(2);
    await seen.once('one more', read);
    expect(await seen.once('x', read)).toBe(2);
    expect(await seen.once('page 58', read)).toBe(61);
    expect(await seen.once('page 0', read)).toBe(63);
  });
});
