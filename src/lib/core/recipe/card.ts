import type { RefusalCode } from '../refusal/index';
import { meanPiece, pieceCalled, pieceWeights, type Crop, type OwnCrops } from '../produce/index';
import {
  cardLine,
  cropNamed,
  isWater,
  otherPreserve,
  readDose,
  saltLine,
  saltyNamed,
  textLine,
  unlisted,
  type CardLine,
  type DoseWays,
  type LineAmount
} from '../reading/index';
import { mustAsk, type DoseReading } from '../salt/index';
import { style } from '../style/index';
import type { Card, CardProblem, CardText, Ingredient, RecipeText, SaltLine, Scales } from './types';
import { allergenOf, heatOf } from './words';

/** What a card is read with: the household's spoons and salt, and how the recipe's style is salted. */
export interface CardWays extends DoseWays {
  /** null: the style is not known; salt beside water is asked about. */
  readonly salting: 'dry' | 'brine' | 'rinsed' | null;
}

/** A recipe's card, read for its own style. */
export const readRecipe = (r: Pick<RecipeText, 'card' | 'styleId'>, ways: DoseWays): Card =>
  readCard(r.card, { ...ways, salting: style(r.styleId)?.salting ?? null });

interface Line {
  readonly said: string;
  readonly line: number;
}

/**
 * Reads a recipe card in its own words, a line an ingredient: "2 kg white cabbage", "20 % carrot", "3 g caraway per kg",
 * "1 bay leaf a jar", "2 heads of dill a gallon", "oak leaf or cherry leaf, 1 a jar", "cabbage (1 kg)", "3 tbsp salt (54 g)",
 * "2.2 % salt of the vegetables", "chilli, as you like". Titles, steps and remarks are kept as text. Salt and water on one
 * card are a brine in a brined style, and elsewhere a question. Says what is missing, what can mean two things and what
 * contradicts itself; never refuses a line, for it is the household's own.
 * Example: "2 kg white cabbage / 2.2 % salt of the vegetables / dill" lacks the figure of the dill.
 */
export function readCard(text: string, ways: CardWays): Card {
  const lines = text
    .split('\n')
    .map((said, line): Line => ({ said: said.trim(), line }))
    .filter((l) => l.said !== '');
  const texts = textsOf(lines, ways);
  const rest = lines.filter((l) => !texts.some((t) => t.line === l.line));
  const salts = rest.filter((l) => saltLine(l.said));
  const parts = rest
    .filter((l) => !salts.includes(l))
    .map((l) => ({ l, part: cardLine(l.said, ways.system) }));
  const waters = parts.filter(({ part }) => isWater(part.name) && part.for.per === 'recipe');
  const read = parts
    .filter((p) => !waters.includes(p))
    .map(({ l, part }) => ingredientOf(l, part, ways.crops));
  const ingredients = read.map((r) => ({ ...r.ingredient, produce: isProduce(r.ingredient) }));
  const baseG = baseOf(ingredients);
  const waterMl = waterOf(waters.map((w) => w.part));
  const salt = salts[0] ? readSalt(salts[0], baseG, waterMl, ways) : null;
  const own = [...read, ...waters.map(({ l, part }) => ({ problem: amountProblem(l, part, ways.crops) }))];
  return {
    ingredients,
    salt: salt && { said: salt.said, line: salt.line, readings: salt.readings },
    baseG,
    waterMl,
    texts: [...texts, ...waters.map(({ l }): CardText => ({ ...l, why: 'water' }))],
    problems: [...own.flatMap((r) => r.problem ?? []), ...problemsOf(ingredients, salt, salts)]
  };
}

/** Lines that are only text; a step that says the only dose of the card, or holds its only vegetables, is none. */
function textsOf(lines: readonly Line[], ways: CardWays): CardText[] {
  const figures = lines.some((l, i) => i > 0 && /\d|½|¼|¾|half|one|two|three/i.test(l.said));
  const texts = lines.flatMap((l, i): CardText[] => {
    const why = textLine(l.said, i === 0 && figures, ways.system);
    return why ? [{ ...l, why }] : [];
  });
  const others = lines.filter((l) => !texts.some((t) => t.line === l.line));
  if (others.some((l) => saltLine(l.said))) return texts;
  const dose = texts.find((t) => t.why === 'step' && saltLine(t.said) && /\d|½|¼|¾/.test(t.said));
  return texts.filter((t) => t !== dose);
}

