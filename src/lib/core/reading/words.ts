import type { SpoonSystem } from '../quantity/index';

/** The words that readers know besides units and names of things. Common practice, no source, unless said. */
const set = (words: string): ReadonlySet<string> => new Set(words.split(' '));

/** Not exact. */
export const APPROXIMATELY = set(
  'about approx approximately around roughly circa ca nearly almost maybe perhaps say'
);
export const OR_SO: readonly (readonly string[])[] = [
  ['or', 'so'],
  ['more', 'or', 'less'],
  ['give', 'or', 'take'],
  ['or', 'thereabouts'],
  ['ish'],
  ['approx'],
  ['approximately'],
  ['roughly']
];

/** Heaped or packed adds 10-25 %, scant takes as much: factor and geometric sd. */
export const HEAPS: Readonly<Record<string, readonly [factor: number, gsd: number]>> = {
  level: [1, 1],
  levelled: [1, 1],
  leveled: [1, 1],
  flat: [1, 1],
  even: [1, 1],
  exact: [1, 1],
  measured: [1, 1],
  full: [1, 1.05],
  normal: [1, 1.05],
  heaped: [1.175, 1.08],
  heaping: [1.175, 1.08],
  rounded: [1.1, 1.06],
  generous: [1.1, 1.06],
  packed: [1.15, 1.08],
  scant: [0.87, 1.06],
  big: [1.175, 1.1],
  large: [1.175, 1.1],
  small: [0.87, 1.1]
};

/** Whose spoons, cups and pints. */
export const SYSTEMS: Readonly<Record<string, SpoonSystem>> = {
  us: 'US',
  american: 'US',
  metric: 'metric',
  european: 'metric',
  australian: 'AU',
  aussie: 'AU',
  au: 'AU',
  imperial: 'imperial',
  imp: 'imperial',
  uk: 'imperial',
  british: 'imperial',
  english: 'imperial'
};

/** Words of a sentence that change nothing about the amount. */
export const FILLERS = set(
  'i we you one they it my your mine use uses used using put puts add adds added take takes mix mixed stir do does usually always normally typically generally often like the of in please thanks thank is are was be so then well just simply only really that this which here there will would should want need needs go goes going with good old family way how much dose dosing amount rule thumb say says have get make makes made at it s let lets worth weighed weighing measured dissolved sprinkled ok okay hi hello um er'
);

/** Polite or idle words behind an amount. */
export const TAILS = set('please thanks thank you ok okay exactly weighed there net altogether');

/** Before a base: "per", "to a", "for every", "into each". */
export const PREPOSITIONS = set('per to in into for on onto with each every against');

/** Words of a dose that name no amount and no thing. */
export const DOSE_IDLE = set(
  'by dissolve stir sprinkle rub massage toss pour weigh season combine work scatter ratio proportion strength concentration rate percentage solution salty salted part parts equal'
);
/** How many cooks taste: what is said of the tongue, not of the scale. */
export const TASTE_IDLE = set(
  'as like salty tasty nice good well seasoned tastes taste tasting until till almost about chicken clear the a an of proper'
);

/** What turns a phrase round or fences it in: never read past. */
export const NEGATIONS = set(
  'no not never without dont isnt wont cant except minus less fewer least most maximum minimum max min under below over above between beyond until unless instead rather nor neither double half twice triple'
);

