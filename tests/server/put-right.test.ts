import { NEW_HOUSEHOLD, waysOf } from '$lib/core/kit';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { leftG, salinityOf, type Batch } from '$lib/core/batch';
import { batches, household, pantry } from '$lib/server/repos';
import { remedyFor, type TroubleSaid } from '$lib/core/batch';
import { labels } from '$lib/server/views/labels';
import { testHouse, type TestHouse } from '../support/house';
import { near } from '../support/vectors';

let house: TestHouse;
let id = '';
const load = async (): Promise<Batch> => (await batches.load(house.db, id))!.state;
beforeEach(async () => {
  house = await testHouse();
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
  await house.say('count-goods', { name: 'Salt', kind: 'salt', amount: '1 kg', saltKindId: 'sea-fine' });
  await house.say('weigh-in', { commandId: 'lot', cropId: 'kohlrabi', weight: '2400 g' });
  await house.say('take-to-bench', { lotId: 'lot', weight: '' });
  await house.say('weigh-prepared', { lotId: 'lot', weight: '1700 g' });
  const s = await house.say('start-batch', {
    styleId: 'pieces',
    fraction: 0.03,
    saltKindId: 'sea-fine',
    placeId: 'counter',
    opens: true,
    name: 'Sticks'
  });
  if (!s.ok) throw new Error(s.codes.join());
  id = s.commandId;
  house.at('2026-09-20', 9);
});
afterEach(() => house.db.destroy());

const said = (over: Partial<TroubleSaid>): TroubleSaid => ({
  trouble: 'short',
  amount: '',
  lost: '',
  salinityPercent: '',
  targetPercent: '',
  freeBrine: '',
  strengthPercent: '',
  cropId: '',
  ...over
});

describe('a jar put right', () => {
  it('is an event of the batch: it holds what went in, is salty as computed, and the rest stays as it was', async () => {
    const before = await load();
    const [jar, other] = before.fillings;
    const r = await house.say('put-right', {
      batchId: id,
      fillingIds: jar!.id,
      trouble: 'too-salty',
      targetPercent: '2.5',
      reason: 'tasted like the sea'
    });
    expect(r).toMatchObject({ ok: true });
    const after = await load();
    near(salinityOf(after, after.fillings[0]!)!, 0.025, 1e-9);
    near(salinityOf(after, after.fillings[1]!)!, before.equilibrium!, 1e-12);
    expect(after.fillings[1]).toEqual(other);
    // As much water in as brine out.
    near(leftG(after.fillings[0]!), leftG(jar!), 1e-6);
    expect(after.corrections[0]).toMatchObject({ trouble: 'too-salty', reason: 'tasted like the sea' });
    if (!r.ok) return;
    await house.say('undo', { of: r.commandId });
    expect((await load()).fillings[0]!.equilibrium).toBeUndefined();
  });
  it('its label follows, and an eaten jar wants none', async () => {
    const [jar, other] = (await load()).fillings;
    const salts = async () => (await labels(house, id))!.labels.map((l) => l.salinity);
    const begun = (await load()).equilibrium!;
    expect(await salts()).toEqual([begun, begun, begun]);
    await house.say('put-right', {
      batchId: id,
      fillingIds: jar!.id,
      trouble: 'too-salty',
      targetPercent: '2.5'
    });
    const [first, second] = (await labels(house, id))!.labels;
    near(first!.salinity!, 0.025, 1e-9);
    expect([first!.putRightAt !== null, second!.putRightAt, second!.salinity]).toEqual([true, null, begun]);
    expect(first).toMatchObject({ lidNumber: jar!.lidNumber, name: 'Sticks', allergens: [] });
    await house.say('portion', { batchId: id, fillingId: other!.id, how: 'eaten', amount: 'all' });
    expect((await salts()).length).toBe(2);
    expect(await labels(house, 'nobody')).toBeUndefined();
  });
  it('a wrong top-up and its cure count together; the salt comes off the shelf', async () => {
    const before = await load();
    const jar = before.fillings[0]!;
    const shelf = (await pantry(house.db))[0]!.amount;
    await house.say('put-right', {
      batchId: id,
      fillingIds: jar.id,
      trouble: 'wrong-top-up',
      amount: '150 ml',
      strengthPercent: '0',
      targetPercent: '3'
    });
    const after = await load();
    const { saltG, waterG, naclG } = after.corrections[0]!;
    near(leftG(after.fillings[0]!) - leftG(jar), waterG + naclG, 1e-4);
    near(shelf - (await pantry(house.db))[0]!.amount, saltG, 1e-9);
    expect(saltG).toBeGreaterThan(4);
    near(salinityOf(after, after.fillings[0]!)!, 0.03, 1e-9);
    // A second correction starts from where the first ended.
    await house.say('put-right', {
      batchId: id,
      fillingIds: jar.id,
      trouble: 'too-salty',
      targetPercent: '2.6'
    });
    expect((await load()).corrections[1]!.from).toBeCloseTo(0.03, 9);
  });
  it('two jars at once, each reckoned by itself', async () => {
    const jars = (await load()).fillings.map((f) => f.id);
    await house.say('put-right', { batchId: id, fillingIds: jars, trouble: 'evaporated', amount: '40 ml' });
    const after = await load();
    expect(after.corrections).toHaveLength(jars.length);
    for (const f of after.fillings) near(salinityOf(after, f)!, 0.03, 0.02);
  });
});

