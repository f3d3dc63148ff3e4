import { wall, type Day } from '../calendar/index';
import { massOf, plus, some, toSalinity, vegetables, type Part } from '../contents/index';
import { cropsOf, type Household, type OwnedJar, type Place } from '../kit/index';
import { crop, type Crop } from '../produce/index';
import { as } from '../quantity/index';
import { done, refuse, strangeDay, type Outcome } from '../refusal/index';
import { brineDensity } from '../salt/index';
import { cutFor, factsOf, styleIn, usualSaltFor, type Style } from '../style/index';
import { byBulk, jarGeometry, usableMl, usualHeadspace, type JarGeometry } from '../vessel/index';
import { fillsPerMl, packsOf } from '../worksheet/index';
import type { BatchEvent } from './batch';
import { batchItem } from './facts';

/** A jar as it would be filled by this style, to its line: what is of the vegetable, and what of the brine over it. */
export interface StandingFill {
  readonly vegG: number;
  readonly brineG: number;
}

/** Common practice, no source: the solids reach so far up to the fill line. */
const SOLIDS_REACH = 0.92;

/**
 * What a jar that nobody weighed holds, by how its style cuts and packs its crop: pressed shreds by bulk weight in their own
 * juice, pieces by density and packing with brine between them, a mash without.
 * Example: a litre of gherkins upright holds about 0.58 kg of them, and brine.
 */
export function standingFill(roomMl: number, crop: Crop, s: Style, salinity: number): StandingFill {
  const cut = cutFor(s, crop);
  const { fraction } = packsOf(s, crop, s.salting);
  const vegG = roomMl * fillsPerMl(crop, cut, fraction);
  if (byBulk(cut, fraction)) return { vegG, brineG: 0 };
  const brineMl = Math.max(0, roomMl - vegG / crop.density);
  return { vegG, brineG: brineMl * brineDensity(as.trueStrength(salinity), 20) };
}

/** What such a jar holds, told apart: salt as it is known, or none where nobody knows. */
function standingParts(fill: StandingFill, crop: Crop, salinity: number): Part[] {
  const parts = plus(vegetables(fill.vegG, crop.moisture), some({ brineG: fill.brineG }));
  return [{ from: 'before', what: plus(parts, toSalinity(parts, salinity)) }];
}

/** What already stood there, as it is said on the first day. */
export interface Standing {
  readonly name: string;
  readonly style: Style;
  readonly crop: Crop;
  readonly jar: OwnedJar;
  readonly shape: JarGeometry;
  /** How many of that kind are in use. */
  readonly inUse: number;
  readonly place: Place;
  readonly since: Day;
  readonly placeSince: Day;
  /** Quarters of each jar that are left. */
  readonly quarters: number;
  /** As it is known, a mass fraction; null: nobody knows. */
  readonly equilibrium: number | null;
  readonly note: string;
}

/** The same by its names, as a form says it. */
export interface StandingSaid extends Pick<Standing, 'name' | 'since' | 'quarters' | 'note'> {
  readonly styleId: string;
  readonly cropId: string;
  readonly jarId: string;
  readonly placeId: string;
  /** Left out or empty: since the first day. */
  readonly placeSince?: string | undefined;
  readonly saltPercent?: number | undefined;
}

/** Finds what is named in this household; refuses what it does not have, and days that cannot be. */
export function standingOf(
  house: Household,
  said: StandingSaid,
  { today, inUse }: { readonly today: Day; readonly inUse: (jarId: string) => number }
): Outcome<Standing> {
  const { name, since, quarters, note, saltPercent } = said;
  const style = styleIn(said.styleId, house.styles);
  const kind = crop(said.cropId, cropsOf(house));
  const jar = house.jars.find((j) => j.id === said.jarId);
  const shape = jar && jarGeometry(jar.geometryId);
  const place = house.places.find((p) => p.id === said.placeId);
  if (!style) return refuse('style-unknown', { field: 'styleId' });
  if (!kind) return refuse('crop-unknown', { field: 'cropId' });
  if (!jar || !shape) return refuse('jar-kind-unknown', { field: 'jarId' });
  if (!place) return refuse('place-unknown', { field: 'placeId' });
  const placeSince = said.placeSince ? said.placeSince : since;
  const strange = strangeDay(since, today, 'since') ?? strangeDay(placeSince, today, 'placeSince');
  if (strange) return strange;
  const equilibrium = saltPercent === undefined ? null : saltPercent / 100;
  const things = { style, crop: kind, jar, shape, inUse: inUse(jar.id), place };
  return done({ name, ...things, since, placeSince, quarters, equilibrium, note });
}

/** What nobody has written down of a jar that stands already. */
const NOT_KNOWN = {
  saltKindId: null,
  brinePlannedMl: null,
  brineUsedMl: null,
  brineSaid: false,
  saltG: null
} as const;

/** Jars that stand already become a batch, with the jar numbers given; refuses the pantry and jars that are not free. */
export function enter(
  said: Standing,
  lids: readonly { readonly id: string; readonly lidNumber: number }[]
): Outcome<BatchEvent> {
  const { name, style, crop, jar, shape, place } = said;
  if (place.kind === 'pantry')
    return refuse('raw-not-pantry', { field: 'placeId', values: { place: place.name } });
  const free = jar.owned - said.inUse;
  if (lids.length > free) return refuse('jars-not-free', { field: 'jars', values: { name: jar.name, free } });
  const room = usableMl(shape);
  const fill = standingFill(room, crop, style, said.equilibrium ?? usualSaltFor(style, [crop.id]));
  const parts = standingParts(fill, crop, said.equilibrium ?? 0);
  const fullG = massOf(plus(...parts.map((p) => p.what)));
  return done({
    type: 'entered',
    data: {
      name,
      styleId: style.id,
      style: factsOf(style),
      items: [batchItem(null, crop, fill.vegG * lids.length)],
      equilibrium: said.equilibrium,
      equilibriumSd: 0,
      ...NOT_KNOWN,
      note: said.note,
      placeId: place.id,
      since: wall(said.since, 12),
      placeSince: wall(said.placeSince, 12),
      fillings: lids.map((lid) => ({
        ...lid,
        ...ofJar(jar, shape),
        parts,
        startG: (fullG * said.quarters) / 4
      }))
    }
  });
}

/** A jar filled to its line, whoever filled it. */
function ofJar(jar: OwnedJar, shape: JarGeometry) {
  const room = usableMl(shape);
  const { id: jarId, name: jarName, geometryId, lid } = jar;
  const headspaceMm = usualHeadspace(shape);
  return { jarId, jarName, geometryId, lid, headspaceMm, usableMl: room, vegRoomMl: room * SOLIDS_REACH };
}
