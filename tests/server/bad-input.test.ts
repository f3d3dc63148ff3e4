import { beforeAll, afterAll, describe, expect, it } from 'vitest';
import { USE_CASES, computeWorksheet, stepClock, type UseCaseName } from '$lib/server/usecases';
import { problem, WORDED } from '$lib/schema/words';
import { household } from '$lib/server/repos';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
let id = '';
beforeAll(async () => {
  house = await testHouse();
  await house.say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6 });
  await house.say('weigh-in', { commandId: 'lot', cropId: 'cabbage-white', weight: '2 kg' });
  await house.say('weigh-in', { commandId: 'lot2', cropId: 'cabbage-white', weight: '1 kg' });
  await house.say('take-to-bench', { lotId: 'lot', weight: '' });
  const s = await house.say('start-batch', start);
  if (!s.ok) throw new Error(s.codes.join());
  id = s.commandId;
  await house.say('taste', {
    commandId: 'taste',
    batchId: id,
    fillingIds: `${id}.j1`,
    sour: 1,
    salt: 1,
    crunch: 1
  });
  await house.say('portion', {
    commandId: 'bite',
    batchId: id,
    fillingId: `${id}.j1`,
    how: 'eaten',
    amount: 'quarter'
  });
  await house.say('take-to-bench', { lotId: 'lot2', weight: '' });
  await house.say('keep-brine', { commandId: 'stock', name: 'Stock', amount: '2 l', strengthPercent: 3 });
  await house.say('enter-standing', {
    commandId: 'sauce',
    name: 'Sauce',
    styleId: 'pepper-sauce',
    cropId: 'pepper-cayenne',
    since: '2026-09-01',
    placeId: 'counter',
    jarId: (await household(house.db)).jars[0]!.id,
    jars: 1
  });
  await house.say('ph', { batchId: 'sauce', fillingIds: 'sauce.j1', pH: 4.1 });
  await house.say('see-sign', { batchId: 'sauce', fillingIds: 'sauce.j1', sign: 'slime' });
  await house.say('wish-next', {
    commandId: 'wish',
    recipeId: 'plain-kraut',
    said: '100 % white cabbage',
    by: 'less'
  });
  await house.say('plan-away', { commandId: 'trip', from: '2026-10-01', to: '2026-10-08' });
});
afterAll(() => house.db.destroy());

const start = {
  styleId: 'shredded',
  fraction: 0.022,
  saltKindId: 'sea-fine',
  placeId: 'counter',
  opens: true,
  name: 'Kraut'
};
const HUGE = 'x'.repeat(2_000_000);
const SCRIPT = '<script>alert(1)</script>';
const SQL = "'; DROP TABLE event; --";
const strange = [HUGE, SCRIPT, SQL, -1, null, {}, [], 'nothing-of-ours'];

