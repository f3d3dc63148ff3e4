import { describe, expect, it } from 'vitest';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { isWater, WATERS } from '$lib/core/kit';
import { caution, isDiscard, placeCautions, saltCautions, type Caution } from '$lib/core/safety';
import { SALT_KINDS } from '$lib/core/salt';
import { gateAnswers, GATES } from '$lib/core/run';
import { styleIn, STYLES } from '$lib/core/style';
import {
  cautionWords,
  GATE_ASKS,
  leadWords,
  problem,
  reasonWords,
  saltNotes,
  SIGN_IDS,
  signName,
  signWords,
  STEP_WORDS,
  styleWords,
  valueWords,
  waterWords,
  workingWords,
  worksheetText
} from '$lib/words';
import { sheet } from '../support/builders';
import { spaced } from '../support/spaced';

/** One of each rule, with what it is said of. */
const ONE_OF_EACH: readonly Caution[] = [
  caution('salt-too-weak', { at: 0.014 }),
  caution('salt-low', { at: 0.016 }),
  ...(['salt-under-style', 'salt-below-style', 'salt-over-style'] as const).map((rule) =>
    caution(rule, { at: 0.02, from: 0.03, to: 0.06, style: 'Pepper mash' })
  ),
  caution('salt-high', { at: 0.07 }),
  caution('crop-outside', { crop: 'Carrot', style: 'Kraut' }),
  caution('near-line', { crops: ['Cherry tomato'] }),
  caution('mash-air', {}),
  caution('jars-idle', { jars: 2 }),
  caution('lid-unopened', { jars: 1 }),
  caution('ph-line', { pH: 4.8, day: 8, lineDay: 7 }),
  caution('ph-not-fallen', { pH: 4.4 }),
  caution('place-cold', { place: 'Cellar', tempC: 10 }),
  caution('place-warm', { place: 'Attic', tempC: 30 }),
  caution('scale-too-coarse', { by: 'spoon', times: 1 }),
  caution('scale-too-coarse', { by: 'bulk', times: 4 }),
  caution('gloves', { crop: 'Cayenne' }),
  caution('juice-short', { by: 'crops', crops: ['Kale'] }),
  caution('juice-short', { by: 'dried' }),
  caution('juice-short', { by: 'salt', at: 0.016 }),
  caution('rinse-unmeasured', { from: 0.01, to: 0.04 }),
  caution('rinse-salty', { addG: 200 }),
  caution('sauce-salty', { addG: 200 }),
  caution('rinse-and-sauce', { from: 0.01, to: 0.05 }),
  caution('hot-brine', {}),
  caution('weight-above-rim', { jar: '1 l clip', weight: 'glass weight', mm: 4 }),
  caution('bits-past', { jar: '1 l clip', weight: 'glass weight', widthMm: 60, bodyMm: 95 }),
  caution('away-clamped', { from: 2, to: 6, jars: 3 }),
  caution('hollow', { crops: ['bell pepper'] }),
  caution('floats', { crops: ['bell pepper'] }),
  caution('much-surface', { jar: '10 l crock', deepMm: 60, openMm: 220 }),
  caution('crop-note', { note: 'slit' }),
  caution('raw-not-pantry', {})
];

