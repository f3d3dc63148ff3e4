import type { Day } from '../calendar/index';
import type { Learned } from '../learn/index';
import { crop, pickedOfCount, piecesOf, type Crop, type Kept, type Quality } from '../produce/index';
import { writeMass, type Spread } from '../quantity/index';
import {
  bareMass,
  readCount,
  readWeighing,
  readWeight,
  weightOfCountRead,
  type CountRead,
  type Ways
} from '../reading/index';
import { done, refuse, strangeDay, type Outcome } from '../refusal/index';
import { atBench, type Lot, type LotEnd, type LotEvent, type LotOnBench, type Weighing } from './lot';
import { mayCorrect, maySort, mayTake } from './may';

/** What was decided: the event, and the grams that it is about. */
export interface Decided {
  readonly g: number;
  readonly event: LotEvent;
}

/** A weigh-in as it is said, each amount as typed. */
export interface PickSaid {
  readonly cropId: string;
  readonly variety: string;
  readonly bed: string;
  /** Left out: today. */
  readonly day?: string | undefined;
  readonly weight: string;
  readonly gross: string;
  readonly tare: string;
  readonly unit?: string | undefined;
  readonly withTops: boolean;
  readonly quality: Quality;
  readonly kept: Kept;
  readonly pieces?: number | undefined;
  /** The pieces weigh far from the table, and it is so. */
  readonly sure: boolean;
  readonly note: string;
}

/** What the house knows beside the pick: how it says amounts, its own mean piece of a crop, what day it is. */
export interface Around {
  readonly ways: Ways;
  readonly ownPiece?: Learned | undefined;
  readonly today: Day;
}

/** A pick weighed in: net as typed, gross less tare, or counted in pieces. */
export function weighedIn(said: PickSaid, { ways, ownPiece, today }: Around): Outcome<Decided> {
  const kind = crop(said.cropId, ways.crops);
  if (!kind) return refuse('crop-unknown', { field: 'cropId' });
  const read = weighedOrCounted(readWeighing(said, ways), said.weight, { kind, ways }, (n) =>
    pickedOfCount(n, kind, said.withTops, ownPiece)
  );
  if (!read.ok) return read;
  const counted = said.pieces && !('sd' in read.value) ? { pieces: said.pieces } : {};
  const usual = counted.pieces ? oddPieces(counted.pieces, read.value.g, kind, said.withTops) : null;
  if (usual !== null && !said.sure)
    return refuse('pieces-weight-far', {
      field: 'pieces',
      values: {
        n: counted.pieces ?? 0,
        crop: kind.name.toLowerCase(),
        usual: writeMass(usual, ways.units),
        said: writeMass(read.value.g, ways.units)
      }
    });
  const day = said.day ?? today;
  const strange = strangeDay(day, today, 'day');
  if (strange) return strange;
  const { cropId, variety, bed, withTops, quality, kept, note } = said;
  const weighed = { ...read.value, ...counted };
  return done({
    g: weighed.g,
    event: { type: 'picked', data: { cropId, variety, bed, day, weighed, withTops, quality, kept, note } }
  });
}

/** The pick weighed something else. */
export function corrected(
  lot: Lot,
  said: { weight: string; unit?: string | undefined; note: string },
  ways: Ways
): Outcome<Decided> {
  const weighed = readWeight(said.weight, 'weight', ways, said.unit);
  if (!weighed.ok) return weighed;
  const may = mayCorrect(lot, weighed.value.g);
  if (!may.ok) return may;
  const event: LotEvent = { type: 'corrected', data: { weighed: weighed.value, note: said.note } };
  return done({ g: may.value, event });
}

/** Another end of a pick or a part of it, out of the Garden or off a bench. */
export function ended(
  lot: Lot,
  said: { how: LotEnd; weight: string; bench: string | null; note: string },
  ways: Ways
): Outcome<Decided> {
  const { how, bench, note } = said;
  const there = bench === null ? lot.gardenG : atBench(lot, bench).benchG;
  const g = partOf(said.weight, there, ways);
  const may = g.ok ? mayTake(lot, g.value, bench) : g;
  if (!may.ok) return may;
  return done({ g: may.value, event: { type: 'ended', data: { how, g: may.value, bench, note } } });
}

/** A pick, or a part of it, to a bench. */
export function taken(lot: Lot, said: { weight: string; bench: string }, ways: Ways): Outcome<Decided> {
  const g = partOf(said.weight, lot.gardenG, ways);
  const may = g.ok ? mayTake(lot, g.value, null) : g;
  if (!may.ok) return may;
  return done({ g: may.value, event: { type: 'takenToBench', data: { bench: said.bench, g: may.value } } });
}

/** What lies of it on a bench, back to the Garden. */
export function putBack(lot: Lot, bench: string): Outcome<Decided> {
  const may = mayTake(lot, atBench(lot, bench).benchG, bench);
  return may.ok ? done({ g: may.value, event: { type: 'putBack', data: { bench, g: may.value } } }) : may;
}

