import { describe, expect, it } from 'vitest';
import { cropsOf } from '$lib/core/kit';
import { phaseOfJar } from '$lib/core/batch';
import { crop } from '$lib/core/produce';
import { batches, household, lots, rebuildAll } from '$lib/server/repos';
import { learntOf, USE_CASES } from '$lib/server/usecases';
import { testHouse } from '../support/house';
import { START } from '../support/good';

type Name = keyof typeof USE_CASES;

async function kitchen() {
  const house = await testHouse();
  const act = async (name: Name, input: Record<string, unknown>) => {
    const r = await USE_CASES[name](house, { commandId: `c${Math.random()}`.replace('.', ''), ...input });
    if (!r.ok) throw new Error(r.refusals.map((x) => `${x.code} ${x.field}`).join());
  };
  return { house, act };
}

describe('own crops in the house', () => {
  it('weighed in, fermented, and later corrections leave what was begun alone', async () => {
    const { house, act } = await kitchen();
    await act('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
    await act('set-crop', { like: 'kohlrabi', name: 'Yacon', water: 87 });
    await act('weigh-in', { commandId: 'yacons', cropId: 'kohlrabi_1', weight: '2 kg', pieces: 7 });
    await act('take-to-bench', { lotId: 'yacons', weight: '' });
    await act('weigh-prepared', { lotId: 'yacons', weight: '1400 g' });
    await act('start-batch', { ...START, commandId: 'made', styleId: 'pieces', name: 'Yacon sticks' });
    const made = async () => (await batches.load(house.db, 'made'))!.state;
    const before = await made();
    expect(before.items[0]).toMatchObject({ cropId: 'kohlrabi_1', name: 'Yacon', moisture: 0.87 });
    // Taught under its own name, from what a crop that is like it gives.
    const learnt = await learntOf(house.db, await household(house.db));
    expect(learnt.trims.kohlrabi_1).toMatchObject({ n: 1 });
    expect(learnt.pieces.kohlrabi_1).toMatchObject({ n: 1 });
    const phase = phaseOfJar(before.fillings[0]!, 0.025).massG;
    await act('set-crop', { cropId: 'kohlrabi_1', name: 'Yacon, the sweet one', water: 80, trim: 50 });
    await act('drop-crop', { cropId: 'kohlrabi_1' });
    expect(await made()).toEqual(before);
    expect(phaseOfJar((await made()).fillings[0]!, 0.025).massG).toBe(phase);
    // What is learnt is learnt anew from the corrected figure.
    const own = cropsOf(await household(house.db));
    expect(crop('kohlrabi_1', own)).toMatchObject({ trim: 0.5, retired: true });
    const again = await learntOf(house.db, await household(house.db));
    expect(again.trims.kohlrabi_1!.mean).toBeLessThan(learnt.trims.kohlrabi_1!.mean);
    await house.db.transaction((trx) => rebuildAll(trx, house.zone));
    expect(await made()).toEqual(before);
    expect((await lots.load(house.db, 'yacons'))!.state.cropId).toBe('kohlrabi_1');
  });
});
