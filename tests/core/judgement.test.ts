import { factsOf, style } from '$lib/core/style';
import { describe, expect, it } from 'vitest';
import { evolveBatch, type Batch, type BatchEvent } from '$lib/core/batch';
import { careTasks, verdictsOf } from '$lib/core/care';
import { putRight, type JarNow, type Phase } from '$lib/core/correct';
import { learntPieces, taughtByPick, type Lot } from '$lib/core/lot';
import { as } from '$lib/core/quantity';
import { readCard } from '$lib/core/recipe';
import { isDiscard, placeCautions, saltCautions } from '$lib/core/safety';
import { portioned } from '$lib/core/larder';
import { becauseWords, cautionWords, SIGN_IDS, signName, signWords } from '$lib/words';
import { equilibriumSalinity, saltKind } from '$lib/core/salt';
import { readFilled, readHeavy } from '$lib/core/kitchen';
import { waysOf, NEW_HOUSEHOLD } from '$lib/core/kit';
import { pieceWeights, crop } from '$lib/core/produce';
import type { WorksheetInput } from '$lib/core/worksheet';
import { careAt } from '../support/care';
import { put, filling, PLACES, sheet, START } from '../support/builders';
import { near } from '../support/vectors';

const ways = waysOf(NEW_HOUSEHOLD);
const rules = (over: Partial<WorksheetInput>) => sheet(over).cautions.map((c) => `${c.level} ${c.rule}`);

describe('judged by the style’s own range', () => {
  const mash = (fraction: number) =>
    rules({
      styleId: 'pepper-mash',
      fraction,
      items: [{ id: 'a', cropId: 'pepper-cayenne', pickedG: 1000, withTops: false, preparedG: 900 }]
    });
  it('2 % is far too little for a mash, and nothing to say of a kraut', () => {
    expect(mash(0.02)).toContain('harm salt-under-style');
    expect(mash(0.042).filter((r) => r.includes('salt'))).toEqual([]);
    expect(rules({ fraction: 0.02 }).filter((r) => r.includes('salt-'))).toEqual([]);
    expect(saltCautions(0.014, { from: 0.03, to: 0.06, name: 'x' })[0]?.rule).toBe('salt-too-weak');
    expect(saltCautions(0.045, { from: 0.018, to: 0.025, name: 'Kraut' })[0]?.rule).toBe('salt-over-style');
  });
  it('ripe tomatoes are no kraut, and tomatoes near the line are said in every style', () => {
    const items = [{ id: 'a', cropId: 'tomato-ripe', pickedG: 2000, withTops: false, preparedG: 1800 }];
    expect(rules({ items })).toContain('heed crop-outside');
    for (const styleId of ['shredded', 'pieces', 'soft-fruit'])
      expect(
        rules({ styleId, fraction: 0.025, items: [{ ...items[0]!, cropId: 'tomato-cherry' }] }),
        styleId
      ).toContain('heed near-line');
  });
  it('cabbage softens sooner than cucumbers, and a US household reads its own degrees', () => {
    expect(placeCautions('Counter', 25, 24)).toHaveLength(1);
    expect(placeCautions('Counter', 25)).toEqual([]);
    const [cold] = placeCautions('Cellar', 10);
    expect(cautionWords(cold!, 'US').says).toContain('50\u00a0°F');
  });
  it('dry salting knows what water dissolves, too', () => {
    expect(() => sheet({ fraction: 0.3 })).toThrow('beyond-saturation');
  });
});

