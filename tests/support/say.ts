/**
 * How people say amounts: a grammar that knows what each phrase means. Written from plain English and published spoon and
 * cup sizes (US customary by definition, metric and Australian spoons by their standards, imperial by statute), not from
 * the reader that it tests.
 */

/** A seeded generator (mulberry32), so that a bad seed can be run again. */
export function seeded(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
type Random = () => number;
export const pick = <T>(r: Random, all: readonly T[]): T => all[Math.floor(r() * all.length)]!;
const maybe = (r: Random, share: number): boolean => r() < share;

export type System = 'US' | 'metric' | 'AU' | 'imperial';
/** ml by country: 21 CFR 101.9 rounds them, the exact sizes are the gallon's parts; AS 1325; UK metric spoons. */
const SPOON: Record<System, Record<'tsp' | 'tbsp' | 'cup' | 'pint' | 'quart' | 'gallon', number>> = {
  US: {
    tsp: 4.92892159375,
    tbsp: 14.78676478125,
    cup: 236.5882365,
    pint: 473.176473,
    quart: 946.352946,
    gallon: 3785.411784
  },
  metric: { tsp: 5, tbsp: 15, cup: 250, pint: 568.26125, quart: 1136.5225, gallon: 4546.09 },
  AU: { tsp: 5, tbsp: 20, cup: 250, pint: 568.26125, quart: 1136.5225, gallon: 4546.09 },
  imperial: { tsp: 5, tbsp: 15, cup: 284.130625, pint: 568.26125, quart: 1136.5225, gallon: 4546.09 }
};
const LB = 453.59237;
const OZ = LB / 16;

export interface Num {
  readonly text: string;
  readonly value: number;
  /** One thing ("half a pound"): the unit is in the singular. */
  readonly one: boolean;
}
const WORDS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve'
];
const FRACTIONS: readonly (readonly [number, string, string, string])[] = [
  [0.5, '1/2', '½', 'half'],
  [0.25, '1/4', '¼', 'quarter'],
  [0.75, '3/4', '¾', 'three quarters']
];

/** A number as it may be written; `small` keeps to what spoons are counted by. */
export function num(r: Random, value: number): Num {
  const whole = Math.floor(value);
  const part = FRACTIONS.find(([f]) => Math.abs(value - whole - f) < 1e-9);
  if (part && whole === 0)
    return {
      value,
      one: true,
      text: pick(r, [
        part[1],
        part[2],
        String(value),
        String(value).slice(1),
        String(value).replace('.', ',')
      ])
    };
  if (part)
    return {
      value,
      one: false,
      text: pick(r, [
        `${whole} ${part[1]}`,
        `${whole}${part[2]}`,
        `${whole} ${part[2]}`,
        `${whole}-${part[1]}`,
        String(value),
        String(value).replace('.', ','),
        ...(part[0] === 0.5 && whole < 13 ? [`${WORDS[whole]} and a half`, `${whole} and a half`] : [])
      ])
    };
  const plain = [String(value)];
  if (Number.isInteger(value) && value < 13) plain.push(WORDS[value]!);
  if (Number.isInteger(value) && value >= 1000)
    plain.push(
      `${Math.floor(value / 1000)},${String(value % 1000).padStart(3, '0')}`,
      `${Math.floor(value / 1000)} ${String(value % 1000).padStart(3, '0')}`
    );
  return { value, one: value === 1, text: pick(r, plain) };
}

/** A range, which means its middle. */
function range(r: Random, low: number, high: number): Num {
  const [a, b] = [String(low), String(high)];
  return {
    value: (low + high) / 2,
    one: false,
    text: pick(r, [`${a}-${b}`, `${a}–${b}`, `${a} to ${b}`, `${a} or ${b}`, `between ${a} and ${b}`])
  };
}