/** Per use case: what is right, and the fields in which each strange thing must be refused. */
const GOOD: Record<UseCaseName, () => Record<string, unknown>> = {
  'weigh-in': () => ({ cropId: 'carrot', weight: '500 g' }),
  'correct-pick': () => ({ lotId: 'lot2', weight: '900 g' }),
  'end-pick': () => ({ lotId: 'lot2', how: 'cooked', weight: '100 g', from: 'bench' }),
  'take-to-bench': () => ({ lotId: 'lot2', weight: '100 g' }),
  'put-back': () => ({ lotId: 'lot2' }),
  'weigh-prepared': () => ({ lotId: 'lot2', weight: '800 g' }),
  'sort-pick': () => ({ lotId: 'lot2', culled: '50 g', prepared: '600 g', greens: '20 g', offcuts: '30 g' }),
  'start-batch': () => start,
  'add-pick': () => ({ batchId: id, fillingId: `${id}.j1` }),
  'put-right': () => ({
    batchId: id,
    fillingIds: `${id}.j1`,
    trouble: 'wrong-top-up',
    amount: '150 ml',
    strengthPercent: '6',
    freeBrine: '100 ml'
  }),
  'sour-sauce': () => ({
    batchId: 'sauce',
    fillingIds: 'sauce.j1',
    pH: 4.2,
    wanted: 3.8,
    sauce: '700 g',
    vinegarMl: 20
  }),
  'write-recipe': () => ({ name: 'Kraut', styleId: 'shredded', card: '2 kg cabbage' }),
  'change-recipe': () => ({
    recipeId: 'plain-kraut',
    name: 'Kraut',
    styleId: 'shredded',
    card: '2 kg cabbage',
    what: 'other'
  }),
  'wish-next': () => ({ recipeId: 'plain-kraut', said: '100 % white cabbage', by: 'more' }),
  'settle-wish': () => ({ recipeId: 'plain-kraut', wishId: 'wish', how: 'take' }),
  'retire-recipe': () => ({ recipeId: 'plain-kraut', back: 'no' }),
  'keep-brine': () => ({ name: 'Stock', amount: '1 l', strengthPercent: 5 }),
  'take-brine': () => ({ brineId: 'stock', amount: '100 ml' }),
  'shape-jar': () => ({
    name: 'Old jar',
    kind: 'jar',
    shape: 'straight',
    waterWeight: '1195 g',
    opening: '90 mm',
    height: '185 mm',
    lid: 'loose',
    owned: 1
  }),
  'set-weight': () => ({ name: 'Disc', kind: 'disc', displacesMl: 35, heightMm: 18, widthMm: 66 }),
  'plan-away': () => ({ from: '2026-10-01', to: '2026-10-08' }),
  'drop-away': () => ({ awayId: 'trip' }),
  'break-jar': () => ({ jarId: 'clip-1000.clamped' }),
  care: () => ({ batchId: id, kind: 'look', slot: 1, fillingIds: `${id}.j1` }),
  taste: () => ({ batchId: id, fillingIds: `${id}.j1`, sour: 1, salt: 1, crunch: 1 }),
  'correct-taste': () => ({ batchId: id, of: `batch-${id}.2`, sour: 1, salt: 1, crunch: 1 }),
  ph: () => ({ batchId: id, fillingIds: `${id}.j1`, pH: 4 }),
  'correct-ph': () => ({ batchId: 'sauce', of: 'batch-sauce.2', pH: 4.1 }),
  'see-sign': () => ({ batchId: id, fillingIds: `${id}.j1`, sign: 'mould' }),
  'take-back-sign': () => ({ batchId: 'sauce', of: 'batch-sauce.3' }),
  move: () => ({ batchId: id, fillingIds: `${id}.j1`, placeId: 'fridge' }),
  portion: () => ({ batchId: id, fillingId: `${id}.j1`, how: 'eaten', amount: 'quarter' }),
  'correct-portion': () => ({ batchId: id, of: `batch-${id}.3`, weight: '10 g' }),
  'enter-standing': () => ({
    name: 'Old',
    styleId: 'shredded',
    cropId: 'carrot',
    since: '2026-09-01',
    placeId: 'counter',
    jarId: 'clip-1000.clamped',
    jars: 1
  }),
  settle: () => ({ people: 2 }),
  'own-jars': () => ({ geometryId: 'clip-500', lid: 'loose', owned: 1 }),
  'set-place': () => ({ name: 'Shed', kind: 'counter', tempC: 15 }),
  'count-goods': () => ({ name: 'Dill seed', kind: 'spice', amount: '20 g' }),
  'measure-jar': () => ({
    jarId: 'clip-1000.clamped',
    waterWeight: '1052 g',
    headspace: '20 mm',
    weightMl: 30
  }),
  'set-tare': () => ({ name: 'Blue bowl', weight: '412 g' }),
  'weigh-spoon': () => ({ saltKindId: 'sea-fine', spoons: 10, unit: 'tsp', weight: '58 g' }),
  'reset-learning': () => ({ what: 'trim:carrot' }),
  undo: () => ({ of: 'bite' })
};

const FREE_TEXT = new Set(['name', 'note', 'bed', 'variety', 'reason', 'card', 'what']);

