import { BY_TASTE, tasteWord, type TasteWord } from './taste';
import {
  plainPhrase,
  SPOKEN_NUMBER,
  spokenNumber,
  UNITS,
  unitFor,
  type SpoonSystem
} from '../quantity/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { waterDensity } from './density';
import type { SaltKind } from './types';
import { DESSERTSPOON_ML, HANDFUL, HEAPS, MUGS_ML, PINCH, SALT_WORDS } from './phrase-words';
import { SALT_KINDS } from './data';

/** What a dose is taken of. `jar` is one jar of the batch, `quartJar` one scaled to a quart, `head` one piece of the crop. */
export type DoseBase = 'water' | 'vegetables' | 'total' | 'ends' | 'jar' | 'quartJar' | 'head';

/** One way to understand a dose as it was said. */
export interface DoseReading {
  readonly says: string;
  readonly base: DoseBase;
  /** g of salt, with its geometric sd. */
  readonly saltG: number;
  readonly gsd: number;
  /** How much of the base it was said for: g of water or vegetables, ml of jar, or a count. */
  readonly per: number;
  readonly kind: SaltKind;
  /** Said of pure salt, as percentages and tastes are; else the salt as it is. */
  readonly pure?: true;
}

/** A reading before it is known which salt it is said of. */
type Unsalted = Omit<DoseReading, 'kind'>;

export interface PhraseContext {
  readonly system: SpoonSystem;
  /** The household's usual salt, taken when none is named. */
  readonly kind: SaltKind;
}

const NUM = SPOKEN_NUMBER;
/** A range is nine times in ten. */
const NINE_IN_TEN = 1.645;

