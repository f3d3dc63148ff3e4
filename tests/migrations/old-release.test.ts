import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync } from 'node:zlib';
import Database from 'better-sqlite3';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { FIRST_BENCH } from '$lib/core/lot';
import { lots } from '$lib/server/repos';
import { keepShape } from '$lib/server/repos/shape';
import { openDatabase } from '$lib/server/db/open';
import { benchDraft, makingsOf } from '$lib/server/usecases';
import { USUAL_ROUNDS } from '$lib/core/kit';
import { leftG, salinityOf, type Batch, type BatchItem, type Filling } from '$lib/core/batch';
import { massOf, salinityIn, solidsOf } from '$lib/core/contents';
import { factsOf, style } from '$lib/core/style';
import { PLAIN_TASTE, put } from '../support/builders';
import { START } from '../support/good';
import { testHouse, ZONE } from '../support/house';

/**
 * A household as an earlier release left it (migrations to 0006, shape 6), made by that release's own use cases: picks on
 * the one bench it had, batches, brines, recipes, corrections, an undone entry, a half-made draft.
 */
const RELEASE = readFileSync('tests/fixtures/release-0006.db.gz');

let folder = '';
let file = '';
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'crockle-release-'));
  file = join(folder, 'ours.db');
  writeFileSync(file, gunzipSync(RELEASE));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

interface Row {
  readonly stream: string;
  readonly state: string;
}
/** What that release looked up in its table, a batch keeps. */
const keptCrops = (items: BatchItem[]) =>
  items.map((i) => ({ ...i, ...put(i.cropId, i.preparedG, i.lotId), name: i.name }));
/** It kept two weights of a jar, and what was left. */
interface OldJar {
  readonly vegG: number;
  readonly contentsG: number;
  readonly leftG: number;
  readonly startG: number;
  readonly equilibrium?: number;
}
const milligrams = (g: number) => Math.round(g * 100) / 100;
const rounded = ({ vegG, contentsG, leftG, startG, equilibrium, ...f }: OldJar) => ({
  ...f,
  ...(equilibrium === undefined ? {} : { equilibrium: Math.round(equilibrium * 1e5) / 1e5 }),
  startG: milligrams(startG),
  vegG: milligrams(vegG),
  contentsG: milligrams(contentsG),
  leftG: milligrams(leftG)
});
// How far it was thinned that release did not keep.
const asTwoWeights = ({ full, holds, mixed: _, ...f }: Filling) =>
  rounded({ ...f, vegG: solidsOf(full), contentsG: massOf(full), leftG: massOf(holds) });
/** As that release had derived it. */
function before(): Row[] {
  const db = new Database(file, { readonly: true });
  const rows = db.prepare('select stream, state from current order by stream').all() as Row[];
  db.close();
  return rows;
}

describe('a database of the release before', () => {
  it('opens, is brought up step by step, and nothing is lost', async () => {
    const old = before();
    const db = await openDatabase(file);
    expect(await keepShape(db, ZONE)).toBe('derived anew');
    const now = (await db('current').select('stream', 'state').orderBy('stream')) as Row[];
    expect(now.map((r) => r.stream)).toEqual(old.map((r) => r.stream));
    for (const [i, { stream, state }] of now.entries()) {
      const was = JSON.parse(old[i]!.state) as Record<string, unknown>;
      const is = JSON.parse(state) as Record<string, unknown>;
      if (stream.startsWith('lot:')) {
        const { prepared, benchG, ...rest } = was;
        expect(is, stream).toMatchObject(rest);
        expect(is.benchG).toBe(benchG);
        expect(is.benches).toEqual((benchG as number) > 0 ? { [FIRST_BENCH]: { g: benchG, prepared } } : {});
      } else if (stream.startsWith('batch:')) {
        const { fillings, portions, ...rest } = is as unknown as Batch;
        const { fillings: jars, portions: eaten, ...old } = was;
        expect(rest, stream).toEqual({
          ...old,
          knowing: [],
          gas: [],
          titrations: [],
          photos: [],
          holdsOf: [],
          tastes: (was.tastes as object[]).map((t) => ({ ...t, ...PLAIN_TASTE })),
          items: keptCrops(was.items as BatchItem[]),
          style: factsOf(style(was.styleId as string)!)
        });
        expect(fillings.map(asTwoWeights), stream).toEqual((jars as OldJar[]).map(rounded));
        for (const f of fillings.filter((f) => leftG(f) > 0))
          expect(salinityIn(f.holds)).toBeCloseTo(salinityOf({ equilibrium: rest.equilibrium }, f) ?? 0, 6);
        expect(portions.map(({ what: _, ...p }) => p)).toEqual(eaten);
      } else
        expect(is, stream).toEqual(
          stream.startsWith('household:')
            ? {
                ...was,
                ...{ crops: [], styles: [], washedAt: {}, address: '' },
                ...{ takes: {}, feasts: [], portions: [], dishes: [], plannedDishes: [] },
                meter: null,
                rounds: USUAL_ROUNDS
              }
            : was
        );
    }
    expect((await benchDraft(db, FIRST_BENCH)).name).toBe('Half made');
    expect(await keepShape(db, ZONE)).toBe('as it was');
    await db.destroy();
  });

  it('goes on: what lay on its bench is started, and an entry of the old release is undone', async () => {
    const house = await testHouse(file);
    await keepShape(house.db, ZONE);
    expect((await makingsOf(house.db, [])).map((m) => [m.id, m.g])).toEqual([[FIRST_BENCH, 1200]]);
    const done = await house.say('start-batch', {
      ...START,
      commandId: 'later-1',
      styleId: 'pieces',
      fraction: 0.025,
      name: 'Sticks'
    });
    expect(done).toMatchObject({ ok: true });
    expect((await lots.load(house.db, 'wait'))!.state).toMatchObject({ gardenG: 500, benchG: 0 });
    expect(await house.say('undo', { commandId: 'later-2', of: 'later-1' })).toMatchObject({ ok: true });
    expect((await lots.load(house.db, 'wait'))!.state.benches[FIRST_BENCH]?.prepared?.g).toBe(1200);
    expect(await house.say('undo', { commandId: 'later-3', of: 'stock' })).toMatchObject({ ok: true });
    await house.db.destroy();
  });
});
