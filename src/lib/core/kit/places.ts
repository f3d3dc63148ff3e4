import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import { withOne } from './lists';

/** Counter places ferment, cold ones store (at or under about 12 °C), a pantry shelf takes dry goods only. */
export type PlaceKind = 'counter' | 'cold' | 'pantry';

/** What a thermometer said at a place. */
export interface Reading {
  readonly at: WallMinute;
  readonly tempC: number;
}

export interface Place {
  readonly id: string;
  readonly name: string;
  readonly kind: PlaceKind;
  /** As it is now, over the day. */
  readonly tempC: number;
  readonly shelfLitres: number | null;
  /** Clear height over its boards, mm; absent: nobody said. */
  readonly shelfMm?: number;
  /** Its usual course of the day: so much warmer in the afternoon, and colder before dawn, than over the day; absent: even. */
  readonly swingC?: number;
  /** What it was before, and until when, oldest first; absent: nobody has said anything of this place yet. */
  readonly was?: readonly { readonly until: WallMinute; readonly tempC: number }[];
  /** When its jars were last counted through, how many there were, and how many were not as written. */
  readonly counted?: { readonly at: WallMinute; readonly jars: number; readonly off: number };
  /** The last readings, oldest first. */
  readonly read?: readonly Reading[];
}

/** A temperature from a time on. */
export interface TempFrom {
  readonly from: WallMinute;
  readonly tempC: number;
}

/** A kitchen is warmest about four in the afternoon. Common practice, no source. */
const WARMEST = 16 * 60;

/** How much warmer than over the day it usually is at a time. Example: at 4 in the morning, by a swing of 2 °C, `-2`. */
export const offTheDay = (swingC: number, at: WallMinute): number =>
  swingC * Math.cos((2 * Math.PI * (at - WARMEST)) / MINUTES_PER_DAY);

/** A reading speaks for so much time before and after it, and for all between it and the next up to so many days away. */
const SPEAKS_FOR = MINUTES_PER_DAY / 2;
const TOGETHER = 3 * MINUTES_PER_DAY;

/** What readings say: how warm it was over the day, from when until when. Where none speaks, what was said of the place holds. */
function readSpells(place: Place): { from: WallMinute; until: WallMinute; tempC: number }[] {
  const all = place.read ?? [];
  const reach = (a: Reading, b: Reading | undefined) => {
    const gap = b ? Math.abs(b.at - a.at) : Infinity;
    return gap > TOGETHER ? SPEAKS_FOR : gap / 2;
  };
  return all.map((r, i) => ({
    from: Math.round(r.at - reach(r, all[i - 1])),
    until: Math.round(r.at + reach(r, all[i + 1])),
    tempC: r.tempC - offTheDay(place.swingC ?? 0, r.at)
  }));
}

/** What was said of a place, from one time to another, in pieces. */
function saidDuring(place: Place, from: WallMinute, until: WallMinute): TempFrom[] {
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

/**
 * How warm a place was over the day, from one time to another, in pieces: as a thermometer read it where one was, else as was
 * said. What swings within a day comes to the same in pace and keeping, within two in a hundred.
 * Example: a place of 21 °C that is 17 °C since noon gives, from morning to evening, 21 °C from the morning and 17 °C from noon.
 */
export function tempsDuring(place: Place, from: WallMinute, until: WallMinute): TempFrom[] {
  const read = readSpells(place).filter((r) => r.until > from && r.from < until);
  if (read.length === 0) return saidDuring(place, from, until);
  const out: TempFrom[] = [];
  let at = from;
  for (const r of read) {
    if (r.from > at) out.push(...saidDuring(place, at, r.from));
    out.push({ from: Math.max(at, r.from), tempC: r.tempC });
    at = r.until;
  }
  return at < until ? [...out, ...saidDuring(place, at, until)] : out;
}

/** As many readings of a place are kept: one a day for more than a year. */
const MOST_READ = 400;

/** Read again within so many minutes, the first was a slip. */
const AGAIN = 10;

/** A place after one more reading. */
export function placeRead(place: Place, reading: Reading): Place {
  const others = (place.read ?? []).filter((r) => Math.abs(r.at - reading.at) > AGAIN);
  return { ...place, read: [...others, reading].sort((a, b) => a.at - b.at).slice(-MOST_READ) };
}

/** What the last week's readings come to over the day, and how many there were; null where there were none. */
export function readLately(place: Place, now: WallMinute): { tempC: number; n: number } | null {
  const lately = (place.read ?? []).filter((r) => r.at > now - 7 * MINUTES_PER_DAY);
  if (lately.length === 0) return null;
  const sum = lately.reduce((a, r) => a + r.tempC - offTheDay(place.swingC ?? 0, r.at), 0);
  return { tempC: sum / lately.length, n: lately.length };
}

/** So near it is the same: a degree said in °F comes back a little otherwise. */
const SAME_C = 0.3;

/** A place said again: what it was stands as its past, unless it was always so. */
export function placeSet(before: Place | undefined, said: PlaceSaid, at: WallMinute): Place {
  const { always, ...now } = said;
  const past = before?.was;
  const read = {
    ...(before?.read ? { read: before.read } : {}),
    ...(before?.counted ? { counted: before.counted } : {})
  };
  // A new household's own places are a guess: what is said first holds from the beginning.
  if (!before || !past || always) return { ...now, ...read, was: [] };
  return {
    ...now,
    ...read,
    was: Math.abs(before.tempC - now.tempC) < SAME_C ? past : [...past, { until: at, tempC: before.tempC }]
  };
}

/** A place as it is said. */
export type PlaceSaid = Omit<Place, 'was' | 'read' | 'counted'> & {
  /** It was always so: what was said before was a mistake. */
  readonly always?: boolean;
};

/** What is said of places: what one is, and what a thermometer said there. */
export type PlaceEvent =
  | { readonly type: 'placeSet'; readonly data: PlaceSaid }
  | {
      readonly type: 'placeCounted';
      readonly data: { readonly id: string; readonly jars: number; readonly off: number };
    }
  | { readonly type: 'placeRead'; readonly data: { readonly id: string; readonly tempC: number } };

/** All places after it. */
export function placesAfter(
  places: readonly Place[],
  { type, data }: PlaceEvent,
  at: WallMinute
): readonly Place[] {
  const before = places.find((p) => p.id === data.id);
  if (type === 'placeSet') return withOne(places, placeSet(before, data, at));
  if (type === 'placeCounted') {
    const { jars, off } = data;
    return before ? withOne(places, { ...before, counted: { at, jars, off } }) : places;
  }
  return before ? withOne(places, placeRead(before, { at, tempC: data.tempC })) : places;
}