const tidied = (text: string): string =>
  plainPhrase(
    // "T" is a tablespoon and "t" a teaspoon.
    text.replace(/([\d½¼¾⅓⅔])\s*T\b/g, '$1 tbsp').replace(/([\d½¼¾⅓⅔])\s*t\b/g, '$1 tsp')
  )
    .replace(/[;,.](?=\s|$)/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * Reads a dose of salt as it is said or written: "2 tsp fine salt to a mug of water", "3 tbsp to 5 lb", "30 g/l",
 * "2.2 %", "2-3 %", "1½ tbsp a quart", "3 tbsp kosher per 5 lb", "1:20", "a heaped dessertspoon a jar", "a handful a
 * head", "like the sea", "salt to taste". A range is its middle with its width as spread.
 * Answers every way to understand it, likeliest first; refuses what it does not understand.
 * Example: "2.2 %" has four readings: of the vegetables, of the total, of the water, where it ends.
 */
export function readDose(text: string, context: PhraseContext): Outcome<readonly DoseReading[]> {
  const bad = (code: string) => refuse(code, { field: 'dose', values: { said: text.trim().slice(0, 60) } });
  if (text.length > 80) return bad('dose-not-understood');
  const said = tidied(text);
  if (said === '') return bad('nothing-said-of-salt');
  if (/potassium|reduced|low.?salt|substitute/.test(said)) return bad('salt-blend');
  const kinds = kindsNamed(said, context.kind);
  const one = tasteReadings(said) ?? ratioReadings(said, kinds[0] ?? context.kind);
  const { t, spread } = one ? { t: said, spread: 1 } : inTheMiddle(said);
  const read = one ?? percentReadings(t);
  if (read)
    return read.length > 0
      ? done(read.map((r) => salted(r, kinds[0] ?? context.kind, spread)))
      : bad('dose-not-understood');
  const amounts = kinds.flatMap((kind) => readAmount(t, kind, context.system) ?? []);
  if (amounts.length === 0) return bad('dose-not-understood');
  const readings = amounts.flatMap(({ rest, kind, saltG, gsd }) =>
    readBase(rest, context.system).map((b): DoseReading => ({
      ...salted({ ...b, saltG, gsd }, kind, spread),
      says: kinds.length > 1 ? `${b.says}, ${kind.name.toLowerCase()}` : b.says
    }))
  );
  return readings.length > 0 ? done(readings) : bad('dose-of-what');
}

const salted = (r: Unsalted, kind: SaltKind, spread: number): DoseReading => ({
  ...r,
  kind,
  gsd: Math.exp(Math.hypot(Math.log(r.gsd), Math.log(spread)))
});

/** The salts that a phrase may mean: the household's where none is named, and as it has measured it. */
function kindsNamed(t: string, own: SaltKind): readonly SaltKind[] {
  const ids = SALT_WORDS.find(([words]) => words.test(t))?.[1] ?? [own.id];
  if (ids.includes(own.id)) return [own];
  return SALT_KINDS.filter((k) => ids.includes(k.id));
}

/** A phrase without the salt's own name. */
const unsalted = (t: string): string =>
  t
    .replace(SALT_WORDS.find(([words]) => words.test(t))?.[0] ?? /$^/, ' ')
    .replace(/\bsalt\b/, ' ')
    .trim();

/** "2-3 %" and "2 to 3 tbsp a quart": the middle, and how wide it was said. */
function inTheMiddle(t: string): { t: string; spread: number } {
  const m = new RegExp(`^${NUM} ?(?:-|to|or) ?${NUM}( .*)$`).exec(t);
  const [low, high] = [spokenNumber(m?.[1] ?? ''), spokenNumber(m?.[2] ?? '')];
  if (!m || !(low > 0) || !(high > low)) return { t, spread: 1 };
  return { t: `${(low + high) / 2}${m[3]}`, spread: (high / low) ** (1 / (2 * NINE_IN_TEN)) };
}

/** What a dose tastes like; of the water where water is named. Undefined where nothing is said of taste. */
function tasteReadings(t: string): Unsalted[] | undefined {
  if (/\b(to|by) taste\b/.test(t))
    return [
      {
        says: 'by taste, like a well-seasoned soup',
        base: 'ends',
        saltG: BY_TASTE.fraction,
        gsd: BY_TASTE.gsd,
        per: 1,
        pure: true
      }
    ];
  const word = /\b(like|as) (the |a |an )?sea\b|\bsea ?water\b/.test(t)
    ? tasteWord('sea')
    : /\b(like|as) (a |an )?([a-z-]+ )?(soup|broth)\b/.test(t)
      ? tasteWord('soup')
      : undefined;
  if (!word) return undefined;
  const gsd = Math.exp(word.salinity.sd / word.salinity.mean);
  const s = word.salinity.mean;
  const ends: Unsalted = {
    says: `where it ends, ${word.says}`,
    base: 'ends',
    saltG: s,
    gsd,
    per: 1,
    pure: true
  };
  const water: Unsalted = {
    says: `of the water, ${asPoured(word)}`,
    base: 'water',
    saltG: s / (1 - s),
    gsd,
    per: 1,
    pure: true
  };
  return /\b(water|brine)\b/.test(t) ? [water] : [ends, water];
}
const asPoured = (word: TasteWord) => `the brine as poured ${word.says}`;

/** "1:20", "one part salt to twenty parts water": by weight, or by the cup where it is said of water. */
function ratioReadings(t: string, kind: SaltKind): Unsalted[] | undefined {
  const m = new RegExp(
    `^${NUM} ?(?:parts? )?(?:of )?(?:salt )?(?:to|in|per|:|/) ?${NUM} ?(?:parts?)? ?(?:of )?(water|brine|cabbage|veg[a-z]*|produce|shreds?)?$`
  ).exec(t);
  if (!m) return undefined;
  const [salt, other] = [spokenNumber(m[1] ?? ''), spokenNumber(m[2] ?? '')];
  if (!(salt / other > 0.001 && salt / other < 0.5)) return [];
  const water: Unsalted[] = [
    { says: 'of the water, by weight', base: 'water', saltG: salt, gsd: 1, per: other },
    {
      says: 'of the water, by the cup',
      base: 'water',
      saltG: salt * kind.gPerMl,
      gsd: kind.gsd,
      per: other * waterDensity(20)
    }
  ];
  const veg: Unsalted = {
    says: 'of the vegetables’ weight',
    base: 'vegetables',
    saltG: salt,
    gsd: 1,
    per: other
  };
  if (/water|brine/.test(m[3] ?? '')) return water;
  return m[3] ? [veg] : [...water, veg];
}

function percentReadings(t: string): Unsalted[] | undefined {
  const m = new RegExp(`^${NUM} ?(?:%|percent|per cent)(.*)$`).exec(t);
  if (!m) return undefined;
  const fraction = spokenNumber(m[1] ?? '') / 100;
  if (!(fraction > 0 && fraction < 0.5)) return [];
  const reading = (base: DoseBase, says: string): Unsalted => ({
    says,
    base,
    saltG: fraction,
    gsd: 1,
    per: 1,
    pure: true
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
  if (/veg|cabbage|shred|pepper|produce/.test(rest)) return [all[0]!];
  if (/end|even/.test(rest)) return [all[3]!];
  // By weight, but of what?
  if (/\bweight\b/.test(rest)) return all.slice(0, 3);
  return unsalted(rest) === '' ? all : [];
}

function readAmount(
  t: string,
  kind: SaltKind,
  system: SpoonSystem
): { saltG: number; gsd: number; rest: string; kind: SaltKind } | undefined {
  const m = new RegExp(
    `^${NUM}? ?(level|heaped|heaping|rounded|scant|big|small)? ?([a-z]+)\\b(?: of)?(.*)$`
  ).exec(t);
  if (!m) return undefined;
  const n = m[1] === undefined ? 1 : spokenNumber(m[1]);
  const [heap, heapGsd] = HEAPS[m[2] ?? 'level'] ?? [1, 1];
  const word = m[3] ?? '';
  const rest = unsalted(m[4] ?? '');
  if (!(n > 0)) return undefined;
  if (/^handfuls?$/.test(word)) return { saltG: n * heap * HANDFUL.g, gsd: HANDFUL.gsd, rest, kind };
  if (/^pinch(es)?$/.test(word)) return { saltG: n * heap * PINCH.g, gsd: PINCH.gsd, rest, kind };
  const ml = /^dessertspoons?$|^dsp$/.test(word) ? DESSERTSPOON_ML : undefined;
  const unit = ml === undefined ? unitFor(word, system) : undefined;
  if (unit?.kind === 'mass') return { saltG: n * unit.factor, gsd: 1, rest, kind };
  const volume = ml ?? (unit?.kind === 'volume' ? unit.factor : undefined);
  if (volume === undefined) return undefined;
  const gsd = Math.exp(Math.hypot(Math.log(kind.gsd), Math.log(heapGsd)));
  return { saltG: n * volume * kind.gPerMl * heap, gsd, rest, kind };
}

type Base = Pick<DoseReading, 'says' | 'base' | 'per'>;

function readBase(said: string, system: SpoonSystem): Base[] {
  const m = new RegExp(
    `^(?:to|per|in|into|for|on|each|every|/|:)? ?(?:the )?${NUM}? ?([a-z]+)\\b ?(.*)$`
  ).exec(said);
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
