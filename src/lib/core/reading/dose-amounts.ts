import type { RefusalCode } from '../refusal/index';
import { meanPiece, pieceCalled, type Crop } from '../produce/index';
import { UNITS } from '../quantity/index';
import { DOSES } from '../safety/index';
import { waterDensity, type DoseReading, type SaltKind } from '../salt/index';
import type { Amount } from './amount';
import { NINE_IN_TEN } from './parts';
import type { Bit } from './dose-bits';
import { MUGS_ML } from './dose-words';
import { phrasesOf, type Phrase, spoonLike, type Counted, baseLike } from './dose-phrases';

type Base = Pick<DoseReading, 'says' | 'base' | 'per' | 'gsd'> & { readonly piece?: string };

/** No dose is under this share of what it is taken of, or over that: a reading beyond cannot be meant. */
export const POSSIBLE = DOSES;

/** What a dose is taken of, in words. */
export const SAYS = {
  vegetables: 'of the vegetables’ weight',
  total: 'of vegetables and water together',
  water: 'of the water'
} as const;

/** The readings of a dose that is said as an amount to an amount; the code of what is missing or too much, else. */
export function amountReadings(
  bits: readonly Bit[],
  kinds: readonly SaltKind[]
): readonly DoseReading[] | RefusalCode {
  const phrases = phrasesOf(bits);
  if (typeof phrases === 'string') return phrases;
  const parts = parted(phrases);
  const read = typeof parts === 'string' ? parts : readingsOf(parts, kinds);
  return read === 'dose-twice' || read === 'dose-impossible' ? (turned(phrases, kinds) ?? read) : read;
}

/** "One gallon: 60 g": of two bare amounts the one order that can be meant; both, or none, is no answer. */
function turned(phrases: readonly Phrase[], kinds: readonly SaltKind[]): readonly DoseReading[] | undefined {
  const [a, b, ...more] = phrases.filter((p) => p.of);
  if (!a || !b || more.length > 0 || a.per || b.per || a.noun || b.noun || spoonLike(a)) return undefined;
  const noun = phrases.find((p) => !p.of && p.noun !== 'salt');
  const both = [
    readingsOf({ salts: [a.of!], base: b, noun }, kinds),
    readingsOf({ salts: [b.of!], base: a, noun }, kinds)
  ].flatMap((r) => (typeof r === 'string' ? [] : [r]));
  return both.length === 1 ? both[0] : undefined;
}

function readingsOf(parts: Parted, kinds: readonly SaltKind[]): readonly DoseReading[] | RefusalCode {
  const out: DoseReading[] = [];
  const bases = basesOf(parts.base, parts.noun);
  if (typeof bases === 'string') return bases;
  for (const kind of kinds)
    for (const salt of weighedFirst(parts.salts, kind))
      for (const amount of saltOf(salt, kind))
        for (const b of bases) out.push(joined(b, amount, kind, kinds.length > 1));
  const possible = out.filter(isPossible);
  // Only another way to read a number may fall away: what is said of a base stands or falls with it.
  const fell = out.some(
    (r) => !isPossible(r) && !possible.some((p) => p.base === r.base && p.kind === r.kind)
  );
  return possible.length === 0 || fell ? 'dose-impossible' : possible;
}

const isPossible = (r: DoseReading): boolean => {
  const whole = r.base === 'jar' || r.base === 'head' || r.base === 'quartJar';
  const share = r.saltG / r.per;
  return whole || (share >= POSSIBLE.from && share <= POSSIBLE.to);
};

const joined = (
  b: Base,
  amount: { g: number; gsd: number },
  kind: SaltKind,
  several: boolean
): DoseReading => ({
  ...b,
  saltG: amount.g,
  gsd: Math.exp(Math.hypot(Math.log(b.gsd), Math.log(amount.gsd))),
  kind,
  says: several ? `${b.says}, ${kind.name.toLowerCase()}` : b.says
});

interface Parted {
  readonly salts: readonly Counted[];
  readonly base: Phrase;
  /** What the base is of, where another phrase says it. */
  readonly noun: Phrase | undefined;
}