describe('rinsed leaf', () => {
  const napa = (over: Partial<WorksheetInput> = {}) =>
    sheet({
      styleId: 'leaf-rinsed',
      items: [{ id: 'n', cropId: 'cabbage-napa', pickedG: 2000, withTops: false, preparedG: 1700 }],
      rinsed: { afterG: 1400, reading: { salinity: 0.015 } },
      ...over
    });
  it('the leaf’s own salt counts in every way of dosing', () => {
    for (const way of ['perVegetables', 'perTotal', 'equilibrium'] as const) {
      const w = napa({ way, fraction: 0.022 });
      // What the leaf holds and what is added are together what the dose says of it.
      const wanted = way === 'equilibrium' ? (0.022 / 0.978) * w.rinse!.waterG : 0.022 * 1400;
      near(w.salt.naclG, wanted - w.rinse!.naclG, 1e-9);
      expect(w.salt.naclG).toBeLessThan(14);
    }
  });
  it('names what is too salty: the leaf, or the sauce', () => {
    const salty = { afterG: 1400, reading: { salinity: 0.03 } };
    expect(napa({ rinsed: salty }).cautions.map((c) => c.rule)).toContain('rinse-salty');
    const sauce = napa({ extras: [{ id: 'fish-sauce', g: 120 }] }).cautions.map((c) => c.rule);
    expect(sauce).toContain('sauce-salty');
    expect(sauce).not.toContain('rinse-salty');
  });
  it('leaf that nobody measured and a salty sauce are warned of with their range', () => {
    const w = napa({ rinsed: undefined, extras: [{ id: 'fish-sauce', g: 60 }] });
    const both = w.cautions.find((c) => c.rule === 'rinse-and-sauce');
    expect(both?.level).toBe('harm');
    expect(cautionWords(both!, 'metric').says).toMatch(/between .*% and .*%/);
  });
  it('the heavy salting is read as it is said, and judged', () => {
    const heavy = (said: string, cropId = 'cabbage-napa') => {
      const r = readHeavy(said, ways, pieceWeights(crop(cropId, [])));
      return r.ok ? r.value : r.refusal.code;
    };
    expect(heavy('')).toBeNull();
    near(heavy('10 %') as number, 0.1, 1e-9);
    near(heavy('100 g to 1 kg') as number, 0.1, 1e-9);
    near(heavy('a cup to 4 lb') as number, (250 * 1.15) / (4 * 453.59237), 1e-9);
    expect(heavy('2 tbsp a head')).toBeGreaterThan(0.02);
    expect(heavy('80 %')).toBe('dose-impossible');
    expect(heavy('25 %')).toBe('heavy-strange');
    expect(heavy('30 g/l')).toBe('heavy-of-what');
    expect(heavy('a cup kosher to 4 lb')).toBe('strength-unclear');
  });
});

describe('fill and weigh', () => {
  const jars = (netG?: (number | null)[]) =>
    sheet({
      styleId: 'pieces',
      way: 'perTotal',
      fraction: 0.025,
      items: [{ id: 'k', cropId: 'kohlrabi', pickedG: 1500, withTops: false, preparedG: 1000 }],
      counts: { litre: 2 },
      ...(netG ? { netG } : {})
    });
  it('the salt of a jar is the dose of what was weighed in it; what is not weighed yet stays as planned', () => {
    const plan = jars();
    const w = jars([900, null]);
    near(w.jars[0]!.naclG, 0.025 * 900, 1e-9);
    near(w.jars[0]!.vegG + w.jars[0]!.waterG, 900, 1e-9);
    near(w.jars[1]!.naclG, plan.jars[1]!.naclG, 1e-9);
    expect(w.brine!.mix).toBe('in the jar');
    near(
      w.salt.parts.reduce((a, p) => a + p.weighG, 0),
      w.salt.weighG,
      1e-9
    );
    const c = w.jars.reduce((a, j) => ({ n: a.n + j.naclG, w: a.w + j.waterG }), { n: 0, w: 0 });
    near(
      w.ends.equilibrium,
      equilibriumSalinity({
        naclG: c.n,
        waterG: c.w,
        vegG: 1000,
        vegWaterG: 1000 * crop('kohlrabi', [])!.moisture
      }),
      1e-9
    );
  });
  it('is read as it was typed: gross less the empty jar, tared, or refused', () => {
    const read = (filled: Record<string, { gross: string; tare: string }>) => {
      const r = readFilled(filled, ways);
      return r.ok ? r.value : r.refusal.code;
    };
    expect(read({ j1: { gross: '1 kg 500 g', tare: '600 g' }, j3: { gross: '2 lb', tare: '' } })).toEqual([
      900,
      null,
      907.18474
    ]);
    expect(read({ j1: { gross: '500 g', tare: '600 g' } })).toBe('tare-too-heavy');
    expect(read({ j1: { gross: 'full', tare: '' } })).toBe('not-understood');
  });
});

describe('putting right', () => {
  const phase: Phase = { massG: 900, salinity: as.equilibriumSalinity(0.02) };
  const jar = (over: Partial<JarNow> = {}): JarNow => ({
    phase,
    target: as.equilibriumSalinity(0.03),
    roomG: 700,
    evenHours: 20,
    ageHours: 200,
    ...over
  });
  it('what evaporated was water: plain water, whatever the target', () => {
    const r = putRight(jar(), { kind: 'evaporated', missingG: 100 });
    expect(r.ok && r.value.doing).toEqual([{ act: 'water', waterG: 100, times: 1 }]);
    if (r.ok) near(r.value.after.salinity, 0.02, 1e-12);
  });
  it('more than the jar can take is said', () => {
    for (const trouble of [
      { kind: 'short' as const, missingG: 5000 },
      { kind: 'wrong-top-up' as const, pouredG: 5000, strength: as.trueStrength(0), freeBrineG: 100 }
    ]) {
      const r = putRight(jar(), trouble);
      expect(!r.ok && r.refusal.code).toBe('more-than-fits');
    }
  });
  it('spilled and filled up again: what was lost took its salt along', () => {
    const r = putRight(jar(), {
      kind: 'spilled-refilled',
      missingG: 200,
      pouredG: 200,
      strength: as.trueStrength(0),
      freeBrineG: 300
    });
    if (!r.ok) throw new Error(r.refusal.code);
    // 700 g at 2 % and 200 g of water.
    near(r.value.now.salinity, (700 * 0.02) / 900, 1e-9);
    near(r.value.after.salinity, 0.03, 1e-9);
    expect(r.value.doing[0]?.act).toBe('salt');
  });
});

