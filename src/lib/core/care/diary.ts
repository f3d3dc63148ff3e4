import { placeOf, standing, type Batch, type CareKind, type Filling } from '../batch/index';
import { dayOfWall, MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import type { CareHouse } from './course';
import { counterWindow, MINUTES, openSlots } from './tasks';
import { verdictOn } from './verdict';

/** A round that is to come: what one place will want at one time. */
export interface RoundAhead {
  readonly placeId: string;
  readonly at: WallMinute;
  readonly minutes: number;
  readonly cares: readonly CareAhead[];
}

/** The jars of one batch, and what they will want. */
export interface CareAhead {
  readonly batchId: string;
  readonly batchName: string;
  readonly lidNumbers: readonly number[];
  readonly kinds: readonly CareKind[];
}

/** A day to look forward to: the first taste of some jars, and their last sensible day on the counter. */
export interface WindowAhead {
  /** The first of the jars: with `what` it names this day, however it moves. */
  readonly key: string;
  readonly batchId: string;
  readonly batchName: string;
  readonly lidNumbers: readonly number[];
  readonly what: 'firstTaste' | 'last';
  readonly at: WallMinute;
}

interface Slot {
  readonly b: Batch;
  readonly f: Filling;
  readonly kind: CareKind;
  readonly at: WallMinute;
}

/**
 * Rounds from one time up to another, as far as is known today, soonest first: each place and time once. A jar's rounds end
 * with the one that takes it to the cold.
 */
export function roundsAhead(
  batches: readonly Batch[],
  house: CareHouse,
  from: WallMinute,
  until: WallMinute
): RoundAhead[] {
  const slots = batches.flatMap((b) => slotsAhead(b, house, from, until));
  return grouped(slots, (s) => `${s.at} ${placeOf(s.f)}`)
    .map((here) => ({
      placeId: placeOf(here[0]!.f),
      at: here[0]!.at,
      minutes: here.reduce((a, s) => a + MINUTES[s.kind], 0),
      cares: caresOf(here)
    }))
    .sort((x, y) => x.at - y.at || (x.placeId < y.placeId ? -1 : 1));
}

function slotsAhead(b: Batch, house: CareHouse, from: WallMinute, until: WallMinute): Slot[] {
  return standing(b).flatMap((f) => {
    if (verdictOn(b, f, house.places)) return [];
    const open = openSlots(b, f, house, from);
    const toCold = open.find(([kind]) => kind === 'toCold')?.[1].find((at) => at >= from) ?? Infinity;
    return open.flatMap(([kind, slots]) =>
      slots.filter((at) => at >= from && at < until && at <= toCold).map((at) => ({ b, f, kind, at }))
    );
  });
}

/** Jars of a batch that want the same are named together. */
function caresOf(slots: readonly Slot[]): CareAhead[] {
  const jars = grouped(slots, (s) => s.f.id).map((of) => ({
    b: of[0]!.b,
    lidNumber: of[0]!.f.lidNumber,
    kinds: of.map((s) => s.kind)
  }));
  return grouped(jars, (j) => `${j.b.id} ${j.kinds.join()}`).map((alike) => ({
    batchId: alike[0]!.b.id,
    batchName: alike[0]!.b.name,
    lidNumbers: alike.map((j) => j.lidNumber).sort((x, y) => x - y),
    kinds: alike[0]!.kinds
  }));
}

function grouped<T>(all: readonly T[], by: (one: T) => string): T[][] {
  const groups = new Map<string, T[]>();
  for (const one of all) {
    const key = by(one);
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return [...groups.values()];
}

/** First taste and last sensible day of what stands on the counter, those that are still to come; jars of a day together. */
export function windowsAhead(
  batches: readonly Batch[],
  house: CareHouse,
  from: WallMinute
): readonly WindowAhead[] {
  const all = batches.flatMap((b) => standing(b).flatMap((f) => windowsOf(b, f, house)));
  const ahead = all.filter((w) => w.at >= from - MINUTES_PER_DAY);
  return grouped(ahead, (w) => `${w.batchId} ${w.what} ${dayOfWall(w.at)}`).map((day) => ({
    ...day[0]!,
    lidNumbers: day.flatMap((w) => w.lidNumbers).sort((x, y) => x - y)
  }));
}

function windowsOf(b: Batch, f: Filling, house: CareHouse): WindowAhead[] {
  const cold = house.places.find((p) => p.id === placeOf(f))?.kind === 'cold';
  const window = cold || f.heated || verdictOn(b, f, house.places) ? null : counterWindow(b, f, house);
  if (!window) return [];
  const jar = { key: f.id, batchId: b.id, batchName: b.name, lidNumbers: [f.lidNumber] };
  return [
    { ...jar, what: 'firstTaste', at: window.from },
    { ...jar, what: 'last', at: window.to }
  ];
}
