import { leftG } from '$lib/core/batch';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Knex } from 'knex';
import { openDatabase } from '$lib/server/db/open';
import { batches, household, lots, numbered, rebuildAll } from '$lib/server/repos';
import { learntOf } from '$lib/server/usecases';
import { USE_CASES, type House } from '$lib/server/usecases';
import { cold, type Cold } from '$lib/server/views/cold';
import { season } from '$lib/server/views/season';
import { STEP, steps } from '$lib/server/views/steps';
import { today } from '$lib/server/views/today';
import { playYears } from '../support/years';
import { ZONE } from '../support/house';

// A short form of the ten years that npm run bench plays.
let folder = '';
let db: Knex;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'crockle-years-'));
  await playYears(join(folder, 'y.db'), { seed: 11, from: '2024-05-01', batches: 24, marks: [1, 1.5] });
  db = await openDatabase(join(folder, 'y.db.1.5'));
});
afterAll(async () => {
  await db.destroy();
  rmSync(folder, { recursive: true, force: true });
});

const jarsAt = (c: Cold, placeId: string) =>
  c.places.find((p) => p.placeId === placeId)?.jars.shown.length ?? 0;

const count = async (table: string, where: object) =>
  Number((await db(table).where(where).count({ n: '*' }))[0]?.n);

