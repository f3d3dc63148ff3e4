import { addDays, dayOfWall, isDay, type Day, type WallMinute } from '../calendar/index';
import type { UndoPolicy } from '../history/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { mondayOf, weekOf } from '../sowing/index';
import { styleLike } from '../style/index';
import { isMonth, withWish, type WishAt } from './wishes';
import { withMatter, type HowMuch, type Matter, type Mattering } from './matters';

/** A kind begun in a week, by its Monday. */
export interface StartAt {
  readonly styleId: string;
  readonly monday: Day;
}

/** A start of a plan that was kept: of what, g as picked by crop, and in which jars. */
export interface KeptStart extends StartAt {
  readonly picks: Readonly<Record<string, number>>;
  readonly jars: Readonly<Record<string, number>>;
}

/** A week's hands: hours, batches at most, and water for brine, where it is short, l. */
export interface Hands {
  readonly hours: number;
  readonly batches: number;
  readonly waterL?: number;
}

/** What a household says of its season itself: what it can do, wants, holds to and will not have. */
export interface SeasonSaid {
  /** Null: as is usual. */
  readonly hands: Hands | null;
  /** Servings a week at the household's table by style; what is not here is as was eaten. */
  readonly wishes: Readonly<Record<string, number>>;
  /** And of some months, or once. */
  readonly wishesAt: readonly WishAt[];
  readonly matters: Mattering;
  /** Begun then, whatever else a plan does. */
  readonly held: readonly StartAt[];
  /** Not begun then. */
  readonly barred: readonly StartAt[];
  /** The plan as it was kept, the weeks that have passed among it. */
  readonly kept: readonly KeptStart[];
}
export const NOTHING_SAID: SeasonSaid = {
  ...{ hands: null, wishes: {}, wishesAt: [], matters: {} },
  ...{ held: [], barred: [], kept: [] }
};

/** How a start is to be: begun then, not then, or as the plan likes. */
export type StartHow = 'begin' | 'not' | 'free';

export type SeasonEvent =
  | { readonly type: 'handsSaid'; readonly data: Hands }
  | {
      readonly type: 'wishSaid';
      /** Nothing of when: in every week. */
      readonly data: Omit<WishAt, 'when' | 'servings'> & {
        readonly servings: number | null;
        readonly when?: string;
      };
    }
  | { readonly type: 'matterSaid'; readonly data: { readonly matter: Matter; readonly how: HowMuch } }
  | { readonly type: 'startSaid'; readonly data: StartAt & { readonly how: StartHow } }
  | {
      readonly type: 'planKept';
      /** From this Monday on; what was to be begun before stays as it was kept. */
      readonly data: { readonly monday: Day; readonly starts: readonly KeptStart[] };
    };

export const SEASON_UNDO: UndoPolicy<SeasonEvent['type']> = {
  alone: ['handsSaid', 'wishSaid', 'matterSaid', 'startSaid', 'planKept'],
  onNothing: [],
  ground: [],
  corrects: []
};

/** Whether another is the same start. */
export const isAt =
  ({ styleId, monday }: StartAt) =>
  (s: StartAt): boolean =>
    s.styleId === styleId && s.monday === monday;

/** Longer ago nobody asks what was planned. */
const KEPT_DAYS = 2 * 366;

/** What was said after one more event. */
export function evolveSaid(state: SeasonSaid, { type, data }: SeasonEvent): SeasonSaid {
  switch (type) {
    case 'handsSaid':
      return { ...state, hands: data };
    case 'wishSaid': {
      const { when, ...wish } = data;
      if (when !== undefined || wish.who !== undefined)
        return { ...state, wishesAt: withWish(state.wishesAt, { ...wish, when: when ?? '' }) };
      const { [data.styleId]: _, ...others } = state.wishes;
      return {
        ...state,
        wishes: data.servings === null ? others : { ...others, [data.styleId]: data.servings }
      };
    }
    case 'matterSaid':
      return { ...state, matters: withMatter(state.matters, data.matter, data.how) };
    case 'startSaid': {
      const { how, ...at } = data;
      const others = (all: readonly StartAt[]) =>
        all.filter((s) => !isAt(at)(s) && s.monday > addDays(at.monday, -KEPT_DAYS));
      return {
        ...state,
        held: [...others(state.held), ...(how === 'begin' ? [at] : [])],
        barred: [...others(state.barred), ...(how === 'not' ? [at] : [])],
        // What is not to be begun after all is no longer planned: nobody is asked about it.
        kept: how === 'begin' ? state.kept : state.kept.filter((s) => !isAt(at)(s))
      };
    }
    case 'planKept': {
      const past = state.kept.filter(
        (s) => s.monday < data.monday && s.monday > addDays(data.monday, -KEPT_DAYS)
      );
      return { ...state, kept: [...past, ...data.starts] };
    }
  }
}

