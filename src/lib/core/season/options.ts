import type { SeasonCrop, SeasonInput, SeasonStyle, StartIn, StorePlace } from './types';

/** A part of a batch that leaves the counter in a week, and the last week in which it may be eaten. */
export interface End {
  readonly place: StorePlace;
  readonly week: number;
  readonly last: number;
}

/** A style that may be begun in a week: so many prepared kg at most, and where they may go. */
export interface StartOption {
  readonly style: SeasonStyle;
  readonly week: number;
  readonly least: number;
  readonly most: number;
  readonly ends: readonly End[];
  /** Prepared kg of each share that the garden has then; bought: as much as one likes. */
  readonly has: readonly number[];
}

/** What may be used of a crop in a week, all lots that keep till then, kg as picked. */
export function usableIn({ picks, rawWeeks, lots }: SeasonCrop, week: number): number {
  let kg = lots.reduce((a, l) => (l.last >= week ? a + l.kg : a), 0);
  for (let t = Math.max(0, week - rawWeeks + 1); t <= week; t++) kg += picks[t] ?? 0;
  return kg;
}

/**
 * Every start that is worth thinking of: somebody is there to look after it, there is something to make it of, the least batch
 * is possible, and it can go somewhere when it is ready. Whatever else a plan may do, it starts nothing else.
 */
export function startOptions(input: SeasonInput): StartOption[] {
  return input.styles.flatMap((style) =>
    input.weeks.flatMap((_, week) => {
      const option = optionOf(input, style, week);
      return option ? [option] : [];
    })
  );
}

/** Whether a start is among some. */
export const isAmong = (all: readonly StartIn[], styleId: string, week: number): boolean =>
  all.some((s) => s.styleId === styleId && s.week === week);

function optionOf(input: SeasonInput, style: SeasonStyle, week: number): StartOption | null {
  const { weeks, crops, barred } = input;
  if (isAmong(barred, style.id, week)) return null;
  for (let t = week; t < week + Math.max(1, style.careWeeks); t++) if (weeks[t]?.away ?? false) return null;
  const has = style.shares.map(({ cropId }) => {
    const crop = crops.find((c) => c.id === cropId);
    return cropId === null ? Infinity : crop ? usableIn(crop, week) * crop.trim : 0;
  });
  const ends = endsOf(input, style, week);
  if (ends.length === 0) return null;
  const { counter, hours, water } = weeks[week]!;
  const jars = input.sizes.reduce((a, j) => (style.sizes.includes(j.id) ? a + j.owned * j.litres : a), 0);
  const most = Math.min(
    Math.min(style.litres.to, jars) * style.kgPerLitre,
    ...style.shares.map((s, i) => (s.from > 0 ? has[i]! / s.from : Infinity)),
    style.shares.reduce((a, s, i) => a + Math.min(has[i]!, s.to * style.litres.to * style.kgPerLitre), 0),
    counter / style.shelfPerKg,
    style.bottled ? input.bottles * style.kgPerLitre : Infinity,
    style.waterPerKg > 0 ? water / style.waterPerKg : Infinity,
    style.hours.perKg > 0 ? (hours - style.hours.fixed) / style.hours.perKg : Infinity
  );
  const least = style.litres.from * style.kgPerLitre;
  return most >= least && most > 0 ? { style, week, least, most, ends, has } : null;
}

/** Why a style cannot be begun in a week: what there is not enough of. */
export type Stops =
  'away' | 'produce' | 'hands' | 'jars' | 'counter' | 'water' | 'bottles' | 'store' | 'others';

/** Why a start that is wanted is not in a plan; `others`: it could be, were it not for the other starts. */
export function whatStops(input: SeasonInput, { styleId, week }: StartIn): Stops {
  const style = input.styles.find((s) => s.id === styleId);
  const at = input.weeks[week];
  if (!style || !at) return 'produce';
  if (optionOf({ ...input, barred: [] }, style, week)) return 'others';
  for (let t = week; t < week + Math.max(1, style.careWeeks); t++) if (input.weeks[t]?.away) return 'away';
  const least = style.litres.from * style.kgPerLitre;
  const without = (free: Partial<SeasonInput>) =>
    optionOf({ ...input, barred: [], ...free }, style, week) !== null;
  const freed = { sizes: input.sizes.map((j) => ({ ...j, owned: Infinity })), bottles: Infinity };
  const endless = input.weeks.map((w) => ({ ...w, counter: Infinity, hours: Infinity, water: Infinity }));
  if (endsOf(input, style, week).length === 0) return 'store';
  if (!without({ ...freed, weeks: endless })) return 'produce';
  if (at.counter < least * style.shelfPerKg) return 'counter';
  if (at.water < least * style.waterPerKg) return 'water';
  if (style.bottled && input.bottles * style.kgPerLitre < least) return 'bottles';
  return without({ weeks: endless }) ? 'hands' : 'jars';
}

/** So late at most a batch waits on the counter for a cellar that opens, weeks. */
const CELLAR_WAITS = 3;

/** Up to three: the cold as soon as somebody is there, the cellar once it is open, the cold as late as it may. */
function endsOf({ weeks }: SeasonInput, { counter, keeps, bottled }: SeasonStyle, week: number): End[] {
  const { from, to } = counter[week] ?? { from: Infinity, to: 0 };
  const open = (place: StorePlace, t: number) =>
    t < weeks.length && !weeks[t]!.away && weeks[t]![place] > 0 && keeps[place] > 0;
  const first = (place: StorePlace, till: number) => {
    for (let t = week + from; t <= till; t++) if (open(place, t)) return t;
    return null;
  };
  const cold = first('cold', week + to);
  const cellar = first('cellar', week + Math.min(to, from + CELLAR_WAITS));
  const late = open('cold', week + to) && cold !== null && week + to > cold ? week + to : null;
  const end = (place: StorePlace, t: number | null): End[] =>
    t === null ? [] : [{ place, week: t, last: t + keeps[place] - 1 }];
  const all = [...end('cold', cold), ...end('cellar', cellar), ...end('cold', late)];
  // Bottles are filled of all of it at once.
  return bottled ? all.slice(0, 1) : all;
}
