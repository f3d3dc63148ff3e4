import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Knex } from 'knex';
import { isLive, placeOf, standing } from '$lib/core/batch';
import { careTasks } from '$lib/core/care';
import { stock } from '$lib/core/larder';
import { isOpen } from '$lib/core/lot';
import { dayOfWall, wall } from '$lib/core/calendar';
import { FIRST_DAY } from '$lib/server/demo/osier-bank';
import { seedDemo } from '$lib/server/demo/seed';
import { instantOf, wallOf } from '$lib/server/clock';
import { openDatabase } from '$lib/server/db/open';
import { DEMO_OPENS } from '$lib/server/house';
import { batches, household, lots } from '$lib/server/repos';
import { careAt } from '../support/care';
import { ZONE } from '../support/house';

let db: Knex;
const opens = instantOf(DEMO_OPENS, ZONE);
beforeAll(async () => {
  db = await openDatabase(':memory:');
  await seedDemo(db, ZONE, opens);
});
afterAll(() => db.destroy());

describe('Osier Bank', () => {
  it('has about 50 picks and 20 batches in all states, stock in fridge and cellar, one mishap', async () => {
    const picks = await lots.list(db, 'all');
    expect(picks.length).toBeGreaterThanOrEqual(48);
    expect(picks.some((l) => l.benchG > 0)).toBe(true);
    expect(picks.filter((l) => l.gardenG > 0).length).toBeGreaterThan(3);
    const all = await batches.list(db, 'all');
    expect(all.length).toBeGreaterThanOrEqual(20);
    expect(all.filter((b) => !isLive(b)).length).toBeGreaterThan(2);
    const at = (id: string) => all.flatMap(standing).filter((f) => placeOf(f) === id).length;
    for (const place of ['counter', 'stairs', 'fridge', 'cellar'])
      expect(at(place), place).toBeGreaterThan(0);
    expect(
      all.flatMap((b) => b.portions).filter((p) => p.how === 'thrown' && p.at >= wall(FIRST_DAY, 0))
    ).toHaveLength(1);
  });
  it('has three seasons before this one: picks and makings, eaten, given, gone wrong; all of it over', async () => {
    const all = await batches.list(db, 'all');
    const picks = await lots.list(db, 'all');
    for (const year of ['2023', '2024', '2025']) {
      const made = all.filter((b) => dayOfWall(b.startedAt).startsWith(year));
      expect(made.length, year).toBe(8);
      expect(made.filter(isLive), year).toEqual([]);
      const portions = made.flatMap((b) => b.portions);
      expect(portions.filter((p) => p.how === 'eaten').length, year).toBeGreaterThan(30);
      expect(portions.filter((p) => p.how === 'given').length, year).toBe(1);
      expect(picks.filter((l) => l.day.startsWith(year)).length, year).toBe(14);
    }
    const reasons = all.flatMap((b) => b.portions).map((p) => p.reason);
    expect(reasons).toEqual(
      expect.arrayContaining([expect.stringMatching(/soft/), expect.stringMatching(/mould/)])
    );
  });
  it('says nothing after the demo’s first morning, and leaves something to do', async () => {
    const last = (await db('event').max('at as at'))[0] as { at: number };
    expect(last.at).toBeLessThanOrEqual(opens);
    const { places } = await household(db);
    const now = wallOf(opens, ZONE);
    const tasks = (await batches.list(db, 'live')).flatMap((b) => careTasks(b, careAt(places, now), now));
    expect(tasks.filter((t) => t.due <= now).length).toBeGreaterThan(3);
    expect(stock(await batches.list(db, 'live'), places).length).toBeGreaterThan(8);
  });
  it('never owned fewer jars than are full, and no lid number stands twice', async () => {
    const jars = (await batches.list(db, 'live')).flatMap(standing);
    expect(new Set(jars.map((f) => f.lidNumber)).size).toBe(jars.length);
    for (const kind of (await household(db)).jars)
      expect(jars.filter((f) => f.jarId === kind.id).length, kind.name).toBeLessThanOrEqual(kind.owned);
  });
  it('nothing is in two places: every gram of every pick is somewhere', async () => {
    for (const l of await lots.list(db, 'all')) {
      const sum = l.gardenG + l.benchG + l.packedG + Object.values(l.endedG).reduce((a, b) => a + b, 0);
      expect(Math.abs(sum - l.weighed.g), l.id).toBeLessThan(0.5);
      expect(isOpen(l) || l.packedG + Object.keys(l.endedG).length > 0).toBe(true);
    }
  });
  it('is the same every time', async () => {
    const again = await openDatabase(':memory:');
    await seedDemo(again, ZONE, opens);
    const events = (k: Knex) => k('event').select('id', 'at', 'data').orderBy('seq');
    expect(await events(again)).toEqual(await events(db));
    await again.destroy();
  });
});
