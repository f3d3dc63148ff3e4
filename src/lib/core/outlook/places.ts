import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import type { Place } from '../kit/index';
import { outlookSketched } from './outlook';
import type { Ahead, Outlook } from './types';

/** How far a jar has come: nothing to taste yet, only just sour, and on to past its last sensible day. */
export type Stage = 'raw' | 'young' | 'mild' | 'tangy' | 'fullySour' | 'past';

/** How far it most likely is at a time. */
export function stageAt({ spans, fullySour }: Pick<Outlook, 'spans' | 'fullySour'>, at: WallMinute): Stage {
  const reached = (t: WallMinute | null) => t !== null && t <= at;
  if (reached(spans.last.likely)) return 'past';
  if (reached(fullySour)) return 'fullySour';
  if (reached(spans.tangy.likely)) return 'tangy';
  if (reached(spans.mild.likely)) return 'mild';
  return reached(spans.firstTaste.likely) ? 'young' : 'raw';
}

/** How far a stored jar has come, from when it is most likely sourer, and how far that was looked at. */
export interface StageFrom {
  readonly stage: Stage;
  readonly next: { readonly stage: Stage; readonly at: WallMinute } | null;
  readonly seenTo: WallMinute;
}

/**
 * How far a stored jar has come now, and when it will most likely be further. The cold keeps what is past its last day on the
 * counter about as it is. Example: mild in October at 4 °C, and tangy from the middle of January.
 */
export function stageFrom(
  o: Pick<Outlook, 'spans' | 'fullySour'> & { readonly curve: readonly { readonly at: WallMinute }[] },
  now: WallMinute
): StageFrom {
  const kept = (stage: Stage): Stage => (stage === 'past' ? 'fullySour' : stage);
  const stage = kept(stageAt(o, now));
  const { firstTaste, mild, tangy } = o.spans;
  const ahead = [firstTaste.likely, mild.likely, tangy.likely, o.fullySour]
    .flatMap((at) => (at !== null && at > now ? [at] : []))
    .sort((a, b) => a - b);
  const at = ahead.find((t) => kept(stageAt(o, t)) !== stage);
  const seenTo = o.curve.at(-1)?.at ?? now;
  return { stage, next: at === undefined ? null : { stage: kept(stageAt(o, at)), at }, seenTo };
}

/** What becomes of a jar that stands somewhere from now on. */
export interface PlaceAhead {
  readonly placeId: string;
  readonly week: StandsAt;
  readonly month: StandsAt;
  /** Its last sensible day there; null: not within what was looked at. */
  readonly last: WallMinute | null;
}
export interface StandsAt {
  readonly stage: Stage;
  readonly pH: number;
}

/** A jar as it would be if it stood at a place from now on. */
export const movedTo = (ahead: Ahead, { tempC, swingC }: Pick<Place, 'tempC' | 'swingC'>): Ahead => ({
  ...ahead,
  airs: [...ahead.airs.filter((a) => a.from < ahead.now), { from: ahead.now, tempC, swingC: swingC ?? 0 }]
});

/** What each place would do to a jar in a week and in a month, by its readings and three courses. */
export const eachPlace = (
  ahead: Ahead,
  places: readonly Pick<Place, 'id' | 'kind' | 'tempC' | 'swingC'>[]
): PlaceAhead[] =>
  places.map((place) => {
    const would = outlookSketched(movedTo(ahead, place));
    const standsAt = (days: number): StandsAt => {
      const at = ahead.now + days * MINUTES_PER_DAY;
      const then = would.curve.find((c) => c.at >= at) ?? would.curve.at(-1)!;
      const stage = stageAt(would, at);
      // The cold keeps what is past its last day on the counter about as it is.
      const kept = stage === 'past' && place.kind === 'cold';
      return { stage: kept ? 'fullySour' : stage, pH: then.pH.likely };
    };
    return { placeId: place.id, week: standsAt(7), month: standsAt(30), last: would.spans.last.likely };
  });
