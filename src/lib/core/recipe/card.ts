import { meanPiece } from '../produce/index';
import {
  plainPhrase,
  SPOKEN_NUMBER,
  spokenNumber,
  UNITS,
  unitFor,
  type SpoonSystem
} from '../quantity/index';
import { mustAsk, readDose, type PhraseContext } from '../salt/index';
import type { Card, CardProblem, Ingredient, SaltLine, Scales } from './types';
import { allergenOf, cropNamed, heatOf, saltyNamed } from './words';

const FREE = /\b(as (you|one|they) likes?|to taste|if you like|as wanted|free)\b/;
const VAGUE =
  /^(some|a (little|few|bit|pinch|handful|dash|knob|bunch)|(a )?(pinch|handful|few|bunch)( of)?)\b/;
const NUM = SPOKEN_NUMBER;

const tidied = (text: string): string =>
  plainPhrase(text)
    .replace(/^[-*•] +/, '')
    .replace(/ ?\/ ?(kg|lb|l)\b/g, ' per $1')
    // "5 lb. cabbage", "1 tbsp. juniper".
    .replace(/\b([a-z]{1,4})\.(?= )/g, '$1')
    .trim();

/** A line about the dose of salt itself, not about something that holds salt. */
const isSalt = (t: string): boolean =>
  /\bsalt\b/.test(t) && !/\b(celery salt|salted)\b/.test(t) && saltyNamed(t) === undefined;

/**
 * Reads a recipe card in its own words, a line an ingredient: "2 kg white cabbage", "20 % carrot", "3 g caraway per kg",
 * "1 bay leaf a jar", "2 heads of dill a gallon", "oak leaf or cherry leaf, 1 a jar", "2.2 % salt of the vegetables",
 * "chilli, as you like". Says what is missing and what contradicts itself; never refuses a line, for it is the
 * household's own.
 * Example: "2 kg white cabbage / 2.2 % salt of the vegetables / dill" lacks the figure of the dill.
 */
export function readCard(text: string, context: PhraseContext): Card {
  const lines = text
    .split('\n')
    .map((said, line) => ({ said: said.trim(), line }))
    .filter((l) => l.said !== '');
  const salts = lines.filter((l) => isSalt(tidied(l.said)));
  const read = lines.filter((l) => !salts.includes(l)).map((l) => readLine(l.said, l.line, context.system));
  const ingredients = read.map((i) => ({ ...i, produce: isProduce(i) }));
  const baseG = baseOf(ingredients);
  const salt = salts[0] ? readSalt(salts[0], baseG, context) : null;
  return {
    ingredients,
    salt,
    baseG,
    problems: problemsOf(ingredients, salt, salts)
  };
}

/** Vegetables fill the jar: crops by weight, by share or by the piece, unless said by the kilo or by the jar. */
const isProduce = (i: Ingredient): boolean =>
  i.cropId !== null && (i.scales === 'share' || i.scales === 'recipe') && !/clove|slice|sprig/.test(i.unit);

/** Grams of a line that is said in grams or, of a crop, in pieces. */
export function gramsOf(i: Pick<Ingredient, 'amount' | 'unit' | 'cropId' | 'name'>): number | null {
  if (i.amount === null) return null;
  if (i.unit === 'g') return i.amount;
  const c = i.cropId === null ? undefined : cropNamed(i.name);
  return c && i.unit !== 'ml' && unitFor(i.unit, 'metric') === undefined ? i.amount * meanPiece(c) : null;
}

function baseOf(all: readonly Ingredient[]): number | null {
  const produce = all.filter((i) => i.produce);
  const weighed = produce.filter((i) => i.scales === 'recipe');
  if (weighed.length === 0) return null;
  const grams = weighed.reduce((a, i) => a + (gramsOf(i) ?? 0), 0);
  const shares = produce.filter((i) => i.scales === 'share').reduce((a, i) => a + (i.amount ?? 0), 0);
  return grams > 0 && shares < 1 ? grams / (1 - shares) : null;
}

