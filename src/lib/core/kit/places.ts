import type { WallMinute } from '../calendar/index';

/** Counter places ferment, cold ones store (at or under about 12 °C), a pantry shelf takes dry goods only. */
export type PlaceKind = 'counter' | 'cold' | 'pantry';

export interface Place {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  /** As it is now. */
  readonly tempC: number;
  readonly shelfLitres: number | null;
  /** What it was before, and until when, oldest first; absent: nobody has said anything of this place yet. */
  readonly was?: readonly { readonly until: WallMinute; readonly tempC: number }[];
}

/** A temperature from a time on. */
export interface TempFrom {
  readonly from: WallMinute;
  readonly tempC: number;
}

/**
 * How warm a place was from one time to another, in pieces. Example: a place of 21 °C that is 17 °C since noon gives, from
 * morning to evening, 21 °C from the morning and 17 °C from noon.
 */
export function tempsDuring(place: Place, from: WallMinute, until: WallMinute): TempFrom[] {
  const out: TempFrom[] = [];
  let at = from;
  for (const before of place.was ?? []) {
    if (before.until <= at) continue;
    out.push({ from: at, tempC: before.tempC });
    at = before.until;
    if (at >= until) return out;
  }
  return [...out, { from: at, tempC: place.tempC }];
}

/** So near it is the same: a degree said in °F comes back a little otherwise. */
const SAME_C = 0.3;

/** A place said again: what it was stands as its past, unless it was always so. */
export function placeSet(before: Place | undefined, said: PlaceSaid, at: WallMinute): Place {
  const { always, ...now } = said;
  const past = before?.was;
  // A new household's own places are a guess: what is said first holds from the beginning.
  if (!before || !past || always) return { ...now, was: [] };
  return {
    ...now,
    was: Math.abs(before.tempC - now.tempC) < SAME_C ? past : [...past, { until: at, tempC: before.tempC }]
  };
}

/** A place as it is said. */
export type PlaceSaid = Omit<Place, 'was'> & {
  /** It was always so: what was said before was a mistake. */
  readonly always?: boolean;
};