/** Which amount is the salt's and which the base's. */
function parted(all: readonly Phrase[]): Parted | RefusalCode {
  const amounts = all.filter((p) => p.of);
  if (amounts.length === 0) return 'dose-no-amount';
  const nouns = all.filter((p) => !p.of && p.noun !== 'salt');
  const saltSaid = amounts.filter((p) => p.noun === 'salt');
  const baseSaid = amounts.filter(
    (p) => (p.noun !== undefined && p.noun !== 'salt') || p.crop || baseLike(p)
  );
  const plainOnes = amounts.filter((p) => !saltSaid.includes(p) && !baseSaid.includes(p));
  const salts = [...saltSaid];
  const bases = [...baseSaid];
  // An amount in brackets, or behind "or", says the one before it once more.
  const again = (p: Phrase) => p.again && amounts.indexOf(p) > 0;
  salts.push(...plainOnes.filter((p) => !again(p) && spoonLike(p)));
  for (const p of plainOnes) {
    const before = amounts[amounts.indexOf(p) - 1];
    if (salts.includes(p)) continue;
    if (again(p) && before) (salts.includes(before) ? salts : bases).push(p);
    else if (p.per) bases.push(p);
    else if (salts.length === 0) salts.push(p);
    else bases.push(p);
  }
  // "To oz. salt": the number is missing.
  const uncounted = salts.some((p) => p.per && p.of?.is === 'amount' && p.of.bare);
  if (salts.length === 0 || uncounted) return 'dose-no-amount';
  const ordered = amounts.filter((p) => salts.includes(p));
  if (ordered.slice(1).some((p) => !p.again)) return 'dose-twice';
  if (bases.length === 0) return onlyNoun(nouns, ordered);
  const first = amounts.filter((p) => bases.includes(p));
  if (first.slice(1).some((p) => !p.again)) return 'dose-two-bases';
  const base = narrowest(first);
  if (typeof base === 'string') return base;
  const other = nouns.filter((n) => n.noun !== base.noun && n.noun !== 'ends' && n.noun !== 'weight');
  if (other.length > 1 || (other.length === 1 && base.noun !== undefined)) return 'dose-two-bases';
  return { salts: ordered.map((p) => p.of!), base, noun: other[0] };
}

/** "2 tbsp per cabbage" is per head; "2 tbsp in the water" lacks how much. */
function onlyNoun(nouns: readonly Phrase[], salts: readonly Phrase[]): Parted | RefusalCode {
  const [noun] = nouns;
  if (nouns.length !== 1 || !noun?.single || !noun.per || !noun.crop) return 'dose-of-what';
  const of: Counted = { is: 'pieces', n: 1, piece: '', crop: noun.crop, article: false };
  return { salts: salts.map((p) => p.of!), base: { ...noun, of }, noun: undefined };
}

/** Of one base said twice the exacter; they must agree to a twentieth. */
function narrowest(all: readonly Phrase[]): Phrase | RefusalCode {
  const [a, b] = all;
  if (!a) return 'dose-of-what';
  if (!b) return a;
  if (a.of?.is !== 'amount' || b.of?.is !== 'amount' || a.of.amount.kind !== b.of.amount.kind)
    return 'dose-two-bases';
  const [x, y] = [a.of.amount.value, b.of.amount.value];
  return Math.max(x, y) / Math.min(x, y) > 1.05 ? 'amounts-disagree' : a;
}

function saltOf(of: Counted, kind: SaltKind): readonly { g: number; gsd: number }[] {
  if (of.is === 'hand') return [{ g: of.g, gsd: of.gsd }];
  if (of.is !== 'amount') return [];
  const { amount } = of;
  const volume = amount.kind === 'volume';
  const gsd = volume ? Math.exp(Math.hypot(Math.log(kind.gsd), Math.log(amount.gsd))) : amount.gsd;
  return valuesOf(amount).map((v) => ({ g: v * (volume ? kind.gPerMl : 1), gsd }));
}

