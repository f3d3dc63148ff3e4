import { done, refuse, type Outcome, type RefusalCode, type FieldName } from '../refusal/index';
import {
  BY_TASTE,
  SALT_KINDS,
  tasteWord,
  waterDensity,
  type DoseReading,
  type SaltKind,
  type TasteWord
} from '../salt/index';
import type { Bit, Stop } from './dose-bits';
import { bitsOf } from './dose-words';
import { amountReadings, POSSIBLE, SAYS } from './dose-amounts';
import { some } from './dose-phrases';
import { tokensOf } from './names';
import type { DoseWays } from './ways';

const MOST = 160;

/**
 * Reads a dose of salt as it is said or written: "2 tsp fine salt to a mug of water", "5 lb of cabbage: 2 tbsp salt",
 * "30 g/l", "brine at 3 %", "2-3 %", "1 tbsp plus 1 tsp for every quart", "3 tbsp kosher per 5 lb 8 oz", "ratio 1:20",
 * "a heaped dessertspoon a jar", "a handful a head", "like the sea", "salt to taste". A range is its middle with its
 * width as spread. Every word is used, or the first that is not is named in the refusal.
 * Answers every way to understand it, likeliest first.
 * Example: "2.2 %" has four readings: of the vegetables, of the total, of the water, where it ends.
 */
export function readDose(text: string, ways: DoseWays): Outcome<readonly DoseReading[]> {
  const said = text.trim().slice(0, 60);
  const bad = (code: RefusalCode, more: Record<string, string | number> = {}) =>
    refuse(code, { field: 'dose', values: { said, ...more } });
  if (text.trim() === '') return bad('nothing-said-of-salt');
  if (text.length > MOST) return bad('dose-too-long');
  const bits = bitsOf(tokensOf(text, ways.crops), ways.system);
  if ('stop' in bits) return stopped(bits, bad);
  const read = understood(bits, ways);
  if (typeof read === 'string') return bad(read);
  // Nothing of salt, or to nothing, is no dose: "0 quart a head".
  const real = read.filter((r) => r.saltG > 0 && r.per > 0);
  return real.length === 0 ? bad('dose-impossible') : done(real);
}

/** Readings that end further apart than this are asked about, never guessed. */
const APART = 1.05;

/**
 * The one share of salt that several readings mean. Refuses `none` where there is no reading, and `strength-unclear`, naming
 * both ends, where they differ by more than a twentieth.
 */
export function oneShare(
  shares: readonly number[],
  { field, said, none }: { field: FieldName; said: string; none: RefusalCode }
): Outcome<number> {
  const [low, high] = [Math.min(...shares), Math.max(...shares)];
  if (shares.length === 0) return refuse(none, { field, values: { said } });
  if (high <= low * APART) return done(low);
  const percent = (share: number) => (share * 100).toFixed(1);
  return refuse('strength-unclear', { field, values: { said, low: percent(low), high: percent(high) } });
}

function stopped(
  stop: Stop,
  bad: (code: RefusalCode, more?: Record<string, string | number>) => ReturnType<typeof refuse>
) {
  return stop.stop === 'flaw' ? bad(stop.flaw.code, { ...stop.flaw }) : bad(stop.stop, { word: stop.word });
}

function understood(bits: readonly Bit[], ways: DoseWays): readonly DoseReading[] | RefusalCode {
  const kinds = kindsOf(bits, ways.kind);
  if (kinds.length === 0) return 'dose-salt-unknown';
  const tastes = bits.filter((b) => b.is === 'taste' || b.is === 'sea' || b.is === 'soup');
  const percents = bits.filter((b) => b.is === 'percent');
  const ratios = [...bits.filter((b) => b.is === 'ratio'), ...saidRatio(bits)];
  if (tastes.length + percents.length + ratios.length > 1) return 'dose-twice';
  const taste = tastes[0]?.is as 'taste' | 'sea' | 'soup' | undefined;
  if (taste) return some(bits) ? 'dose-twice' : tasteReadings(taste, bits, ways.kind);
  if (percents[0]) return percentReadings(percents[0], bits, kinds);
  if (ratios[0]) return ratioReadings(ratios[0], bits, kinds[0]!);
  return amountReadings(bits, kinds);
}

/** "1 to 20": a bare number to a bare number is a ratio where nothing else is said by number. */
function saidRatio(bits: readonly Bit[]): { is: 'ratio'; one: number; other: number }[] {
  const numbers = bits.filter((b) => b.is === 'number');
  const range = numbers.length === 1 ? numbers[0]!.said : undefined;
  if (some(bits)) return [];
  if (range?.high !== undefined && range.high >= 4 * range.value)
    return [{ is: 'ratio', one: range.value, other: range.high }];
  const [a, b] = numbers;
  if (numbers.length !== 2 || !a || !b) return [];
  return [{ is: 'ratio', one: a.said.value, other: b.said.value }];
}

