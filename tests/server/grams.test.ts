import { parse } from 'csv-parse/sync';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { minus, plus, type Contents } from '$lib/core/contents';
import { sumOf, type Book } from '$lib/core/ledger';
import { batches, lots } from '$lib/server/repos';
import { batchCsv, batchGrams, seasonCsv, seasonGrams } from '$lib/server/views/grams';
import { dicing, play } from '../support/history';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.db.destroy());

/** A milligram. */
const MG = 1e-3;
const nothing = (c: Contents, what: string) => {
  for (const [part, g] of Object.entries(c) as [string, number][])
    expect(Math.abs(g), `${what}: ${part}`).toBeLessThan(MG);
};
const addsUp = (book: Book, what: string) =>
  nothing(minus(minus(sumOf(book.came), sumOf(book.went)), book.stands), what);
const holds = (of: readonly { fillings: readonly { holds: Contents }[] }[]) =>
  plus(...of.flatMap((b) => b.fillings.map((f) => f.holds)));

/** Some weeks of all use cases, by chance. */
async function history(seed: number, commands: number): Promise<void> {
  const dice = dicing(seed);
  let minutes = 0;
  await play(house, commands, dice, () => {
    minutes += dice(240);
    const day = 12 + Math.floor(minutes / 1440);
    house.at(`2026-09-${String(Math.min(30, day)).padStart(2, '0')}`, 8 + (Math.floor(minutes / 60) % 12));
  });
}

describe('every gram', () => {
  // Each starts from another kitchen; together some thousand commands.
  it.each([2, 4, 5, 7, 8, 9])('adds up after 200 commands by chance (seed %i)', async (seed) => {
    await history(20_261_130 + seed, 200);
    const all = await batches.list(house.db, 'all');
    expect(all.length).toBeGreaterThan(0);
    for (const b of all) {
      const { book } = (await batchGrams(house, b.id))!;
      addsUp(book, b.name);
      nothing(minus(book.stands, holds([b])), `${b.name} stands`);
    }
    const season = await seasonGrams(house, '');
    addsUp(season.book, 'season');
    nothing(
      minus(season.book.stands, holds(all.filter((b) => season.batches.some((s) => s.id === b.id)))),
      'all'
    );
    const { weighedG, waitingG, benchG, packedG, asideG, ended } = season.picks;
    expect((await lots.list(house.db, 'all')).reduce((a, l) => a + l.weighed.g, 0)).toBeCloseTo(weighedG, 6);
    const went = waitingG + benchG + packedG + asideG + ended.reduce((a, e) => a + e.g, 0);
    expect(went).toBeCloseTo(weighedG, 0);
  });

  it('is a table that another parser reads, with the same sums; a name like a formula is a name', async () => {
    await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
    const jars = { since: '2026-09-01', placeId: 'fridge', jarId: 'clip-1000.clamped', jars: 2 };
    const name = '=1+2, "kraut"';
    await house.say('enter-standing', {
      ...{ commandId: 'k', name, styleId: 'shredded', cropId: 'cabbage-white' },
      ...jars
    });
    await house.say('portion', { batchId: 'k', fillingId: 'k.j1', how: 'eaten', amount: 'quarter' });
    const csv = (await batchCsv(house, 'k'))!;
    const rows = parse(csv, { columns: true, bom: true, cast: true }) as unknown as Record<
      string,
      string | number
    >[];
    expect(rows.length).toBeGreaterThan(2);
    expect(String(rows[0]!.batch)).toMatch(/^'?=1\+2, "kraut"$/);
    expect(csv).not.toMatch(/^"?=/m);
    const net = rows.reduce(
      (a, r) =>
        a +
        (String(r.to).startsWith('jar') ? Number(r.all_g) : 0) -
        (String(r.from).startsWith('jar') ? Number(r.all_g) : 0),
      0
    );
    const { book } = (await batchGrams(house, 'k'))!;
    expect(net).toBeCloseTo(
      Object.values(book.stands).reduce((a: number, g: number) => a + g, 0),
      2
    );
    expect(book.went.map((l) => l.of)).toEqual(['eaten']);
    expect(parse(await seasonCsv(house, ''), { columns: true, bom: true })).toHaveLength(rows.length);
  });

  it('of nothing is nothing, and of no batch is none', async () => {
    const season = await seasonGrams(house, 'nonsense');
    expect([season.batches, season.picks.weighedG, season.book.came]).toEqual([[], 0, []]);
    expect(await batchGrams(house, 'none')).toBeUndefined();
    expect(await batchCsv(house, 'none')).toBeUndefined();
  });
});
