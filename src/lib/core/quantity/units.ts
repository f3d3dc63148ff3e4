/** Units, exact by definition, and the words people use for them. */
export type Kind = 'mass' | 'volume' | 'length';
/** Whose spoons, cups and pints are meant when the word alone does not say. */
export type SpoonSystem = 'US' | 'metric' | 'AU' | 'imperial';

export interface Unit {
  readonly id: string;
  readonly kind: Kind;
  /** g, ml or mm in one of it. */
  readonly factor: number;
  /** Units that may follow in one breath ("2 lb 3 oz"), largest first. */
  readonly family: 'g' | 'lb' | 'l' | 'us' | 'imp' | 'm' | 'ft';
}

const lb = 453.59237; // g, exact: international pound, 1959
const usGallon = 3785.411784; // ml, exact: 231 cubic inches
const impGallon = 4546.09; // ml, exact: UK Weights and Measures Act

const unit = (id: string, kind: Kind, factor: number, family: Unit['family']): Unit => ({
  id,
  kind,
  factor,
  family
});

export const UNITS = {
  g: unit('g', 'mass', 1, 'g'),
  kg: unit('kg', 'mass', 1000, 'g'),
  oz: unit('oz', 'mass', lb / 16, 'lb'),
  lb: unit('lb', 'mass', lb, 'lb'),
  ml: unit('ml', 'volume', 1, 'l'),
  cl: unit('cl', 'volume', 10, 'l'),
  dl: unit('dl', 'volume', 100, 'l'),
  l: unit('l', 'volume', 1000, 'l'),
  metricTsp: unit('tsp', 'volume', 5, 'l'),
  metricTbsp: unit('tbsp', 'volume', 15, 'l'),
  auTbsp: unit('tbsp', 'volume', 20, 'l'),
  dessertspoon: unit('dessertspoon', 'volume', 10, 'l'),
  metricCup: unit('cup', 'volume', 250, 'l'),
  usTsp: unit('tsp', 'volume', usGallon / 768, 'us'),
  usTbsp: unit('tbsp', 'volume', usGallon / 256, 'us'),
  usFloz: unit('fl oz', 'volume', usGallon / 128, 'us'),
  usCup: unit('cup', 'volume', usGallon / 16, 'us'),
  usPint: unit('pint', 'volume', usGallon / 8, 'us'),
  usQuart: unit('quart', 'volume', usGallon / 4, 'us'),
  usGallon: unit('gallon', 'volume', usGallon, 'us'),
  impFloz: unit('fl oz', 'volume', impGallon / 160, 'imp'),
  impCup: unit('cup', 'volume', impGallon / 16, 'imp'),
  impPint: unit('pint', 'volume', impGallon / 8, 'imp'),
  impQuart: unit('quart', 'volume', impGallon / 4, 'imp'),
  impGallon: unit('gallon', 'volume', impGallon, 'imp'),
  mm: unit('mm', 'length', 1, 'm'),
  cm: unit('cm', 'length', 10, 'm'),
  m: unit('m', 'length', 1000, 'm'),
  inch: unit('in', 'length', 25.4, 'ft'),
  foot: unit('ft', 'length', 304.8, 'ft')
} as const satisfies Record<string, Unit>;

type Measure = 'tsp' | 'tbsp' | 'cup' | 'floz' | 'pint' | 'quart' | 'gallon';

