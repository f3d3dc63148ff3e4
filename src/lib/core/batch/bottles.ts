import { refuse, done, type Outcome } from '../refusal/index';
import type { Place } from '../kit/index';
import { chooseJars, isBottle, jarGeometry, type JarSet } from '../vessel/index';
import { jarOf, ownedSize, type OwnedSize, type WorksheetJar } from '../worksheet/index';
import type { Batch, BatchEvent } from './batch';
import { asSaid, sauceReckonedG } from './bowl';
import { rawFillings } from './decide';
import { stillIn } from './finish';
import type { Bottle, Finishing, REST_TO } from './finishing';

/** What a sauce weighs, g a ml: water with some salt and much pulp. Common practice, no source. */
export const SAUCE_G_PER_ML = 1.03;

/** What is to be filled, ml: as weighed, or as the bowl adds up. */
export const sauceMl = (b: Batch, f: Finishing): number =>
  (f.sauceG ?? sauceReckonedG(b, f)) / SAUCE_G_PER_ML;

/** The household's free jars and bottles that something sour is filled into, smallest first; crocks are for making. */
export const freeSizes = (jars: readonly WorksheetJar[]): OwnedSize[] =>
  jars
    // Nothing lies on what is done.
    .flatMap(({ weight: _, weightMl: __, ...jar }) => ownedSize(jar) ?? [])
    .filter((s) => s.free > 0 && !s.crock)
    .sort((a, b) => a.usableMl - b.usableMl || (a.id < b.id ? -1 : 1));

/** Least of a bottle that is worth one. Our judgement. */
const LEAST_FILL = 0.5;

/**
 * What a sauce may be filled into: bottles first where they take all but what is not worth one, then any jars.
 * Example: 1790 ml with twelve bottles of 254 ml is first seven, 12 ml left over.
 */
export function bottleSets(needMl: number, sizes: readonly OwnedSize[]): JarSet[] {
  const rules = { leastFill: LEAST_FILL, sets: 3 } as const;
  const ofShape = (s: OwnedSize) => jarGeometry(s.jar.geometryId);
  const bottles = sizes.filter((s) => isBottle(ofShape(s) ?? { id: '' }));
  const inBottles = chooseJars(needMl, bottles, rules).sets.slice(0, 1);
  const worthOne = LEAST_FILL * Math.min(...bottles.map((s) => s.usableMl));
  const any = chooseJars(needMl, sizes, rules).sets;
  const all = [...inBottles.filter((s) => s.leftMl < worthOne), ...any];
  const told = (s: JarSet) =>
    JSON.stringify(
      Object.entries(s.counts)
        .filter(([, n]) => n > 0)
        .sort()
    );
  return all.filter((s, i) => all.findIndex((x) => told(x) === told(s)) === i).slice(0, 3);
}

interface BottleSaid {
  readonly counts: Readonly<Record<string, number>>;
  readonly rest: (typeof REST_TO)[number];
  readonly place: Place;
  readonly brineId: string | null;
}

/**
 * The sauce into bottles: the larger ones first, the last takes what is left. Refuses while something lies in the jars, more
 * bottles than are free, and more than the sauce fills.
 * @param name gives each bottle its id and lid number
 */
export function bottle(
  b: Batch,
  said: BottleSaid,
  sizes: readonly OwnedSize[],
  name: (i: number) => { readonly id: string; readonly lidNumber: number }
): Outcome<BatchEvent> {
  const f = b.finishing;
  if (!f) return refuse('not-finishing', { field: 'batchId' });
  const jars = rawFillings(b, f.fillingIds);
  if (!jars.ok) return jars;
  const left = stillIn(f);
  if (left.length > 0)
    return refuse('objects-in', { field: 'object', values: { n: left.reduce((a, o) => a + o.n, 0) } });
  if (said.place.kind === 'pantry')
    return refuse('raw-not-pantry', { field: 'placeId', values: { place: said.place.name } });
  const chosen = chosenSizes(said.counts, sizes);
  if (!chosen.ok) return chosen;
  const bottles = filledUp(chosen.value, f.sauceG ?? sauceReckonedG(b, f), name);
  if (!bottles.ok) return bottles;
  return done({
    type: 'bottled',
    data: {
      ...{ ...asSaid(b, f), bottles: bottles.value, restTo: said.rest },
      ...{ brineId: said.brineId, placeId: said.place.id }
    }
  });
}

function chosenSizes(counts: BottleSaid['counts'], sizes: readonly OwnedSize[]): Outcome<OwnedSize[]> {
  const named = Object.entries(counts).filter(([, n]) => n > 0);
  if (named.length === 0) return refuse('no-jars-chosen', { field: 'counts' });
  const chosen: OwnedSize[] = [];
  for (const [id, n] of named) {
    const size = sizes.find((s) => s.id === id);
    if (!size) return refuse('jar-kind-unknown', { field: 'counts' });
    if (n > size.free)
      return refuse('jars-not-free', { field: 'counts', values: { name: size.jar.name, free: size.free } });
    chosen.push(...Array.from({ length: n }, () => size));
  }
  return done(chosen.sort((x, y) => y.usableMl - x.usableMl || (x.id < y.id ? -1 : 1)));
}

function filledUp(
  chosen: readonly OwnedSize[],
  sauceG: number,
  name: (i: number) => { readonly id: string; readonly lidNumber: number }
): Outcome<Bottle[]> {
  let leftG = sauceG;
  const bottles = chosen.map((size, i): Bottle => {
    const g = Math.min(leftG, size.usableMl * SAUCE_G_PER_ML);
    leftG -= g;
    const { jarId, name: jarName, geometryId, lid, usableMl, headspaceMm } = jarOf(size);
    return {
      ...{ ...name(i), jarId, jarName, geometryId, lid, headspaceMm, usableMl },
      ...{ vegRoomMl: usableMl, g }
    };
  });
  const empty = bottles.filter((x) => x.g < 1).length;
  return empty > 0 ? refuse('bottles-too-many', { field: 'counts', values: { n: empty } }) : done(bottles);
}
