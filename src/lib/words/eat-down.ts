import { MINUTES_PER_DAY, type WallMinute } from '../core/calendar';
import { dayOfMonth, longMonth, shortDay, weekdayName } from './dates';

/** So near, a day is named; farther off, a part of its month. */
const NEAR_DAYS = 14;

const isNear = (at: WallMinute, now: WallMinute): boolean => at - now < NEAR_DAYS * MINUTES_PER_DAY;

/** About when, as near as one can say so far ahead. Example: in seven weeks, on the 14th: `mid January`; in three days: `Thu 3 Dec`. */
export function aboutWhen(at: WallMinute, now: WallMinute): string {
  if (isNear(at, now)) return `${weekdayName(at)} ${shortDay(at)}`;
  const day = Number(dayOfMonth(at));
  const part = day <= 10 ? 'early' : day <= 20 ? 'mid' : 'late';
  return `${part} ${longMonth(at)}`;
}

/** How a kind goes down, in what one needs of it to say so. Amounts are written already. */
export interface GoesDown {
  readonly gone: {
    readonly early: WallMinute | null;
    readonly likely: WallMinute | null;
    readonly late: WallMinute | null;
  };
  readonly short: { readonly from: WallMinute; readonly to: WallMinute } | null;
  readonly comesAt: WallMinute | null;
  readonly comes: string;
  readonly week: string;
  /** What taught it; empty: a first guess. */
  readonly learntFrom: string;
  /** Empty: nothing to speak of. */
  readonly spoils: string;
  readonly pastBest: string;
}

/** The sentences of a kind, what matters first: till when it lasts, where it lacks, what would be lost, and why one thinks so. */
export function goesDownWords(
  k: GoesDown,
  now: WallMinute
): { readonly says: string[]; readonly why: string } {
  const when = (at: WallMinute) => aboutWhen(at, now);
  const roughly = (at: WallMinute) => `${isNear(at, now) ? 'about' : 'in'} ${when(at)}`;
  const { early, likely, late } = k.gone;
  const span =
    early === null ? null : `${when(early)} and ${late === null ? 'more than a year' : when(late)}`;
  const lasts =
    likely === null
      ? `Lasts more than a year at your pace${early === null ? '' : `, at a fast one to ${when(early)}`}.`
      : `Gone ${roughly(likely)}; nine times in ten between ${span ?? ''}.`;
  const gap = k.short && `None from ${when(k.short.from)} to ${when(k.short.to)}.`;
  const coming = k.comesAt !== null && `${k.comes} comes from the counter ${roughly(k.comesAt)}.`;
  const lost =
    k.spoils !== ''
      ? `About ${k.spoils} would go past its longest keeping: eat it first, or give some away.`
      : k.pastBest !== '' && `About ${k.pastBest} is past its best when you come to it.`;
  return {
    says: [lasts, gap, coming, lost].flatMap((s) => (s ? [s] : [])),
    why:
      k.learntFrom === ''
        ? `A guess: ${k.week} a week. Hardly any was eaten yet.`
        : `${k.week} a week, from ${k.learntFrom} that you ate in the last half year.`
  };
}
