import type { Day } from '../calendar/index';
import { byWarmth, LATE } from '../forecast/index';
import { cropsOf, type Household, type Place } from '../kit/index';
import { keepingDays, SHELF, tooTall } from '../larder/index';
import type { Learned } from '../learn/index';
import { crop, likeOf, type Cut } from '../produce/index';
import { paceKey } from '../run/index';
import { styleLike, stylesIn, type Style } from '../style/index';
import { isCrock, jarGeometry, packing, SHRED_BULK } from '../vessel/index';
import type { SeasonCrop, SeasonSize, SeasonStyle } from './types';
import { warmthAhead } from './warmth';

/** A serving, g of vegetables. Our judgement. */
export const SERVING_G = 80;
/** Hours of hands that each batch takes, however small: fetching, washing, writing. Our judgement. */
const FIXED_HOURS = 0.4;
/** A batch that nobody makes larger, l. Our judgement. */
const MOST_LITRES = 12;
/** The smallest that is worth the work, l. Our judgement. */
const LEAST_LITRES = 0.4;
/** A store as warm as this is a cellar. */
const CELLAR_FROM_C = 8;
/** The counter days of the table are said of about this warmth, °C. */
const TABLE_C = 21;
/** Ferments that are blended and filled into bottles. */
const BOTTLED: readonly string[] = ['pepper-sauce'];
const DAYS = 7;
/** Kilos in a litre of flesh, near enough for how much water goes round it. Our judgement. */
const FLESH = 0.98;

/** The household's own minutes per kilo of what a step does. */
type Paces = Readonly<Record<string, Learned>>;

/** What gives taste beside something else, but for pieces, which may be of it alone. Common practice, no source. */
const BESIDE: readonly string[] = [
  ...['apple', 'pear', 'peach', 'mango', 'pineapple', 'carrot', 'turmeric', 'ginger', 'horseradish'],
  ...['garlic', 'onion', 'onion-red', 'shallot', 'spring-onion', 'leek']
];
/** So much of it at most, of each and of all. Our judgement. */
const BESIDE_MOST = { each: 0.3, all: 0.6 };

/** Where things stand: on the counter, in the cold, in a cellar. */
export function stores(places: readonly Place[]) {
  const cold = places.filter((p) => p.kind === 'cold');
  return {
    counter: places.filter((p) => p.kind === 'counter'),
    cold: cold.filter((p) => p.tempC < CELLAR_FROM_C),
    cellar: cold.filter((p) => p.tempC >= CELLAR_FROM_C)
  };
}

/** The styles for which something comes or lies there, as the season reckons with them. */
export function seasonStyles(
  house: Household,
  crops: readonly SeasonCrop[],
  sizes: readonly SeasonSize[],
  { today, weeks, paces }: { readonly today: Day; readonly weeks: number; readonly paces: Paces }
): SeasonStyle[] {
  const { counter } = stores(house.places);
  const warmth = counter[0]
    ? warmthAhead(counter[0], today, weeks)
    : Array.from({ length: weeks }, () => TABLE_C);
  return stylesIn(house.styles)
    .filter((s) => s.id === styleLike(s.id))
    .flatMap((s) => {
      const of = crops.filter((c) => s.produce.includes(likeOf(c.id)));
      const made = shares(s, of).reduce((a, x) => a + x.to, 0) >= 1;
      return made && sizes.length > 0 ? [seasonStyle(house, s, of, { sizes, warmth, paces })] : [];
    });
}

