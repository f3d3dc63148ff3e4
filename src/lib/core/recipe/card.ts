import { pieceCalled, type Crop, type OwnCrops } from '../produce/index';
import {
  cardLine,
  cropNamed,
  isWater,
  readDose,
  saltLine,
  saltyNamed,
  textLine,
  unlisted,
  type CardLine,
  type DoseWays,
  type LineAmount
} from '../reading/index';
import type { DoseReading } from '../salt/index';
import { style } from '../style/index';
import type { Card, CardProblem, CardText, Ingredient, RecipeText, Scales } from './types';
import { allergenOf, heatOf } from './words';
import { problemsOf, type Line, type SaltRead } from './problems';
import { isProduce, baseOf, waterOf, chosen } from './base';

/** What a card is read with: the household's spoons and salt, and how the recipe's style is salted. */
export interface CardWays extends DoseWays {
  /** null: the style is not known; salt beside water is asked about. */
  readonly salting: 'dry' | 'brine' | 'rinsed' | null;
}

/** A recipe's card, read for its own style. */
export const readRecipe = (r: Pick<RecipeText, 'card' | 'styleId'>, ways: DoseWays): Card =>
  readCard(r.card, { ...ways, salting: style(r.styleId)?.salting ?? null });

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
  const ingredient: Ingredient = {
    said: l.said,
    line: l.line,
    name: name === '' ? l.said : name,
    ...scaled(p, amount, c !== undefined),
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

/** How much of it and how it grows; a percentage is a share of the produce, or of its weight where it is none. */
function scaled(
  p: CardLine,
  said: LineAmount | null,
  isCrop: boolean
): Pick<Ingredient, 'scales' | 'amount' | 'unit'> {
  const percent = said?.is === 'percent' ? said.value : null;
  const alone = percent !== null && p.for.per === 'recipe';
  const scales: Scales = p.free ? 'free' : alone ? (isCrop ? 'share' : 'kg') : p.for.per;
  const times = p.for.per === 'kg' || p.for.per === 'jar' ? p.for.times : 1;
  const share =
    percent === null
      ? null
      : scales === 'share'
        ? ([percent / 100, ''] as const)
        : ([percent * 10, 'g'] as const);
  const [amount, unit] = share ?? figure(said, times);
  return { scales, amount, unit };
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
