import type { Household } from '../kit/index';
import type { KeptBrine } from '../pantry/index';
import { waysOf } from '../kit/index';
import type { Learned } from '../learn/index';
import { pickedOnBench, readPrepared, type LotOnBench } from '../lot/index';
import { crop, pieceWeights } from '../produce/index';
import { as } from '../quantity/index';
import { bareMass, readQuantity, type Ways } from '../reading/index';
import type { Outcome, Refusal } from '../refusal/index';
import { BY_TASTE, type DosingWay } from '../salt/index';
import type { Salting } from '../style/index';
import type { WorksheetInput, WorksheetItem, WorksheetJar } from '../worksheet/index';
import { readExtras, readFilled, readHeavy, readRinsed, readSide } from './said';

/** All that the household's own picks and batches have taught. */
export interface Learnt {
  readonly trims: Readonly<Record<string, Learned>>;
  readonly pieces: Readonly<Record<string, Learned>>;
  readonly packings: Readonly<Record<string, Learned>>;
  readonly brineUse: Learned;
  /** Hands' minutes per kilo, by what a step does and to which crop. */
  readonly paces: Readonly<Record<string, Learned>>;
}

/** The kitchen as one making finds it: what the house knows that a worksheet needs. */
export interface Kitchen {
  readonly household: Household;
  /** With how many are free for this making. */
  readonly jars: readonly WorksheetJar[];
  readonly learnt: Learnt;
  readonly brines: readonly KeptBrine[];
  readonly away: { readonly from: number; readonly to: number } | null;
}

/** What is chosen on a bench, each amount as typed. */
export interface BenchSaid {
  readonly styleId: string;
  readonly way: DosingWay;
  readonly fraction: number;
  readonly saltKindId: string;
  /** Jars by hand; null: the best set. */
  readonly counts: Readonly<Record<string, number>> | null;
  readonly choice: number;
  readonly placeId: string;
  readonly opens: boolean;
  readonly extras: readonly { readonly id: string; readonly amount: string }[];
  readonly salting?: Salting | undefined;
  readonly rinsed?: { readonly after: string; readonly taste: string; readonly salinity: string } | undefined;
  readonly mix: 'jug' | 'in the jar';
  readonly hot: boolean;
  readonly brineIds: readonly string[];
  readonly heavy: string;
  readonly topUp?: 'yes' | 'no' | undefined;
  readonly filled: Readonly<Record<string, { readonly gross: string; readonly tare: string }>>;
  /** What was over when the jars were packed, and the jar of its own that it has. */
  readonly side?: { readonly jarId: string; readonly weight: string } | undefined;
}

/** What a pick weighs prepared: weighed, or counted with its spread. */
export interface Prepared {
  readonly g: number;
  readonly sd?: number;
  /** As it was typed, where one asks about a likely slip. */
  readonly unit?: string;
}

/** A prepared weight as it stands in a field; null where it cannot be read, or is not said yet. */
export function preparedTyped(said: string, cropId: string, ways: Ways, own?: Learned): Prepared | null {
  if (said.trim() === '') return null;
  const unit = bareMass(ways);
  const read = readPrepared({ weight: said, unit }, cropId, { ways, ownPiece: own });
  if (!read.ok) return null;
  const { g, sd } = read.value;
  const weighed = readQuantity(said, { kind: 'mass', unit, system: ways.system });
  return { g, ...(sd ? { sd } : {}), ...(weighed.ok ? { unit: weighed.value.unit } : {}) };
}

/** A pick on a bench as the worksheet takes it. */
export function itemOf(lot: LotOnBench, prepared: Prepared | null): WorksheetItem {
  return {
    id: lot.id,
    cropId: lot.cropId,
    pickedG: pickedOnBench(lot),
    withTops: lot.withTops,
    preparedG: prepared?.g ?? null,
    ...(lot.weighed.sd ? { pickedSdG: (lot.weighed.sd * lot.benchG) / lot.weighed.g } : {}),
    ...(prepared?.sd ? { preparedSdG: prepared.sd } : {}),
    ...(prepared?.unit ? { preparedUnit: prepared.unit } : {})
  };
}

/** The worksheet's input, and what was typed and cannot be read: left out, for the asker to refuse or to show. */
export interface Read {
  readonly input: WorksheetInput;
  readonly unread: readonly Refusal[];
}

/** The one way from a kitchen and what is chosen in it to the worksheet: page, worker and house alike. */
export function inputOf(items: readonly WorksheetItem[], said: BenchSaid, kitchen: Kitchen): Read {
  const { household } = kitchen;
  const ways = waysOf(household);
  const unread: Refusal[] = [];
  const readable = <T>(read: Outcome<T>, otherwise: T): T => {
    if (read.ok) return read.value;
    unread.push(read.refusal);
    return otherwise;
  };
  const place = household.places.find((p) => p.id === said.placeId);
  if (!place) unread.push({ code: 'place-unknown', field: 'placeId' });
  const extras = readable(readExtras(said.extras, ways), []);
  const rinsed = said.rinsed ? readable(readRinsed(said.rinsed, ways), null) : null;
  const heavy = readable(
    readHeavy(said.heavy, ways, pieceWeights(crop(items[0]?.cropId ?? '', ways.crops))),
    null
  );
  const netG = readable(readFilled(said.filled, ways), []);
  const side = said.side ? readable(readSide(said.side, ways), null) : null;
  const { styles, scaleStepG, spoons, ownSpoons } = household;
  const { trims, packings, brineUse } = kitchen.learnt;
  const { styleId, way, saltKindId, counts, choice, opens } = said;
  const input: WorksheetInput = {
    ...{ crops: ways.crops, styles, scaleStepG, spoons, ownSpoons, trims, packings, brineUse },
    ...{ styleId, way, saltKindId, counts, choice, opens, items, extras },
    ...{ jars: kitchen.jars, away: kitchen.away, brine: brineOf(said, kitchen) },
    fraction: way === 'byTaste' ? BY_TASTE.fraction : said.fraction,
    place: { name: place?.name ?? '', tempC: place?.tempC ?? USUAL_C },
    ...(heavy === null ? {} : { heavyFraction: heavy }),
    ...(said.topUp ? { topUp: said.topUp === 'yes' } : {}),
    ...(netG.some((g) => g !== null) ? { netG } : {}),
    ...(side ? { side } : {}),
    ...(said.salting ? { salting: said.salting } : {}),
    ...(rinsed ? { rinsed } : {})
  };
  return { input, unread };
}

/** How the brine is mixed, and which saved brine goes into it. */
const brineOf = (
  { mix, hot, brineIds }: BenchSaid,
  { brines }: Kitchen
): NonNullable<WorksheetInput['brine']> => ({
  mix,
  hot,
  saved: brines
    .filter((b) => brineIds.includes(b.id))
    .map(({ id, name, ml, strength, from, day }) => ({
      ...{ id, name, ml, strength: as.trueStrength(strength) },
      ...(from === 'batch' ? { sourSince: day } : {})
    }))
});

/** Where no place is known yet, °C. */
const USUAL_C = 21;
