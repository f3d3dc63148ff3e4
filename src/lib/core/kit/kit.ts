import type { Day, WallMinute } from '../calendar/index';
import { asCrop, type CropSaid, type OwnCrops } from '../produce/index';
import type { Calibration } from '../instrument/index';
import type { Ways } from '../reading/index';
import { asMeasured, SALT_KINDS, saltKind, type OwnSpoon } from '../salt/index';
import type { OwnStyles, StyleSaid } from '../style/index';
import type { Lid, VesselWeight } from '../vessel/index';
import type { SpoonSystem, WrittenUnits } from '../quantity/index';
import { USUAL_ROUNDS, type Rounds } from './rounds';
import { daysAfter, type Away, type DayEvent, type Dish, type Feast, type PlannedDish } from './days';
import { withOne, washed, withPortion, withSpoon } from './lists';
import { placesAfter, type Place, type PlaceEvent } from './places';

/** What the household owns and how it likes to be spoken to; built up from its events. */
export interface OwnedJar {
  readonly id: string;
  readonly name: string;
  readonly geometryId: string;
  readonly lid: Lid;
  readonly owned: number;
  /** Measured by weighing it full of water, ml; null: the table. */
  readonly brimMl: number | null;
  /** The household's own headspace, mm, and what its weight pushes aside, ml; null: the usual. */
  readonly headspaceMm: number | null;
  readonly weightMl: number | null;
  /** Which of the household's weights goes in it; null: none said. */
  readonly weightId: string | null;
}

/** A weight of the household: its kind with its own measures. */
export interface OwnWeight extends VesselWeight {
  readonly id: string;
  readonly name: string;
}

/** A bowl or jar whose empty weight is known. */
export interface Tare {
  readonly id: string;
  readonly name: string;
  readonly g: number;
}

/** A portion as the household calls it, by its weight: a bowl, a bottle, for four. */
export type OwnPortion = Tare;

export interface Household {
  readonly name: string;
  /** Where phones of the house find Crockle, for labels and calendars; empty: as whoever asks for them found it. */
  readonly address: string;
  readonly people: number;
  readonly units: WrittenUnits;
  readonly spoons: SpoonSystem;
  readonly saltKindId: string;
  readonly scaleStepG: number;
  readonly beds: readonly string[];
  readonly jars: readonly OwnedJar[];
  readonly places: readonly Place[];
  /** Who goes round a place, by its id, where somebody has taken it. */
  readonly takes: Readonly<Record<string, string>>;
  readonly rounds: Rounds;
  readonly tares: readonly Tare[];
  readonly portions: readonly OwnPortion[];
  /** When the pH meter last stood in its buffers, and what it said; null: never. */
  readonly meter: Calibration | null;
  readonly ownSpoons: readonly OwnSpoon[];
  readonly weights: readonly OwnWeight[];
  readonly away: readonly Away[];
  /** Days on which more or fewer eat than live here. */
  readonly feasts: readonly Feast[];
  /** Dishes that eat ferments, and those planned for a day. */
  readonly dishes: readonly Dish[];
  readonly plannedDishes: readonly PlannedDish[];
  /** Where the water for brine comes from. */
  readonly waterId: string;
  /** Somebody at the table likes it mild. */
  readonly mild: boolean;
  /** Who eats here and wants a word of caution, by `EATERS`. */
  readonly eaters: readonly string[];
  /** Its own crops and its corrections of the table, as said. */
  readonly crops: readonly CropSaid[];
  /** Its own ways of making a style. */
  readonly styles: OwnStyles;
  /** When the jars of a kind were last washed, all that were empty, by kind. */
  readonly washedAt: Readonly<Record<string, WallMinute>>;
  /** What was learnt begins anew after this day, by what is learnt. */
  readonly resets: Readonly<Record<string, Day>>;
  /** The first-run page has been answered or skipped. */
  readonly settled: boolean;
}

export type HouseholdEvent =
  | { readonly type: 'settled'; readonly data: HouseholdSettings }
  | { readonly type: 'jarsOwned'; readonly data: OwnedJar }
  | { readonly type: 'jarsWashed'; readonly data: { readonly jarIds: readonly string[] } }
  | PlaceEvent
  /** Somebody goes round it from now on; by nobody's name: whoever comes by. */
  | { readonly type: 'placeTaken'; readonly data: { readonly id: string; readonly by: string } }
  | { readonly type: 'tareSet'; readonly data: Tare }
  /** One that weighs nothing is no longer one. */
  | { readonly type: 'portionSet'; readonly data: OwnPortion }
  | { readonly type: 'meterCalibrated'; readonly data: Omit<Calibration, 'at'> }
  | { readonly type: 'spoonWeighed'; readonly data: OwnSpoon }
  | { readonly type: 'weightSet'; readonly data: OwnWeight }
  | DayEvent
  | { readonly type: 'cropSaid'; readonly data: CropSaid }
  /** A corrected crop back to the table. */
  | { readonly type: 'cropDropped'; readonly data: { readonly id: string } }
  | { readonly type: 'styleSaid'; readonly data: StyleSaid }
  | { readonly type: 'learningReset'; readonly data: { readonly what: string; readonly day: Day } };