export interface Salt {
  readonly text: string;
  /** Ids that the name may mean; null: the household's own. */
  readonly kinds: readonly string[] | null;
}
const SALTS: readonly Salt[] = [
  { text: 'salt', kinds: null },
  { text: 'salt', kinds: null },
  { text: 'plain salt', kinds: null },
  { text: 'fine sea salt', kinds: ['sea-fine'] },
  { text: 'table salt', kinds: ['table-fine'] },
  { text: 'iodised salt', kinds: ['table-fine'] },
  { text: 'pickling salt', kinds: ['pickling'] },
  { text: 'canning salt', kinds: ['pickling'] },
  { text: 'canning or pickling salt', kinds: ['pickling'] },
  { text: 'coarse sea salt', kinds: ['sea-coarse'] },
  { text: 'coarse salt', kinds: ['sea-coarse'] },
  { text: 'damp grey sea salt', kinds: ['sea-grey-damp'] },
  { text: 'flake salt', kinds: ['flaky'] },
  { text: 'flaky sea salt', kinds: ['flaky'] },
  { text: 'fine pink salt', kinds: ['rock-ground'] },
  { text: 'coarse rock salt', kinds: ['rock-coarse'] },
  { text: 'dense kosher salt', kinds: ['kosher-dense'] },
  { text: 'light kosher salt', kinds: ['kosher-light'] },
  { text: 'kosher salt', kinds: ['kosher-dense', 'kosher-light'] }
];

/** What an amount of salt is: grams on a scale, or millilitres in a spoon. */
export interface Amount {
  readonly text: string;
  readonly g?: number;
  readonly ml?: number;
  /** Heaped and scant are wide. */
  readonly wide?: true;
}
type Spoon = 'tsp' | 'tbsp' | 'cup';
const SPOON_WORDS: Record<Spoon, readonly [string, string][]> = {
  tsp: [
    ['tsp', 'tsp'],
    ['teaspoon', 'teaspoons'],
    ['tsp.', 'tsp.'],
    ['t', 't']
  ],
  tbsp: [
    ['tbsp', 'tbsp'],
    ['tablespoon', 'tablespoons'],
    ['tbsp.', 'tbsp.'],
    ['T', 'T'],
    ['Tbsp', 'Tbsp']
  ],
  cup: [['cup', 'cups']]
};
const COUNTRIES: readonly [string, System][] = [
  ['US', 'US'],
  ['American', 'US'],
  ['metric', 'metric'],
  ['Australian', 'AU'],
  ['imperial', 'imperial']
];

function spoonful(r: Random, system: System): Amount {
  const spoon = pick<Spoon>(r, ['tsp', 'tsp', 'tbsp', 'tbsp', 'tbsp', 'cup']);
  const n =
    spoon === 'cup'
      ? num(r, pick(r, [0.25, 0.5, 0.75, 1]))
      : maybe(r, 0.1)
        ? range(r, 2, 3)
        : num(r, pick(r, [1, 1, 2, 2, 3, 4, 5, 6, 0.5, 1.5, 2.5, 0.75, 1.25]));
  const [one, many] = pick(r, SPOON_WORDS[spoon]);
  const word = n.value > 1 ? many : one;
  const country = maybe(r, 0.08) ? pick(r, COUNTRIES) : undefined;
  const heap =
    !country && spoon !== 'cup' && maybe(r, 0.15)
      ? pick(r, ['level', 'flat', 'full', 'heaped', 'scant', 'rounded'])
      : undefined;
  const sizes = SPOON[country?.[1] ?? system];
  const head = [country?.[0], heap, word].filter(Boolean).join(' ');
  const glued = !country && !heap && /^[\d.]+(-\d+)?$/.test(n.text) && /^t/.test(word) && maybe(r, 0.2);
  let text = glued ? `${n.text}${word}` : `${n.text} ${head}`;
  // "a tablespoon", "half a cup".
  if (n.value === 1 && word.length > 4 && maybe(r, 0.4))
    text = `${/^[aeiou]/i.test(head) ? 'an' : 'a'} ${head}`;
  if (n.value === 0.5 && word.length > 2 && !heap && !country && maybe(r, 0.3))
    text = pick(r, [`half a ${word}`, `a half ${word}`]);
  let ml = n.value * sizes[spoon];
  if (spoon === 'tbsp' && !heap && !country && !glued && Number.isInteger(n.value) && maybe(r, 0.2)) {
    const more = pick(r, [1, 2, 0.5]);
    text += `${pick(r, [' ', ' and ', ' plus ', ' + '])}${num(r, more).text} tsp`;
    ml += more * sizes.tsp;
  }
  return { text, ml, ...(heap && /heaped|scant|rounded/.test(heap) ? { wide: true as const } : {}) };
}

