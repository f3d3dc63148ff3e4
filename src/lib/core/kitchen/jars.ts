import type { Filling } from '../batch/index';
import { daysBetween, type Day } from '../calendar/index';
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
  const used = new Map<string, number>();
  for (const f of lids.filter((l) => l.emptiedAt === null)) used.set(f.jarId, (used.get(f.jarId) ?? 0) + 1);
  return house.jars.map((j) => {
    const weight = house.weights.find((w) => w.id === j.weightId);
    return {
      id: j.id,
      name: j.name,
      geometryId: j.geometryId,
      lid: j.lid,
      free: Math.max(0, j.owned - (used.get(j.id) ?? 0) - (held[j.id] ?? 0)),
      ...(j.brimMl === null ? {} : { brimMl: j.brimMl }),
      ...(j.headspaceMm === null ? {} : { headspaceMm: j.headspaceMm }),
      ...(j.weightMl === null ? {} : { weightMl: j.weightMl }),
      ...(weight ? { weight } : {})
    };
  });
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