function seasonStyle(
  house: Household,
  s: Style,
  crops: readonly SeasonCrop[],
  { sizes, warmth, paces }: { sizes: readonly SeasonSize[]; warmth: readonly number[]; paces: Paces }
): SeasonStyle {
  const kgPerLitre = packs(house, s, crops);
  const { cold, cellar } = stores(house.places);
  const keeps = (at: readonly Place[]) => {
    const coldest = Math.min(...at.map((p) => p.tempC));
    return at.length > 0 ? Math.floor(keepingDays(s.coldMonths, coldest).latest / DAYS) : 0;
  };
  return {
    ...{ id: s.id, group: styleLike(s.id), kgPerLitre, shelfPerKg: SHELF / kgPerLitre },
    servingsPerKg: 1000 / SERVING_G,
    waterPerKg: s.salting === 'brine' ? Math.max(0, 1 / kgPerLitre - 1 / FLESH) : 0,
    counter: warmth.map((tempC) => counterWeeks(s, tempC)),
    careWeeks: 1,
    keeps: { cold: keeps(cold), cellar: keeps(cellar) },
    litres: { from: LEAST_LITRES, to: MOST_LITRES },
    hours: { fixed: FIXED_HOURS, perKg: minutesPerKg(s, crops, paces) / 60 },
    shares: shares(s, crops),
    sizes: sizes.filter((j) => isFor(house, s, j.id)).map((j) => j.id),
    bottled: isBottled(s)
  };
}

/** Hands' minutes for a kilo, step by step: the household's own, over the crops on which it did that work; else the table's. */
function minutesPerKg({ steps }: Style, crops: readonly SeasonCrop[], paces: Paces): number {
  return steps.reduce((a, step) => {
    const own = [null, ...crops.map((c) => c.id)].flatMap((id) => paces[paceKey(step.does, id)]?.mean ?? []);
    return a + (step.minutesPerKg > 0 && own.length > 0 ? mean(own) : step.minutesPerKg);
  }, 0);
}
const mean = (of: readonly number[]): number => of.reduce((a, x) => a + x, 0) / of.length;

function shares(s: Style, crops: readonly SeasonCrop[]): SeasonStyle['shares'] {
  const beside = (c: SeasonCrop) => styleLike(s.id) !== 'pieces' && BESIDE.includes(likeOf(c.id));
  const most = Math.min(BESIDE_MOST.each, BESIDE_MOST.all / Math.max(1, crops.filter(beside).length));
  return crops.map((c) => ({ cropId: c.id, from: 0, to: beside(c) ? most : 1, cost: 0 }));
}

const isBottled = (s: Style): boolean => BOTTLED.includes(styleLike(s.id));

/**
 * A crock is for what makes its own brine. A jar goes under the boards of where it ferments, and of where it is kept; but what
 * ferments in a crock, or is bottled, is kept in something else.
 */
function isFor({ jars, places }: Household, s: Style, jarId: string): boolean {
  const shape = jarGeometry(jars.find((j) => j.id === jarId)?.geometryId ?? '');
  if (!shape || (s.salting !== 'dry' && isCrock(shape))) return false;
  const { counter, cold, cellar } = stores(places);
  const takes = (at: readonly Place[]) => at.length === 0 || at.some((p) => !tooTall(p, shape.id));
  return takes(counter) && (isBottled(s) || isCrock(shape) || takes([...cold, ...cellar]));
}

/** Prepared kg in a usable litre, over what it may be made of here. Example: white cabbage, shredded and pressed: `1`. */
function packs(house: Household, s: Style, crops: readonly SeasonCrop[]): number {
  const own = cropsOf(house);
  const all = crops.map((c) => {
    const row = crop(c.id, own);
    const cut: Cut = s.cropCut?.[likeOf(c.id)] ?? s.cuts[0] ?? 'chunk';
    return cut === 'shred' ? SHRED_BULK.mean : (row?.density ?? 1) * packing(c.id, cut);
  });
  return all.reduce((a, x) => a + x, 0) / all.length;
}

/** Weeks on the counter, at least one: the style's days, longer in a cool kitchen as the late bacteria are slower there. */
function counterWeeks({ counterDays }: Style, tempC: number): { from: number; to: number } {
  const slower = byWarmth(LATE, TABLE_C) / Math.max(0.05, byWarmth(LATE, tempC));
  const from = Math.max(1, Math.round((counterDays.from * slower) / DAYS));
  return { from, to: Math.max(from, Math.floor((counterDays.to * slower) / DAYS)) };
}