function weighed(r: Random): Amount {
  if (maybe(r, 0.3)) {
    const n = num(r, pick(r, [1, 1.5, 2, 0.5, 2.5]));
    return {
      text: `${n.text} ${pick(r, n.value > 1 ? ['oz', 'ounces', 'oz.'] : ['oz', 'ounce'])}`,
      g: n.value * OZ
    };
  }
  const n = maybe(r, 0.1) ? range(r, 20, 30) : num(r, pick(r, [15, 20, 25, 30, 35, 40, 50, 60, 22.5]));
  const space = /\d$/.test(n.text) ? pick(r, [' ', '']) : ' ';
  return {
    text: `${n.text}${space}${pick(r, space === '' ? ['g'] : ['g', 'grams', 'g', 'gr'])}`,
    g: n.value
  };
}

export interface Base {
  readonly text: string;
  readonly is: 'water' | 'vegetables' | 'total' | 'jar' | 'head';
  /** g of water or vegetables, ml of a jar, or a count. */
  readonly per: number;
  /** Nothing says whether it is the water or the jar. */
  readonly either?: true;
}
const WATER_20 = 0.9982;
type Measure = 'cup' | 'pint' | 'quart' | 'gallon';

function waterBase(r: Random, system: System): Base {
  if (maybe(r, 0.5)) {
    const litres = pick(r, [1, 1, 1, 2, 0.5, 1.5]);
    const asMl = maybe(r, 0.25);
    const n = asMl ? num(r, litres * 1000) : num(r, litres);
    const unit = asMl ? 'ml' : pick(r, ['l', 'litre', 'liter', 'L']);
    const text =
      litres === 1 && !asMl && unit.length > 1
        ? pick(r, ['1 litre', 'a litre', 'one litre'])
        : `${n.text} ${unit}${unit.length > 1 && litres > 1 && unit !== 'ml' ? 's' : ''}`;
    return {
      text: `${text} of ${pick(r, ['water', 'cold water', 'brine', 'boiled water'])}`,
      is: 'water',
      per: litres * 1000 * WATER_20
    };
  }
  const unit = pick<Measure>(r, ['cup', 'pint', 'quart', 'quart', 'gallon', 'gallon']);
  const half = unit === 'gallon' && maybe(r, 0.3);
  const n = half ? { text: 'half', value: 0.5 } : num(r, pick(r, [1, 1, 2, 4]));
  const text = half
    ? pick(r, ['half a gallon', 'a half gallon', '½ gallon', '1/2 gallon', 'half-gallon'])
    : `${n.text} ${unit}${n.value > 1 ? 's' : ''}`;
  const noun = maybe(r, 0.7) ? pick(r, [' of water', ' water', ' of filtered water']) : '';
  const either = noun === '' && unit !== 'cup';
  return {
    text: `${text}${noun}`,
    is: 'water',
    per: n.value * SPOON[system][unit] * WATER_20,
    ...(either ? { either: true as const } : {})
  };
}