describe('cautions in words', () => {
  it.each(ONE_OF_EACH.map((c) => [c.rule, c] as const))('%s', (_, c) => {
    for (const units of ['metric', 'US', 'imperial'] as const) {
      const { says, reason, source } = cautionWords(c, units);
      expect(says).toMatch(/[.:]$/);
      expect(says + reason).not.toMatch(/undefined|NaN|\[object/);
      expect(reason.length).toBeGreaterThan(15);
      expect(source).toMatch(/common practice|recalled from memory/);
    }
  });
  it('figures are the household’s', () => {
    expect(spaced(cautionWords(placeCautions('Cellar', 10)[0]!, 'US').says)).toContain('50 °F');
    expect(spaced(cautionWords(caution('rinse-salty', { addG: 907 }), 'US').says)).toContain('2 lb');
    expect(spaced(cautionWords(saltCautions(0.014)[0]!, 'metric').says)).toBe(
      'Settles at 1.4 %: too weak to keep.'
    );
  });
  it('a start that is refused for a harm nobody read gives its reason', () => {
    const told = problem({ code: 'harm-not-read', values: { rules: 'lid-unopened salt-too-weak' } });
    expect(told.says).toMatch(/can burst.*Salt holds spoilers back/);
  });
});

describe('what is chosen from, in words', () => {
  it('every sign says what it means and what is done', () => {
    for (const id of SIGN_IDS) {
      expect(signWords(id).means.length + signWords(id).does.length).toBeGreaterThan(10);
      expect(signName(id)).toBe(signWords(id).sign);
      if (isDiscard(id)) expect(signWords(id).does).toMatch(/Do not taste/);
    }
    expect(signName('seen long ago')).toBe('seen long ago');
  });
  it('every water says what to do with it', () => {
    for (const id of WATERS) expect(waterWords(id).says.length).toBeGreaterThan(10);
    expect([isWater('nonsense'), waterWords('nonsense').name]).toEqual([false, 'filtered']);
  });
  it('every style says what it is, how it is laid and what it tastes like, and each of its steps what to do', () => {
    for (const s of STYLES) {
      const { says, layers, tasting, finishing } = styleWords(s);
      expect(says.length + layers.length + finishing.length, s.id).toBeGreaterThan(60);
      expect(new Set(tasting).size, s.id).toBe(4);
      for (const step of s.steps) expect(STEP_WORDS[step.does], `${s.id} ${step.id}`).toMatch(/^[A-Z].*\.$/);
    }
    // An own way is the style that it is a way of, made and finished alike.
    const said = { id: 'pieces_1', name: 'Sticks', usualSalt: null, counterDays: null, coldMonths: null };
    const own = styleIn('pieces_1', [{ ...said, retired: false }])!;
    expect(styleWords(own)).toEqual({
      ...styleWords({ id: 'pieces' }),
      says: 'your own: pieces in brine'
    });
    expect(spaced(reasonWords({ why: 'suits', share: 0.8 }))).toBe('suits 80 % of what you have');
    expect(reasonWords({ why: 'suits', share: 1 })).toBe('suits what you have');
  });
  it('notes are of salts that there are', () => {
    expect(SALT_KINDS.flatMap((k) => saltNotes(k)).length).toBeGreaterThan(3);
  });
});

describe('workings in words', () => {
  it('name, formula, values and sources are said for every style', () => {
    for (const { id, usualSalt } of STYLES.filter((s) => s.salting !== 'rinsed'))
      for (const w of sheet({ styleId: id, fraction: usualSalt }).working) {
        const { name, formula, source } = workingWords(w);
        expect(name.length).toBeGreaterThan(3);
        expect(formula.length).toBeGreaterThan(10);
        expect(source).toMatch(/your|table|practice|USDA/);
        for (const v of w.values) expect(valueWords(v)).not.toMatch(/undefined|^$/);
      }
  });
  it('where a figure was learnt it says from how many batches', () => {
    const item = { id: 'a', cropId: 'cabbage-white', pickedG: 3000, withTops: false, preparedG: null };
    const trims = (n: number) => ({ 'cabbage-white': { mean: 0.72, sd: 0.03, n } });
    const source = (n: number) => workingWords(sheet({ trims: trims(n), items: [item] }).working[0]!).source;
    expect(source(1)).toContain('your 1 batch');
    expect(source(6)).toContain('your 6 batches');
    expect(workingWords(sheet({ items: [item] }).working[0]!).source).toContain('table');
  });
});

it('a worksheet as text says jars, brine, salt and cautions in plain lines', () => {
  const text = worksheetText(sheet({ styleId: 'pieces', fraction: 0.025, opens: false }), 'Sticks', 'metric');
  for (const part of ['Sticks', 'Jars: ', 'Brine to mix: ', 'Salt in all, for the brine: ', '! '])
    expect(text).toContain(part);
});

/** The tables of the trade: names, steps and sources that a household may read and correct row by row. */
const TABLES = /core\/(produce|vessel)\/|(data|ingredients|starting|substitutes)\.ts$/;

it('core speaks no sentences: they stand here', () => {
  const files = readdirSync('src/lib/core', { recursive: true, encoding: 'utf8' })
    .map((f) => join('src/lib/core', f))
    .filter((f) => f.endsWith('.ts') && !TABLES.test(f));
  expect(files.length).toBeGreaterThan(100);
  const sentence = /(['`])[A-Z][a-z]*(?: [^'`]+){2,}[.?!]\1/;
  const spoken = files.flatMap((f) =>
    readFileSync(f, 'utf8')
      .split('\n')
      .filter((line) => !/^\s*(\*|\/\/|\/\*)/.test(line) && sentence.test(line))
      .map((line) => `${f}: ${line.trim()}`)
  );
  expect(spoken).toEqual([]);
});

it('every gate asks, and says what each answer leads to, in three systems of units', () => {
  const salted = { styleId: 'shredded', fraction: 0.022 };
  for (const w of [sheet(salted), sheet({ ...salted, styleId: 'pieces', fraction: 0.025 })])
    for (const gate of GATES) {
      expect(GATE_ASKS[gate][0]).toMatch(/\?$/);
      const at = { sheet: w, pouredHot: true, saltWeighed: false, oneMore: ['1 l clip-top'] };
      for (const { lead } of gateAnswers(gate, at))
        for (const units of ['metric', 'US', 'imperial'] as const) {
          const said = spaced(leadWords(lead, units));
          expect(said).toMatch(/^[A-Z0-9].*\.$/);
          expect(said).not.toMatch(/undefined|NaN|null|\[object/);
          if (lead.to === 'leaf') expect(said).toMatch(units === 'metric' ? /\d g more/ : /\d (lb|oz)/);
        }
    }
});
