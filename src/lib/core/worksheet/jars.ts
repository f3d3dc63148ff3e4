import {
  chooseJars,
  isBottle,
  isCrock,
  jarGeometry,
  setOf,
  usableMl,
  usualHeadspace,
  type Fit,
  type FreeSize,
  type JarSet
} from '../vessel/index';
import type { Salting } from '../style/index';
import type { WorksheetInput, WorksheetJar } from './types';
import type { JarCard } from './answers';

/** Least fill of a set: pieces share the room, shreds fill jar by jar and the last may be topped up. Common practice. */
const LEAST_FILL: Readonly<Record<Salting, number>> = { brine: 0.6, dry: 0.5, rinsed: 0.5 };

export interface OwnedSize extends FreeSize {
  readonly jar: WorksheetJar;
  readonly headspaceMm: number;
  readonly crock: boolean;
}

/** A jar that is filled; of what is packed the part that goes into it, 0 to 1, where it is said. */
export interface JarToFill extends OwnedSize {
  readonly side?: number;
}

/** A jar or bottle with what it takes to its fill line; undefined where its shape is unknown. */
export function ownedSize(jar: WorksheetJar): OwnedSize | undefined {
  const table = jarGeometry(jar.geometryId);
  if (!table) return undefined;
  const g = jar.brimMl === undefined ? table : { ...table, brimMl: jar.brimMl };
  const headspaceMm = jar.headspaceMm ?? usualHeadspace(g);
  return {
    id: jar.id,
    usableMl: usableMl(g, headspaceMm, jar.weightMl ?? jar.weight?.displacesMl ?? 0),
    free: jar.free,
    jar,
    headspaceMm,
    crock: isCrock(g)
  };
}

/** The household's jars in which something may ferment, with what each takes. */
export function ownedSizes(jars: readonly WorksheetJar[]): OwnedSize[] {
  return jars.flatMap((jar) => {
    const table = jarGeometry(jar.geometryId);
    return table && !isBottle(table) ? (ownedSize(jar) ?? []) : [];
  });
}

/** The proposals, and the set that counts: chosen by hand, or the proposal picked. */
export function pickJars(
  needMl: number,
  sizes: readonly OwnedSize[],
  input: WorksheetInput,
  salting: Salting,
  sets: 1 | 3
): { fit: Fit; chosen: JarSet } {
  const fit = chooseJars(needMl, sizes, { leastFill: LEAST_FILL[salting], sets });
  const byHand = input.counts ? setOf(input.counts, needMl, sizes) : undefined;
  const proposal = fit.sets[input.choice] ?? fit.sets[0];
  return { fit, chosen: byHand ?? proposal ?? setOf({}, needMl, sizes) };
}

/** The jars of a set one by one, largest first. */
export function eachJar(set: JarSet, sizes: readonly OwnedSize[]): OwnedSize[] {
  return sizes
    .filter((s) => (set.counts[s.id] ?? 0) > 0)
    .sort((a, b) => b.usableMl - a.usableMl || (a.id < b.id ? -1 : 1))
    .flatMap((s) => Array.from({ length: set.counts[s.id] ?? 0 }, () => s));
}

/** Share of the produce that is packed: all, when what is left is within the tolerance and pressed in. */
export function packedShare(set: JarSet): number {
  if (set.vessels === 0) return 0;
  return set.key[0] === 0 ? 1 : Math.min(1, set.roomMl / set.needMl);
}

/** What a card says of its jar, whatever goes in. */
export function jarOf(
  size: OwnedSize
): Pick<JarCard, 'jarId' | 'name' | 'geometryId' | 'lid' | 'usableMl' | 'headspaceMm'> {
  const { id: jarId, name, geometryId, lid } = size.jar;
  return { jarId, name, geometryId, lid, usableMl: size.usableMl, headspaceMm: size.headspaceMm };
}
