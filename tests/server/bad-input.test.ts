import type { CommandName } from '$lib/schema/commands';
import { beforeAll, afterAll, describe, expect, it } from 'vitest';
import { USE_CASES, computeWorksheet, stepClock } from '$lib/server/usecases';
import { nextCare } from '$lib/server/views/care';
import { problem, WORDED } from '$lib/words';
import { GOOD, PREPARED, START as start } from '../support/good';
import { testHouse, type TestHouse } from '../support/house';

let house: TestHouse;
beforeAll(async () => {
  house = await testHouse();
  for (const [name, input] of PREPARED) {
    const r = await house.say(name, input);
    if (!r.ok) throw new Error(`${name}: ${r.codes.join()}`);
  }
});
afterAll(() => house.db.destroy());

const HUGE = 'x'.repeat(2_000_000);
const SCRIPT = '<script>alert(1)</script>';
const SQL = "'; DROP TABLE event; --";
/** Numbers for which a program may say null as a form leaves a field empty. */
const BELOW_ZERO = new Set(['tempC', 'sevenMv', 'sevenC', 'fourMv', 'fourC', 'lateWeeks']);
const EMPTY_IS_NULL = new Set([
  'weightMl',
  ...['metres', 'plants', 'weeks', 'servings', 'waterL'],
  'swingC',
  'water',
  'sugar',
  'trim',
  'keepRoom',
  'keepCold',
  'salt',
  'daysFrom',
  'daysTo'
]);
const strange = [HUGE, SCRIPT, SQL, -1, null, {}, [], 'nothing-of-ours'];

const FREE_TEXT = new Set([
  'name',
  'cutName',
  'note',
  'bed',
  'variety',
  'reason',
  'card',
  'what',
  'next',
  'why',
  ...['guide', 'edition', 'product', 'pressure', 'who', 'line']
]);

describe.each(Object.keys(USE_CASES) as CommandName[])('%s', (name) => {
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
    expect(await USE_CASES[name](house, { ...GOOD[name], commandId: '' })).toMatchObject({ ok: false });
    expect(await USE_CASES[name](house, { ...GOOD[name], commandId: SQL })).toMatchObject({ ok: false });
    // Every object has a `constructor` of its own: as an id it would be found where nothing was put.
    expect(await USE_CASES[name](house, { ...GOOD[name], commandId: 'constructor' })).toMatchObject({
      ok: false,
      refusals: [{ code: 'id-strange' }]
    });
  });

  it('refuses each field when it is strange, with words, storing nothing', async () => {
    const good = GOOD[name];
    for (const field of Object.keys(good)) {
      for (const bad of strange) {
        // Free text may hold anything short: it is stored as text and shown as text.
        if (FREE_TEXT.has(field) && typeof bad === 'string' && bad !== HUGE) continue;
        // An unticked box, an absent choice and an empty list are ordinary.
        if (field === 'opens') continue;
        // No weight in the jar is ordinary.
        if (bad === null && EMPTY_IS_NULL.has(field)) continue;
        // Nothing counted of what came home is ordinary, and nothing on an empty shelf.
        if (name === 'count-shelf' && Array.isArray(bad)) continue;
        // Keeping to no plan is ordinary, too.
        if (field === 'starts' && Array.isArray(bad)) continue;
        if (field === 'came' && JSON.stringify(bad) === '{}') continue;
        // A shed may well be at -1 °C, and an electrode at -1 mV.
        if (BELOW_ZERO.has(field) && bad === -1) continue;
        if ((field === 'slot' || field === 'of') && bad === 'nothing-of-ours' && name === 'care') continue;
        // What a kit list holds follows from the making: any line of it may be ticked.
        if (field === 'thing' && bad === 'nothing-of-ours') continue;
        await refusedWithWords({ ...good, [field]: bad });
      }
    }
  });
});

describe('by the field', () => {
  const says = async (name: CommandName, input: Record<string, unknown>) => {
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
  ] as [CommandName, Record<string, unknown>, string][])('%s %j says %s', async (name, input, wanted) =>
    expect(await says(name, input)).toBe(wanted)
  );

  it('a worksheet and the clock refuse as well', async () => {
    expect(await computeWorksheet(house, { ...start, items: [] })).toMatchObject({
      refusals: [{ code: 'bench-empty' }]
    });
    expect(await computeWorksheet(house, null)).toMatchObject({ ok: false });
    expect(await stepClock(house, { by: 'year' }, nextCare)).toMatchObject({
      refusals: [{ code: 'not-a-choice' }]
    });
    expect(await stepClock(house, { by: 'day' }, nextCare)).toMatchObject({
      refusals: [{ code: 'clock-is-real' }]
    });
  });
  it('text that looks like code is kept as text', async () => {
    const r = await house.say('weigh-in', { cropId: 'carrot', weight: '1 kg', note: SCRIPT, bed: SQL });
    expect(r.ok).toBe(true);
    expect(await house.db.schema.hasTable('event')).toBe(true);
  });
});