/** Salts as they are named, and what each name may mean: the longest that fits. */
const SALT_NAMES: readonly (readonly [readonly string[], readonly string[]])[] = (
  [
    ['dense kosher|rolled kosher|compact kosher|dense rolled kosher', ['kosher-dense']],
    ['light kosher|hollow kosher|flaky kosher|flake kosher|fluffy kosher', ['kosher-light']],
    // A tablespoon of the one weighs two thirds more than of the other.
    ['kosher|coarse kosher|kosher flake', ['kosher-dense', 'kosher-light']],
    [
      'table|fine table|iodised|iodized|iodised table|iodized table|fine iodised|fine iodized|cooking|refined|ordinary table|plain table',
      ['table-fine']
    ],
    [
      'pickling|canning|preserving|canning and pickling|canning or pickling|pickling and canning|pickling or canning|canning pickling|non iodised|non iodized|noniodised|noniodized|uniodised|uniodized|fine pickling|fine canning',
      ['pickling']
    ],
    ['coarse sea|rough sea|coarse grained sea', ['sea-coarse']],
    ['coarse|coarse grained|coarse grain|rough', ['grain', 'sea-coarse', 'rock-coarse', 'sea-grey-damp']],
    [
      'grey|gray|grey sea|gray sea|damp grey|damp gray|damp grey sea|damp gray sea|damp sea|damp|wet grey|wet gray|coarse grey|coarse gray|unrefined grey|unrefined grey sea|unrefined gray|damp unrefined grey sea',
      ['sea-grey-damp']
    ],
    [
      'flaky|flake|flakes|flaked|flaky sea|flake sea|sea flake|sea flakes|flaked sea|flaky finishing|finishing',
      ['flaky']
    ],
    ['fine sea|fine ground sea', ['sea-fine']],
    // A grain alone is the household's own salt where that is so grained, else the first.
    ['fine|fine grained|fine grain', ['grain', 'sea-fine', 'table-fine', 'pickling', 'rock-ground']],
    // A grain that is not said lies a seventh apart.
    ['sea', ['sea-fine', 'sea-coarse']],
    [
      'fine rock|ground rock|finely ground rock|fine pink|pink|pink rock|fine pink rock|himalayan|himalayan pink|pink himalayan|fine himalayan|fine pink himalayan',
      ['rock-ground']
    ],
    [
      'coarse rock|coarse pink|coarse himalayan|coarse pink himalayan|coarse pink rock|rock coarse',
      ['rock-coarse']
    ],
    ['rock', ['rock-ground', 'rock-coarse']],
    ['plain|pure|any|regular|usual|ordinary|normal|same|natural|dry', []]
  ] as const
)
  .flatMap(([names, ids]) =>
    names.split('|').map((n): readonly [readonly string[], readonly string[]] => [n.split(' '), ids])
  )
  .sort((a, b) => b[0].length - a[0].length);
/** The salts' names by their first word, the longest first. */
export const SALTS_FROM = new Map<string, (typeof SALT_NAMES)[number][]>();
for (const name of SALT_NAMES) {
  const first = name[0][0] ?? '';
  SALTS_FROM.set(first, [...(SALTS_FROM.get(first) ?? []), name]);
}

/** Blends with potassium: what keeps the jar is the sodium chloride, and nobody knows how much of it they hold. */
export const BLENDS = set('potassium reduced lite losalt losodium substitute');
/** Curing salt holds nitrite. */
export const CURING = set('curing cure nitrite prague nitrate');

export const WATER_WORDS = set('water brine liquid waters brines');
export const WATER_ADJECTIVES = set(
  'cold hot warm boiling boiled cooled filtered spring tap rain fresh clean lukewarm chlorine free plain salt salty pickling salted distilled bottled cool covering'
);
export const VEG_WORDS = set(
  'veg vegs veggie veggies vegetable vegetables produce shred shreds pieces kraut slaw cukes cuke leaf leaves greens roots cabbages peppers chillies chilies chiles chilis fruit stuff mash pulp'
);
export const VEG_ADJECTIVES = set(
  'prepared trimmed shredded chopped cut sliced grated raw cleaned washed cored peeled diced ground mashed wilted whole fresh small large medium big young firm mixed finished net weighed'
);
export const TOTAL_WORDS = set('total everything together altogether all contents mixture lot');
export const END_WORDS = set(
  'end ends ending equilibrium finished final finally even evened evens settles settled'
);
