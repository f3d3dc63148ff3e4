import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import { offTheDay, tempsDuring, type Place, type Reading } from './places';

/** A thermometer that notes by itself looks so often; minutes. */
const LOOKS = 60;
/** What it says is noted where the day is so much warmer or colder than the house would take it for, °C, */
const NEWS_C = 0.7;
/** not sooner than so many minutes after the last, */
const PATIENT = 3 * 60;
/** and at the latest so long after it: two readings not three days apart speak for all between them (`tempsDuring`). */
const AT_LATEST = 2 * MINUTES_PER_DAY;

/**
 * Whether what a thermometer says is worth noting: where the house takes it for that anyway, a reading every second day is as
 * good as one an hour. The thresholds are ours: about what a thermometer by the wall is out by.
 * Example: a cellar of 12 °C that stays so is noted every 48 hours; one that a frost brings to 10 °C within 3, and twice a day.
 */
export function isWorthNoting(place: Place, reading: Reading): boolean {
  const last = place.read?.at(-1);
  if (!last) return true;
  const since = reading.at - last.at;
  if (since < PATIENT) return false;
  const overTheDay = reading.tempC - offTheDay(place.swingC ?? 0, reading.at);
  const taken = tempsDuring(place, reading.at, reading.at + 1).at(-1)?.tempC ?? place.tempC;
  return since >= AT_LATEST || Math.abs(overTheDay - taken) >= NEWS_C;
}

/** The full hours after one time, up to another: when a thermometer looks. */
export function hoursBetween(from: WallMinute, until: WallMinute): WallMinute[] {
  const first = (Math.floor(from / LOOKS) + 1) * LOOKS;
  return Array.from(
    { length: Math.max(0, Math.floor((until - first) / LOOKS) + 1) },
    (_, i) => first + i * LOOKS
  );
}

/** Jars stand there, and a thermometer is worth hanging up. */
export const wantsThermometer = (place: Place): boolean => place.kind !== 'pantry';

/** A warm or cold spell of a simulated room, from when on. */
export interface Spell {
  readonly placeId: string;
  readonly from: WallMinute;
  readonly byC: number;
}

/** What can be done to a simulated thermometer: its room is made warmer or colder than it would be. */
export type ThermometerAct = { readonly do: 'spell'; readonly placeId: string; readonly byC: number };

/** A kitchen wanders so far to both sides within a week and a bit, a fridge so far, °C. Common practice, no source. */
const WANDERS = { counter: 0.5, cold: 0.2, pantry: 0.5 } as const;
/** A room comes to a new warmth with such a time constant; minutes. */
const ROOM_TAKES = 3 * 60;

/** Where in its wandering a place is: each its own. */
const phaseOf = (id: string): number => [...id].reduce((a, c) => a + c.charCodeAt(0), 0);

/**
 * What the simulated thermometer of a place shows, to a tenth of a degree: what is said of the place and its usual day, two
 * slow wanderings of its own, and the spells that a hand laid on it. The same whenever it is asked again.
 */
export function shownAt(place: Place, at: WallMinute, spells: readonly Spell[]): number {
  const days = at / MINUTES_PER_DAY + phaseOf(place.id);
  const wander = WANDERS[place.kind] * (0.65 * Math.sin(days / 1.4) + 0.35 * Math.sin(days / 0.45));
  const spell = spells
    .filter((s) => s.placeId === place.id && s.from <= at)
    .reduce((c, s) => c + (s.byC - c) * (1 - Math.exp((s.from - at) / ROOM_TAKES)), 0);
  return Math.round((place.tempC + offTheDay(place.swingC ?? 0, at) + wander + spell) * 10) / 10;
}
