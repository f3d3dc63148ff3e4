import { salinityIn } from '../contents/index';
import type { Place } from '../kit/index';
import { crop, type Crop } from '../produce/index';
import { bareMass, readWeight, type Ways } from '../reading/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import { OBJECTS, type ObjectsIn } from '../run/index';
import { jarOf, ownedSize, type OwnedSize, type WorksheetJar } from '../worksheet/index';
import { chooseJars, isBottle, jarGeometry, type JarSet } from '../vessel/index';
import { asSaid, pooled, sauceReckonedG } from './bowl';
import type { Batch, BatchEvent } from './batch';
import { standingFillings } from './decide';
import { batchItem, type Filling } from './facts';
import { standing } from './jar';
import type { Bottle, Finishing, LaidIn, PULP_TO, REST_TO } from './finishing';

/** What a sauce weighs, g a ml: water with some salt and much pulp. Common practice, no source. */
export const SAUCE_G_PER_ML = 1.03;

/**
 * What lies in these jars: as it was counted in at their making, or one weight each where nobody counted.
 * @param counted by the number of the jar in its making
 */
export const laidIn = (jars: readonly Filling[], all: readonly Filling[], counted: ObjectsIn): LaidIn[] =>
  jars.flatMap((f) => {
    const of = counted[`j${all.indexOf(f) + 1}`] ?? (Object.keys(counted).length > 0 ? {} : { weight: 1 });
    return OBJECTS.flatMap((kind) => {
      const n = of[kind] ?? 0;
      return n > 0 ? [{ id: `${f.id}-${kind}`, fillingId: f.id, lidNumber: f.lidNumber, kind, n }] : [];
    });
  });

/** Jars that may be finished: what was bottled is. */
export const toFinish = (b: Pick<Batch, 'fillings'>): Filling[] => standing(b).filter((f) => !f.finished);

/** What still lies in the jars: no blade before it is out. */
export const stillIn = (f: Pick<Finishing, 'laid' | 'out'>): LaidIn[] =>
  f.laid.filter((o) => !f.out.includes(o.id));

/** One thing more that is said of a finishing; what is left out stays as it was, an empty weight is none. */
export interface FinishSaid {
  readonly fillingIds?: readonly string[] | undefined;
  readonly object?: string | undefined;
  readonly isOut: boolean;
  readonly pulpTo?: (typeof PULP_TO)[number] | undefined;
  readonly freshCropId?: string | undefined;
  readonly fresh?: string | undefined;
  readonly brine?: string | undefined;
  readonly back?: string | undefined;
  readonly water?: string | undefined;
  readonly sweet?: string | undefined;
  readonly pulp?: string | undefined;
  readonly sauce?: string | undefined;
}
const WEIGHTS = ['brine', 'back', 'water', 'sweet', 'pulp', 'sauce'] as const satisfies (keyof FinishSaid &
  FieldName)[];
/** With a blade, or after it. */
const BLADE = ['back', 'water', 'sweet', 'pulp', 'sauce', 'fresh'] as const;

/** What is known around it. */
interface Around {
  readonly ways: Ways;
  readonly crops: readonly Crop[];
  readonly counted: ObjectsIn;
}

/** A finishing begun, or something more said of it. Refuses a blade while anything lies in the jars. */
export function finish(b: Batch, said: FinishSaid, around: Around): Outcome<BatchEvent> {
  const jars = standingFillings(b, said.fillingIds ?? b.finishing?.fillingIds ?? []);
  if (!jars.ok) return jars;
  const before = b.finishing ?? begun(b, jars.value, around.counted);
  const ticked = outAgain(before, said);
  if (!ticked.ok) return ticked;
  const blade = BLADE.some((name) => (said[name] ?? '') !== '');
  const left = stillIn(ticked.value);
  if (blade && left.length > 0)
    return refuse('objects-in', { field: 'object', values: { n: left.reduce((a, o) => a + o.n, 0) } });
  const weighed = withWeights(ticked.value, said, around.ways);
  if (!weighed.ok) return weighed;
  const more = withFresh(weighed.value, said, around);
  if (!more.ok) return more;
  const fits = addsUp(b, more.value, said);
  if (!fits.ok) return fits;
  const { since: _, ...data } = more.value;
  return done({ type: 'finishing', data });
}

const begun = (b: Batch, jars: readonly Filling[], counted: ObjectsIn): Finishing => ({
  ...{ fillingIds: jars.map((f) => f.id), since: 0, laid: laidIn(jars, b.fillings, counted), out: [] },
  ...{ brineG: null, backG: null, waterG: null, fresh: [], sweetG: null },
  ...{ pulpG: null, pulpTo: 'kept', sauceG: null }
});