export type HouseholdSettings = Partial<
  Pick<
    Household,
    | 'name'
    | 'address'
    | 'people'
    | 'units'
    | 'spoons'
    | 'saltKindId'
    | 'scaleStepG'
    | 'beds'
    | 'waterId'
    | 'mild'
    | 'eaters'
    | 'rounds'
  >
>;

/** A household before it has said anything: metric, a counter, a fridge and a pantry shelf, no jars. */
export const NEW_HOUSEHOLD: Household = {
  name: 'Our kitchen',
  address: '',
  people: 2,
  units: 'metric',
  spoons: 'metric',
  saltKindId: 'sea-fine',
  scaleStepG: 1,
  beds: [],
  jars: [],
  places: [
    { id: 'counter', name: 'Kitchen counter', kind: 'counter', tempC: 21, shelfLitres: null },
    { id: 'fridge', name: 'Fridge', kind: 'cold', tempC: 4, shelfLitres: 40 },
    { id: 'pantry', name: 'Pantry shelf', kind: 'pantry', tempC: 18, shelfLitres: null }
  ],
  takes: {},
  rounds: USUAL_ROUNDS,
  tares: [],
  portions: [],
  meter: null,
  ownSpoons: [],
  weights: [],
  away: [],
  feasts: [],
  dishes: [],
  plannedDishes: [],
  waterId: 'filtered',
  mild: false,
  eaters: [],
  crops: [],
  styles: [],
  washedAt: {},
  resets: {},
  settled: false
};

/** The household after one more event. A jar kind or place said again replaces what was said before. */
export function evolveHousehold(state: Household, event: HouseholdEvent, at: WallMinute): Household {
  switch (event.type) {
    case 'settled':
      return { ...state, ...event.data, settled: true };
    case 'jarsOwned':
      return { ...state, jars: withOne(state.jars, event.data) };
    case 'jarsWashed':
      return { ...state, washedAt: washed(state.washedAt, event.data.jarIds, at) };
    case 'placeSet':
    case 'placeCounted':
    case 'placeRead':
      return { ...state, places: placesAfter(state.places, event, at) };
    case 'placeTaken':
      return { ...state, takes: { ...state.takes, [event.data.id]: event.data.by } };
    case 'tareSet':
      return { ...state, tares: withOne(state.tares, event.data) };
    case 'portionSet':
      return { ...state, portions: withPortion(state.portions, event.data) };
    case 'meterCalibrated':
      return { ...state, meter: { at, ...event.data } };
    case 'spoonWeighed':
      return { ...state, ownSpoons: withSpoon(state.ownSpoons, event.data) };
    case 'weightSet':
      return { ...state, weights: withOne(state.weights, event.data) };
    case 'cropSaid':
      return { ...state, crops: withOne(state.crops, event.data) };
    case 'cropDropped':
      return { ...state, crops: state.crops.filter((c) => c.id !== event.data.id) };
    case 'styleSaid':
      return { ...state, styles: withOne(state.styles, event.data) };
    case 'learningReset':
      return { ...state, resets: { ...state.resets, [event.data.what]: event.data.day } };
    default:
      return { ...state, ...daysAfter(state, event) };
  }
}

const rows = new WeakMap<Household['crops'], OwnCrops>();

/** The household's own crops and corrections as whole rows; made once as long as nobody says another. */
export function cropsOf({ crops }: Pick<Household, 'crops'>): OwnCrops {
  const known = rows.get(crops);
  if (known) return known;
  const made = crops.flatMap((said) => asCrop(said) ?? []);
  rows.set(crops, made);
  return made;
}

/** How this household says and reads amounts: its units, its spoons, its salt as it has measured it, its own crops. */
export function waysOf(
  household: Pick<Household, 'units' | 'spoons' | 'saltKindId' | 'ownSpoons' | 'crops'>
): Ways {
  const kind = saltKind(household.saltKindId) ?? SALT_KINDS[0]!;
  return {
    units: household.units,
    system: household.spoons,
    kind: asMeasured(kind, household.ownSpoons),
    crops: cropsOf(household)
  };
}
