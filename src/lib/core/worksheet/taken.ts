import { done, refuse, type Outcome } from '../refusal/index';
import type { Salting } from '../style/index';
import { setOf, type JarSet } from '../vessel/index';
import { eachJar, ownedSizes, packedShare, pickJars, type JarToFill, type OwnedSize } from './jars';
import type { GoingIn } from './prepare';
import { withoutIdle } from './shredded';
import type { SideJar, WorksheetInput } from './types';

/** Jars as they are taken: of those sizes, so many of each, so many left idle; of the produce the part that is packed. */
export interface JarsTaken {
  readonly sizes: readonly OwnedSize[];
  readonly fit: ReturnType<typeof pickJars>['fit'];
  readonly chosen: JarSet;
  readonly idle: number;
  readonly share: number;
  /** One by one, largest first, a jar of its own last. */
  readonly jars: readonly JarToFill[];
}

/**
 * The jars that it goes into: chosen, or the best of those that are free, and one of its own for what is over. Refuses more
 * than are free, none, and more over than there is.
 */
export function jarsTaken(going: GoingIn, salting: Salting, input: WorksheetInput): Outcome<JarsTaken> {
  const { side } = input;
  if (!side) {
    const taken = jarsFor(going.needMl, salting, input);
    if (!taken.ok) return taken;
    const { chosen, sizes } = taken.value;
    return done({ ...taken.value, share: packedShare(chosen), jars: eachJar(chosen, sizes) });
  }
  const own = ownedSizes(input.jars).find((z) => z.id === side.jarId);
  if (!own) return refuse('jar-kind-unknown', { field: 'side' });
  const apart = side.g / going.prepared.mean;
  if (apart >= 1)
    return refuse('more-than-there-is', {
      field: 'side',
      values: { thereG: going.prepared.mean, saidG: side.g }
    });
  const taken = jarsFor(going.needMl * (1 - apart), salting, besides(input, side));
  if (!taken.ok) return taken;
  const { chosen: main, sizes } = taken.value;
  const counts = { ...main.counts, [own.id]: (main.counts[own.id] ?? 0) + 1 };
  const share = apart + (1 - apart) * packedShare(main);
  return done({
    ...{ ...taken.value, share },
    chosen: setOf(counts, going.needMl, ownedSizes(input.jars)),
    jars: [...eachJar(main, sizes), { ...own, side: apart / share }]
  });
}

/** The jars of the rest: without the one that has its own. */
const besides = (input: WorksheetInput, { jarId }: SideJar): WorksheetInput => ({
  ...input,
  jars: input.jars.map((j) => (j.id === jarId ? { ...j, free: j.free - 1 } : j)),
  counts: input.counts && { ...input.counts, [jarId]: Math.max(0, (input.counts[jarId] ?? 0) - 1) }
});

/** The jars it goes into: chosen, or the best of those that are free; refuses more than are free, and none. */
function jarsFor(
  needMl: number,
  salting: Salting,
  input: WorksheetInput
): Outcome<Omit<JarsTaken, 'share' | 'jars'>> {
  const sizes = ownedSizes(input.jars);
  const { fit, chosen: picked } = pickJars(needMl, sizes, input, salting, input.sets ?? 3);
  const { set: chosen, idle } =
    salting !== 'brine' && input.counts ? withoutIdle(picked, sizes) : { set: picked, idle: 0 };
  const tooMany = sizes.find((z) => (picked.counts[z.id] ?? 0) > z.free);
  if (tooMany)
    return refuse('jars-not-free', {
      field: 'counts',
      values: { name: tooMany.jar.name, free: tooMany.free }
    });
  if (chosen.vessels === 0 && input.counts) return refuse('no-jars-chosen', { field: 'counts' });
  if (chosen.vessels === 0)
    return refuse('nothing-fits', { field: 'jars', values: smallestThatFits(needMl, sizes) });
  return done({ sizes, fit, chosen, idle });
}

function smallestThatFits(
  needMl: number,
  sizes: readonly { usableMl: number; free: number; jar: { name: string } }[]
) {
  const free = sizes.filter((z) => z.free > 0).sort((a, b) => a.usableMl - b.usableMl)[0];
  return {
    needMl: Math.round(needMl),
    smallest: free?.jar.name ?? '',
    takesMl: Math.round(free?.usableMl ?? 0)
  };
}