/** Vegetables fill the jar: crops by weight, by share or by the piece, unless said by the kilo or by the jar. */
const isProduce = (i: Ingredient): boolean =>
  i.cropId !== null &&
  (i.scales === 'share' || i.scales === 'recipe') &&
  !/clove|slice|sprig|leaf|knob|thumb/.test(i.unit);

/** Grams of a line that is said in grams or, of a crop, in its pieces. */
export function gramsOf(i: Pick<Ingredient, 'amount' | 'unit' | 'crop'>): number | null {
  if (i.amount === null) return null;
  if (i.unit === 'g') return i.amount;
  const g = pieceWeights(i.crop ?? undefined)(i.unit);
  return g === null ? null : i.amount * g;
}

function baseOf(all: readonly Ingredient[]): number | null {
  const produce = all.filter((i) => i.produce);
  const weighed = produce.filter((i) => i.scales === 'recipe');
  if (weighed.length === 0) return null;
  const grams = weighed.reduce((a, i) => a + (gramsOf(i) ?? 0), 0);
  const shares = produce.filter((i) => i.scales === 'share').reduce((a, i) => a + (i.amount ?? 0), 0);
  return grams > 0 && shares < 1 ? grams / (1 - shares) : null;
}

const waterOf = (parts: readonly CardLine[]): number | null => {
  const all = parts.flatMap((p) => chosen(p, []).amount ?? []);
  const ml = all.reduce((a, m) => a + (m.is === 'measured' ? m.amount.value : 0), 0);
  return ml > 0 ? ml : null;
};

interface Chosen {
  readonly amount: LineAmount | null;
  readonly problem?: 'amounts-disagree' | 'amount-unclear' | 'two-things';
}
/** Label rounding, and a piece's own spread: what is further apart is asked about. */
const AGREE = { rounding: 1.12, pieces: 2.2 };

/** The amount of a line that counts: what is weighed before what is counted or spooned; they must agree. */
function chosen(p: CardLine, own: OwnCrops): Chosen {
  const [first] = p.amounts;
  if (p.more !== '') return { amount: first ?? null, problem: 'two-things' };
  if (!first || p.amounts.length === 1) return { amount: first ?? null };
  if (p.amounts.length > 2) return { amount: first, problem: 'two-things' };
  const [a, b] = [first, p.amounts[1]!];
  if (a.is === 'percent' || b.is === 'percent') return { amount: a, problem: 'two-things' };
  if (a.is === 'count' && b.is === 'measured') return countedAndWeighed(p, a, b, own);
  if (b.is === 'count' && a.is === 'measured') return countedAndWeighed(p, b, a, own);
  if (a.is === 'count' || b.is === 'count') return { amount: a, problem: 'two-things' };
  if (a.amount.kind !== b.amount.kind) return { amount: a.amount.kind === 'mass' ? a : b };
  const [x, y] = [a.amount.value, b.amount.value];
  return Math.max(x, y) / Math.min(x, y) > AGREE.rounding
    ? { amount: a, problem: 'amounts-disagree' }
    : { amount: a };
}