describe('years of a household', () => {
  it('are as long as they were meant to be, and a mark is a file of its own', async () => {
    expect(await count('current', { kind: 'batch' })).toBe(36);
    expect(await count('event', { type: 'tasted' })).toBeGreaterThan(80);
    const first = await openDatabase(join(folder, 'y.db.1'));
    expect(await batches.briefs(first, {})).toHaveLength(24);
    await first.destroy();
  });

  it('a list knows of each what the whole state says, whatever is wanted of it', async () => {
    const all = await batches.list(db, 'all');
    const newest = [...all].sort((a, b) => b.startedAt - a.startedAt);
    const brief = await batches.briefs(db, {});
    expect(brief.map((b) => b.id)).toEqual(newest.map((b) => b.id));
    expect(brief.map((b) => b.lids.map((l) => l.lidNumber))).toEqual(
      newest.map((b) => b.fillings.map((f) => f.lidNumber))
    );
    expect(brief.map((b) => b.leftG)).toEqual(
      newest.map((b) => b.fillings.reduce((a, f) => a + leftG(f), 0))
    );
    const eaten = await batches.latest(db, { live: false, most: 3, skip: 1 });
    expect(eaten.map((b) => b.id)).toEqual(
      newest
        .filter((b) => !b.fillings.some((f) => f.emptiedAt === null))
        .slice(1, 4)
        .map((b) => b.id)
    );
    const [from, before] = [all[5]!.startedAt, all[9]!.startedAt];
    expect((await batches.briefs(db, { from, before })).map((b) => b.id).sort()).toEqual(
      all
        .filter((b) => b.startedAt >= from && b.startedAt < before)
        .map((b) => b.id)
        .sort()
    );
    // Found by any of its words; what is a pattern elsewhere is a letter here.
    expect((await batches.briefs(db, { says: 'SHREDDED' })).length).toBe(
      all.filter((b) => b.styleId === 'shredded').length
    );
    const [some] = newest;
    const number = String(some!.fillings[0]!.lidNumber);
    expect((await batches.briefs(db, { says: `${some!.name} ${number}` })).map((b) => b.id)).toEqual([
      some!.id
    ]);
    for (const says of ['%', '_', '\\', '0.02', 'equilibrium'])
      expect(await batches.briefs(db, { says })).toEqual([]);
    expect((await lots.briefs(db, { topic: 'carrot', most: 2 })).map((l) => l.cropId)).toEqual([
      'carrot',
      'carrot'
    ]);
  });

  it('a room shows the first of a long list, says how many stand behind it, and all of it when asked', async () => {
    const at = ((await db('clock').first()) as { now: number }).now;
    const house = {
      db,
      zone: ZONE,
      clock: { now: () => at, elapsed: () => at, stepped: true }
    } as unknown as House;
    const whole = await cold(house, null, true);
    const jars = (c: Cold) => c.places.flatMap((p) => p.jars.shown.map((s) => s.filling.id));
    expect(jars(whole)).toHaveLength(whole.jars);
    expect(whole.places.every((p) => p.jars.more === 0)).toBe(true);
    const first = await cold(house, null, false);
    expect(first).toMatchObject({ jars: whole.jars, leftG: whole.leftG });
    for (const p of first.places) expect(p.jars.shown.length + p.jars.more).toBe(jarsAt(whole, p.placeId));
    // The jar that is asked for stands there, wherever it is in the list.
    for (const asked of jars(whole).slice(-2)) expect(jars(await cold(house, asked, false))).toContain(asked);
    const [all, some] = [await today(house, true), await today(house, false)];
    expect(some.minutes).toBe(all.minutes);
    for (const d of some.due) {
      const same = all.due.find((x) => x.placeId === d.placeId)!.stops.shown;
      expect(d.stops.shown.length + d.stops.more).toBe(same.length);
      expect(d.stops.shown.length).toBeLessThanOrEqual(STEP.whole);
    }
    // What a shelf needs is there, what only the record shows is not.
    for (const b of whole.places.flatMap((p) => p.jars.shown.map((s) => s.batch)))
      expect(Object.keys(b)).not.toContain('care');
    const year = await season(house, '');
    expect(year.spans.filter((s) => s.endedAt !== null).every((s) => s.window === null)).toBe(true);
    expect((await season(house, '2024')).picks.reduce((a, p) => a + p.g, 0)).toBeGreaterThan(10_000);
  });

  it('no number is given that is in use or rests', async () => {
    const at = ((await db('clock').first()) as { now: number }).now;
    const near = await numbered({ trx: db, command: '', at, wall: 0, zone: ZONE, elapsed: 0 });
    const all = (await batches.list(db, 'all')).flatMap((b) => b.fillings);
    const resting = all.filter((f) => f.emptiedAt === null || f.emptiedAt * 60_000 > at - 90 * 86_400_000);
    expect(near.map((l) => l.lidNumber)).toEqual(expect.arrayContaining(resting.map((f) => f.lidNumber)));
    expect(near.length).toBeLessThan(all.length);
  });

  it('what was learnt is kept until something teaches otherwise, and comes out the same anew', async () => {
    const ours = await household(db);
    await db('kept').delete();
    const anew = await learntOf(db, ours);
    expect(Object.keys(anew.trims).length).toBeGreaterThan(3);
    expect(Object.keys(anew.packings).length).toBeGreaterThan(1);
    expect(await learntOf(db, ours)).toEqual(anew);
    expect(await count('kept', { id: 'learnt' })).toBe(1);
    const { now } = (await db('clock').first()) as { now: number };
    const house = { db, zone: ZONE, clock: { now: () => now, elapsed: () => now, stepped: false } };
    // A plain pick teaches nothing; a counted one does, and undone it does no more.
    const say = (name: 'weigh-in' | 'undo', input: object) => USE_CASES[name](house, input);
    await say('weigh-in', { commandId: 'plain', cropId: 'carrot', weight: '1 kg' });
    expect(await count('kept', { id: 'learnt' })).toBe(1);
    await say('weigh-in', { commandId: 'counted', cropId: 'kohlrabi', weight: '1.6 kg', pieces: 4 });
    expect(await count('kept', { id: 'learnt' })).toBe(0);
    expect((await learntOf(db, ours)).pieces.kohlrabi?.n).toBe((anew.pieces.kohlrabi?.n ?? 0) + 1);
    await say('undo', { commandId: 'back', of: 'counted' });
    expect(await learntOf(db, ours)).toEqual(anew);
  });

  it('derived anew, every row and every list is as it was', async () => {
    const rows = async () => [
      await db('current').orderBy('stream'),
      await db('line')
        .orderBy('stream')
        .select('stream', 'live', 'topic', 'begun', 'words', 'brief', 'teaches')
    ];
    const before = await rows();
    const told: number[] = [];
    await db.transaction((trx) => rebuildAll(trx, ZONE, (share) => told.push(share)));
    expect(await rows()).toEqual(before);
    // A tenth at a time it says how far it is.
    expect(told).toEqual([0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1]);
  });
});

describe('steps', () => {
  const all = [5, 1, 4, 2, 3];
  it('keep the list’s own order, and choose by another where not all is shown', () => {
    const few = (n: number) => ({ whole: 4, few: n });
    expect(steps(all, { whole: 5, few: 2 })).toEqual({ shown: all, more: 0 });
    expect(steps(all, few(2))).toEqual({ shown: [5, 1], more: 3 });
    expect(steps(all, few(3), (a, b) => a - b)).toEqual({ shown: [1, 2, 3], more: 2 });
  });
});