/** A week's hands as they are said. */
export const handsSaid = ({
  hours,
  batches,
  waterL
}: Omit<Hands, 'waterL'> & { readonly waterL: number | null }): SeasonEvent => ({
  type: 'handsSaid',
  data: { hours, batches, ...(waterL === null ? {} : { waterL }) }
});

/** A batch as a start: its kind, and the week in which it was begun. */
export const startOf = (b: { readonly styleId: string; readonly startedAt: WallMinute }): StartAt => ({
  styleId: styleLike(b.styleId),
  monday: mondayOf(weekOf(dayOfWall(b.startedAt)))
});

/** What may be said of: the styles, crops and jars that there are, and the day. */
export interface SaidAround {
  readonly today: Day;
  readonly knows: (what: 'style' | 'crop' | 'jar', id: string) => boolean;
}

/** Farther ahead no plan goes, weeks. */
const FARTHEST = 60;

/** A week by any of its days; refused where it has passed or is too far ahead. */
function weekAhead(day: string, today: Day, field: 'monday' | 'when' | 'to' = 'monday'): Outcome<Day> {
  if (!isDay(day)) return refuse('day-strange', { field });
  const ahead = weekOf(day) - weekOf(today);
  if (ahead < 0) return refuse('week-past', { field });
  if (ahead > FARTHEST) return refuse('week-far-off', { field, values: { weeks: FARTHEST } });
  return done(mondayOf(weekOf(day)));
}

/** So many servings of a kind, for all or for one of them, every week, in a month, or once; null: as it was eaten. */
export function wishSaid(
  said: { styleId: string; servings: number | null; when?: string; who?: string },
  { knows, today }: SaidAround
): Outcome<SeasonEvent & { type: 'wishSaid' }> {
  const { styleId, servings, when = '', who = '' } = said;
  if (!knows('style', styleId)) return refuse('style-unknown', { field: 'styleId' });
  const wish = { styleId, servings, ...(who === '' ? {} : { who }) };
  if (when === '') return done({ type: 'wishSaid', data: wish });
  if (isMonth(when)) return done({ type: 'wishSaid', data: { ...wish, when } });
  const week = weekAhead(when, today, 'when');
  return week.ok ? done({ type: 'wishSaid', data: { ...wish, when: week.value } }) : week;
}

/** A start held to, barred, set free; or put off by a week, or moved to another: not then, and begun in that. */
export function startSaid(
  {
    styleId,
    monday,
    how,
    to
  }: { styleId: string; monday: string; how: StartHow | 'later' | 'move'; to?: string },
  { knows, today }: SaidAround
): Outcome<SeasonEvent[]> {
  if (!knows('style', styleId)) return refuse('style-unknown', { field: 'styleId' });
  const week = weekAhead(monday, today);
  if (!week.ok) return week;
  const said = (at: Day, is: StartHow): SeasonEvent => ({
    type: 'startSaid',
    data: { styleId, monday: at, how: is }
  });
  if (how !== 'later' && how !== 'move') return done([said(week.value, how)]);
  const then = how === 'later' ? done(addDays(week.value, 7)) : weekAhead(to ?? '', today, 'to');
  if (!then.ok) return then;
  // Where it was is where it is to be.
  if (then.value === week.value) return done([said(week.value, 'begin')]);
  return done([said(week.value, 'not'), said(then.value, 'begin')]);
}

/** A plan to keep to, from this week on; one of no starts lets it go. What was begun of it this week stays in it. */
export function planKept(
  now: SeasonSaid,
  starts: readonly KeptStart[],
  { knows, today, begun }: SaidAround & { readonly begun: (start: StartAt) => boolean }
): Outcome<SeasonEvent & { type: 'planKept' }> {
  const monday = mondayOf(weekOf(today));
  const all: KeptStart[] = [];
  for (const s of starts) {
    if (!knows('style', s.styleId)) return refuse('style-unknown', { field: 'starts' });
    if (Object.keys(s.picks).some((id) => !knows('crop', id)))
      return refuse('crop-unknown', { field: 'starts' });
    if (Object.keys(s.jars).some((id) => !knows('jar', id)))
      return refuse('jar-kind-unknown', { field: 'starts' });
    const week = weekAhead(s.monday, today);
    if (!week.ok) return week;
    all.push({ ...s, monday: week.value });
  }
  const made = now.kept.filter((s) => s.monday === monday && begun(s) && !all.some(isAt(s)));
  return done({ type: 'planKept', data: { monday, starts: [...made, ...all] } });
}