describe('a jar that is to be thrown away', () => {
  const started: BatchEvent = {
    type: 'started',
    data: {
      aim: null,
      rinses: [],
      knowing: [],
      recipe: null,
      brineSaid: false,
      name: 'Kraut',
      styleId: 'shredded',
      style: factsOf(style('shredded')!),
      items: [put('cabbage-white', 1800)],
      equilibrium: 0.022,
      equilibriumSd: 0.001,
      saltKindId: 'sea-fine',
      brinePlannedMl: null,
      brineUsedMl: null,
      saltG: 40,
      note: '',
      placeId: 'counter',
      fillings: [filling(), filling({ id: 'f2', lidNumber: 2 })],
      worksheet: sheet()
    }
  };
  const after = (...events: readonly (readonly [BatchEvent, number])[]): Batch =>
    [[started, 0] as const, ...events].reduce<Batch | undefined>(
      (s, [e, days], n) => evolveBatch('b', s, e, { id: `e${n}`, at: START + days * 1440 }),
      undefined
    )!;
  const pH = (value: number): BatchEvent => ({ type: 'measured', data: { fillingIds: ['f1'], pH: value } });
  const now = (days: number) => START + days * 1440;

  it('high on its day: nothing else is asked of it, and a later low reading does not take it back', () => {
    const b = after([pH(5.1), 8]);
    expect(verdictsOf(b, PLACES).map((v) => [v.lidNumber, v.by.kind])).toEqual([[1, 'pH']]);
    for (const t of careTasks(b, careAt(PLACES, now(9)), now(9))) expect(t.fillingIds).toEqual(['f2']);
    expect(verdictsOf(after([pH(5.1), 8], [pH(4.2), 9]), PLACES)).toHaveLength(1);
    // Before its day a high reading is usual.
    expect(verdictsOf(after([pH(5.1), 3]), PLACES)).toEqual([]);
  });
  it('until the reading is corrected, or it is thrown away', () => {
    const fixed = after([pH(5.1), 8], [{ type: 'pHCorrected', data: { of: 'e1', pH: 4.1 } }, 8]);
    expect(verdictsOf(fixed, PLACES)).toEqual([]);
    expect(fixed.readings.map((r) => r.pH)).toEqual([4.1]);
    expect(after([pH(5.1), 8], [{ type: 'pHCorrected', data: { of: 'e1', pH: null } }, 8]).readings).toEqual(
      []
    );
    const gone = after(
      [pH(5.1), 8],
      [{ type: 'portioned', data: { fillingId: 'f1', how: 'thrown', g: 5000, reason: 'pH' } }, 8]
    );
    expect(verdictsOf(gone, PLACES)).toEqual([]);
  });
  it('a sign of spoiling says so, until it is taken back; every sign has its word', () => {
    const seen: BatchEvent = { type: 'signSeen', data: { fillingIds: ['f2'], sign: 'mould' } };
    expect(verdictsOf(after([seen, 5]), PLACES).map((v) => v.lidNumber)).toEqual([2]);
    expect(verdictsOf(after([seen, 5], [{ type: 'signTakenBack', data: { of: 'e1' } }, 5]), PLACES)).toEqual(
      []
    );
    for (const id of ['no-bubbles', 'overflow', 'domed', 'soft', 'blue-garlic'])
      expect(SIGN_IDS).toContain(id);
    for (const id of SIGN_IDS.filter(isDiscard)) expect(signWords(id).does).toMatch(/Do not taste/);
  });
  it('is thrown away without being asked why: the house knows, and keeps it as a fact; a sound one wants a reason', () => {
    const seen: BatchEvent = { type: 'signSeen', data: { fillingIds: ['f2'], sign: 'mould' } };
    const b = after([seen, 5]);
    const thrown = (fillingId: string, reason = '') =>
      portioned(b, { fillingId, how: 'thrown', amount: 'all', weight: '', reason }, ways, {
        places: PLACES,
        now: now(5)
      });
    expect(thrown('f2')).toMatchObject({ value: { data: { because: { kind: 'sign', sign: 'mould' } } } });
    expect(thrown('f1')).toMatchObject({ refusal: { code: 'reason-wanted', field: 'reason' } });
    const said = thrown('f1', 'too soft');
    expect(said.ok && said.value.data).not.toHaveProperty('because');
    const kept = after([seen, 5], [(thrown('f2') as { value: BatchEvent }).value, 5]);
    expect(becauseWords(kept.portions[0]!.because!)).toBe(signName('mould'));
    expect(becauseWords({ kind: 'pH', pH: 5.1, day: 9, lineDay: 7 })).toBe(
      'pH 5.1 on day 9: it should have been 4.6 or lower by day 7'
    );
  });
});

