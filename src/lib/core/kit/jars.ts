import { readQuantity, readWeight, type Ways } from '../reading/index';
import type { WrittenUnits } from '../quantity/index';
import { done, refuse, type FieldName, type Outcome } from '../refusal/index';
import { waterDensity } from '../salt/index';
import { isCrock, jarGeometry, ownShapeId, type Lid, type OwnShape } from '../vessel/index';
import { waysOf, type Household, type HouseholdEvent, type OwnedJar } from './kit';

type JarsOwned = HouseholdEvent & { type: 'jarsOwned' };

const owned = (data: OwnedJar): JarsOwned => ({ type: 'jarsOwned', data });

/** A jar kind of the household by shape and lid; undefined where there is no such shape. */
function ownedJar(geometryId: string, lid: Lid, count: number, name = ''): OwnedJar | undefined {
  const shape = jarGeometry(geometryId);
  if (!shape) return undefined;
  return {
    id: `${geometryId}.${lid.replaceAll(' ', '-')}`,
    name: name || `${shape.name}, ${lid}`,
    geometryId,
    lid,
    owned: count,
    brimMl: null,
    headspaceMm: null,
    weightMl: null,
    weightId: null
  };
}

/** A kind of jar as it is counted. */
export interface JarCounted {
  readonly geometryId: string;
  readonly lid: Lid;
  readonly owned: number;
}

/**
 * The jars most kitchens have, by whose units they are sold in, with the lid they usually bear. Common practice, no source.
 */
export const USUAL_JARS: Readonly<Record<'metric' | 'US', readonly Omit<JarCounted, 'owned'>[]>> = {
  metric: [
    { geometryId: 'clip-500', lid: 'clamped' },
    { geometryId: 'clip-1000', lid: 'clamped' },
    { geometryId: 'clip-1500', lid: 'clamped' },
    { geometryId: 'clip-3000', lid: 'clamped' },
    { geometryId: 'lug-720', lid: 'loose' },
    { geometryId: 'crock-water-5l', lid: 'water channel' }
  ],
  US: [
    { geometryId: 'us-pint-regular', lid: 'loose' },
    { geometryId: 'us-quart-wide', lid: 'loose' },
    { geometryId: 'us-quart-wide', lid: 'airlock' },
    { geometryId: 'us-half-gallon-wide', lid: 'loose' },
    { geometryId: 'us-gallon', lid: 'airlock' },
    { geometryId: 'crock-us-2gal', lid: 'cloth' }
  ]
};

/** So many usual jars of a kind a kitchen is taken to have before it has said. Our judgement. */
const TAKEN_TO_OWN = 6;

/** What a kitchen is taken to own before it has said: usual jars, no crock. */
export const jarsTakenToOwn = (units: WrittenUnits): JarCounted[] =>
  USUAL_JARS[units === 'metric' ? 'metric' : 'US']
    .filter(({ geometryId }) => {
      const shape = jarGeometry(geometryId);
      return shape !== undefined && !isCrock(shape);
    })
    .map((kind) => ({ ...kind, owned: TAKEN_TO_OWN }));

/** The jars of a first count; kinds of which there are none are left out. Refuses a shape that is none. */
export function jarsCounted(said: readonly JarCounted[]): Outcome<JarsOwned[]> {
  const jars = said.map((j) => ownedJar(j.geometryId, j.lid, j.owned));
  if (jars.includes(undefined)) return refuse('jar-shape-unknown', { field: 'jars' });
  return done(jars.flatMap((j) => (j && j.owned > 0 ? [owned(j)] : [])));
}

/**
 * So many of a kind are owned: bought, found, broken. `full` says how many jars of an id hold something; never fewer are
 * owned than that.
 */
export function jarsOwned(
  house: Household,
  said: JarCounted & { readonly jarId?: string | undefined; readonly name?: string | undefined },
  full: (jarId: string) => number
): Outcome<JarsOwned> {
  const made = ownedJar(said.geometryId, said.lid, said.owned, said.name);
  if (!made) return refuse('jar-shape-unknown', { field: 'geometryId' });
  const before = house.jars.find((j) => j.id === said.jarId);
  const jar = before ? { ...before, owned: said.owned, lid: said.lid } : made;
  const holding = full(jar.id);
  return jar.owned < holding
    ? refuse('jars-in-use', { field: 'owned', values: { full: holding, name: jar.name } })
    : done(owned(jar));
}

/** One of this kind broke that held nothing; refuses where all that are owned are full: then it must be said which. */
export function jarBroken(house: Household, jarId: string, full: number): Outcome<JarsOwned> {
  const jar = house.jars.find((j) => j.id === jarId);
  if (!jar || jar.owned === 0) return refuse('jar-kind-unknown', { field: 'jarId' });
  return full >= jar.owned
    ? refuse('broke-which', { field: 'fillingId', values: { name: jar.name } })
    : done(owned({ ...jar, owned: jar.owned - 1 }));
}