/** What a kitchen measure means in each country. UK spoons are 15 and 5 ml today, its cup 10 fl oz. */
export const MEASURES: Readonly<Record<SpoonSystem, Readonly<Record<Measure, Unit>>>> = {
  US: {
    tsp: UNITS.usTsp,
    tbsp: UNITS.usTbsp,
    cup: UNITS.usCup,
    floz: UNITS.usFloz,
    pint: UNITS.usPint,
    quart: UNITS.usQuart,
    gallon: UNITS.usGallon
  },
  metric: {
    tsp: UNITS.metricTsp,
    tbsp: UNITS.metricTbsp,
    cup: UNITS.metricCup,
    floz: UNITS.impFloz,
    pint: UNITS.impPint,
    quart: UNITS.impQuart,
    gallon: UNITS.impGallon
  },
  AU: {
    tsp: UNITS.metricTsp,
    tbsp: UNITS.auTbsp,
    cup: UNITS.metricCup,
    floz: UNITS.impFloz,
    pint: UNITS.impPint,
    quart: UNITS.impQuart,
    gallon: UNITS.impGallon
  },
  imperial: {
    tsp: UNITS.metricTsp,
    tbsp: UNITS.metricTbsp,
    cup: UNITS.impCup,
    floz: UNITS.impFloz,
    pint: UNITS.impPint,
    quart: UNITS.impQuart,
    gallon: UNITS.impGallon
  }
};

const plainWords: Record<string, Unit> = {};
const say = (u: Unit, words: string) => words.split(' ').forEach((w) => (plainWords[w] = u));
say(UNITS.g, 'g gr gm gms gram grams gramme grammes');
say(UNITS.kg, 'kg kgs kilo kilos kilogram kilograms kilogramme kilogrammes');
say(UNITS.oz, 'oz ozs ounce ounces');
say(UNITS.lb, 'lb lbs pound pounds #');
say(UNITS.ml, 'ml mls millilitre millilitres milliliter milliliters cc');
say(UNITS.cl, 'cl centilitre centilitres');
say(UNITS.dl, 'dl decilitre decilitres');
say(UNITS.dessertspoon, 'dessertspoon dessertspoons dsp dstsp');
say(UNITS.l, 'l lt ltr ltrs litre litres liter liters');
say(UNITS.mm, 'mm millimetre millimetres millimeter millimeters');
say(UNITS.cm, 'cm centimetre centimetres centimeter centimeters');
say(UNITS.m, 'm metre metres meter meters');
say(UNITS.inch, 'in inch inches "');
say(UNITS.foot, "ft foot feet '");

const measureWords: Record<string, Measure> = {};
const sayMeasure = (m: Measure, words: string) => words.split(',').forEach((w) => (measureWords[w] = m));
sayMeasure('tsp', 'tsp,tsps,teaspoon,teaspoons,teaspoonful,teaspoonfuls,tea spoon,tea spoons');
sayMeasure(
  'tbsp',
  'tbsp,tbsps,tbs,tbl,tb,tblsp,tablespoon,tablespoons,tablespoonful,tablespoonfuls,table spoon,table spoons'
);
sayMeasure('cup', 'cup,cups,cupful,cupfuls,c');
sayMeasure('floz', 'fl oz,floz,fluid oz,fluid ounce,fluid ounces');
sayMeasure('pint', 'pint,pints,pt,pts');
sayMeasure('quart', 'quart,quarts,qt,qts');
sayMeasure('gallon', 'gallon,gallons,gal,gals');

/**
 * The unit that a word (or two: "fl oz") means, as typed: a capital T is a tablespoon, a small t a teaspoon.
 * Example: `unitFor('tablespoons', 'AU')?.factor` is `20`; an unknown word gives `undefined`.
 */
export function unitFor(word: string, system: SpoonSystem): Unit | undefined {
  const said = word.replaceAll('.', '').replace(/\s+/g, ' ').trim();
  if (said === 'T' || said === 't') return MEASURES[system][said === 'T' ? 'tbsp' : 'tsp'];
  const tidy = said.toLowerCase();
  if (Object.hasOwn(plainWords, tidy)) return plainWords[tidy];
  const measure = Object.hasOwn(measureWords, tidy) ? measureWords[tidy] : undefined;
  return measure && MEASURES[system][measure];
}

/** °F to °C, exact. Example: `celsius(70)` is `21.11…`. */
export const celsius = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;
/** °C to °F, exact. Example: `fahrenheit(21)` is `69.8`. */
export const fahrenheit = (tempC: number): number => tempC * 1.8 + 32;
/** A difference of temperatures has no 32. Example: `celsiusDifference(10)` is `5.555…`. */
export const celsiusDifference = (differenceF: number): number => differenceF / 1.8;