function vegBase(r: Random): Base {
  const noun = pick(r, [
    '',
    ' of vegetables',
    ' of cabbage',
    ' cabbage',
    ' shredded cabbage',
    ' of carrots',
    ' of prepared veg',
    ' of cucumbers',
    ' produce'
  ]);
  if (maybe(r, 0.5)) {
    const n = num(r, pick(r, [1, 1, 2, 5, 10, 2.5]));
    const compound = Number.isInteger(n.value) && maybe(r, 0.15) ? pick(r, [4, 8]) : 0;
    const word = n.value > 1 ? pick(r, ['lb', 'lbs', 'pounds', 'lb.']) : pick(r, ['lb', 'pound']);
    const text = `${n.text} ${word}${compound ? ` ${compound} ${pick(r, ['oz', 'ounces'])}` : ''}`;
    return { text: `${text}${noun}`, is: 'vegetables', per: n.value * LB + compound * OZ };
  }
  const kilos = pick(r, [1, 1, 2, 0.5, 1.5, 3]);
  const grams = maybe(r, 0.3);
  const n = grams ? num(r, kilos * 1000) : num(r, kilos);
  const unit = grams ? 'g' : pick(r, ['kg', 'kilo', 'kg']);
  return {
    text: `${n.text} ${unit}${unit === 'kilo' && kilos > 1 ? 's' : ''}${noun}`,
    is: 'vegetables',
    per: kilos * 1000
  };
}

function otherBase(r: Random, system: System): Base {
  return pick<() => Base>(r, [
    () => ({ text: pick(r, ['jar', 'a jar', 'each jar', 'every jar', 'the jar']), is: 'jar', per: 1 }),
    () => ({
      text: pick(r, ['a quart jar', 'each quart jar', 'quart jar']),
      is: 'jar',
      per: SPOON[system].quart
    }),
    () => ({ text: pick(r, ['a head', 'each head', 'head']), is: 'head', per: 1 }),
    () => ({ text: `${pick(r, ['1 kg', '2 kg'])} of vegetables and water`, is: 'total', per: 0 })
  ])();
}

/** What a whole phrase means: salt over its base, by every salt that its name may mean. */
export interface Meaning {
  readonly base: 'water' | 'vegetables' | 'total' | 'ends' | 'jar' | 'quartJar' | 'head';
  readonly per: number;
  readonly g?: number;
  readonly ml?: number;
  readonly kinds: readonly string[] | null;
  /** Said wide: heaped, scant. */
  readonly wide: boolean;
  /** The words alone do not tell: the right answer is a question. */
  readonly ambiguous: boolean;
}
export interface Phrase {
  readonly text: string;
  readonly means: Meaning;
}

const LEADS = [
  '',
  '',
  '',
  '',
  'about ',
  'I use ',
  'use ',
  'we put ',
  'I always add ',
  'approx. ',
  'roughly '
];
const TAILS = ['', '', '', '', '', ', please', '.', ' thanks'];

/** A dose as somebody might say it, with what it means. */
export function dosePhrase(r: Random, system: System): Phrase {
  const kind = r();
  return kind < 0.16 ? percentPhrase(r) : kind < 0.2 ? partsPhrase(r) : amountPhrase(r, system);
}

