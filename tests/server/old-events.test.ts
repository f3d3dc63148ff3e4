import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { salinityOf, standing } from '$lib/core/batch';
import { careTasks } from '$lib/core/care';
import { batches, household, lots, rebuildAll } from '$lib/server/repos';
import { learntOf } from '$lib/server/usecases';
import { wallOf } from '$lib/server/clock';
import { careAt } from '../support/care';
import { testHouse, ZONE, type TestHouse } from '../support/house';
import { near } from '../support/vectors';

/**
 * Events as the first version of the house wrote them: before weights, sorting, rinsing, corrections and recipes. They
 * are never rewritten; today's code must go on reading them.
 */
const AT = Date.UTC(2026, 8, 1, 8);
const OLD: readonly (readonly [stream: string, type: string, data: unknown])[] = [
  [
    'household:ours',
    'jarsOwned',
    {
      id: 'clip-1000.clamped',
      name: '1 l clip jar',
      geometryId: 'clip-1000',
      lid: 'clamped',
      owned: 6,
      brimMl: null,
      headspaceMm: null,
      weightMl: null
    }
  ],
  [
    'lot:old',
    'picked',
    {
      cropId: 'kohlrabi',
      variety: '',
      bed: 'Long bed',
      day: '2026-09-01',
      weighed: { said: '1640 g', g: 1640 },
      withTops: false,
      quality: 'sound',
      kept: 'room',
      note: ''
    }
  ],
  ['lot:old', 'takenToBench', { g: 1640 }],
  ['lot:old', 'prepared', { weighed: { said: '1 195 g', g: 1195 } }],
  ['lot:old', 'packed', { g: 1640, preparedG: 1195, batchId: 'old' }],
  [
    'batch:old',
    'started',
    {
      name: 'Old sticks',
      styleId: 'pieces',
      items: [{ lotId: 'old', cropId: 'kohlrabi', name: 'Kohlrabi', preparedG: 1195 }],
      equilibrium: 0.025,
      equilibriumSd: 0.0006,
      saltKindId: 'sea-fine',
      brinePlannedMl: 800,
      brineUsedMl: 780,
      saltG: 60,
      note: '',
      placeId: 'counter',
      fillings: [
        {
          id: 'old.j1',
          lidNumber: 7,
          jarId: 'clip-1000.clamped',
          jarName: '1 l clip jar',
          geometryId: 'clip-1000',
          lid: 'clamped',
          headspaceMm: 25,
          usableMl: 934,
          vegG: 600,
          vegRoomMl: 930,
          contentsG: 1000
        }
      ],
      worksheet: { version: 1, working: [] }
    }
  ]
];

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
  const n = new Map<string, number>();
  for (const [i, [stream, type, data]] of OLD.entries()) {
    const at = (n.get(stream) ?? 0) + 1;
    n.set(stream, at);
    await house.db('event').insert({
      id: `old${i}`,
      stream,
      n: at,
      type,
      version: 1,
      command: `cmd${i}`,
      at: AT + i * 60_000,
      data: JSON.stringify(data)
    });
  }
  await rebuildAll(house.db, ZONE);
});
afterEach(() => house.db.destroy());

describe('what the first version wrote', () => {
  it('reads as a whole: a jar without a weight, a pick that was not sorted, a batch without a recipe', async () => {
    const { jars } = await household(house.db);
    expect(jars[0]).toMatchObject({ name: '1 l clip jar', weightId: null });
    const [lot] = await lots.list(house.db, 'all');
    expect(lot).toMatchObject({ ready: false, packedG: 1640, aside: { followers: 0, offcuts: 0 } });
    expect(lot!.trimmed).toEqual({ pickedG: 1640, preparedG: 1195 });
    const b = (await batches.load(house.db, 'old'))!.state;
    expect(b).toMatchObject({ recipe: null, corrections: [], sourings: [], brineSaid: false });
    near(salinityOf(b, b.fillings[0]!)!, 0.025, 1e-12);
  });
  it('goes on living: care, a second look, put right, undone', async () => {
    const b = (await batches.load(house.db, 'old'))!.state;
    const { places } = await household(house.db);
    expect(
      careTasks(b, careAt(places, wallOf(house.clock.now(), ZONE)), wallOf(house.clock.now(), ZONE)).length
    ).toBeGreaterThan(0);
    const right = await house.say('put-right', {
      batchId: 'old',
      fillingIds: 'old.j1',
      trouble: 'spilled',
      amount: '100 ml'
    });
    expect(right).toMatchObject({ ok: true });
    const after = (await batches.load(house.db, 'old'))!.state;
    near(salinityOf(after, after.fillings[0]!)!, 0.025, 1e-6);
    if (right.ok) await house.say('undo', { of: right.commandId });
    expect((await batches.load(house.db, 'old'))!.state).toEqual(b);
    expect(standing(b)).toHaveLength(1);
  });
  it('teaches only what it said: the trim yield, not a brine that nobody measured', async () => {
    const learnt = await learntOf(house.db, await household(house.db));
    expect(learnt.trims.kohlrabi!.n).toBe(1);
    expect(learnt.brineUse.n).toBe(0);
  });
});
