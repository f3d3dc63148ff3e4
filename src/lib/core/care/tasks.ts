import { minuteOfDay, MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import { placeOf, standing, type Batch, type BatchInHand, type CareKind, type Filling } from '../batch/index';
import type { Lid } from '../vessel/index';
import { notedOf } from '../outlook/index';
import type { CareHouse } from './course';
import { coldSince, jarCase } from './jar-case';
import { coldSlots, counterSlots, withTurn } from './slots';
import { verdictOn } from './verdict';

/** One thing to do: per batch, place and lid; one tap does all its jars. */
export interface CareTask {
  readonly key: string;
  readonly kind: CareKind;
  readonly batchId: string;
  readonly batchName: string;
  readonly placeId: string;
  readonly lid: Lid;
  readonly fillingIds: readonly string[];
  readonly lidNumbers: readonly number[];
  readonly due: WallMinute;
  /** Earlier slots that passed unanswered, and the first of them. */
  readonly missed: number;
  readonly since: WallMinute;
  readonly minutes: number;
}

/** Hands at work per jar, minutes. Common practice, no source. */
export const MINUTES: Record<CareKind, number> = {
  open: 1,
  look: 1,
  airlock: 1,
  juice: 2,
  taste: 2,
  pH: 2,
  toCold: 3,
  openInCold: 1,
  level: 1,
  stir: 1,
  tray: 1
};

/** A job done a little early covers the slot to come; gas may ask for one opening two hours after another. */
const GRACE: Partial<Record<CareKind, number>> = { open: 90 };
const GRACE_ELSE = 12 * 60;

/** What goes by the lid: whoever changes it has done these with the same hand. */
const BY_LID: ReadonlySet<CareKind> = new Set(['open', 'openInCold', 'airlock', 'look', 'tray']);

/** Up to when a kind of care has been answered for a jar. */
export function answered(b: Batch, f: Filling, kind: CareKind): WallMinute {
  const grace = GRACE[kind] ?? GRACE_ELSE;
  const marks = b.care
    // Whoever opens a jar looks at it with the same hand.
    .filter(
      (m) =>
        (m.kind === kind || (kind === 'look' && m.kind === 'open' && m.how === 'done')) &&
        m.fillingIds.includes(f.id)
    )
    .map((m) => (m.how === 'done' ? Math.max(m.slot, m.at + grace) : m.slot));
  const tastes = kind === 'taste' ? b.tastes : [];
  const readings = kind === 'pH' ? b.readings : [];
  const logged = [...tastes, ...readings].filter((t) => t.fillingIds.includes(f.id)).map((t) => t.at + grace);
  const lid = BY_LID.has(kind) ? (f.lidSince ?? -Infinity) : -Infinity;
  return Math.max(f.decantedAt ?? -Infinity, lid, ...marks, ...logged);
}

interface JarTask {
  readonly kind: CareKind;
  readonly f: Filling;
  readonly due: WallMinute;
  readonly missed: number;
  readonly since: WallMinute;
}

/** When each kind of care is due for a jar. */
function slotsOf(
  b: Batch,
  f: Filling,
  { places, rounds, courseOf, stands }: CareHouse,
  now: WallMinute
): ReadonlyMap<CareKind, readonly WallMinute[]> {
  const made = jarCase(b, f, places);
  // Heated, it lives no more: nothing gasses, sours or dries out.
  if (!made || f.heated) return new Map();
  const sour = b.readings.filter((r) => r.fillingIds.includes(f.id) && r.pH < 4.2);
  const c = {
    ...made,
    rounds,
    lid: f.lid,
    startedAt: b.startedAt,
    coldSince: coldSince(f, places),
    coldC: places.find((p) => p.id === placeOf(f))?.tempC ?? null,
    sourTwice: sour.length >= 2,
    now
  };
  return c.coldSince === null ? withTurn(c, f, stands, counterSlots(c, courseOf(b, f))) : coldSlots(c);
}

/** What of a jar's care nobody has answered yet, by kind, in order of time. */
export const openSlots = (
  b: Batch,
  f: Filling,
  house: CareHouse,
  now: WallMinute
): readonly (readonly [CareKind, readonly WallMinute[]])[] =>
  [...slotsOf(b, f, house, now)].map(([kind, slots]) => {
    const upTo = answered(b, f, kind);
    return [kind, slots.filter((at) => at > upTo)];
  });

/** For one jar and each kind: what is due now (the latest slot unanswered), else what comes next. */
function jarTasks(b: Batch, f: Filling, house: CareHouse, now: WallMinute): JarTask[] {
  const learnt = Math.max(-Infinity, ...notedOf(b, f).map((n) => n.when));
  return openSlots(b, f, house, now).flatMap(([kind, open]) => {
    const past = open.filter((at) => at <= now);
    const next = open.find((at) => at > now);
    const latest = past[past.length - 1];
    // A reading may move what was to be done to before it: that was not missed.
    const known = past.filter((at) => at > learnt);
    if (latest !== undefined)
      return [{ kind, f, due: latest, missed: Math.max(0, known.length - 1), since: known[0] ?? latest }];
    return next === undefined ? [] : [{ kind, f, due: next, missed: 0, since: next }];
  });
}

/** All care of a batch, one task per kind, place, lid and slot, soonest first. Due now means `due <= now`. */
export function careTasks(b: Batch, house: CareHouse, now: WallMinute): CareTask[] {
  const groups = new Map<string, JarTask[]>();
  for (const f of standing(b)) {
    // Nothing is asked of a jar that is to be thrown away.
    if (verdictOn(b, f, house.places)) continue;
    for (const t of jarTasks(b, f, house, now)) {
      const key = `${b.id}/${t.kind}/${placeOf(f)}/${f.lid}/${t.due}`;
      groups.set(key, [...(groups.get(key) ?? []), t]);
    }
  }
  return [...groups]
    .map(([key, tasks]) => asTask(key, b, tasks))
    .sort((x, y) => x.due - y.due || (x.key < y.key ? -1 : 1));
}

function asTask(key: string, b: Batch, tasks: readonly JarTask[]): CareTask {
  const first = tasks[0]!;
  return {
    key,
    kind: first.kind,
    batchId: b.id,
    batchName: b.name,
    placeId: placeOf(first.f),
    lid: first.f.lid,
    fillingIds: tasks.map((t) => t.f.id),
    lidNumbers: tasks.map((t) => t.f.lidNumber).sort((x, y) => x - y),
    due: first.due,
    missed: Math.max(...tasks.map((t) => t.missed)),
    since: Math.min(...tasks.map((t) => t.since)),
    minutes: MINUTES[first.kind] * tasks.length
  };
}

/** The next moment after now at which something falls due, over all batches; null if nothing ever will. */
export function nextDue(batches: readonly Batch[], house: CareHouse, now: WallMinute): WallMinute | null {
  const ahead = batches.flatMap((b) =>
    standing(b).flatMap((f) =>
      [...slotsOf(b, f, house, now).values()].flatMap((slots) => slots.find((at) => at > now) ?? [])
    )
  );
  return ahead.length === 0 ? null : Math.min(...ahead);
}

/** The counter window of a jar: first taste, and the last sensible day; null where it sours in no time that was looked at. */
export function counterWindow(
  b: BatchInHand,
  f: Filling,
  { courseOf }: CareHouse
): { from: WallMinute; to: WallMinute } | null {
  const { firstTaste, last } = courseOf(b, f);
  return firstTaste === null || last === null ? null : { from: firstTaste, to: Math.max(firstTaste, last) };
}

/** Day number of a batch: the start day is day 0. */
export function dayNumberOf(b: Pick<Batch, 'startedAt'>, now: WallMinute): number {
  const midnight = (at: WallMinute) => (at - minuteOfDay(at)) / MINUTES_PER_DAY;
  return midnight(now) - midnight(b.startedAt);
}