/** "1 cabbage (about 2 kg)", "2 (1 lb) cabbages", "2 heads, 4 kg": each or all, held against what such a piece weighs. */
function countedAndWeighed(
  p: CardLine,
  count: Extract<LineAmount, { is: 'count' }>,
  w: Extract<LineAmount, { is: 'measured' }>,
  own: OwnCrops
): Chosen {
  const times = (n: number): LineAmount => ({ ...w, amount: { ...w.amount, value: w.amount.value * n } });
  if (w.amount.kind !== 'mass') return { amount: w };
  const c = cropNamed(p.name, own);
  const piece = c && pieceCalled(c, count.piece);
  const fits = (g: number) => {
    if (!piece) return true;
    const off = g / (meanPiece(piece) * count.factor);
    return off < AGREE.pieces * piece.pieceGsd && off > 1 / (AGREE.pieces * piece.pieceGsd);
  };
  const [all, each] = [fits(w.amount.value / count.n), fits(w.amount.value)];
  if (w.each)
    return each ? { amount: times(count.n) } : { amount: times(count.n), problem: 'amounts-disagree' };
  if (count.n === 1 || all || !piece || (w.about && !each)) {
    // Said behind the pieces it is all of them, as on a shopping list; where each alone fits as well, it is asked.
    const either = count.n > 1 && all && each && piece !== undefined && w.inBrackets && !w.about;
    return all
      ? { amount: w, ...(either ? { problem: 'amount-unclear' as const } : {}) }
      : { amount: w, problem: 'amounts-disagree' };
  }
  return each ? { amount: times(count.n) } : { amount: w, problem: 'amounts-disagree' };
}

function amountProblem(l: Line, p: CardLine, own: OwnCrops): CardProblem | null {
  const { amount, problem } = chosen(p, own);
  const unclear =
    amount?.is === 'measured' &&
    (amount.amount.unclear !== undefined ||
      (amount.amount.spaced === true && /s$/.test(p.name) && cropNamed(p.name, own) !== undefined));
  const code = problem ?? (unclear ? ('amount-unclear' as const) : undefined);
  return code
    ? { code, line: l.line, said: l.said, blocks: true, ...(p.more ? { word: p.more } : {}) }
    : null;
}

function ingredientOf(
  l: Line,
  p: CardLine,
  own: OwnCrops
): { ingredient: Ingredient; problem: CardProblem | null } {
  const amount = p.vague || p.free ? null : chosen(p, own).amount;
  const name = p.name === '' ? pieceName(p, amount) : p.name;
  const c = cropNamed(name, own);
  const percent = amount?.is === 'percent' ? amount.value : null;
  const scales: Scales = p.free
    ? 'free'
    : percent !== null && p.for.per === 'recipe'
      ? c
        ? 'share'
        : 'kg'
      : p.for.per;
  const times = p.for.per === 'kg' || p.for.per === 'jar' ? p.for.times : 1;
  const of =
    percent !== null
      ? scales === 'share'
        ? [percent / 100, '']
        : [percent * 10, 'g']
      : figure(amount, times);
  const ingredient: Ingredient = {
    said: l.said,
    line: l.line,
    name: name === '' ? l.said : name,
    amount: of[0] as number | null,
    unit: of[1] as string,
    scales,
    ...(p.for.per === 'room' ? { perMl: p.for.ml } : {}),
    optional: p.optional,
    cropId: c?.id ?? null,
    crop: c ?? null,
    saltyId: saltyNamed(name)?.id ?? null,
    produce: false,
    heat: heatOf(name, own),
    allergen: allergenOf([name, p.remark].join(' ')),
    instead: p.instead
  };
  return { ingredient, problem: amountProblem(l, p, own) ?? pieceProblem(l, ingredient, c) };
}

/** "1 leaf a jar": the piece is all the name there is. */
const pieceName = (p: CardLine, a: LineAmount | null): string =>
  a?.is === 'count' && p.amounts.length === 1 ? a.piece : '';

/** Amount and unit as they are scaled: grams, millilitres, spoons as spoons, pieces as they are called. */
function figure(a: LineAmount | null, times: number): readonly [number | null, string] {
  if (a === null || a.is === 'percent') return [null, ''];
  if (a.is === 'count') return [a.n * a.factor * times, a.piece];
  const { amount } = a;
  if (amount.kind === 'mass') return [amount.value * times, 'g'];
  const spoon = /^(tsp|tbsp|cup)$/.test(amount.unit.id) && amount.parts === 1;
  if (spoon) return [(amount.value / amount.unit.factor) * times, amount.unit.id];
  const small = /^(tsp|tbsp|cup)$/.test(amount.unit.id);
  // "1 tbsp 1 tsp" stays in the spoon it was begun with.
  return small ? [(amount.value / amount.unit.factor) * times, amount.unit.id] : [amount.value * times, 'ml'];
}

