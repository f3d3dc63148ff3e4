import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { standing } from '$lib/core/batch';
import { itemOf } from '$lib/core/kitchen';
import { FIRST_BENCH, lyingOn } from '$lib/core/lot';
import { worksheet } from '$lib/core/worksheet';
import { batches, lots, rebuildAll } from '$lib/server/repos';
import { benchDraft, computeWorksheet, kitchenFor, makingsOf, saveBenchDraft } from '$lib/server/usecases';
import { worksheetInput } from '$lib/server/usecases/bench';
import { testHouse, ZONE, type TestHouse } from '../support/house';

const CHOICE = {
  styleId: 'shredded',
  way: 'equilibrium',
  fraction: 0.022,
  saltKindId: 'sea-fine',
  placeId: 'counter',
  opens: true
} as const;
const DAY = '2026-09-12';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  await must('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 4 });
  await must('own-jars', { geometryId: 'clip-500', lid: 'airlock', owned: 4 });
  await must('weigh-in', { commandId: 'big', cropId: 'cabbage-white', weight: '6 kg' });
});
afterEach(() => house.db.destroy());

async function must(...said: Parameters<TestHouse['say']>): Promise<unknown> {
  const done = await house.say(...said);
  if (!done.ok) throw new Error(`${said[0]}: ${done.codes.join()}`);
  return done.value;
}

/** So much of the pick onto one bench, prepared. */
async function lay(bench: string, taken: string, prepared: string): Promise<void> {
  await must('take-to-bench', { lotId: 'big', bench, weight: taken });
  await must('weigh-prepared', { lotId: 'big', bench, weight: prepared });
}

/** As a page of that bench does: works it out, and says which jars it would take. */
async function look(bench: string): Promise<Readonly<Record<string, number>>> {
  const kitchen = await kitchenFor(house.db, DAY, bench);
  const lying = lyingOn(await lots.list(house.db, 'live'), bench);
  const said = {
    ...CHOICE,
    counts: (await benchDraft(house.db, bench)).counts ?? null,
    choice: 0,
    extras: [],
    mix: 'jug' as const,
    hot: false,
    brineIds: [],
    heavy: '',
    filled: {}
  };
  const input = worksheetInput(
    lying.map((l) => itemOf(l, l.prepared)),
    said,
    kitchen
  );
  if (!input.ok) throw new Error(input.refusal.code);
  const made = worksheet(input.value);
  if (!made.ok) throw new Error(made.refusal.code);
  await saveBenchDraft(house, { bench, set: { holds: { ...made.value.chosen.counts } } });
  return made.value.chosen.counts;
}

const free = async (bench: string, jarId: string) =>
  (await kitchenFor(house.db, DAY, bench)).jars.find((j) => j.id === jarId)!.free;