describe('one odd entry teaches nothing', () => {
  const lot = (g: number): Lot =>
    ({
      id: 'x',
      cropId: 'cabbage-white',
      day: '2026-09-10',
      withTops: false,
      weighed: { said: '', g, pieces: 1 }
    }) as unknown as Lot;
  it('until another comes near it', () => {
    expect(learntPieces([lot(9000)].flatMap(taughtByPick), {}, [])['cabbage-white']).toMatchObject({ n: 0 });
    expect(learntPieces([lot(9000), lot(8600)].flatMap(taughtByPick), {}, [])['cabbage-white']).toMatchObject(
      {
        n: 2
      }
    );
    expect(learntPieces([lot(1200)].flatMap(taughtByPick), {}, [])['cabbage-white']).toMatchObject({ n: 1 });
  });
});

describe('cards that hang in kitchens', () => {
  const kind = saltKind('pickling')!;
  const read = (card: string, salting: 'dry' | 'brine' | null = 'dry') =>
    readCard(card, { system: 'US', kind, crops: [], salting });
  const codes = (card: string, salting: 'dry' | 'brine' | null = 'dry') =>
    read(card, salting).problems.map((p) => p.code);
  it('salt and water are a brine in a brined style, and elsewhere a question', () => {
    const card = '1 lb carrots\n3 tbsp salt\n1 quart water';
    expect(read(card, 'brine').salt?.readings.map((r) => r.base)).toEqual(['water']);
    near(read(card, 'brine').salt!.readings[0]!.per, 946.35 * 0.998, 1e-3);
    expect(codes(card, 'brine')).toEqual([]);
    expect(codes(card, 'dry')).toContain('salt-unclear');
    expect(codes(card, null)).toContain('salt-unclear');
  });
  it('two figures for one thing are asked about, not chosen from', () => {
    expect(codes('6 lb cabbage (500 g)\n3 tbsp salt')).toContain('amounts-disagree');
    expect(codes('3 cloves garlic (500 g)\n2 kg cabbage\n40 g salt')).toContain('amounts-disagree');
    expect(codes('2 500 g cabbages\n40 g salt')).toContain('amount-unclear');
    expect(codes('2 kg cabbage\n3 ears garlic\n40 g salt')).toContain('piece-strange');
    expect(codes('2 cabbages (2 lb each)\n40 g salt')).toEqual([]);
  });
  it('titles, steps and remarks are kept and block nothing', () => {
    const card = read(
      'Grandmother’s kraut\nIngredients:\n5 lb cabbage\n3 tbsp salt (54 g)\nShred the cabbage.\nLeave 3 weeks at 18 °C.\n(makes 3 quarts)\nTop with 1 cup brine if needed'
    );
    expect(card.problems).toEqual([]);
    expect(card.texts.map((t) => t.why)).toEqual(['title', 'heading', 'step', 'remark', 'remark', 'step']);
    expect(card.ingredients).toHaveLength(1);
  });
  it('the only dose of a card may stand in a step', () => {
    const card = read('5 lb cabbage\nMix with 3 tbsp salt');
    expect(card.salt?.readings[0]?.base).toBe('vegetables');
  });
  it('honey, oil and vinegar preserves are outside what is reckoned here', () => {
    expect(codes('2 heads garlic\n1 cup honey')).toContain('other-preserve');
    expect(codes('1 kg onion\n1 l vinegar\n20 g salt')).toContain('other-preserve');
    expect(codes('2 kg cabbage\n1 tsp olive oil\n40 g salt')).not.toContain('other-preserve');
  });
  it('a dose that is not understood names its word', () => {
    const p = read('2 kg cabbage\n3 tbsp xyzzy salt to 5 lb').problems.find(
      (x) => x.code === 'salt-not-understood'
    );
    expect(p?.word).toContain('xyzzy');
  });
});
