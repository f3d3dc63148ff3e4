import { BY_TASTE } from './taste';
import {
  MEASURES,
  plainPhrase,
  SPOKEN_NUMBER,
  spokenNumber,
  UNITS,
  unitFor,
  type SpoonSystem
} from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { waterDensity } from './density';
import type { DosingWay } from './dose';
import type { SaltKind } from './types';
import { SALT_KINDS } from './data';

/** What a dose is taken of. `jar` is one jar of the batch, `quartJar` one scaled to a quart, `head` one piece of the crop. */
export type DoseBase = 'water' | 'vegetables' | 'total' | 'ends' | 'jar' | 'quartJar' | 'head';

/** One way to understand a dose as it was said. */
export interface DoseReading {
  readonly says: string;
  readonly base: DoseBase;
  /** g of salt as it is (not pure), with its geometric sd. */
  readonly saltG: number;
  readonly gsd: number;
  /** How much of the base it was said for: g of water or vegetables, ml of jar, or a count. */
  readonly per: number;
  readonly kind: SaltKind;
}

export interface PhraseContext {
  readonly system: SpoonSystem;
  /** The household's usual salt, taken when none is named. */
  readonly kind: SaltKind;
}

/** Heaped or packed adds 10-25 %, scant takes as much. Common practice, no source. */
const HEAPS: Record<string, readonly [factor: number, gsd: number]> = {
  level: [1, 1],
  heaped: [1.175, 1.08],
  heaping: [1.175, 1.08],
  rounded: [1.1, 1.06],
  scant: [0.87, 1.06],
  big: [1.175, 1.1],
  small: [0.87, 1.1]
};
/** Hands and mugs. Common practice, no source; weigh your own. */
const HANDFUL = { g: 35, gsd: 1.4 };
const PINCH = { g: 0.4, gsd: 1.5 };
const MUGS_ML = [250, 300, 350];
const DESSERTSPOON_ML = 10;

const SALT_WORDS: readonly (readonly [RegExp, string])[] = [
  [/\b(fine )?table( salt)?\b/, 'table-fine'],
  [/\b(pickling|canning)( salt)?\b/, 'pickling'],
  [/\b(coarse|rough)( sea)?( salt)?\b/, 'sea-coarse'],
  [/\b(grey|gray)( sea)?( salt)?\b/, 'sea-grey-damp'],
  [/\b(flaky|flakes|flake)( sea)?( salt)?\b/, 'flaky'],
  [/\bfine( sea)?( salt)?\b|\bsea salt\b/, 'sea-fine'],
  [/\brock( salt)?\b/, 'rock-ground']
];

const NUM = SPOKEN_NUMBER;