function readLine(said: string, line: number, system: SpoonSystem): Ingredient {
  let t = tidied(said).replace(/[.;]$/, '');
  const optional = /\(?\boptional(ly)?\b\)?/.test(t);
  t = t.replace(/\(?\boptional(ly)?\b\)?/, ' ').trim();
  const free = FREE.test(t);
  t = t.replace(FREE, ' ').replace(/\s+/g, ' ').trim();
  const per = readPer(t, system);
  t = per.rest;
  t = weighedPieces(t);
  // "caraway: 3 g", "caraway, 3 g" and "caraway 3 g" are said the other way round.
  const turned =
    new RegExp(`^([a-z][a-z '-]*?(?: or [a-z '-]+)?)[:,] *(${NUM} ?.*)$`).exec(t) ??
    /^([a-z][a-z '-]*?(?: or [a-z '-]+)?) +(\d[\d.,/ -]*(?: ?[a-z%]+)?)$/.exec(t);
  if (turned) t = `${turned[2]} ${turned[1]}`;
  // "2-3 cloves" is in the middle.
  const m = new RegExp(`^${NUM}(?: ?(?:-|to) ?${NUM})? ?(.*)$`).exec(t);
  const vague = VAGUE.test(t);
  const [low, high] = [spokenNumber(m?.[1] ?? ''), spokenNumber(m?.[2] ?? '')];
  const [amount, unit, rest] =
    m && !vague ? readUnit(high > low ? (low + high) / 2 : low, m[3] ?? '', system) : [null, '', t];
  const [name = '', ...instead] = rest
    .replace(VAGUE, '')
    .replace(/^of /, '')
    .replace(/[,(].*$/, '')
    .split(/ or /)
    .map((n) => n.trim());
  const cropId = cropNamed(name)?.id ?? null;
  const percent = unit === '%';
  const scales: Scales = free
    ? 'free'
    : percent && per.scales === 'recipe'
      ? cropId
        ? 'share'
        : 'kg'
      : per.scales;
  return {
    said,
    line,
    name: name === '' ? said : name,
    amount: percent
      ? scales === 'share'
        ? (amount ?? 0) / 100
        : (amount ?? 0) * 10
      : scaled(amount, per.factor),
    unit: percent ? (scales === 'share' ? '' : 'g') : unit,
    scales,
    ...(per.perMl ? { perMl: per.perMl } : {}),
    optional,
    cropId,
    saltyId: saltyNamed(name)?.id ?? null,
    produce: false,
    heat: heatOf(name),
    allergen: allergenOf(rest),
    instead
  };
}

/** "1 (2 lb) cabbage", "1 head cabbage (about 2 kg)", "2 cabbages, about 2 kg": what is weighed counts, not the pieces. */
function weighedPieces(t: string): string {
  const mass = '(\\d+(?:[.,]\\d+)?) ?(g|kg|lb|lbs|oz|pound|pounds)';
  const each = new RegExp(`^${NUM} \\((?:about )?${mass}\\) (.*)$`).exec(t);
  if (each) return `${spokenNumber(each[1] ?? '') * spokenNumber(each[2] ?? '')} ${each[3]} ${each[4]}`;
  const all = new RegExp(`^${NUM} ([^(,]*)(?: \\((?:about )?|, about )${mass}\\)?$`).exec(t);
  return all
    ? `${all[3]} ${all[4]} ${(all[2] ?? '').replace(/^(heads?|cloves?|bulbs?|bunch(es)?) (of )?/, '')}`
    : t;
}

const scaled = (amount: number | null, factor: number): number | null =>
  amount === null ? null : amount * factor;

/** What an amount is said for: the recipe, a kilo, a pound, a jar, a quart. `factor` turns pounds into kilos. */
function readPer(
  t: string,
  system: SpoonSystem
): { scales: Scales; factor: number; perMl?: number; rest: string } {
  const m = new RegExp(
    `[, ]+(?:per|a|to a|to the|for each|each|in each|to each|/|for) (?:${NUM} )?(kg|kilo|kilogram|lb|pound|jar|quart|pint|gallon|litre|liter|l)s?\\b(.*)$`
  ).exec(t);
  if (!m) return { scales: 'recipe', factor: 1, rest: t };
  const n = m[1] ? spokenNumber(m[1]) : 1;
  // "30 g per kg fish sauce" says it in the middle.
  const rest = `${t.slice(0, m.index)} ${m[3] ?? ''}`.replace(/\s+/g, ' ').trim();
  const word = m[2] ?? '';
  if (/^(kg|kilo|kilogram)$/.test(word)) return { scales: 'kg', factor: 1 / n, rest };
  if (/^(lb|pound)$/.test(word)) return { scales: 'kg', factor: 1000 / (n * UNITS.lb.factor), rest };
  if (word === 'jar') return { scales: 'jar', factor: 1 / n, rest };
  return { scales: 'room', factor: 1, perMl: n * (unitFor(word, system)?.factor ?? 1000), rest };
}

