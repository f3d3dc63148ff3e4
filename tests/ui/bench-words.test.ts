import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { putRight, TROUBLES, type Remedy, type Trouble } from '$lib/core/correct';
import { as } from '$lib/core/quantity';
import {
  readCard,
  scaleRecipe,
  type CardProblem,
  type CardProblemCode,
  type ScaleNote
} from '$lib/core/recipe';
import { saltKind } from '$lib/core/salt';
import { style } from '$lib/core/style';
import { draftChangeSchema, type BenchDraft } from '$lib/schema/bench';
import { changeDraft } from '$lib/schema/draft';
import { didWords, doingWords, waitWords } from '$lib/ui/batch/right';
import { seasoningOf, targetsOf } from '$lib/ui/bench/targets';
import { amountWords, growsWords, noteWords, problemWords } from '$lib/ui/recipe/words';
import { TROUBLE_WORDS } from '$lib/words';
import { sheet } from '../support/builders';
import { spaced } from '../support/spaced';
import { near } from '../support/vectors';

const spoken = (...of: Parameters<typeof doingWords>) => doingWords(...of).map(spaced);
const done = (...of: Parameters<typeof didWords>) => spaced(didWords(...of));
const write = { mass: (g: number) => `${Math.round(g)} g`, volume: (ml: number) => `${Math.round(ml)} ml` };
const context = { system: 'metric' as const, kind: saltKind('sea-fine')!, crops: [], salting: null };

describe('what to do with a jar, in words', () => {
  const remedy = (trouble: Trouble, s0 = 0.03): Remedy => {
    const r = putRight(
      {
        phase: { massG: 1400, salinity: as.equilibriumSalinity(s0) },
        target: as.equilibriumSalinity(0.022),
        roomG: 1e9,
        evenHours: 30,
        ageHours: 300
      },
      trouble
    );
    if (!r.ok) throw new Error(r.refusal.code);
    return r.value;
  };
  it('brine off and water in, once or so often, with the wait between', () => {
    expect(spoken(remedy({ kind: 'too-salty', freeBrineG: 900 }), 1, write)).toEqual([
      'Draw off 373 ml of brine and pour in as much plain water.'
    ]);
    expect(spoken(remedy({ kind: 'too-salty', freeBrineG: 250 }), 1, write)[0]).toMatch(
      /^Draw off \d+ ml of brine .*; twice, each time after 30 hours\.$/
    );
  });
  it('water, brine, salt and patience', () => {
    expect(spoken(remedy({ kind: 'short', missingG: 150 }), 1, write)).toEqual([
      'Pour in 150 ml of plain water.'
    ]);
    expect(spoken(remedy({ kind: 'short', missingG: 150 }, 0.022), 0.985, write)[0]).toMatch(
      /^Pour in 148 ml of brine: 3\.4 g salt in 147 ml water \(2\.2 %\)\.$/
    );
    expect(spoken(remedy({ kind: 'too-weak' }, 0.015), 1, write)[0]).toMatch(
      /^Dissolve 10 g salt in about 100 ml of its own brine, and pour it back\.$/
    );
    expect(spoken(remedy({ kind: 'drawn-in', missingG: 50 }), 1, write)[0]).toMatch(/wait a day/);
    expect([waitWords(1), waitWords(30), waitWords(80)]).toEqual(['1 hour', '30 hours', '3 days']);
  });
  it('and what was done, for the record', () => {
    const none = { drawnG: 0, waterG: 0, naclG: 0, saltG: 0, vegG: 0, lostG: 0 };
    const rest = { fillingId: 'f', trouble: 'short' as const, from: 0.03, to: 0.02, reason: '' };
    expect(done({ ...none, ...rest }, write)).toBe('nothing added');
    expect(done({ ...none, ...rest, drawnG: 200, waterG: 200 }, write)).toBe(
      '200 g of brine drawn off, 200 g water in'
    );
    expect(done({ ...none, ...rest, lostG: 100, vegG: 50, saltG: 3.4 }, write)).toBe(
      '100 g lost, 50 g unsalted in, 3.4 g salt in'
    );
    for (const t of TROUBLES) expect(TROUBLE_WORDS[t].length).toBeGreaterThan(6);
  });
});