function outAgain(f: Finishing, { object, isOut }: FinishSaid): Outcome<Finishing> {
  if (object === undefined) return done(f);
  if (!f.laid.some((o) => o.id === object)) return refuse('object-unknown', { field: 'object' });
  const others = f.out.filter((id) => id !== object);
  return done({ ...f, out: isOut ? [...others, object] : others });
}

function withWeights(f: Finishing, said: FinishSaid, ways: Ways): Outcome<Finishing> {
  let now: Finishing = { ...f, pulpTo: said.pulpTo ?? f.pulpTo };
  for (const name of WEIGHTS) {
    const text = said[name];
    if (text === undefined) continue;
    const read = text === '' || /^0( ?g)?$/.test(text) ? null : readWeight(text, name, ways, bareMass(ways));
    if (read && !read.ok) return read;
    now = { ...now, [`${name}G`]: read ? read.value.g : text === '' ? null : 0 };
  }
  return done(now);
}

function withFresh(
  f: Finishing,
  { fresh, freshCropId }: FinishSaid,
  { ways, crops }: Around
): Outcome<Finishing> {
  if ((fresh ?? '') === '') return done(f);
  const row = crop(freshCropId ?? '', crops);
  if (!row) return refuse('crop-unknown', { field: 'freshCropId' });
  const read = readWeight(fresh!, 'fresh', ways, bareMass(ways));
  return read.ok ? done({ ...f, fresh: [...f.fresh, batchItem(null, row, read.value.g)] }) : read;
}

/** So much of the vegetables' own juice runs off with the brine at most. Common practice, no source. */
const FREE_JUICE = 0.5;
/** A sauce that weighs so much more than the bowl adds up to was weighed with its pot. Our judgement. */
const MOST_OVER = 1.1;

function addsUp(b: Batch, f: Finishing, said: FinishSaid): Outcome<null> {
  const all = pooled(b, f.fillingIds);
  const freeG = all.brineG + all.juiceG * FREE_JUICE + all.saltG;
  const over = (field: FieldName, saidG: number, thereG: number) =>
    saidG > thereG + 0.5
      ? refuse('more-than-there-is', { field, values: { saidG, thereG: Math.max(0, thereG) } })
      : null;
  const sauceG = sauceReckonedG(b, f);
  return (
    over('brine', f.brineG ?? 0, freeG) ??
    over(said.back === undefined ? 'brine' : 'back', f.backG ?? 0, f.brineG ?? 0) ??
    over('pulp', f.pulpG ?? 0, sauceG + (f.pulpG ?? 0)) ??
    over('sauce', f.sauceG ?? 0, sauceG * MOST_OVER) ??
    done(null)
  );
}

/** What is to be filled, ml: as weighed, or as the bowl adds up. */
export const sauceMl = (b: Batch, f: Finishing): number =>
  (f.sauceG ?? sauceReckonedG(b, f)) / SAUCE_G_PER_ML;

/** The household's free jars and bottles that take a sauce, smallest first. */
export const bottleSizes = (jars: readonly WorksheetJar[]): OwnedSize[] =>
  jars
    // Nothing lies on a sauce.
    .flatMap(({ weight: _, weightMl: __, ...jar }) => ownedSize(jar) ?? [])
    .filter((s) => s.free > 0 && !s.crock)
    .sort((a, b) => a.usableMl - b.usableMl || (a.id < b.id ? -1 : 1));

/** Least of a bottle that is worth one. Our judgement. */
const LEAST_FILL = 0.5;

/** What a sauce may be filled into: bottles first where there are enough, then any jars. */
export function bottleSets(needMl: number, sizes: readonly OwnedSize[]): JarSet[] {
  const rules = { leastFill: LEAST_FILL, sets: 3 } as const;
  const ofShape = (s: OwnedSize) => jarGeometry(s.jar.geometryId);
  const bottles = sizes.filter((s) => isBottle(ofShape(s) ?? { id: '' }));
  const inBottles = chooseJars(needMl, bottles, rules);
  const any = chooseJars(needMl, sizes, rules).sets;
  const all = inBottles.leftMl === 0 ? [...inBottles.sets.slice(0, 1), ...any] : any;
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
  const jars = standingFillings(b, f.fillingIds);
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

/** How strong the brine of these jars is, and what of it was poured, g: so much runs off by itself. */
export function brineOfJars(
  b: Batch,
  ids: readonly string[]
): { readonly pouredG: number; readonly strength: number } {
  const all = pooled(b, ids);
  return { pouredG: all.brineG + all.saltG, strength: salinityIn(all) };
}