const ways = waysOf(NEW_HOUSEHOLD);
describe('amounts as people say them', () => {
  const missing = async (amount: string, over: Partial<TroubleSaid> = {}) => {
    const b = await load();
    const r = remedyFor(said({ amount, ...over }), b, b.fillings[0]!, b.startedAt + 12 * 1440, ways);
    if (!r.ok) return r.refusal.code;
    return 'missingG' in r.value.trouble ? r.value.trouble.missingG : 0;
  };
  it('grams, millilitres, a bare number, millimetres of level', async () => {
    expect(await missing('150 g')).toBe(150);
    near((await missing('150 ml')) as number, 151.9, 0.002);
    expect(await missing('150')).toBe(await missing('150 ml'));
    // Under its fill line the 1 l jar is 3 mm of neck (80 mm wide), then body (about 98 mm): 68 ml a centimetre.
    near((await missing('10 mm')) as number, 69, 0.03);
    expect(await missing('1 cm')).toBe(await missing('10 mm'));
  });
  it('what cannot be read is refused at its field', async () => {
    expect(await missing('some')).toBe('not-understood');
    expect(await missing('100 ml', { salinityPercent: '40' })).toBe('salinity-strange');
    expect(await missing('100 g', { trouble: 'unsalted-added', cropId: 'unobtainium' })).toBe('crop-unknown');
  });
  it('a batch whose salt nobody knows asks for it', async () => {
    await house.say('enter-standing', {
      commandId: 'old',
      name: 'Old',
      styleId: 'pieces',
      cropId: 'kohlrabi',
      since: '2026-09-01',
      placeId: 'counter',
      jarId: (await household(house.db)).jars[0]!.id,
      jars: 1
    });
    const short = { batchId: 'old', fillingIds: 'old.j1', trouble: 'short', amount: '100 ml' };
    expect(await house.say('put-right', short)).toMatchObject({ codes: ['salt-not-known'] });
    expect(await house.say('put-right', { ...short, salinityPercent: '2,4' })).toMatchObject({ ok: true });
  });
});

it('a sauce is soured by half, and both readings are kept', async () => {
  const jarId = (await household(house.db)).jars[0]!.id;
  await house.say('enter-standing', {
    commandId: 'sauce',
    name: 'Sauce',
    styleId: 'pepper-sauce',
    cropId: 'pepper-cayenne',
    since: '2026-09-01',
    placeId: 'counter',
    jarId,
    jars: 1
  });
  const sour = { fillingIds: 'sauce.j1', pH: '4.3', wanted: '3.8', sauce: '700 g', vinegarMl: 30 };
  expect(await house.say('sour-sauce', { batchId: id, ...sour, fillingIds: `${id}.j1` })).toMatchObject({
    codes: ['no-sauce']
  });
  expect(await house.say('sour-sauce', { batchId: 'sauce', ...sour, vinegarMl: 0 })).toMatchObject({
    codes: ['missing']
  });
  expect(await house.say('sour-sauce', { batchId: 'sauce', ...sour })).toMatchObject({ ok: true });
  const { state } = (await batches.load(house.db, 'sauce'))!;
  expect(state.readings[0]!.pH).toBe(4.3);
  expect(state.sourings[0]).toMatchObject({ pH: 4.3, wanted: 3.8, vinegarMl: 30, sauceG: 700 });
});
