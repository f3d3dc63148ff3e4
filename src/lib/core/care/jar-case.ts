import type { BatchInHand, Filling } from '../batch/index';
import type { WallMinute } from '../calendar/index';
import type { Place } from '../kit/index';
import { styleMade } from '../style/index';
import { paceFactor, spells, whenDaysPassed } from './pace';
import type { JarCase } from './slots';

const findPlace = (places: readonly Place[], id: string) => places.find((p) => p.id === id);

/** Since when a jar has been in the cold without a break; null while it stands on the counter. */
export function coldSince(f: Filling, places: readonly Place[]): WallMinute | null {
  let since: WallMinute | null = null;
  for (const stay of f.stays) {
    const cold = findPlace(places, stay.placeId)?.kind === 'cold';
    since = cold ? (since ?? stay.from) : null;
  }
  return since;
}

/** A jar's case for the calendar of its care. */
export function jarCase(
  b: BatchInHand,
  f: Filling,
  places: readonly Place[],
  now: WallMinute
): JarCase | undefined {
  const style = styleMade(b);
  if (!style) return undefined;
  const counter = f.stays.filter((s) => findPlace(places, s.placeId)?.kind !== 'cold');
  const jarSpells = spells(counter, (id) => findPlace(places, id));
  const tempC = jarSpells[jarSpells.length - 1]?.tempC ?? 21;
  const sour = b.readings.filter((r) => r.fillingIds.includes(f.id) && r.pH < 4.2);
  return {
    style,
    lid: f.lid,
    startedAt: b.startedAt,
    tempC,
    factor: paceFactor(tempC),
    when: (days) => whenDaysPassed(days, b.startedAt, jarSpells),
    coldSince: coldSince(f, places),
    coldC: findPlace(places, f.stays.at(-1)?.placeId ?? '')?.tempC ?? null,
    sourTwice: sour.length >= 2,
    now
  };
}