describe('makings side by side', () => {
  it('one pick lies on two benches, each with its own weight, and every gram is somewhere', async () => {
    await lay(FIRST_BENCH, '3 kg', '2.4 kg');
    await lay('second', '2 kg', '1.6 kg');
    const [lot] = await lots.list(house.db, 'live');
    expect(lot).toMatchObject({
      gardenG: 1000,
      benchG: 5000,
      benches: { bench: { g: 3000, prepared: { g: 2400 } }, second: { g: 2000, prepared: { g: 1600 } } }
    });
    expect((await makingsOf(house.db, [])).map((m) => [m.id, Math.round(m.g)])).toEqual([
      [FIRST_BENCH, 2400],
      ['second', 1600]
    ]);
    await must('put-back', { lotId: 'big', bench: 'second' });
    expect((await lots.list(house.db, 'live'))[0]).toMatchObject({ gardenG: 3000, benchG: 3000 });
  });

  it('two are started, neither takes the other’s picks, jars or choices', async () => {
    await lay(FIRST_BENCH, '3 kg', '2.4 kg');
    const first = await look(FIRST_BENCH);
    await lay('second', '2 kg', '1.6 kg');
    await saveBenchDraft(house, { bench: 'second', set: { name: 'The other' } });
    const second = await look('second');
    const jars = ['clip-1000.clamped', 'clip-500.airlock'];
    for (const jar of jars) expect((first[jar] ?? 0) + (second[jar] ?? 0), jar).toBeLessThanOrEqual(4);
    await must('start-batch', { ...CHOICE, bench: 'second', commandId: 'B', name: 'The other' });
    const left = (await lots.list(house.db, 'live'))[0]!;
    expect(left.benches).toEqual({ bench: { g: 3000, prepared: { said: '2.4 kg', g: 2400 } } });
    expect((await benchDraft(house.db, FIRST_BENCH)).holds).toEqual(first);
    expect(await benchDraft(house.db, 'second')).toEqual({});
    await must('start-batch', { ...CHOICE, commandId: 'A', name: 'The first' });
    const counts = async (id: string) => {
      const out: Record<string, number> = {};
      for (const f of standing((await batches.load(house.db, id))!.state))
        out[f.jarId] = (out[f.jarId] ?? 0) + 1;
      return out;
    };
    const nonzero = (all: Readonly<Record<string, number>>) =>
      Object.fromEntries(Object.entries(all).filter(([, n]) => n > 0));
    expect([await counts('A'), await counts('B')]).toEqual([nonzero(first), nonzero(second)]);
  });

  it('what the earlier holds is not free for the later; by hand goes before', async () => {
    await lay(FIRST_BENCH, '3 kg', '2.4 kg');
    const first = await look(FIRST_BENCH);
    await lay('second', '2 kg', '1.6 kg');
    const held = first['clip-1000.clamped'] ?? 0;
    expect(held).toBeGreaterThan(0);
    expect(await free('second', 'clip-1000.clamped')).toBe(4 - held);
    expect(await free(FIRST_BENCH, 'clip-1000.clamped')).toBe(4);
    await saveBenchDraft(house, { bench: 'second', set: { counts: { 'clip-1000.clamped': 3 } } });
    expect(await free(FIRST_BENCH, 'clip-1000.clamped')).toBe(1);
    expect(
      await house.say('start-batch', {
        ...CHOICE,
        name: 'Too many',
        counts: JSON.stringify({ 'clip-1000.clamped': 2 })
      })
    ).toMatchObject({ codes: ['jars-not-free'] });
  });

  it('a worksheet asked for a bench is the one that the page of that bench shows', async () => {
    await lay(FIRST_BENCH, '3 kg', '2.4 kg');
    const shown = await look(FIRST_BENCH);
    const asked = async (bench: { bench?: string }) => {
      const items = [{ cropId: 'cabbage-white', picked: '3 kg', prepared: '2.4 kg' }];
      const made = await computeWorksheet(house, { ...CHOICE, ...bench, items });
      return made.ok ? made.value.chosen.counts : {};
    };
    expect(await asked({ bench: FIRST_BENCH })).toEqual(shown);
    const elsewhere = await asked({});
    for (const [jarId, n] of Object.entries(shown))
      expect((elsewhere[jarId] ?? 0) + n).toBeLessThanOrEqual(await free(FIRST_BENCH, jarId));
  });

  it('what holds is free again once it is put back, and undone starts put their picks back where they lay', async () => {
    await lay(FIRST_BENCH, '3 kg', '2.4 kg');
    await look(FIRST_BENCH);
    await lay('second', '2 kg', '1.6 kg');
    await must('put-back', { lotId: 'big', bench: FIRST_BENCH });
    expect(await free('second', 'clip-1000.clamped')).toBe(4);
    await must('start-batch', { ...CHOICE, bench: 'second', commandId: 'B', name: 'The other' });
    await must('undo', { of: 'B' });
    expect((await lots.list(house.db, 'live'))[0]!.benches).toMatchObject({
      second: { prepared: { g: 1600 } }
    });
    const before = await house.db('current').select('stream', 'state').orderBy('stream');
    await rebuildAll(house.db, ZONE);
    expect(await house.db('current').select('stream', 'state').orderBy('stream')).toEqual(before);
  });

  it('choices for benches on which nothing was laid have an end', async () => {
    await lay('second', '2 kg', '1.6 kg');
    await saveBenchDraft(house, { bench: 'second', set: { name: 'Kept' } });
    for (let n = 0; n < 60; n++) await saveBenchDraft(house, { bench: `empty${n}`, set: { name: 'x' } });
    expect((await house.db('draft').select('id').orderBy('id')).map((r: { id: string }) => r.id)).toEqual([
      'empty59',
      'second'
    ]);
    expect((await benchDraft(house.db, 'second')).name).toBe('Kept');
  });

  it('the last of a clear first bench: what lies on another is shown', async () => {
    await lay('second', '2 kg', '1.6 kg');
    expect((await makingsOf(house.db, [])).map((m) => m.id)).toEqual(['second']);
    expect(await house.say('start-batch', { ...CHOICE, name: 'Nothing' })).toMatchObject({
      codes: ['bench-empty']
    });
  });
});