const tidied = (text: string): string =>
  plainPhrase(text)
    .replace(/[;,.](?=\s|$)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * Reads a dose of salt as it is said or written: "2 tsp fine salt to a mug of water", "3 tbsp to 5 lb", "30 g/l",
 * "2.2 %", "1½ tbsp a quart", "a heaped dessertspoon a jar", "a handful a head", "salt to taste".
 * Answers every way to understand it, likeliest first; refuses what it does not understand.
 * Example: "2.2 %" has four readings: of the vegetables, of the total, of the water, where it ends.
 */
export function readDose(text: string, context: PhraseContext): Outcome<readonly DoseReading[]> {
  const bad = (code: string) => refuse(code, { field: 'dose', values: { said: text.trim().slice(0, 60) } });
  if (text.length > 80) return bad('dose-not-understood');
  const t = tidied(text);
  if (t === '') return bad('nothing-said-of-salt');
  if (/potassium|reduced|low.?salt|substitute/.test(t)) return bad('salt-blend');
  const named = SALT_WORDS.find(([words]) => words.test(t));
  const kind = SALT_KINDS.find((k) => k.id === named?.[1]) ?? context.kind;
  if (/\bto taste\b|\bby taste\b/.test(t))
    return done([
      {
        says: 'by taste, like a well-seasoned soup',
        base: 'ends',
        saltG: BY_TASTE.fraction / kind.purity,
        gsd: BY_TASTE.gsd,
        per: 1,
        kind
      }
    ]);
  const percent = percentReadings(t, kind);
  if (percent) return percent.length > 0 ? done(percent) : bad('dose-not-understood');
  const amount = readAmount(t, kind, context.system);
  if (!amount) return bad('dose-not-understood');
  const readings = readBase(amount.rest, context.system).map((b) => ({
    ...b,
    saltG: amount.saltG,
    gsd: amount.gsd * 1,
    kind
  }));
  return readings.length > 0 ? done(readings) : bad('dose-of-what');
}

function percentReadings(t: string, kind: SaltKind): DoseReading[] | undefined {
  const m = new RegExp(`^${NUM} ?(?:%|percent|per cent)(.*)$`).exec(t);
  if (!m) return undefined;
  const fraction = spokenNumber(m[1] ?? '') / 100;
  if (!(fraction > 0 && fraction < 0.5)) return [];
  const reading = (base: DoseBase, says: string): DoseReading => ({
    says,
    base,
    saltG: fraction,
    gsd: 1,
    per: 1,
    kind
  });
  const all = [
    reading('vegetables', 'of the vegetables’ weight'),
    reading('total', 'of vegetables and water together'),
    reading('water', 'of the water'),
    reading('ends', 'where it ends, all water counted')
  ];
  const rest = m[2] ?? '';
  if (/water|brine|liquid/.test(rest)) return [all[2]!];
  if (/total|together|everything|all/.test(rest)) return [all[1]!];
  if (/veg|cabbage|weight|shred|pepper|produce/.test(rest)) return [all[0]!];
  if (/end|even/.test(rest)) return [all[3]!];
  return /^\s*(salt)?\s*$/.test(rest) ? all : [];
}

function readAmount(
  t: string,
  kind: SaltKind,
  system: SpoonSystem
): { saltG: number; gsd: number; rest: string } | undefined {
  const m = new RegExp(
    `^${NUM}? ?(level|heaped|heaping|rounded|scant|big|small)? ?([a-z]+)\\b(?: of)?(.*)$`
  ).exec(t);
  if (!m) return undefined;
  const n = m[1] === undefined ? 1 : spokenNumber(m[1]);
  const [heap, heapGsd] = HEAPS[m[2] ?? 'level'] ?? [1, 1];
  const word = m[3] ?? '';
  const rest = (m[4] ?? '')
    .replace(SALT_WORDS.find(([w]) => w.test(m[4] ?? ''))?.[0] ?? /$^/, ' ')
    .replace(/\bsalt\b/, ' ')
    .trim();
  if (!(n > 0)) return undefined;
  if (/^handfuls?$/.test(word)) return { saltG: n * heap * HANDFUL.g, gsd: HANDFUL.gsd, rest };
  if (/^pinch(es)?$/.test(word)) return { saltG: n * heap * PINCH.g, gsd: PINCH.gsd, rest };
  const ml = /^dessertspoons?$|^dsp$/.test(word) ? DESSERTSPOON_ML : undefined;
  const unit = ml === undefined ? unitFor(word, system) : undefined;
  if (unit?.kind === 'mass') return { saltG: n * unit.factor, gsd: 1, rest };
  const volume = ml ?? (unit?.kind === 'volume' ? unit.factor : undefined);
  if (volume === undefined) return undefined;
  const gsd = Math.exp(Math.hypot(Math.log(kind.gsd), Math.log(heapGsd)));
  return { saltG: n * volume * kind.gPerMl * heap, gsd, rest };
}

type Base = Pick<DoseReading, 'says' | 'base' | 'per'>;

function readBase(said: string, system: SpoonSystem): Base[] {
  const m = new RegExp(`^(?:to|per|in|into|for|on|each|every|/|:)? ?${NUM}? ?([a-z]+)\\b ?(.*)$`).exec(said);
  if (!m) return [];
  const n = m[1] === undefined ? 1 : spokenNumber(m[1]);
  const word = m[2] ?? '';
  const rest = m[3] ?? '';
  if (!(n > 0)) return [];
  const water = (ml: number, says: string): Base => ({ says, base: 'water', per: ml * waterDensity(20) });
  if (/^mugs?$/.test(word)) return MUGS_ML.map((ml) => water(n * ml, `a mug of ${ml} ml of water`));
  if (/^jars?$/.test(word)) return [{ says: 'for each jar of this batch', base: 'jar', per: n }];
  if (/^(heads?|cabbages?)$/.test(word)) return [{ says: 'for each head', base: 'head', per: n }];
  const unit = unitFor(word, system);
  if (!unit || unit.kind === 'length') return [];
  if (unit.kind === 'mass') {
    const g = n * unit.factor;
    const total = { says: 'of vegetables and water together', base: 'total' as const, per: g };
    const veg = { says: 'of the vegetables’ weight', base: 'vegetables' as const, per: g };
    if (/water/.test(rest)) return [{ says: 'of water', base: 'water', per: g }];
    return /total|together/.test(rest) ? [total] : [veg];
  }
  const ml = n * unit.factor;
  const ofWater = water(ml, 'of water');
  const ofJar: Base = { says: 'for a jar of that size', base: 'quartJar', per: ml };
  if (/\bjars?\b/.test(rest)) return [ofJar];
  if (/water|brine|liquid/.test(rest)) return [ofWater];
  // A quart, a pint, a gallon may be water or a jar; a litre, a cup are said of water.
  const jarLike: readonly { factor: number }[] = [
    UNITS.usQuart,
    UNITS.usPint,
    UNITS.usGallon,
    UNITS.impQuart,
    UNITS.impPint,
    UNITS.impGallon
  ];
  return jarLike.includes(unit) ? [ofWater, ofJar] : [ofWater];
}

/** What is known of the batch that a dose is held against. */
export interface DoseTarget {
  readonly vegG: number;
  readonly jars: number;
  readonly roomMl: number;
  /** Mean piece as it is prepared, g. */
  readonly headG: number | null;
}

/**
 * A reading as a dose for these jars: the way and the fraction (pure salt), or undefined where it means nothing.
 * Example: 17.7 g pickling salt to 1 l water is 1.77 % of the water.
 */
export function doseFor(
  reading: DoseReading,
  target: DoseTarget
): { way: DosingWay; fraction: number } | undefined {
  const pureG = reading.saltG * (reading.base === 'ends' || isPercent(reading) ? 1 : reading.kind.purity);
  switch (reading.base) {
    case 'water':
      return { way: 'perWater', fraction: pureG / reading.per };
    case 'vegetables':
      return { way: 'perVegetables', fraction: pureG / reading.per };
    case 'total':
      return { way: 'perTotal', fraction: pureG / reading.per };
    case 'ends':
      return { way: 'equilibrium', fraction: pureG / reading.per };
    case 'jar':
      return { way: 'perVegetables', fraction: (pureG * target.jars) / reading.per / target.vegG };
    case 'quartJar':
      return { way: 'perVegetables', fraction: (pureG * target.roomMl) / reading.per / target.vegG };
    case 'head':
      return target.headG === null
        ? undefined
        : { way: 'perVegetables', fraction: pureG / reading.per / target.headG };
  }
}

/** A percentage is said of pure weight already. */
const isPercent = (r: DoseReading): boolean => r.gsd === 1 && r.per === 1 && r.saltG < 0.5;

/** Readings that end further apart than this are asked about, never guessed. */
export const ASK_BEYOND = 0.05;

/** Whether readings that end at these salinities must be asked about. Example: 0.020 and 0.0208 need not. */
export function mustAsk(ends: readonly number[]): boolean {
  return ends.length > 1 && Math.max(...ends) > Math.min(...ends) * (1 + ASK_BEYOND);
}

/** The chosen dose as the rules of thumb that people say, in the household's spoons. */
export function rulesOfThumb(
  contents: { naclG: number; waterG: number; vegG: number },
  kind: SaltKind,
  system: SpoonSystem
): readonly { says: string; spoons: number; spoon: 'tsp' | 'tbsp'; grams: number }[] {
  const { tsp, tbsp } = MEASURES[system];
  const inSpoons = (g: number, spoon: 'tsp' | 'tbsp') =>
    g / (kind.gPerMl * (spoon === 'tsp' ? tsp.factor : tbsp.factor));
  const saltG = contents.naclG / kind.purity;
  const rows: [string, number, 'tsp' | 'tbsp'][] = [
    ['to 1 kg of vegetables', (saltG / contents.vegG) * 1000, 'tsp'],
    ['to 1 lb of vegetables', (saltG / contents.vegG) * UNITS.lb.factor, 'tsp']
  ];
  if (contents.waterG > 0) {
    rows.push(['to 1 l of water', (saltG / contents.waterG) * 998.2, 'tbsp']);
    rows.push(['to a quart of water', (saltG / contents.waterG) * 0.9982 * UNITS.usQuart.factor, 'tbsp']);
  }
  return rows.map(([says, grams, spoon]) => ({ says, spoon, grams, spoons: inSpoons(grams, spoon) }));
}