function amountPhrase(r: Random, system: System): Phrase {
  const amount = maybe(r, 0.6) ? spoonful(r, system) : weighed(r);
  const salt = maybe(r, 0.6) ? pick(r, SALTS) : undefined;
  const choose = r();
  const base = choose < 0.45 ? waterBase(r, system) : choose < 0.88 ? vegBase(r) : otherBase(r, system);
  const bare = /ounces?|oz/.test(base.text)
    ? base.text
    : base.text.replace(/^(1|one|a) (?=(litre|pint|quart|gallon|cup|pound|kilo|lb|kg|l)\b)/, '');
  const per = pick(r, ['per', 'to', 'for', 'to', 'in', 'per', 'for every', 'to each', 'a', '/']);
  const singular = bare !== base.text;
  const named = salt ? pick(r, [` ${salt.text}`, ` of ${salt.text}`]) : '';
  const figured = /^(\d|[½¼¾.]|half|between|one|two|three|four|five|six|seven|eight|nine|ten)/.test(
    base.text
  );
  // "a"/"per"/"for every" go before the bare thing; "to" and "for" before a figure as well.
  const words =
    per === 'a' || per === 'per' || per === 'for every' || per === 'to each' || per === '/'
      ? singular && !(per === 'a' && /^[aeiou]/.test(bare))
        ? `${per === '/' ? '/' : ` ${per} `}${bare.replace(/^each |^every /, '')}`
        : ` ${pick(r, /^(each|every|the|a) /.test(base.text) ? ['to', 'for'] : ['per', 'for every', 'to'])} ${base.text}`
      : ` ${per === 'in' && base.is !== 'water' ? 'to' : per} ${figured || /^(a|each|every|the) /.test(base.text) ? base.text : `a ${base.text}`}`;
  const lead = pick(r, LEADS);
  const tail = pick(r, TAILS);
  const order = r();
  const reordered = figured && base.is !== 'jar' && base.is !== 'head';
  const said =
    order < 0.12 && reordered
      ? `${base.text}: ${amount.text}${named}`
      : order < 0.18 && salt
        ? `${salt.text}: ${amount.text}${words}`
        : order < 0.24 && reordered
          ? `for ${base.text}, ${amount.text}${named || ' salt'}`
          : `${lead}${amount.text}${named}${words}${tail}`;
  const isJar = base.is === 'jar' && base.per > 1;
  const total = base.is === 'total' ? Number(base.text.slice(0, 1)) * 1000 : base.per;
  return {
    text: said,
    means: {
      base: isJar ? 'quartJar' : base.is,
      per: total,
      ...(amount.g === undefined ? { ml: amount.ml } : { g: amount.g }),
      kinds: salt?.kinds ?? null,
      wide: amount.wide === true,
      // By weight the kinds of salt are the same.
      ambiguous: base.either === true || (amount.g === undefined && (salt?.kinds?.length ?? 1) > 1)
    }
  };
}

function percentPhrase(r: Random): Phrase {
  const value = pick(r, [1.5, 1.8, 2, 2.2, 2.5, 3, 3.5, 4, 5]);
  const n = maybe(r, 0.15)
    ? range(r, 2, 3)
    : { value, text: pick(r, [String(value), String(value).replace('.', ',')]) };
  const sign = pick(r, ['%', ' %', ' percent', ' per cent']);
  const p = `${n.text}${sign}`;
  const [text, base, ambiguous] = pick<readonly [string, Meaning['base'], boolean]>(r, [
    [`${p} salt`, 'vegetables', true],
    [p, 'vegetables', true],
    [`salt ${p}`, 'vegetables', true],
    [`${p} brine`, 'water', false],
    [`brine at ${p}`, 'water', false],
    [`a ${p} brine`, 'water', false],
    [`${p} of the water`, 'water', false],
    [`${p} salt of the vegetables`, 'vegetables', false],
    [`${p} of the cabbage's weight`.replace("'s weight", ''), 'vegetables', false],
    [`about ${p} of the vegetables`, 'vegetables', false],
    [`${p} of the total weight`, 'total', false],
    [`${p} of vegetables and water together`, 'total', false],
    [`${p} by weight of the vegetables`, 'vegetables', false],
    [`${p} salt at the end`, 'ends', false]
  ]);
  return { text, means: { base, per: 100, g: n.value, kinds: null, wide: false, ambiguous } };
}

function partsPhrase(r: Random): Phrase {
  const n = pick(r, [20, 25, 30, 40, 50]);
  const [text, base] = pick<readonly [string, Meaning['base']]>(r, [
    [`1:${n}`, 'water'],
    [`ratio 1:${n}`, 'water'],
    [`1 part salt to ${n} parts water`, 'water'],
    [`one part salt to ${n} parts cabbage`, 'vegetables'],
    [`1:${n} salt to water`, 'water']
  ]);
  return { text, means: { base, per: n, g: 1, kinds: null, wide: false, ambiguous: base === 'water' } };
}

// ---- recipe cards