/** Jars washed, of one kind or (no kind named) of every one; refuses where none of them wants it. */
export function jarsWashed(
  house: Household,
  jarId: string,
  toWash: Readonly<Record<string, number>>
): Outcome<HouseholdEvent & { type: 'jarsWashed' }> {
  const kinds = house.jars.filter((j) => jarId === '' || j.id === jarId);
  if (kinds.length === 0) return refuse('jar-kind-unknown', { field: 'jarId' });
  const jarIds = kinds.map((j) => j.id).filter((id) => (toWash[id] ?? 0) > 0);
  return jarIds.length === 0
    ? refuse('nothing-to-wash', { field: 'jarId' })
    : done({ type: 'jarsWashed', data: { jarIds } });
}

/** Water as it is weighed in a jar, °C. */
const WATER_C = 20;

/** A jar's own measures as typed; what is empty goes by the table. */
export interface JarMeasured {
  readonly jarId: string;
  readonly waterWeight: string;
  readonly headspace: string;
  readonly weightMl: number | null;
  /** Left out: as before; empty: none. */
  readonly weightId?: string | undefined;
}

/** Full of water it may weigh so many times its shape's volume, else something else was weighed. Our judgement. */
const BRIM = { from: 0.6, to: 1.6 };

/** Headspace is at most so much of the height. Our judgement. */
const HEADSPACE = 0.6;

/** A kind of jar measured: brim volume by its weight in water, headspace, what its weight pushes aside. */
export function jarMeasured(house: Household, said: JarMeasured): Outcome<JarsOwned> {
  const jar = house.jars.find((j) => j.id === said.jarId);
  const shape = jar && jarGeometry(jar.geometryId);
  if (!jar || !shape) return refuse('jar-kind-unknown', { field: 'jarId' });
  const brim = said.waterWeight === '' ? done(null) : waterMl(said.waterWeight, waysOf(house));
  if (!brim.ok) return brim;
  const brimMl = brim.value;
  if (brimMl !== null && (brimMl < shape.nominalMl * BRIM.from || brimMl > shape.nominalMl * BRIM.to))
    return refuse('jar-volume-strange', {
      field: 'waterWeight',
      values: { saidMl: Math.round(brimMl), nominalMl: Math.round(shape.nominalMl) }
    });
  const height = said.headspace === '' ? done(null) : readLength(said.headspace, 'headspace', waysOf(house));
  if (!height.ok) return height;
  const headspaceMm = height.value;
  if (headspaceMm !== null && headspaceMm > shape.innerHeightMm * HEADSPACE)
    return refuse('headspace-too-much', { field: 'headspace', values: { heightMm: shape.innerHeightMm } });
  const { weightId, weightMl } = said;
  if (weightId && !house.weights.some((w) => w.id === weightId))
    return refuse('weight-unknown', { field: 'weightId' });
  const weight = { weightMl, weightId: weightId === undefined ? jar.weightId : weightId || null };
  return done(owned({ ...jar, brimMl, headspaceMm, ...weight }));
}

/** A shape as it is measured in a kitchen: weight in water, opening and height with a ruler. */
export interface JarShaped extends Pick<OwnShape, 'kind' | 'shape'> {
  readonly lid: Lid;
  readonly name: string;
  readonly owned: number;
  readonly waterWeight: string;
  readonly opening: string;
  readonly height: string;
}

/** A shape of the household's own; refuses measures that no such vessel has. */
export function jarShaped(house: Household, said: JarShaped): Outcome<JarsOwned> {
  const ways = waysOf(house);
  const brim = waterMl(said.waterWeight, ways);
  if (!brim.ok) return brim;
  const opening = readLength(said.opening, 'opening', ways);
  if (!opening.ok) return opening;
  const height = readLength(said.height, 'height', ways);
  if (!height.ok) return height;
  const { kind, shape } = said;
  const brimMl = brim.value;
  const id = ownShapeId({ kind, shape, brimMl, openingMm: opening.value, innerHeightMm: height.value });
  const jar = ownedJar(id, said.lid, said.owned, said.name);
  return jar
    ? done(owned(jar))
    : refuse('jar-measures-strange', { field: 'height', values: { ml: Math.round(brimMl) } });
}

/** What a jar full of water weighs, as its volume to the brim, ml. */
function waterMl(said: string, ways: Ways): Outcome<number> {
  const read = readWeight(said, 'waterWeight', ways, 'g');
  return read.ok ? done(read.value.g / waterDensity(WATER_C)) : read;
}

function readLength(said: string, field: FieldName, ways: Ways): Outcome<number> {
  const read = readQuantity(said, { kind: 'length', unit: 'mm', system: ways.system });
  return read.ok ? done(read.value.value) : { ok: false, refusal: { ...read.refusal, field } };
}