const PIECES =
  /^(clove|head|leaf|leave|sprig|slice|bulb|root|stalk|stick|pod|piece|berry|berrie|bunch|fruit|corn|knob|thumb)e?s?\b(?: of)? ?(.*)$/;

function readUnit(
  n: number,
  rest: string,
  system: SpoonSystem
): [amount: number | null, unit: string, rest: string] {
  if (!(n > 0)) return [null, '', rest];
  if (rest.startsWith('%')) return [n, '%', rest.slice(1).trim()];
  const piece = PIECES.exec(rest);
  if (piece) {
    const word = (piece[1] ?? '').replace(/^leave$/, 'leaf').replace(/^berrie$/, 'berry');
    return [n, word, piece[2] === '' ? word : (piece[2] ?? '')];
  }
  const word = /^([a-z]+)\b(?: of)? ?(.*)$/.exec(rest);
  const unit = word ? unitFor(word[1] ?? '', system) : undefined;
  if (!unit || unit.kind === 'length') return [n, '', rest];
  const more = word?.[2] ?? '';
  if (unit.kind === 'mass') {
    const second = new RegExp(`^(\\d+(?:[.,]\\d+)?) ?(g|oz)\\b(?: of)? ?(.*)$`).exec(more);
    const small = second ? unitFor(second[2] ?? '', system) : undefined;
    const g = n * unit.factor + (second && small ? spokenNumber(second[1] ?? '0') * small.factor : 0);
    return [g, 'g', second ? (second[3] ?? '') : more];
  }
  // Spoons and cups stay spoons and cups: they are scaled as such.
  return /tsp|tbsp|cup/.test(unit.id) ? [n, unit.id, more] : [n * unit.factor, 'ml', more];
}

function readSalt(
  l: { readonly said: string; readonly line: number },
  baseG: number | null,
  context: PhraseContext
): SaltLine {
  const t = tidied(l.said).replace(/^salt[:,]? *(.+)$/, '$1 salt');
  // "2.2 % salt of the vegetables" is said of doses as "2.2 % of the vegetables".
  const dose = /%/.test(t)
    ? t
        .replace(/\bsalt\b/, '')
        .replace(/\s+/g, ' ')
        .trim()
    : t;
  const direct = readDose(dose, context);
  if (direct.ok) return { ...l, readings: direct.value };
  // A plain amount is said for the recipe as written.
  const whole = baseG === null ? undefined : readDose(`${t} to ${Math.round(baseG)} g`, context);
  return { ...l, readings: whole?.ok ? whole.value.map((r) => ({ ...r, per: baseG ?? r.per })) : [] };
}

function problemsOf(
  all: readonly Ingredient[],
  salt: SaltLine | null,
  salts: readonly { readonly said: string; readonly line: number }[]
): CardProblem[] {
  const out: CardProblem[] = [];
  const say = (code: CardProblem['code'], line: number | null, said: string, blocks: boolean) =>
    out.push({ code, line, said, blocks });
  const produce = all.filter((i) => i.produce);
  if (produce.length === 0) say('no-produce', null, '', true);
  for (const i of all) {
    if (i.scales === 'free') continue;
    if (i.amount === null) say('figure-missing', i.line, i.said, true);
    // A figure, and nothing it could be of: its whole line stands for its name.
    else if (i.name === i.said) say('name-missing', i.line, i.said, true);
    else if (i.produce && i.scales === 'recipe' && gramsOf(i) === null)
      say('line-unclear', i.line, i.said, true);
  }
  const shares = produce.filter((i) => i.scales === 'share').reduce((a, i) => a + (i.amount ?? 0), 0);
  const alone = produce.every((i) => i.scales === 'share');
  if (produce.length > 0 && (shares > 1.005 || (alone && shares < 0.995)))
    say('shares-over', null, String(Math.round(shares * 100)), true);
  if (!salt) say('no-salt', null, '', true);
  else if (salts.length > 1) say('salt-twice', salts[1]!.line, salts[1]!.said, true);
  else if (salt.readings.length === 0) say('figure-missing', salt.line, salt.said, true);
  else if (differ(salt)) say('salt-unclear', salt.line, salt.said, true);
  else if (mustAsk(salt.readings.map((r) => r.saltG / r.per)))
    say('salt-measure-unclear', salt.line, salt.said, true);
  return out;
}

/** More than one base is meant: what it ends at differs by far more than 5 %. */
const differ = (s: SaltLine): boolean => new Set(s.readings.map((r) => r.base)).size > 1;
