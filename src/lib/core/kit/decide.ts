import { isDay, type Day, type WallMinute } from '../calendar/index';
import { buffersRead, pHOnLine, type Calibration } from '../instrument/index';
import { bareMass, readWeight } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { ownDensity, saltKind, type OwnSpoon } from '../salt/index';
import type { VesselWeight } from '../vessel/index';
import { jarsCounted, type JarCounted } from './jars';
import { waysOf, type Household, type HouseholdEvent, type HouseholdSettings } from './kit';
import { USUAL_ROUNDS } from './rounds';
import { identity, ofThatName } from './names';
import type { PlaceSaid } from './places';
import { isWater } from './water';

/** What the first page asks and the settings change; what is left out stays. */
export interface SettingsSaid extends Omit<HouseholdSettings, 'beds' | 'mild' | 'eaters' | 'rounds'> {
  /** Names of beds, with commas between. */
  readonly beds?: string | undefined;
  /** Minutes after midnight; what is left out is the usual. */
  readonly morning?: number | undefined;
  readonly evening?: number | undefined;
  readonly mild?: 'yes' | 'no' | undefined;
  readonly eaters: readonly string[];
  /** Who eats here was asked: none ticked is none. */
  readonly eatersAsked: boolean;
  /** Nothing is answered: the table's way. */
  readonly skip: boolean;
  readonly jars: readonly JarCounted[];
}

/** The first page answered or skipped, and settings changed later. */
export function settled(said: SettingsSaid): Outcome<HouseholdEvent[]> {
  const { name, people, units, spoons, saltKindId, scaleStepG, waterId, mild, eaters } = said;
  const { morning, evening } = said;
  const address = said.address === undefined ? done(undefined) : readAddress(said.address);
  if (!address.ok) return address;
  if (saltKindId && !saltKind(saltKindId)) return refuse('salt-unknown', { field: 'saltKindId' });
  if (waterId && !isWater(waterId)) return refuse('not-a-choice', { field: 'waterId' });
  const jars = jarsCounted(said.jars);
  if (!jars.ok) return jars;
  const given = {
    ...{ people, units, spoons, saltKindId, scaleStepG, waterId, address: address.value },
    rounds:
      morning === undefined && evening === undefined
        ? undefined
        : { morning: morning ?? USUAL_ROUNDS.morning, evening: evening ?? USUAL_ROUNDS.evening },
    // An empty name is no name.
    name: name === '' ? undefined : name,
    mild: mild === undefined ? undefined : mild === 'yes',
    eaters: said.eatersAsked ? eaters : undefined,
    beds: said.beds
      ?.split(',')
      .map((bed) => bed.trim())
      .filter((bed) => bed !== '')
  };
  const data = said.skip
    ? {}
    : (Object.fromEntries(Object.entries(given).filter(([, v]) => v !== undefined)) as HouseholdSettings);
  return done([{ type: 'settled', data }, ...jars.value]);
}

/** Where phones find the house: the scheme and the host of what was typed or pasted; empty: none. */
function readAddress(said: string): Outcome<string> {
  if (said === '') return done('');
  const [, origin] = /^(https?:\/\/[a-z0-9.-]+(?::\d{1,5})?)(?:\/|$)/i.exec(said) ?? [];
  return origin === undefined ? refuse('address-strange', { field: 'address' }) : done(origin.toLowerCase());
}

/** A new thing of the household takes its identity from the command. */
interface Named {
  readonly name: string;
  readonly command: string;
}

/** A place, new or changed; refuses another kind as long as jars stand there (`holds` says whether of an id). */
export function placeSaid(
  house: Household,
  said: Omit<PlaceSaid, 'id'> & Named & { readonly placeId?: string | undefined },
  holds: (placeId: string) => boolean
): Outcome<HouseholdEvent> {
  const { name, kind, tempC, shelfLitres, shelfMm, swingC, always, command } = said;
  const which = identity(house.places, { id: said.placeId, name, command });
  if (!which.ok) return which;
  const id = which.value;
  const before = house.places.find((p) => p.id === id);
  if (before && before.kind !== kind && holds(id))
    return refuse('place-in-use', { field: 'kind', values: { place: before.name } });
  const data = {
    ...{ id, name, kind, tempC, shelfLitres },
    ...(shelfMm ? { shelfMm } : {}),
    ...(swingC ? { swingC } : {}),
    ...(always ? { always } : {})
  };
  return done({ type: 'placeSet', data });
}

/** What a thermometer says at a place, when it is read. */
export function thermometerRead(
  house: Household,
  said: { readonly placeId: string; readonly tempC: number }
): Outcome<HouseholdEvent & { type: 'placeRead' }> {
  const { placeId: id, tempC } = said;
  return house.places.some((p) => p.id === id)
    ? done({ type: 'placeRead', data: { id, tempC } })
    : refuse('place-unknown', { field: 'placeId' });
}

/** A bowl weighed empty; a name said again is that bowl, weighed again. */
export function tareSaid(
  house: Household,
  said: Named & { readonly tareId?: string | undefined; readonly weight: string }
): Outcome<HouseholdEvent & { type: 'tareSet' }> {
  const { name, command } = said;
  const ways = waysOf(house);
  const read = readWeight(said.weight, 'weight', ways, bareMass(ways));
  if (!read.ok) return read;
  const id = said.tareId ?? ofThatName(house.tares, name)?.id;
  const which = identity(house.tares, { id, name, command });
  return which.ok ? done({ type: 'tareSet', data: { id: which.value, name, g: read.value.g } }) : which;
}

