import type { BatchInHand, Filling } from '../batch/index';
import { MINUTES_PER_DAY, type WallMinute } from '../calendar/index';
import { massOf } from '../contents/index';
import type { TroubleKind } from '../correct/index';
import { evenHours } from '../forecast/index';
import type { Ahead, Outlook } from '../outlook/index';
import { styleMade } from '../style/index';
import { jarGeometry, type Lid } from '../vessel/index';

/** Why liquid stands lower than it did; `leaks`: more is missing than all that is known explains. */
export type LevelCause = 'undrawn' | 'lifted' | 'ranOver' | 'sunkBack' | 'drawnIn' | 'evaporated' | 'leaks';

/** One cause that may be, and the most that it can have taken by now, ml; null: nothing is missing, or nobody can tell. */
export interface LevelBy {
  readonly cause: LevelCause;
  readonly upToMl: number | null;
}

/** What to put right for a cause; none: nothing has gone. */
export const TROUBLE_BY: Readonly<Record<LevelCause, TroubleKind | null>> = {
  ...{ undrawn: null, lifted: null, sunkBack: 'short' },
  ...{ ranOver: 'spilled', leaks: 'spilled', drawnIn: 'drawn-in', evaporated: 'evaporated' }
};

/** What a jar's level is judged by. */
export interface LevelFacts {
  readonly lid: Lid;
  /** Salted dry: its brine is its own juice. */
  readonly dry: boolean;
  /** Since it was begun, and until its pieces have evened out. */
  readonly hours: number;
  readonly evenHours: number;
  /** Whether gas swells it now, and whether that is over. */
  readonly gas: 'before' | 'lively' | 'over';
  /** By how much its gas lifts the contents at the most, and the room there is over them, ml. */
  readonly swellMl: number;
  readonly roomMl: number;
  /** Air that was in and between its pieces, ml: brine takes its place. */
  readonly airMl: number;
  /** Its opening, mm², how many days it stood under this lid since it was last filled up, and how warm, °C. */
  readonly openMm2: number;
  readonly days: number;
  readonly tempC: number;
}

/** Juice is drawn within so many hours. Common practice. */
const DRAWN_BY = 24;
/** Water that leaves through a lid at 20 °C, mm a day of its opening. Common practice, no source: an open crock under a cloth. */
const LEAVES_MM: Readonly<Partial<Record<Lid, number>>> = { cloth: 1, loose: 0.15 };
/** What a hand sees as lower, ml. */
const SEEN_ML = 10;
/** A cause explains what is missing if it can have taken so much of it; and all together this much more is a leak. */
const EXPLAINS = 0.75;
const MORE = 2;

/** Saturated vapour against that at 20 °C: the Magnus formula, Alduchov and Eskridge 1996, recalled from memory. 30 °C: `1.81`. */
export const vapourAt = (tempC: number): number =>
  Math.exp((17.625 * tempC) / (243.04 + tempC) - (17.625 * 20) / 263.04);

/** Water gone as vapour, ml. Example: a crock of 200 mm under a cloth loses 31 ml a day at 20 °C. */
export const evaporatedMl = ({
  lid,
  openMm2,
  days,
  tempC
}: Pick<LevelFacts, 'lid' | 'openMm2' | 'days' | 'tempC'>): number =>
  ((LEAVES_MM[lid] ?? 0) * vapourAt(tempC) * days * openMm2) / 1000;

/** Each cause as it can be, in the order in which one would think of it. */
function possible(f: LevelFacts): LevelBy[] {
  const ran = f.gas === 'before' ? 0 : Math.max(0, f.swellMl - f.roomMl);
  const drawn = Math.min(1, f.hours / f.evenHours) * f.airMl;
  const gone = evaporatedMl(f);
  return [
    ...(f.dry && f.hours < DRAWN_BY ? [{ cause: 'undrawn' as const, upToMl: null }] : []),
    ...(f.gas === 'lively' ? [{ cause: 'lifted' as const, upToMl: null }] : []),
    ...(ran >= SEEN_ML ? [{ cause: 'ranOver' as const, upToMl: ran }] : []),
    ...(f.gas === 'over' ? [{ cause: 'sunkBack' as const, upToMl: Math.min(f.swellMl, f.roomMl) }] : []),
    ...(gone >= SEEN_ML ? [{ cause: 'evaporated' as const, upToMl: gone }] : []),
    ...(!f.dry && drawn >= SEEN_ML ? [{ cause: 'drawnIn' as const, upToMl: drawn }] : [])
  ];
}

/**
 * Why the liquid of a jar stands low, the likeliest first: from its lid, its days, how its gas lifts it and when it was last
 * filled up. Where it is said how much is missing, what can have taken so much comes first, and what nothing explains has leaked.
 * @param missingMl what is missing; null: not said
 */
export function levelBy(f: LevelFacts, missingMl: number | null): LevelBy[] {
  const all = possible(f);
  if (missingMl === null) return all.length > 0 ? all : [{ cause: 'leaks', upToMl: null }];
  const sum = all.reduce((a, c) => a + (c.upToMl ?? 0), 0);
  const explains = ({ upToMl }: LevelBy) => upToMl !== null && upToMl >= EXPLAINS * missingMl;
  // While juice is drawn and gas lifts, the level says nothing of what is in the jar.
  const open = all.some((c) => c.upToMl === null);
  const leaks = !open && missingMl > MORE * sum ? [{ cause: 'leaks' as const, upToMl: null }] : [];
  const first = all.filter((c) => c.upToMl === null || explains(c));
  return [...first, ...leaks, ...all.filter((c) => !first.includes(c))];
}

/** A standing jar as its level is judged. */
export function levelFacts(
  b: BatchInHand,
  f: Filling,
  { ahead, outlook }: { readonly ahead: Ahead; readonly outlook: Pick<Outlook, 'gas' | 'phases'> },
  now: WallMinute
): LevelFacts {
  const from = (phase: string) => outlook.phases.find((p) => p.phase === phase)?.from ?? Infinity;
  const roomMl = ahead.vessel.headspaceL * 1000;
  // Under the lid before it went otherwise; and what was filled up since lacks nothing of the time before.
  const since = Math.max(b.startedAt, f.lidSince ?? -Infinity, ...(f.mixed ?? []).map((m) => m.at));
  const openMm = jarGeometry(f.geometryId)?.openingMm ?? 0;
  return {
    lid: f.lid,
    dry: styleMade(b)?.salting !== 'brine',
    hours: (now - b.startedAt) / 60,
    evenHours: evenHours(ahead.inside),
    gas: now < from('firstBubbles') ? 'before' : now < from('settling') ? 'lively' : 'over',
    swellMl: outlook.gas.fills * roomMl,
    roomMl,
    airMl: ahead.style.air * massOf(f.full),
    openMm2: (Math.PI / 4) * openMm ** 2,
    days: (now - since) / MINUTES_PER_DAY,
    tempC: ahead.airs.findLast((a) => a.from <= now)?.tempC ?? ahead.airs[0]?.tempC ?? 20
  };
}