export interface CardMeaning {
  /** Grams of each crop as written, by the crop's id; a share of the whole where the card is in shares. */
  readonly crops: Readonly<Record<string, number>>;
  readonly salt: {
    readonly base: 'water' | 'vegetables' | 'ends' | 'total';
    readonly perG: number;
    readonly ml?: number;
    readonly g?: number;
  } | null;
  readonly kinds: readonly string[] | null;
}
export interface SaidCard {
  readonly text: string;
  readonly salting: 'dry' | 'brine';
  readonly means: CardMeaning;
}
const CROP_WORDS: readonly (readonly [string, string])[] = [
  ['white cabbage', 'cabbage-white'],
  ['cabbage', 'cabbage-white'],
  ['carrots', 'carrot'],
  ['onion', 'onion'],
  ['beetroot', 'beet'],
  ['kohlrabi', 'kohlrabi'],
  ['turnips', 'turnip'],
  ['small cucumbers', 'cucumber-small'],
  ['green beans', 'green-bean'],
  ['cauliflower', 'cauliflower']
];
const SEASONINGS = [
  '3 g caraway per kg',
  '2 cloves garlic a jar',
  '1 bay leaf a jar',
  '1 tsp mustard seed',
  '2 tsp caraway seeds',
  'chilli, as you like',
  '5 juniper berries',
  '2 sprigs thyme a jar',
  '1 tbsp dill seed (optional)',
  '3 cloves of garlic'
];
const STEPS = [
  'Shred the cabbage finely.',
  'Massage for 10 minutes until wet.',
  'Pack tightly into jars and press down.',
  'Leave 2 to 3 weeks at 18 °C.',
  'Cover with a leaf and weigh it down.',
  'Ferment for 10 days, then taste.',
  'Keep in the fridge.',
  'Wash and trim everything.'
];
const TITLES = ['Grandmother’s crock', 'Sour sticks for the winter', 'Autumn jar', 'The usual one'];
const REMARKS = [
  '(makes 3 quarts)',
  'Makes 2 big jars',
  'Serves 8',
  'Ready in 3 weeks',
  'Note: better after a month',
  'For the jar:',
  'Ingredients:',
  'from the old notebook'
];

function massLine(r: Random, name: string): { text: string; g: number } {
  const metric = maybe(r, 0.55);
  const value = metric
    ? pick(r, [500, 750, 1000, 1250, 1500, 2000, 3000])
    : pick(r, [1, 2, 3, 5, 10, 1.5, 2.5]);
  const g = metric ? value : value * LB;
  const asKg = metric && value >= 1000 && maybe(r, 0.5);
  const n = metric ? (asKg ? num(r, value / 1000) : num(r, value)) : num(r, value);
  const unit = metric ? (asKg ? pick(r, ['kg', 'kilos']) : 'g') : pick(r, ['lb', 'lbs', 'pounds', 'lb.']);
  let text = `${n.text} ${unit}`;
  if (metric && value === 500 && maybe(r, 0.3)) text = 'half a kilo';
  const about = maybe(r, 0.1) ? 'about ' : '';
  const of = pick(r, [' ', ' of ', ' ']);
  const line = pick(r, [
    `${about}${text}${of}${name}`,
    `${about}${text}${of}${name}`,
    `${name}: ${about}${text}`,
    `${name}, ${text}`,
    `${name} (${about}${text})`
  ]);
  return { text: line, g };
}