/** The salts that are named, as the household measures its own; its own where none is. */
function kindsOf(bits: readonly Bit[], own: SaltKind): readonly SaltKind[] {
  const named = bits.flatMap((b) => (b.is === 'salt' && b.named ? [b.ids] : []));
  const sets = named.map((ids) =>
    ids.includes(own.id)
      ? [own]
      : SALT_KINDS.filter((k) => (ids[0] === 'grain' ? k.id === ids[1] : ids.includes(k.id)))
  );
  const all = [...new Set(sets.flat())];
  return named.length === 0 ? [own] : all;
}

const has = (bits: readonly Bit[], is: Bit['is']): boolean => bits.some((b) => b.is === is);

/** The bases that a phrase names, by their nouns. */
const basesNamed = (bits: readonly Bit[]): readonly ('water' | 'veg' | 'total' | 'ends')[] =>
  (['water', 'veg', 'total', 'ends'] as const).filter((is) => has(bits, is));

function tasteReadings(taste: 'taste' | 'sea' | 'soup', bits: readonly Bit[], kind: SaltKind): DoseReading[] {
  if (taste === 'taste')
    return [
      {
        says: 'by taste, like a well-seasoned soup',
        base: 'ends',
        saltG: BY_TASTE.fraction,
        gsd: BY_TASTE.gsd,
        per: 1,
        pure: true,
        kind
      }
    ];
  const word = tasteWord(taste)!;
  const gsd = Math.exp(word.salinity.sd / word.salinity.mean);
  const s = word.salinity.mean;
  const ends: DoseReading = {
    says: `settled, ${word.says}`,
    base: 'ends',
    saltG: s,
    gsd,
    per: 1,
    pure: true,
    kind
  };
  const water: DoseReading = {
    says: `of the water, ${asPoured(word)}`,
    base: 'water',
    saltG: s / (1 - s),
    gsd,
    per: 1,
    pure: true,
    kind
  };
  return has(bits, 'water') ? [water] : [ends, water];
}
const asPoured = (word: TasteWord) => `the brine as poured ${word.says}`;

function percentReadings(
  p: Extract<Bit, { is: 'percent' }>,
  bits: readonly Bit[],
  kinds: readonly SaltKind[]
): DoseReading[] | RefusalCode {
  // "2 % salt for 5 lb of cabbage": the weight says what it is for; anything more would be a second dose.
  const amounts = bits.filter(
    (b) => b.is === 'amount' || b.is === 'jar' || b.is === 'pieces' || b.is === 'mug'
  );
  if (amounts.length > 1 || has(bits, 'hand') || has(bits, 'number')) return 'dose-twice';
  if (!(p.fraction > POSSIBLE.from && p.fraction < POSSIBLE.to)) return 'dose-impossible';
  const reading = (base: DoseReading['base'], says: string): DoseReading => ({
    says,
    base,
    saltG: p.fraction,
    gsd: p.gsd,
    per: 1,
    pure: true,
    kind: kinds[0]!
  });
  const all = {
    veg: reading('vegetables', SAYS.vegetables),
    total: reading('total', SAYS.total),
    water: reading('water', SAYS.water),
    ends: reading('ends', 'settled, all water counted')
  };
  const named = basesNamed(bits);
  if (named.length > 1) return 'dose-two-bases';
  if (amounts.length === 1 && named.length === 0) {
    const [a] = amounts;
    return a?.is === 'pieces' || (a?.is === 'amount' && a.amount.kind === 'mass')
      ? [all.veg, all.total]
      : 'dose-two-bases';
  }
  if (named[0]) return [all[named[0]]];
  return has(bits, 'weight') ? [all.veg, all.total, all.water] : [all.veg, all.total, all.water, all.ends];
}

function ratioReadings(
  r: { one: number; other: number },
  bits: readonly Bit[],
  kind: SaltKind
): DoseReading[] | RefusalCode {
  if (some(bits)) return 'dose-twice';
  const [salt, other] = r.one <= r.other ? [r.one, r.other] : [r.other, r.one];
  if (!(salt / other > 0.001 && salt / other < POSSIBLE.to)) return 'dose-impossible';
  const named = basesNamed(bits);
  if (named.length > 1) return 'dose-two-bases';
  const weight = (base: DoseReading['base'], says: string): DoseReading => ({
    says,
    base,
    saltG: salt,
    gsd: 1,
    per: other,
    kind
  });
  const cup: DoseReading = {
    says: 'of the water, by the cup',
    base: 'water',
    saltG: salt * kind.gPerMl,
    gsd: kind.gsd,
    per: other * waterDensity(20),
    kind
  };
  const water = [weight('water', 'of the water, by weight'), ...(has(bits, 'weight') ? [] : [cup])];
  if (named[0] === 'water') return water;
  if (named[0] === 'veg') return [weight('vegetables', SAYS.vegetables)];
  if (named[0] === 'total') return [weight('total', SAYS.total)];
  return named[0] === 'ends'
    ? [weight('ends', 'settled, all water counted')]
    : [...water, weight('vegetables', SAYS.vegetables)];
}
