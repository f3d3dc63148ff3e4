import type { Filling } from '../batch/index';
import { daysBetween, MINUTES_PER_DAY, type Day, type WallMinute } from '../calendar/index';
import type { Household } from '../kit/index';
import { brineUseBy, type KeptBrine } from '../pantry/index';
import type { Counts } from '../making/index';
import type { WorksheetJar } from '../worksheet/index';

/** The household's jars, with how many of each hold nothing and are held by nobody, and what weight goes in. */
export function freeJars(
  house: Household,
  lids: readonly Pick<Filling, 'jarId' | 'emptiedAt'>[],
  held: Counts = {}
): WorksheetJar[] {
  const used = fullOf(lids);
  return house.jars.map((j) => {
    const weight = house.weights.find((w) => w.id === j.weightId);
    return {
      id: j.id,
      name: j.name,
      geometryId: j.geometryId,
      lid: j.lid,
      free: Math.max(0, j.owned - (used[j.id] ?? 0) - (held[j.id] ?? 0)),
      ...(j.brimMl === null ? {} : { brimMl: j.brimMl }),
      ...(j.headspaceMm === null ? {} : { headspaceMm: j.headspaceMm }),
      ...(j.weightMl === null ? {} : { weightMl: j.weightMl }),
      ...(weight ? { weight } : {})
    };
  });
}

/** A vessel as it is counted: what kind it is, and since when it is empty; broken ones come back to no shelf. */
export interface Emptied extends Pick<Filling, 'jarId' | 'emptiedAt'> {
  readonly broke: boolean;
}

function counted(jarIds: readonly string[]): Counts {
  const out: Record<string, number> = {};
  for (const id of jarIds) out[id] = (out[id] ?? 0) + 1;
  return out;
}

/** How many of each kind hold something. */
export const fullOf = (lids: readonly Pick<Filling, 'jarId' | 'emptiedAt'>[]): Counts =>
  counted(lids.filter((l) => l.emptiedAt === null).map((l) => l.jarId));

/** What nobody said washed is taken to be washed after so many days. Our judgement. */
export const WASHED_DAYS = 14;

/** How many of each kind were emptied and not washed since; never more of them than hold nothing. */
export function jarsToWash(house: Household, lids: readonly Emptied[], now: WallMinute): Counts {
  const full = fullOf(lids);
  const since = (jarId: string) =>
    Math.max(house.washedAt[jarId] ?? -Infinity, now - WASHED_DAYS * MINUTES_PER_DAY);
  const emptied = lids.filter((l) => l.emptiedAt !== null && !l.broke && l.emptiedAt > since(l.jarId));
  const dirty = counted(emptied.map((l) => l.jarId));
  return Object.fromEntries(
    house.jars.map((j) => [j.id, Math.min(dirty[j.id] ?? 0, Math.max(0, j.owned - (full[j.id] ?? 0)))])
  );
}

/** The next time nobody is here, in days from today; what is over is left out. */
export function awayFrom(house: Household, today: Day): { from: number; to: number } | null {
  const next = house.away.filter((a) => a.to >= today).sort((a, b) => (a.from < b.from ? -1 : 1))[0];
  return next ? { from: daysBetween(today, next.from), to: daysBetween(today, next.to) } : null;
}

/** Kept brine that may still be used, and is not taken by another making. */
export const usableBrines = (
  all: readonly KeptBrine[],
  today: Day,
  taken: ReadonlySet<string> = new Set()
): KeptBrine[] => all.filter((b) => brineUseBy(b) >= today && !taken.has(b.id));
