import { addDays, MINUTES_PER_DAY, wall, type Day } from '../calendar/index';
import { tempsDuring, type Place } from '../kit/index';
import { mondayOf, weekOf } from '../sowing/index';

/** These weeks are as warm as it is now; farther ahead it is as it was a year before. Our judgement. */
const AS_NOW_WEEKS = 3;
const YEAR_DAYS = 364;
const WEEK = 7 * MINUTES_PER_DAY;
/** So often at least a year was said otherwise of a place before its course through the year is known. Our judgement. */
const CHANGES = 2;

/**
 * How warm a place will be over each week from this one on, °C: soon as it is, later as it was in that week a year ago, where a
 * year of it is known (a thermometer's readings, or said otherwise more than once); else as it is now.
 */
export function warmthAhead(place: Place, today: Day, weeks: number): number[] {
  const from = wall(addDays(today, -YEAR_DAYS), 0);
  const changes = (place.was ?? []).filter((w) => w.until > from).length;
  const read = (place.read ?? []).some((r) => r.at < from + AS_NOW_WEEKS * WEEK);
  const known = changes >= CHANGES || read;
  return Array.from({ length: weeks }, (_, t) => {
    if (t < AS_NOW_WEEKS || !known) return place.tempC;
    const monday = wall(addDays(mondayOf(weekOf(today) + t), -YEAR_DAYS), 0);
    return meanOver(place, monday, monday + WEEK);
  });
}

/** The mean of what a place was, over a time. */
function meanOver(place: Place, from: number, until: number): number {
  const pieces = tempsDuring(place, from, until);
  const sum = pieces.reduce((a, p, i) => a + p.tempC * ((pieces[i + 1]?.from ?? until) - p.from), 0);
  return sum / (until - from);
}