describe.each(Object.keys(USE_CASES) as UseCaseName[])('%s', (name) => {
  const refusedWithWords = async (input: Record<string, unknown>) => {
    const before = await house.events();
    const result = await USE_CASES[name](house, {
      commandId: `bad${Math.abs(JSON.stringify(input).length)}${before}`,
      ...input
    });
    expect(result.ok, JSON.stringify(input).slice(0, 200)).toBe(false);
    if (result.ok) return;
    for (const r of result.refusals) {
      expect(WORDED, r.code).toContain(r.code);
      const p = problem(r);
      expect(p.says.length).toBeGreaterThan(5);
      expect(p.wouldWork.length).toBeGreaterThan(5);
      expect(p.says + p.wouldWork).not.toMatch(/undefined|NaN|\[object/);
    }
    expect(await house.events()).toBe(before);
  };

  it('refuses nothing at all, and a missing command', async () => {
    expect(await USE_CASES[name](house, undefined)).toMatchObject({ ok: false });
    expect(await USE_CASES[name](house, { ...GOOD[name](), commandId: '' })).toMatchObject({ ok: false });
    expect(await USE_CASES[name](house, { ...GOOD[name](), commandId: SQL })).toMatchObject({ ok: false });
  });

  it('refuses each field when it is strange, with words, storing nothing', async () => {
    const good = GOOD[name]();
    for (const field of Object.keys(good)) {
      for (const bad of strange) {
        // Free text may hold anything short: it is stored as text and shown as text.
        if (FREE_TEXT.has(field) && typeof bad === 'string' && bad !== HUGE) continue;
        // An unticked box, an absent choice and an empty list are ordinary.
        if (field === 'opens') continue;
        // No weight in the jar is ordinary.
        if (field === 'weightMl' && bad === null) continue;
        // A shed may well be at -1 °C.
        if (field === 'tempC' && bad === -1) continue;
        if ((field === 'slot' || field === 'of') && bad === 'nothing-of-ours' && name === 'care') continue;
        await refusedWithWords({ ...good, [field]: bad });
      }
    }
  });
});

describe('by the field', () => {
  const says = async (name: UseCaseName, input: Record<string, unknown>) => {
    const r = await USE_CASES[name](house, { commandId: 'field', ...input });
    return r.ok ? 'ok' : r.refusals.map((x) => `${x.field}: ${x.code}`).join();
  };
  it.each([
    ['weigh-in', { cropId: 'carrot', weight: '-3 kg' }, 'weight: negative'],
    ['weigh-in', { cropId: 'carrot', weight: '3 l' }, 'weight: wrong-kind'],
    ['weigh-in', { cropId: 'carrot', weight: '9000 kg' }, 'weight: weight-absurd'],
    ['weigh-in', { cropId: 'carrot', weight: '0 g' }, 'weight: weight-not-positive'],
    ['weigh-in', { cropId: 'carrot', weight: '1.250 g' }, 'weight: comma-unclear'],
    ['weigh-in', { cropId: 'unobtainium', weight: '1 kg' }, 'cropId: crop-unknown'],
    ['weigh-in', { cropId: 'carrot', gross: '300 g', tare: '400 g' }, 'tare: tare-too-heavy'],
    ['weigh-in', { cropId: 'carrot', weight: '1 kg', day: '2026-02-30' }, 'day: day-strange'],
    ['weigh-in', { cropId: 'carrot', weight: '1 kg', day: '2026-12-24' }, 'day: day-ahead'],
    ['take-to-bench', { lotId: 'nope', weight: '' }, 'lotId: lot-unknown'],
    ['end-pick', { lotId: 'lot2', how: 'cooked', weight: '99 kg' }, 'weight: more-than-there-is'],
    ['weigh-prepared', { lotId: 'lot2', weight: '5 kg' }, 'weight: more-than-there-is'],
    ['move', { batchId: 'nope', fillingIds: 'a', placeId: 'fridge' }, 'batchId: batch-unknown'],
    ['set-place', { name: 'x', kind: 'counter', tempC: 400 }, 'tempC: temp-out-of-range'],
    ['count-goods', { name: 'x', kind: 'lid', amount: '3.5' }, 'amount: count-out-of-range'],
    ['own-jars', { geometryId: 'bathtub', lid: 'loose', owned: 1 }, 'geometryId: jar-shape-unknown'],
    ['settle', { people: 4000 }, 'people: people-out-of-range']
  ] as [UseCaseName, Record<string, unknown>, string][])('%s %j says %s', async (name, input, wanted) =>
    expect(await says(name, input)).toBe(wanted)
  );

  it('a worksheet and the clock refuse as well', async () => {
    expect(await computeWorksheet(house, { ...start, items: [] })).toMatchObject({
      refusals: [{ code: 'bench-empty' }]
    });
    expect(await computeWorksheet(house, null)).toMatchObject({ ok: false });
    expect(await stepClock(house, { by: 'year' })).toMatchObject({ refusals: [{ code: 'not-a-choice' }] });
    expect(await stepClock(house, { by: 'day' })).toMatchObject({ refusals: [{ code: 'clock-is-real' }] });
  });
  it('text that looks like code is kept as text', async () => {
    const r = await house.say('weigh-in', { cropId: 'carrot', weight: '1 kg', note: SCRIPT, bed: SQL });
    expect(r.ok).toBe(true);
    expect(await house.db.schema.hasTable('event')).toBe(true);
  });
});
