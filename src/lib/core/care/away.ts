import { inHand, placeOf, standing, type Batch, type CareKind, type Filling } from '../batch/index';
import { addDays, MINUTES_PER_DAY, wall, type WallMinute } from '../calendar/index';
import type { Away } from '../kit/index';
import type { Lid } from '../vessel/index';
import type { CareHouse } from './course';
import { roundsAhead, type RoundAhead } from './diary';
import { coldSince } from './jar-case';
import { openSlots } from './tasks';
import { verdictOn } from './verdict';

/**
 * What may be done with a jar before nobody is here. lid: one that lets its gas out by itself; cold: it is sour enough to stop
 * there; neighbour: somebody comes for it; stays: it looks after itself so long.
 */
export type BeforeAway = 'cold' | 'lid' | 'neighbour' | 'stays';

/** The jars of one batch that stand alike, over the days away. */
export interface LeftAlone {
  readonly batchId: string;
  readonly batchName: string;
  readonly placeId: string;
  readonly lid: Lid;
  readonly fillingIds: readonly string[];
  readonly lidNumbers: readonly number[];
  /** So often its lid would want opening, and a mash stirring. */
  readonly openings: number;
  readonly stirs: number;
  /** Days on which something else falls due that no neighbour does: to taste, to measure. */
  readonly misses: readonly { readonly kind: CareKind; readonly at: WallMinute }[];
  /** Its last sensible day on the counter falls in it, or is over. */
  readonly last: WallMinute | null;
  /** What may be done, the least trouble first. */
  readonly ways: readonly BeforeAway[];
}

export interface AwayPlan {
  readonly from: WallMinute;
  /** The midnight after the last day. */
  readonly until: WallMinute;
  readonly jars: readonly LeftAlone[];
  /** What somebody who comes by would do, round by round. */
  readonly neighbour: readonly RoundAhead[];
}

/** What somebody else may do by a sheet: nothing that wants a judgement. Our judgement. */
const BY_ANYBODY: ReadonlySet<CareKind> = new Set<CareKind>([
  'open',
  'openInCold',
  'look',
  'stir',
  'airlock',
  'tray'
]);
/** A jar that lets its gas out by itself is left so long with nobody looking. Common practice, no source. */
const ALONE_DAYS = 10;

/** What stands on the counter while nobody is here, what it would want, and what may be done about it before. */
export function awayPlan(
  batches: readonly Batch[],
  house: CareHouse,
  { from, to }: Pick<Away, 'from' | 'to'>,
  now: WallMinute
): AwayPlan {
  const [begins, until] = [Math.max(now, wall(from)), wall(addDays(to, 1))];
  const jars = batches.flatMap((b) => leftAlone(b, house, begins, until));
  const wanting = new Set(jars.flatMap((j) => (j.ways.includes('stays') ? [] : j.fillingIds)));
  const cared = batches.map((b) => ({ ...b, fillings: b.fillings.filter((f) => wanting.has(f.id)) }));
  const rounds = roundsAhead(cared, house, begins, until).flatMap((r): RoundAhead[] => {
    const cares = r.cares.flatMap((c) => {
      const kinds = c.kinds.filter((k) => BY_ANYBODY.has(k));
      return kinds.length > 0 ? [{ ...c, kinds }] : [];
    });
    return cares.length > 0 ? [{ ...r, cares }] : [];
  });
  return { from: begins, until, jars, neighbour: rounds };
}

function leftAlone(b: Batch, house: CareHouse, from: WallMinute, until: WallMinute): LeftAlone[] {
  const alike = new Map<string, Filling[]>();
  for (const f of standing(b)) {
    if (f.heated || verdictOn(b, f, house.places)) continue;
    const key = `${placeOf(f)} ${f.lid}`;
    alike.set(key, [...(alike.get(key) ?? []), f]);
  }
  return [...alike.values()].flatMap((jars) => jarsAlone(b, jars, house, from, until) ?? []);
}

/** Jars of one batch, place and lid, by the one that wants most; null: they stand in the cold and want nothing. */
function jarsAlone(
  b: Batch,
  jars: readonly Filling[],
  house: CareHouse,
  from: WallMinute,
  until: WallMinute
): LeftAlone | null {
  const during = jars.map(
    (f) =>
      new Map(
        openSlots(b, f, house, from).map(([kind, slots]) => [
          kind,
          // What should stand in the cold already goes there before anybody leaves.
          slots.filter((at) => at < until && (at >= from || kind === 'toCold'))
        ])
      )
  );
  const most = (kind: CareKind) => Math.max(...during.map((d) => d.get(kind)?.length ?? 0));
  const first = (kind: CareKind) => {
    const all = during.flatMap((d) => d.get(kind)?.[0] ?? []);
    return all.length > 0 ? Math.min(...all) : null;
  };
  const cold = coldSince(jars[0]!, house.places) !== null;
  const wants = { openings: most('open') + most('openInCold'), stirs: most('stir'), last: first('toCold') };
  // In the cold only what still gasses wants a hand.
  if (cold && wants.openings === 0) return null;
  const courses = jars.map((f) => house.courseOf(inHand(b), f));
  const sour = wants.last !== null || courses.every((c) => c.tangy !== null && c.tangy <= from);
  return {
    ...{ batchId: b.id, batchName: b.name, placeId: placeOf(jars[0]!), lid: jars[0]!.lid },
    fillingIds: jars.map((f) => f.id),
    lidNumbers: jars.map((f) => f.lidNumber).sort((x, y) => x - y),
    ...wants,
    misses: (['taste', 'pH'] as const).flatMap((kind) => {
      const at = first(kind);
      return at === null ? [] : [{ kind, at }];
    }),
    ways: waysFor(wants, sour && !cold, (until - from) / MINUTES_PER_DAY)
  };
}

/** A jar that is tangy may go to the cold before: the cold all but stops what is not yet sour. */
function waysFor(
  { openings, stirs, last }: Pick<LeftAlone, 'openings' | 'stirs' | 'last'>,
  sour: boolean,
  days: number
): BeforeAway[] {
  if (openings === 0 && stirs === 0 && last === null && days <= ALONE_DAYS) return ['stays'];
  return [...(sour ? (['cold'] as const) : []), ...(openings > 0 ? (['lid'] as const) : []), 'neighbour'];
}
