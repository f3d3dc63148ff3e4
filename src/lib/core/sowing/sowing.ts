import { addDays, daysBetween, isDay, type Day } from '../calendar/index';
import type { UndoPolicy } from '../history/index';
import { crop, type Crop } from '../produce/index';
import { bareMass, readWeight, type Ways } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { GROWS, RAISED_DAYS, SOONEST_DAYS } from './data';

/** Something that grows in a bed; null: nobody said it, and the table is asked. */
export interface Sowing {
  readonly id: string;
  readonly cropId: string;
  readonly variety: string;
  readonly bed: string;
  /** When it was sown, or planted out. */
  readonly day: Day;
  readonly planted: boolean;
  readonly metres: number | null;
  readonly plants: number | null;
  /** When it is first picked, for how many weeks, and how much of it there will be, g. */
  readonly first: Day | null;
  readonly weeks: number | null;
  readonly g: number | null;
  /** The weather's hand: so many weeks later than that. */
  readonly lateWeeks: number;
}

/** What grows, and the month and day of the first frost, `MM-DD`; null: nobody said. */
export interface Beds {
  readonly sowings: readonly Sowing[];
  readonly frost: string | null;
}
export const NO_BEDS: Beds = { sowings: [], frost: null };

export type BedsEvent =
  | { readonly type: 'sown'; readonly data: Sowing }
  | { readonly type: 'sowingDropped'; readonly data: { readonly id: string } }
  | { readonly type: 'frostSaid'; readonly data: { readonly frost: string | null } };

/** The beds after one more event; a sowing said again is that one, corrected. */
export function evolveBeds(state: Beds, { type, data }: BedsEvent): Beds {
  switch (type) {
    case 'sown': {
      const has = state.sowings.some((s) => s.id === data.id);
      const sowings = has
        ? state.sowings.map((s) => (s.id === data.id ? data : s))
        : [...state.sowings, data];
      return { ...state, sowings };
    }
    case 'sowingDropped':
      return { ...state, sowings: state.sowings.filter((s) => s.id !== data.id) };
    case 'frostSaid':
      return { ...state, frost: data.frost };
  }
}

export const BEDS_UNDO: UndoPolicy<BedsEvent['type']> = {
  alone: ['sown', 'sowingDropped', 'frostSaid'],
  onNothing: [],
  ground: [],
  corrects: []
};

/** A sowing as it is said: what is left empty is asked of the table. */
export interface SowingSaid {
  readonly sowingId?: string | undefined;
  readonly cropId: string;
  readonly variety: string;
  readonly bed: string;
  readonly day: string;
  readonly planted: boolean;
  readonly metres: number | null;
  readonly plants: number | null;
  readonly first: string;
  readonly weeks: number | null;
  readonly amount: string;
  readonly lateWeeks: number;
  readonly command: string;
}

/** Nobody looks farther, back or ahead; a slip of a figure in a year does. */
const FAR_DAYS = 5 * 366;
/** More beds nobody keeps. */
const MOST_SOWINGS = 300;

/**
 * Something sown or planted out, or said otherwise than before. Refuses a crop nobody knows, a first pick before it was sown,
 * and one of which nobody can say how much it will be: metres, plants or a weight.
 */
export function sown(
  beds: Beds,
  said: SowingSaid,
  around: { readonly ways: Ways; readonly crops: readonly Crop[]; readonly today: Day }
): Outcome<BedsEvent & { type: 'sown' }> {
  const { cropId, variety, bed, day, planted, metres, plants, first, weeks, lateWeeks } = said;
  if (!crop(cropId, around.crops)) return refuse('crop-unknown', { field: 'cropId' });
  if (!isDay(day)) return refuse('day-strange', { field: 'day' });
  if (Math.abs(daysBetween(around.today, day)) > FAR_DAYS) return refuse('sown-far-off', { field: 'day' });
  if (first !== '' && !isDay(first)) return refuse('day-strange', { field: 'first' });
  if (first !== '' && first < day) return refuse('picked-before-sown', { field: 'first' });
  if (first !== '' && daysBetween(day, first) > FAR_DAYS) return refuse('sown-far-off', { field: 'first' });
  const before = beds.sowings.find((s) => s.id === said.sowingId);
  if (said.sowingId && !before) return refuse('sowing-unknown', { field: 'sowingId' });
  if (!before && beds.sowings.length >= MOST_SOWINGS) return refuse('too-many', { field: 'bed' });
  const weighed =
    said.amount === '' ? done(null) : readWeight(said.amount, 'amount', around.ways, bareMass(around.ways));
  if (!weighed.ok) return weighed;
  const g = weighed.value && weighed.value.g;
  const sowing: Sowing = {
    ...{ id: before?.id ?? said.command, cropId, variety, bed, day, planted, metres, plants },
    ...{ first: first === '' ? null : first, weeks, g, lateWeeks }
  };
  if (yieldG(sowing) === null) return refuse('yield-unknown', { field: 'metres' });
  if (first === '' && !growsAs(cropId)) return refuse('first-pick-unknown', { field: 'first' });
  return done({ type: 'sown', data: sowing });
}

/** It is gone, or never came up. */
export const sowingDropped = (beds: Beds, id: string): Outcome<BedsEvent & { type: 'sowingDropped' }> =>
  beds.sowings.some((s) => s.id === id)
    ? done({ type: 'sowingDropped', data: { id } })
    : refuse('sowing-unknown', { field: 'sowingId' });

/** The day of the first frost as it usually is; empty: nobody can say. */
export const frostSaid = (day: string): Outcome<BedsEvent & { type: 'frostSaid' }> =>
  day !== '' && !isDay(day)
    ? refuse('day-strange', { field: 'day' })
    : done({ type: 'frostSaid', data: { frost: day === '' ? null : day.slice(5) } });

/** The table's row of a crop. */
export const growsAs = (cropId: string) => GROWS.find((g) => g.id === cropId);

/** All that a sowing will give, g: as it was said, else by its metres or plants; null: nobody can say. Example: four metres of carrots are 7200 g. */
export function yieldG(s: Pick<Sowing, 'cropId' | 'g' | 'metres' | 'plants'>): number | null {
  if (s.g !== null) return s.g;
  const row = growsAs(s.cropId);
  const metres = s.metres ?? (s.plants === null || !row ? null : s.plants * row.apartM);
  return metres === null || !row ? null : 1000 * row.kgPerMetre * metres;
}

/** When it is first picked: as it was said, else by the table; later where the weather says so. Example: carrots sown on 1 May, on 25 July. */
export function firstPick(s: Sowing): Day {
  const days = growsAs(s.cropId)?.days ?? 0;
  const grows = s.planted ? Math.max(SOONEST_DAYS, days - RAISED_DAYS) : days;
  return addDays(s.first ?? addDays(s.day, grows), 7 * s.lateWeeks);
}