/** "3 tbsp salt (54 g)": what was weighed holds, where the spoons say the same within their own ±; else both stand. */
function weighedFirst(salts: readonly Counted[], kind: SaltKind): readonly Counted[] {
  const weighed = salts.find((s) => s.is === 'amount' && s.amount.kind === 'mass');
  if (!weighed) return salts;
  const by = saltOf(weighed, kind);
  const agrees = (s: Counted) =>
    saltOf(s, kind).every(({ g, gsd }) =>
      by.every((w) => Math.abs(Math.log(g / w.g)) <= NINE_IN_TEN * Math.log(gsd))
    );
  return salts.filter((s) => s === weighed || !agrees(s));
}
const valuesOf = (a: Amount): readonly number[] => a.unclear ?? [a.value];

/** A quart, a pint, a gallon may be water or a jar; a litre, a cup are said of water. */
const JAR_LIKE: readonly { factor: number }[] = [
  UNITS.usQuart,
  UNITS.usPint,
  UNITS.usGallon,
  UNITS.impQuart,
  UNITS.impPint,
  UNITS.impGallon
];

const water = (ml: number, says: string, gsd = 1): Base => ({
  says,
  base: 'water',
  per: ml * waterDensity(20),
  gsd
});

function basesOf(p: Phrase, noun: Phrase | undefined): readonly Base[] | RefusalCode {
  const of = p.of!;
  const what = p.noun ?? noun?.noun;
  if (of.is === 'mug')
    return what === 'veg'
      ? 'dose-base-by-volume'
      : MUGS_ML.map((ml) => water(of.n * ml, `a mug of ${ml} ml of water`));
  if (of.is === 'jar')
    return of.ml === undefined
      ? [{ says: 'for each jar of this batch', base: 'jar', per: of.n, gsd: 1 }]
      : [{ says: 'for a jar of that size', base: 'quartJar', per: of.ml * of.n, gsd: 1 }];
  if (of.is === 'pieces') return pieceBase(of, p.crop ?? noun?.crop);
  if (of.is !== 'amount') return 'dose-of-what';
  return amountBases(of.amount, what);
}

/** A kilo, a quart, a litre, and of what. */
function amountBases(amount: Amount, what: Phrase['noun']): readonly Base[] | RefusalCode {
  const values = valuesOf(amount);
  if (amount.kind === 'mass') {
    const is = what === 'water' ? 'water' : what === 'total' ? 'total' : 'vegetables';
    const says = { water: 'of water', total: SAYS.total, vegetables: SAYS.vegetables }[is];
    return values.map((per) => ({ says, base: is, per, gsd: amount.gsd }));
  }
  if (what === 'veg') return 'dose-base-by-volume';
  if (what === 'total' || what === 'ends')
    return values.map((per) => ({
      says: 'for a jar of that size',
      base: 'quartJar' as const,
      per,
      gsd: amount.gsd
    }));
  const ofWater = values.map((v) => water(v, 'of water', amount.gsd));
  if (what === 'water' || !JAR_LIKE.includes(amount.unit)) return ofWater;
  return [
    ...ofWater,
    ...values.map((per): Base => ({ says: 'for a jar of that size', base: 'quartJar', per, gsd: amount.gsd }))
  ];
}

function pieceBase(
  of: Extract<Counted, { is: 'pieces' }>,
  c: Crop | undefined
): readonly Base[] | RefusalCode {
  if (!c)
    return [
      {
        says: `for each ${of.piece || 'piece'}`,
        base: 'head',
        per: of.n,
        gsd: 1,
        ...(of.piece ? { piece: of.piece } : {})
      }
    ];
  const piece = pieceCalled(c, of.piece);
  if (!piece) return 'dose-piece-strange';
  const says = `for each ${of.piece || c.piece} of ${c.name.toLowerCase()}`;
  return [{ says, base: 'vegetables', per: of.n * meanPiece(piece), gsd: piece.pieceGsd ** 0.5 }];
}