describe('a recipe card in words', () => {
  const codes: CardProblemCode[] = [
    'no-produce',
    'no-salt',
    'salt-unclear',
    'salt-measure-unclear',
    'salt-twice',
    'figure-missing',
    'shares-over',
    'line-unclear',
    'name-missing'
  ];
  it('every lack says what would put it right', () => {
    for (const code of codes) {
      const problem: CardProblem = { code, line: 0, said: 'some dill', blocks: true };
      expect(problemWords(problem).length).toBeGreaterThan(30);
    }
    expect(problemWords({ code: 'figure-missing', line: 1, said: 'some dill', blocks: true })).toBe(
      '“some dill”: how much? Give a figure, or write “as you like” behind it.'
    );
    for (const n of ['spice-far', 'jars-unknown', 'crock-warm', 'whole-pieces'] as ScaleNote[])
      expect(noteWords(n).length).toBeGreaterThan(20);
  });
  it('amounts as a hand takes them, and how they grow', () => {
    const card = readCard(
      '1 kg white cabbage\n10 % carrot\n3 g caraway per kg\n2 cloves garlic a jar\n1 oak leaf a jar\n3 tsp dill seed\n15 ml fish sauce per kg\n3 dill heads a gallon\nchilli, as you like\n2 % salt at the end',
      context
    );
    const made = scaleRecipe(card, { vegG: 2000, jars: 3, roomMl: 3000 });
    if (!made.ok) throw new Error(made.refusal.code);
    const says = made.value.lines.map((l) => `${l.of.name}: ${amountWords(l, write, 'metric')}`);
    expect(says).toEqual([
      'white cabbage: 1800 g',
      'carrot: 200 g',
      'caraway: 6 g',
      'garlic: 6 cloves',
      'oak leaf: 3',
      'dill seed: 5 3/8 tsp',
      'fish sauce: 30 ml',
      'dill heads: 2',
      'chilli: as you like'
    ]);
    const pieces = [
      ['leaf', 2],
      ['berry', 2],
      ['bunch', 2],
      ['clove', 1],
      ['', 3]
    ] as const;
    expect(pieces.map(([unit, amount]) => amountWords({ unit, amount }, write, 'metric'))).toEqual([
      '2 leaves',
      '2 berries',
      '2 bunches',
      '1 clove',
      '3'
    ]);
    expect(card.ingredients.map((i) => growsWords(i))).toEqual([
      'of the vegetables',
      'of the vegetables',
      'by the kilo',
      'by the jar',
      'by the jar',
      'with the batch',
      'by the kilo',
      'by the size of the jars',
      'as you like'
    ]);
  });
});

describe('what is weighed one after the other', () => {
  it('salt, water and what the style or the recipe takes by the kilo', () => {
    const kohl = {
      styleId: 'pieces',
      fraction: 0.025,
      items: [{ id: 'k', cropId: 'kohlrabi', pickedG: 1640, withTops: false, preparedG: 1200 }]
    };
    const w = sheet(kohl);
    const usual = targetsOf(w, seasoningOf(w, style('pieces')!.additions, null), {}, {});
    expect(usual.map((t) => t.id)).toEqual(['salt', 'water', 'with-1']);
    near(usual[2]!.g, 4.8, 1e-9);
    const card = readCard(
      '100 % kohlrabi\n2.5 % salt at the end\n5 g dill seed per kg\n30 g/kg fish sauce',
      context
    );
    const made = scaleRecipe(card, { vegG: w.packedG, jars: 2, roomMl: 1500 });
    if (!made.ok) throw new Error();
    const byRecipe = targetsOf(w, seasoningOf(w, [], made.value), { salt: 77 }, { salt: '80 g', water: 'x' });
    // What brings salt of its own is weighed among the ingredients, and counted there.
    expect(byRecipe.map((t) => [t.id, t.weighedG])).toEqual([
      ['salt', 80],
      ['water', null],
      [byRecipe[2]!.id, null]
    ]);
    expect(byRecipe.map((t) => t.name)).toEqual(['Salt', 'Water', 'dill seed']);
    expect(byRecipe[0]!.g).toBe(77);
  });
  it('heavy salting is weighed first, and is done once the rinsed leaf was weighed', () => {
    const napa = {
      styleId: 'leaf-rinsed',
      items: [{ id: 'n', cropId: 'cabbage-napa', pickedG: 2000, withTops: false, preparedG: 1700 }]
    };
    const ids = (over: object) => targetsOf(sheet({ ...napa, ...over }), [], {}, {}).map((t) => t.id);
    expect(ids({})[0]).toBe('heavy-salt');
    expect(ids({ rinsed: { afterG: 1400, reading: { salinity: 0.01 } } })).toEqual(['salt']);
  });
});

describe('the bench’s draft, changed by two phones', () => {
  const change = (set: BenchDraft, forget: (keyof BenchDraft)[] = []) =>
    draftChangeSchema.parse({ set, forget });
  it('what one forgets the other keeps, thing by thing', () => {
    const draft = changeDraft(
      { weighed: { salt: '40 g' }, hot: true },
      change({ weighed: { water: '1 l' } })
    );
    expect(draft).toEqual({ weighed: { salt: '40 g', water: '1 l' }, hot: true });
    expect(changeDraft(draft, change({}, ['weighed']))).toEqual({ hot: true });
    expect(changeDraft(draft, change({ weighed: { salt: '1 g' } }, ['weighed'])).weighed).toEqual({
      salt: '1 g'
    });
    expect(changeDraft(draft, draftChangeSchema.parse({ anew: true }))).toEqual({});
  });
  it('changes to different fields do not mind their order', () => {
    const field = fc.constantFrom<keyof BenchDraft>('hot', 'mix', 'choice', 'name');
    const set = (f: keyof BenchDraft): BenchDraft =>
      ({ hot: { hot: true }, mix: { mix: 'jug' }, choice: { choice: 1 }, name: { name: 'x' } })[f as 'hot'];
    fc.assert(
      fc.property(field, field, (a, b) => {
        fc.pre(a !== b);
        const one = changeDraft(changeDraft({}, change(set(a))), change(set(b)));
        expect(changeDraft(changeDraft({}, change(set(b))), change(set(a)))).toEqual(one);
      })
    );
  });
});