/** A card of 3 to 15 lines as it hangs in a kitchen, with what it means. */
export function saidCard(r: Random, system: System): SaidCard {
  const salting = pick(r, ['dry', 'brine'] as const);
  const names = [...CROP_WORDS]
    .sort(() => r() - 0.5)
    .filter((c, i, all) => all.findIndex((o) => o[1] === c[1]) === i);
  const used = names.slice(0, 1 + Math.floor(r() * 3));
  const produce = used.map(([name, cropId]) => ({ cropId, ...massLine(r, name) }));
  const all = produce.reduce((a, p) => a + p.g, 0);
  const salt = pick(
    r,
    SALTS.filter((s) => s.kinds === null || s.kinds.length === 1)
  );
  const saltLines = cardSalt(r, system, salting, all, salt);
  const body = [...produce.map((p) => p.text), ...saltLines.lines];
  const more = Math.floor(r() * 4);
  for (let i = 0; i < more; i++) {
    const s = pick(r, SEASONINGS);
    if (!body.includes(s)) body.push(s);
  }
  const bullet = pick(r, ['', '', '- ', '• ', '* ', 'n']);
  const listed = body.map((l, i) => (bullet === 'n' ? `${i + 1}. ${l}` : `${bullet}${l}`));
  const text = [
    ...(maybe(r, 0.4) ? [pick(r, TITLES)] : []),
    ...(maybe(r, 0.2) ? [pick(r, REMARKS)] : []),
    ...listed,
    ...(maybe(r, 0.4) ? [pick(r, STEPS), pick(r, STEPS)] : []),
    ...(maybe(r, 0.2) ? [pick(r, REMARKS)] : [])
  ].join('\n');
  return {
    text,
    salting,
    means: {
      crops: Object.fromEntries(produce.map((p) => [p.cropId, p.g])),
      salt: saltLines.means,
      kinds: salt.kinds
    }
  };
}

function cardSalt(
  r: Random,
  system: System,
  salting: 'dry' | 'brine',
  allG: number,
  salt: Salt
): { lines: string[]; means: CardMeaning['salt'] } {
  const pct = pick(r, [1.8, 2, 2.2, 2.5, 3]);
  const spoons = pick(r, [1, 2, 3, 1.5]);
  const grams = pick(r, [20, 30, 40, 50]);
  const spoonText = `${num(r, spoons).text} ${spoons > 1 ? pick(r, ['tbsp', 'tablespoons', 'T']) : pick(r, ['tbsp', 'tablespoon'])}`;
  const spoonMl = spoons * SPOON[system].tbsp;
  if (salting === 'brine') {
    const quart = SPOON[system].quart;
    return pick<() => { lines: string[]; means: CardMeaning['salt'] }>(r, [
      () => ({
        lines: [`${spoonText} ${salt.text}`, '1 quart water'],
        means: { base: 'water', perG: quart * WATER_20, ml: spoonMl }
      }),
      () => ({
        lines: ['2 l water', `${grams} g ${salt.text}`],
        means: { base: 'water', perG: 2000 * WATER_20, g: grams }
      }),
      () => ({
        lines: [`${salt.text}: ${spoonText} to 1 l of water`],
        means: { base: 'water', perG: 1000 * WATER_20, ml: spoonMl }
      }),
      () => ({ lines: [`${pct} % brine`], means: { base: 'water', perG: 100, g: pct } }),
      () => ({ lines: [`${pct} % salt at the end`], means: { base: 'ends', perG: 100, g: pct } })
    ])();
  }
  return pick<() => { lines: string[]; means: CardMeaning['salt'] }>(r, [
    () => ({ lines: [`${spoonText} ${salt.text}`], means: { base: 'vegetables', perG: allG, ml: spoonMl } }),
    () => ({ lines: [`${grams} g ${salt.text}`], means: { base: 'vegetables', perG: allG, g: grams } }),
    () => ({ lines: [`${salt.text}, ${grams} g`], means: { base: 'vegetables', perG: allG, g: grams } }),
    () => ({ lines: [`${pct} % salt of the vegetables`], means: { base: 'vegetables', perG: 100, g: pct } }),
    () => ({
      lines: [`${spoonText} ${salt.text} per 2 lb`],
      means: { base: 'vegetables', perG: 2 * LB, ml: spoonMl }
    }),
    () => ({
      lines: [`${salt.text}: ${spoonText} to 5 lb`],
      means: { base: 'vegetables', perG: 5 * LB, ml: spoonMl }
    })
  ])();
}
