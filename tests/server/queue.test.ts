import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { wall } from '$lib/core/calendar';
import { eatenBy } from '$lib/core/larder';
import { batches } from '$lib/server/repos';
import { careHouse, care } from '$lib/server/views/care';
import type { CommandName } from '$lib/schema/commands';
import { START } from '../support/good';
import { testHouse, type TestHouse } from '../support/house';
import { near } from '../support/vectors';

describe('a jar that waits till another is eaten', () => {
  let house: TestHouse;
  beforeEach(async () => {
    house = await testHouse();
    await house.say('settle', { name: 'Test kitchen' });
    await house.say('own-jars', { geometryId: 'clip-1000', lid: 'airlock', owned: 6, name: '1 l jar' });
  });
  afterEach(() => house.db.destroy());

  const must = async (name: CommandName, input: Record<string, unknown>) => {
    const r = await house.say(name, input);
    if (!r.ok) throw new Error(`${name}: ${r.codes.join()}`);
    return r;
  };
  async function kraut(name: string) {
    const picked = await must('weigh-in', { cropId: 'cabbage-pointed', weight: '900 g' });
    await must('take-to-bench', { lotId: picked.commandId, weight: '' });
    await must('weigh-prepared', { lotId: picked.commandId, weight: '800 g' });
    const started = await must('start-batch', {
      ...{ ...START, styleId: 'shredded', fraction: '0.022', name },
      ...{ counts: '', placeId: 'counter' }
    });
    const b = (await batches.load(house.db, started.commandId))!.state;
    return { batchId: b.id, id: b.fillings[0]!.id };
  }
  const jarOf = async (of: { batchId: string; id: string }) =>
    (await batches.load(house.db, of.batchId))!.state.fillings.find((f) => f.id === of.id)!;
  const toCold = async (batchId: string) =>
    (await care(house)).filter((t) => t.batchId === batchId && t.kind === 'toCold').map((t) => t.due);
  const waits = (one: { batchId: string; id: string }, on: { batchId: string; id: string }) =>
    house.say('let-wait', {
      ...{ batchId: one.batchId, fillingIds: one.id },
      ...{ waitsForBatchId: on.batchId, waitsForId: on.id }
    });

  it('is called to the cold when that one is eaten, and not before', async () => {
    const [first, second] = [await kraut('First'), await kraut('Second')];
    expect(await waits(second, first)).toMatchObject({ ok: true, value: { waitsFor: 1 } });
    house.at('2026-09-20', 8);
    await must('move', { batchId: first.batchId, fillingIds: first.id, placeId: 'fridge' });
    const usual = await toCold(second.batchId);
    // Nothing hastens it while the other stands: its last sensible day is as it was.
    expect(usual.every((due) => due > wall('2026-09-25'))).toBe(true);
    await must('portion', { batchId: first.batchId, fillingId: first.id, how: 'eaten', amount: 'all' });
    expect((await careHouse(house)).stands?.(first.id)).toBe(false);
    expect((await toCold(second.batchId))[0]).toBeLessThan(wall('2026-09-20'));
    // Moved, it waits no longer.
    await must('move', { batchId: second.batchId, fillingIds: second.id, placeId: 'fridge' });
    expect((await jarOf(second)).waitsFor).toBeUndefined();
    expect(await toCold(second.batchId)).toEqual([]);
  });

  it('waits neither for itself nor for one that waits for it, nor for one that is eaten; and is let go', async () => {
    const [first, second] = [await kraut('First'), await kraut('Second')];
    expect(await waits(first, first)).toMatchObject({ codes: ['waits-for-itself'] });
    await waits(second, first);
    expect(await waits(first, second)).toMatchObject({ codes: ['waits-for-itself'] });
    expect(await waits(first, { batchId: 'none', id: 'x' })).toMatchObject({ codes: ['batch-unknown'] });
    expect(await waits(first, { ...second, id: 'x' })).toMatchObject({ codes: ['jar-unknown'] });
    expect((await jarOf(second)).waitsFor).toMatchObject({ lidNumber: 1, batchName: 'First' });
    const gone = await must('let-wait', { batchId: second.batchId, fillingIds: second.id, waitsForId: '' });
    expect((await jarOf(second)).waitsFor).toBeUndefined();
    await must('undo', { of: gone.commandId });
    expect((await jarOf(second)).waitsFor?.fillingId).toBe(first.id);
  });

  it('by when the other is eaten goes by how it went. Worked by hand: a third in ten days is twenty more', () => {
    const now = wall('2026-10-11');
    const jar = { fullStockG: 900, stockG: 600, openedAt: wall('2026-10-01') };
    near(eatenBy(jar, now)!, wall('2026-10-31'), 1e-12);
    expect(eatenBy({ ...jar, openedAt: null }, now)).toBeNull();
    expect(eatenBy({ ...jar, openedAt: now - 1440 }, now)).toBeNull();
    expect(eatenBy({ ...jar, stockG: 900 }, now)).toBeNull();
  });
});