/** Weighed again once washed, trimmed and cut, or counted; empty takes the weighing back. */
export function prepared(
  lot: LotOnBench,
  said: { weight: string; unit?: string | undefined },
  { ways, ownPiece }: Pick<Around, 'ways' | 'ownPiece'>
): Outcome<Decided> {
  const { bench } = lot;
  if (lot.benchG <= 0) return refuse('bench-empty', { field: 'lotId' });
  if (said.weight === '') return done({ g: 0, event: { type: 'prepared', data: { bench, weighed: null } } });
  const weighed = readPrepared(said, lot.cropId, { ways, ownPiece });
  if (!weighed.ok) return weighed;
  const { g } = weighed.value;
  // Washing and soaking add a little; far more than was picked is a slip.
  if (g > lot.benchG * 1.1 + 5 && !('sd' in weighed.value))
    return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG: lot.benchG } });
  return done({ g, event: { type: 'prepared', data: { bench, weighed: weighed.value } } });
}

/** What prepared vegetables weigh, as typed: a weight, or a count of pieces with its spread. Page and house read it alike. */
export function readPrepared(
  said: { weight: string; unit?: string | undefined },
  cropId: string,
  { ways, ownPiece }: Pick<Around, 'ways' | 'ownPiece'>
): Outcome<Weighing> {
  const kind = crop(cropId, ways.crops);
  const read = readWeight(said.weight, 'weight', ways, said.unit);
  return kind
    ? weighedOrCounted(read, said.weight, { kind, ways }, (n) => weightOfCountRead(n, ownPiece))
    : read;
}

const PARTS = ['culled', 'prepared', 'followers', 'greens', 'seed', 'offcuts'] as const;

/** A pick sorted, each part as typed; empty is none. */
export type SortSaid = Readonly<Record<(typeof PARTS)[number], string>>;

/** What was decided of the sorting, and the off-cuts that become a pick of their own; null: none. */
export interface Sorted extends Decided {
  readonly offcuts: { readonly g: number; readonly event: LotEvent } | null;
}

/**
 * A pick on a bench sorted: culls to the compost, followers, greens and seed to their use, off-cuts to a pick of their
 * own that waits for its own jar, the rest prepared.
 */
export function sorted(lot: LotOnBench, said: SortSaid, ways: Ways): Outcome<Sorted> {
  const read: Partial<Record<(typeof PARTS)[number], Weighing>> = {};
  for (const part of PARTS) {
    if (said[part] === '') continue;
    const one = readWeight(said[part], part, ways, bareMass(ways));
    if (!one.ok) return one;
    read[part] = one.value;
  }
  const g = (part: (typeof PARTS)[number]) => read[part]?.g ?? 0;
  if (lot.benchG <= 0) return refuse('bench-empty', { field: 'lotId' });
  const aside = { followers: g('followers'), greens: g('greens'), seed: g('seed'), offcuts: g('offcuts') };
  const may = maySort(lot, g('culled'), aside, g('prepared'));
  if (!may.ok) return may;
  const weighed = g('prepared') > 0 ? (read.prepared ?? null) : null;
  if (may.value === 0 && !weighed) return refuse('missing', { field: 'prepared' });
  const data = { bench: lot.bench, culledG: g('culled'), aside, prepared: weighed };
  return done({
    g: g('prepared'),
    event: { type: 'sorted', data },
    offcuts: aside.offcuts > 0 ? { g: aside.offcuts, event: offcutsOf(lot, aside.offcuts) } : null
  });
}

/** Off-cuts and second-grade pieces: a pick of their own, prepared already, waiting in the Garden. */
const offcutsOf = ({ cropId, bed, day, kept }: Lot, g: number): LotEvent => ({
  type: 'picked',
  data: {
    cropId,
    bed,
    day,
    kept,
    variety: 'off-cuts',
    weighed: { said: `${Math.round(g)} g`, g },
    withTops: false,
    quality: 'trim',
    note: '',
    ready: true
  }
});

/** What so many pieces would weigh by the table, g, where what was said is far from it; null where it is not. */
function oddPieces(n: number, g: number, kind: Crop, withTops: boolean): number | null {
  const piece = piecesOf(kind)[0]!;
  const usual = pickedOfCount({ n, piece, factor: 1, own: true }, kind, withTops).mean;
  const far = 2 * kind.pieceGsd ** 2;
  return g > usual * far || g < usual / far ? usual : null;
}

/** A weight as read; else a count of pieces, with its spread. What is neither keeps the weight's own refusal. */
function weighedOrCounted(
  read: Outcome<Weighing>,
  said: string,
  { kind, ways }: { readonly kind: Crop; readonly ways: Ways },
  weigh: (n: CountRead) => Spread
): Outcome<Weighing> {
  if (read.ok) return read;
  const count = readCount(said, kind, ways.crops);
  // A piece, a crop or a word that does not fit is named; what is no count at all is a weight that was not understood.
  const named = ['piece-not-of-crop', 'count-of-another'];
  if (!count.ok) return named.includes(count.refusal.code) ? count : read;
  const { mean, sd } = weigh(count.value);
  return done({ said, g: mean, sd });
}

/** Whether an amount is no weight, and so perhaps a count: the household's own piece weighs it then. */
export const maybeCount = (said: string, ways: Ways, unit?: string): boolean =>
  said !== '' && !readWeight(said, 'weight', ways, unit).ok;

/** A part as typed; empty is all of it. */
function partOf(said: string, allG: number, ways: Ways): Outcome<number> {
  if (said === '') return done(allG);
  const read = readWeight(said, 'weight', ways, bareMass(ways));
  return read.ok ? done(read.value.g) : read;
}