/** A portion by the household's own name; a name said again is that portion, weighed again, and 0 g of it none. */
export function portionSaid(
  house: Household,
  said: Named & { readonly weight: string }
): Outcome<HouseholdEvent & { type: 'portionSet' }> {
  const { name, command } = said;
  const id = ofThatName(house.portions, name)?.id ?? command;
  if (/^0( ?g)?$/.test(said.weight)) return done({ type: 'portionSet', data: { id, name, g: 0 } });
  const ways = waysOf(house);
  const read = readWeight(said.weight, 'weight', ways, bareMass(ways));
  return read.ok ? done({ type: 'portionSet', data: { id, name, g: read.value.g } }) : read;
}

/** A weight with its own measures; a name said again is that weight, measured again. */
export function weightSaid(
  house: Household,
  said: Named & VesselWeight & { readonly weightId?: string | undefined }
): Outcome<HouseholdEvent> {
  const { name, command, kind, displacesMl, heightMm, widthMm } = said;
  const id = said.weightId ?? ofThatName(house.weights, name)?.id;
  const which = identity(house.weights, { id, name, command });
  return which.ok
    ? done({ type: 'weightSet', data: { id: which.value, name, kind, displacesMl, heightMm, widthMm } })
    : which;
}

/** A household's spoon weighs so many times the table's, else something else was weighed. Our judgement. */
const SPOON = { from: 0.4, to: 2.5 };

/** Level spoons of the household's own salt: they replace the table. Nothing typed: back to the table. */
export function spoonWeighed(
  house: Household,
  said: Pick<OwnSpoon, 'saltKindId' | 'spoons' | 'unit'> & { readonly weight: string }
): Outcome<HouseholdEvent> {
  const { saltKindId, spoons, unit } = said;
  const kind = saltKind(saltKindId);
  if (!kind) return refuse('salt-unknown', { field: 'saltKindId' });
  const read =
    said.weight === '' ? done({ said: '', g: 0 }) : readWeight(said.weight, 'weight', waysOf(house), 'g');
  if (!read.ok) return read;
  const own = { saltKindId, spoons, unit, g: read.value.g, system: house.spoons };
  const off = own.g > 0 ? ownDensity(own) / kind.gPerMl : 1;
  if (off < SPOON.from || off > SPOON.to)
    return refuse('spoon-strange', {
      field: 'weight',
      values: { said: said.weight, spoons, usual: Math.round((own.g / off) * 10) / 10 }
    });
  return done({ type: 'spoonWeighed', data: own });
}

/** Nobody is here from one day to another, both included. */
export function awayPlanned(said: {
  readonly from: Day;
  readonly to: Day;
  readonly command: string;
}): Outcome<HouseholdEvent> {
  const { from, to, command } = said;
  if (!isDay(from)) return refuse('day-strange', { field: 'from' });
  if (!isDay(to)) return refuse('day-strange', { field: 'to' });
  if (to < from) return refuse('away-backwards', { field: 'to' });
  return done({ type: 'awayPlanned', data: { id: command, from, to } });
}

/** Not away after all. */
export function awayDropped(house: Household, id: string): Outcome<HouseholdEvent> {
  return house.away.some((a) => a.id === id)
    ? done({ type: 'awayDropped', data: { id } })
    : refuse('away-unknown', { field: 'awayId' });
}

/** Somebody goes round a place from now on; no name: whoever comes by. */
export function placeTaken(
  house: Household,
  { placeId: id, by }: { readonly placeId: string; readonly by: string }
): Outcome<HouseholdEvent & { type: 'placeTaken' }> {
  return house.places.some((p) => p.id === id)
    ? done({ type: 'placeTaken', data: { id, by } })
    : refuse('place-unknown', { field: 'placeId' });
}

/** The pH meter has stood in its two buffers. */
export function meterCalibrated(
  said: Omit<Calibration, 'at'>
): Outcome<HouseholdEvent & { type: 'meterCalibrated' }> {
  const read = buffersRead(said);
  return read.ok ? done({ type: 'meterCalibrated', data: read.value }) : read;
}

/** A pH as somebody says it: typed, or what stands on the line of the house's meter, which then counts alone. */
export interface PHSaid {
  readonly pH?: number | undefined;
  readonly by: 'strip' | 'meter';
  readonly mV?: number | undefined;
  readonly tempC?: number | undefined;
}

/**
 * The pH that is meant; null: none was said. The house's own meter is believed as long as its buffers are fresh; refuses
 * what its electrode says without the warmth, and a warmth without it.
 */
export function pHMeant(
  house: Household,
  { pH, by, mV, tempC }: PHSaid,
  now: WallMinute
): Outcome<{ readonly pH: number; readonly by: 'strip' | 'meter' } | null> {
  if (mV === undefined && tempC === undefined) return done(pH === undefined ? null : { pH, by });
  if (mV === undefined) return refuse('missing', { field: 'mV' });
  if (tempC === undefined) return refuse('missing', { field: 'tempC' });
  const read = pHOnLine(house.meter, { mV, tempC }, now);
  return read.ok ? done({ pH: read.value, by: 'meter' }) : read;
}
