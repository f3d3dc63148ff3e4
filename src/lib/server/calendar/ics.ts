import ical, {
  ICalAlarmType,
  ICalCalendarMethod,
  ICalEventStatus,
  ICalEventTransparency,
  type ICalCalendar,
  type ICalEventData
} from 'ical-generator';
import { addDays, wall, wallText, type WallMinute } from '../../core/calendar';
import { careAheadWords, plannedMore, plannedTitle, roundTitle, windowMore, windowTitle } from '../../words';
import type { Diary } from '../views/diary';

/** A calendar asks again after so long, s. */
const AGAIN_S = 3600;
const MINUTE_MS = 60_000;

/**
 * What is to come as an iCalendar (RFC 5545): rounds, windows, timers, planned starts. Its times are the household's wall, in no zone: eight in
 * the morning is eight there. An event keeps its name as long as it is the same round, jar or timer, and is newer when the
 * log went on.
 *
 * @param address where the house is found, for the links
 * @param feed names the calendar: no two call an event the same
 */
export function icsOf(diary: Diary, address: string, feed: string): string {
  const calendar = ical({
    name: `Crockle, ${diary.household}`,
    prodId: { company: 'Crockle', product: 'Rounds', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: AGAIN_S
  });
  const { version, told } = diary;
  const add = (id: string, from: WallMinute, event: Omit<ICalEventData, 'id' | 'start'>) =>
    calendar.createEvent({
      ...{ id: `${id}@${feed}.crockle`, start: asDate(from), floating: true },
      ...{ stamp: new Date(told), sequence: version },
      ...event
    });
  rounds(diary, address, add);
  for (const w of diary.windows)
    add(`${w.what}-${w.key}`, w.at, {
      ...{ allDay: true, summary: windowTitle(w), description: windowMore(w) },
      url: `${address}/notebook/${w.batchId}`
    });
  for (const p of diary.planned)
    add(`planned-${p.styleId}-${p.monday}`, wall(p.monday, 0), {
      ...{ allDay: true, end: asDate(wall(addDays(p.monday, 7), 0)), status: ICalEventStatus.TENTATIVE },
      ...{ transparency: ICalEventTransparency.TRANSPARENT, url: `${address}/season/plan` },
      ...{ summary: plannedTitle(p.name), description: plannedMore(p.picks, diary.units) }
    });
  for (const t of diary.timers)
    add(`timer-${t.id}`, t.at, { ...ENDS(t.at, 1), summary: t.name, description: t.next, alarms: [RINGS] });
  return calendar.toString();
}

/** The household's wall as a date that is written as it stands. */
const asDate = (at: WallMinute) => new Date(at * MINUTE_MS);
const ENDS = (from: WallMinute, minutes: number) => ({ end: asDate(from + Math.max(1, minutes)) });
const RINGS = { type: ICalAlarmType.display, trigger: 0 } as const;

type Add = (
  id: string,
  from: WallMinute,
  event: Omit<ICalEventData, 'id' | 'start'>
) => ReturnType<ICalCalendar['createEvent']>;

function rounds({ rounds: all, placeNames }: Diary, address: string, add: Add): void {
  for (const { placeId, at, minutes, cares } of all) {
    const place = placeNames[placeId] ?? '';
    add(`round-${placeId}-${wallText(at)}`, at, {
      ...{ ...ENDS(at, minutes), location: place, url: `${address}/` },
      ...{ summary: roundTitle(place, minutes), alarms: [RINGS] },
      description: cares.map(careAheadWords).join('\n')
    });
  }
}