function pieceProblem(l: Line, i: Ingredient, c: Crop | undefined): CardProblem | null {
  const counted = i.amount !== null && !/^(g|ml|tsp|tbsp|cup|)$/.test(i.unit);
  const loose = /^(slice|strip|half|ring|sprig)$/.test(i.unit);
  return c && counted && !loose && i.scales !== 'jar' && i.scales !== 'room' && !pieceCalled(c, i.unit)
    ? {
        code: 'piece-strange',
        line: l.line,
        said: l.said,
        blocks: true,
        word: `${i.unit} of ${c.name.toLowerCase()}`
      }
    : null;
}

type SaltRead = SaltLine & { readonly why: { code: RefusalCode; word: string } | null };

/** The dose of the card: as it is said, or of the recipe as written where it is a plain amount. */
function readSalt(l: Line, baseG: number | null, waterMl: number | null, ways: CardWays): SaltRead {
  const said = unlisted(l.said).replace(/\((?:optional)\)/i, '');
  const direct = readDose(said, ways);
  if (direct.ok) return { ...l, readings: direct.value, why: null };
  const { code, values } = direct.refusal;
  const word = String(values?.word ?? '');
  if (code !== 'dose-of-what') return { ...l, readings: [], why: { code, word } };
  const whole = (of: string, per: number | null): readonly DoseReading[] => {
    const read = per === null ? undefined : readDose(`${said} to ${per} ${of}`, ways);
    return read?.ok ? read.value : [];
  };
  const water = ways.salting === 'dry' && waterMl === null ? [] : whole('ml of water', waterMl);
  const veg = ways.salting === 'brine' && waterMl !== null ? [] : whole('g of vegetables', baseG);
  return { ...l, readings: [...veg, ...water], why: null };
}

function problemsOf(
  all: readonly Ingredient[],
  salt: SaltRead | null,
  salts: readonly Line[]
): CardProblem[] {
  const out: CardProblem[] = [];
  const say = (
    code: CardProblem['code'],
    line: number | null,
    said: string,
    blocks: boolean,
    word?: string
  ) => out.push({ code, line, said, blocks, ...(word ? { word } : {}) });
  const produce = all.filter((i) => i.produce);
  if (produce.length === 0) say('no-produce', null, '', true);
  for (const i of all) {
    const other = otherPreserve(i.name);
    if (other && large(i, all)) say('other-preserve', i.line, i.said, salt === null, other);
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
  else if (salt.why && salt.why.code !== 'dose-no-amount')
    out.push({
      code: 'salt-not-understood',
      line: salt.line,
      said: salt.said,
      blocks: true,
      why: salt.why.code,
      word: salt.why.word
    });
  else if (salt.readings.length === 0) say('figure-missing', salt.line, salt.said, true);
  else if (differ(salt)) say('salt-unclear', salt.line, salt.said, true);
  else if (mustAsk(salt.readings.map((r) => r.saltG / r.per)))
    say('salt-measure-unclear', salt.line, salt.said, true);
  return out;
}

/** More than a splash: it would be what keeps the jar. */
function large(i: Ingredient, all: readonly Ingredient[]): boolean {
  if (i.amount === null || /^(tsp|tbsp)$/.test(i.unit)) return i.unit === 'tbsp' && (i.amount ?? 0) > 4;
  if (i.unit === 'cup') return true;
  const base = baseOf(all);
  const amount = i.unit === 'g' || i.unit === 'ml' ? i.amount : 0;
  return i.scales === 'kg' ? amount > 100 : amount > (base ?? 1000) * 0.1;
}

/** More than one base is meant: what it settles at differs by far more than 5 %. */
const differ = (s: SaltLine): boolean => new Set(s.readings.map((r) => r.base)).size > 1;
