import type { Learned } from '../../core/learn';
import { crop, pickedOfCount, piecesOf, type Crop } from '../../core/produce';
import {
  bareMass,
  readCount,
  readWeighing,
  readWeight,
  weightOfCountRead,
  type CountRead,
  type Ways
} from '../../core/reading';
import { waysOf } from '../../core/kit';
import type { Spread } from '../../core/quantity';
import { dayOfWall } from '../../core/calendar';
import {
  atBench,
  mayCorrect,
  maySort,
  mayTake,
  type Lot,
  type LotEvent,
  type Weighing
} from '../../core/lot';
import { done, refuse, type Outcome } from '../../core/refusal';
import { writeMass } from '../../core/quantity';
import type { Work } from '../db/aggregate';
import { household, lots } from '../repos';
import type { Answer } from '../../schema/commands';
import { useCase } from './act';
import { learntOf } from './bench';
import { strangeDay } from './days';

/** Weigh in a pick: net as typed, or gross less tare. */
export const weighIn = useCase('weigh-in', async (work, input) => {
  const kind = crop(input.cropId);
  if (!kind) return refuse('crop-unknown', { field: 'cropId' });
  const ours = waysOf(await household(work.trx));
  const read = readWeighing(input, ours);
  const own = read.ok ? undefined : await ownPiece(work, kind.id);
  const weighed = weighedOrCounted(read, input.weight, kind, (n) =>
    pickedOfCount(n, kind, input.withTops, own)
  );
  if (!weighed.ok) return weighed;
  const counted = input.pieces && !('sd' in weighed.value) ? { pieces: input.pieces } : {};
  const odd = counted.pieces ? oddPieces(counted.pieces, weighed.value.g, kind, input.withTops) : null;
  if (odd && !input.sure)
    return refuse('pieces-weight-far', {
      field: 'pieces',
      values: {
        n: counted.pieces ?? 0,
        crop: kind.name.toLowerCase(),
        usual: writeMass(odd, ours.units),
        said: writeMass(weighed.value.g, ours.units)
      }
    });
  const today = dayOfWall(work.wall);
  const day = input.day ?? today;
  const strange = strangeDay(day, today, 'day');
  if (strange) return strange;
  const { cropId, variety, bed, withTops, quality, kept, note } = input;
  const data = {
    cropId,
    variety,
    bed,
    day,
    weighed: { ...weighed.value, ...counted },
    withTops,
    quality,
    kept,
    note
  };
  await lots.append(work, work.command, [{ type: 'picked', data }]);
  return done({ lotId: work.command, name: kind.name, g: weighed.value.g });
});

/** The pick weighed something else: corrected by a new event. */
export const correctPick = useCase('correct-pick', async (work, input) => {
  const weighed = readWeight(input.weight, 'weight', waysOf(await household(work.trx)), input.unit);
  if (!weighed.ok) return weighed;
  return onLot(work, input.lotId, (lot) => {
    const may = mayCorrect(lot, weighed.value.g);
    return may.ok
      ? done({
          g: may.value,
          event: { type: 'corrected', data: { weighed: weighed.value, note: input.note } }
        })
      : may;
  });
});

/** Eaten fresh, cooked, given, composted or spoiled: a pick's other ends. */
export const endPick = useCase('end-pick', async (work, input) =>
  onLot(work, input.lotId, (lot, ways) => {
    const bench = input.from === 'bench' ? input.bench : null;
    const there = bench === null ? lot.gardenG : atBench(lot, bench).benchG;
    const g = partOf(input.weight, there, ways);
    if (!g.ok) return g;
    const may = mayTake(lot, g.value, bench);
    return may.ok
      ? done({
          g: may.value,
          event: { type: 'ended', data: { how: input.how, g: may.value, bench, note: input.note } }
        })
      : may;
  })
);

/** Take a pick, or a part of it, to the bench. */
export const takeToBench = useCase('take-to-bench', async (work, input) =>
  onLot(work, input.lotId, (lot, ways) => {
    const g = partOf(input.weight, lot.gardenG, ways);
    if (!g.ok) return g;
    const may = mayTake(lot, g.value, null);
    const { bench } = input;
    return may.ok
      ? done({ g: may.value, event: { type: 'takenToBench', data: { bench, g: may.value } } })
      : may;
  })
);

/** Put what lies on the bench back to the Garden. */
export const putBack = useCase('put-back', async (work, input) =>
  onLot(work, input.lotId, (lot) => {
    const { bench } = input;
    const may = mayTake(lot, atBench(lot, bench).benchG, bench);
    return may.ok ? done({ g: may.value, event: { type: 'putBack', data: { bench, g: may.value } } }) : may;
  })
);

/** Weigh again once washed, trimmed and cut. Empty takes the weighing back. */
export const weighPrepared = useCase('weigh-prepared', async (work, input) => {
  const found = await lots.load(work.trx, input.lotId);
  const ours = waysOf(await household(work.trx));
  const counted = input.weight !== '' && !readWeight(input.weight, 'weight', ours, input.unit).ok;
  const own = found && counted ? await ownPiece(work, found.state.cropId) : undefined;
  const { bench } = input;
  return onLot(work, input.lotId, (all) => {
    const lot = atBench(all, bench);
    if (lot.benchG <= 0) return refuse('bench-empty', { field: 'lotId' });
    if (input.weight === '')
      return done({ g: 0, event: { type: 'prepared', data: { bench, weighed: null } } });
    const kind = crop(lot.cropId);
    const read = readWeight(input.weight, 'weight', ours, input.unit);
    const weighed = kind
      ? weighedOrCounted(read, input.weight, kind, (n) => weightOfCountRead(n, own))
      : read;
    if (!weighed.ok) return weighed;
    const { g } = weighed.value;
    // Washing and soaking add a little; far more than was picked is a slip.
    if (g > lot.benchG * 1.1 + 5 && !('sd' in weighed.value))
      return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG: lot.benchG } });
    return done({ g, event: { type: 'prepared', data: { bench, weighed: weighed.value } } });
  });
});

/** What so many pieces would weigh by the table, g, where what was said is far from it; null where it is not. */
function oddPieces(n: number, g: number, kind: Crop, withTops: boolean): number | null {
  const piece = piecesOf(kind)[0]!;
  const usual = pickedOfCount({ n, piece, factor: 1, own: true }, kind, withTops).mean;
  const far = 2 * kind.pieceGsd ** 2;
  return g > usual * far || g < usual / far ? usual : null;
}

/** The household's own mean piece weight of a crop, if it has one. */
async function ownPiece(work: Work, cropId: string): Promise<Learned | undefined> {
  return (await learntOf(work.trx, await household(work.trx))).pieces[cropId];
}

/**
 * A pick on the bench sorted: culls to the compost, followers, greens and seed to their use, off-cuts to a pick of
 * their own that waits for its own jar, the rest prepared.
 */
export const sortPick = useCase('sort-pick', async (work, input) => {
  const ours = waysOf(await household(work.trx));
  const read = (field: 'culled' | 'prepared' | 'followers' | 'greens' | 'seed' | 'offcuts') =>
    input[field] === '' ? done({ said: '', g: 0 }) : readWeight(input[field], field, ours, bareMass(ours));
  const parts = {
    culled: read('culled'),
    prepared: read('prepared'),
    followers: read('followers'),
    greens: read('greens'),
    seed: read('seed'),
    offcuts: read('offcuts')
  };
  for (const part of Object.values(parts)) if (!part.ok) return part;
  const g = (field: keyof typeof parts) => (parts[field].ok ? parts[field].value.g : 0);
  const aside = {
    followers: g('followers'),
    greens: g('greens'),
    seed: g('seed'),
    offcuts: g('offcuts')
  };
  const found = await lots.load(work.trx, input.lotId);
  if (!found) return refuse('lot-unknown', { field: 'lotId' });
  const lot = atBench(found.state, input.bench);
  if (lot.benchG <= 0) return refuse('bench-empty', { field: 'lotId' });
  const may = maySort(lot, g('culled'), aside, g('prepared'));
  if (!may.ok) return may;
  const prepared = parts.prepared.ok && g('prepared') > 0 ? parts.prepared.value : null;
  if (may.value === 0 && !prepared) return refuse('missing', { field: 'prepared' });
  await lots.append(work, lot.id, [
    { type: 'sorted', data: { bench: input.bench, culledG: g('culled'), aside, prepared } }
  ]);
  if (aside.offcuts > 0) await offcutsOf(work, lot, aside.offcuts);
  const name = crop(lot.cropId)?.name ?? '';
  return done({ lotId: lot.id, name, g: g('prepared'), offcutsG: aside.offcuts });
});

/** Off-cuts and second-grade pieces: a pick of their own, prepared already, waiting in the Garden. */
async function offcutsOf(work: Work, lot: Lot, g: number): Promise<void> {
  const { cropId, bed, day, kept } = lot;
  const data = {
    cropId,
    bed,
    day,
    kept,
    variety: 'off-cuts',
    weighed: { said: `${Math.round(g)} g`, g },
    withTops: false,
    quality: 'trim' as const,
    note: '',
    ready: true
  };
  await lots.append(work, `${work.command}.off`, [{ type: 'picked', data }]);
}

/** A weight as read; else a count of pieces, with its spread. What is neither keeps the weight's own refusal. */
function weighedOrCounted(
  read: Outcome<Weighing>,
  said: string,
  kind: Crop,
  weigh: (n: CountRead) => Spread
): Outcome<Weighing> {
  if (read.ok) return read;
  const count = readCount(said, kind);
  // A piece, a crop or a word that does not fit is named; what is no count at all is a weight that was not understood.
  const named = ['piece-not-of-crop', 'count-of-another'];
  if (!count.ok) return named.includes(count.refusal.code) ? count : read;
  const { mean, sd } = weigh(count.value);
  return done({ said, g: mean, sd });
}

async function onLot(
  work: Work,
  lotId: string,
  decide: (lot: Lot, ways: Ways) => Outcome<{ g: number; event: LotEvent }>
): Promise<Outcome<Answer<'weigh-in'>>> {
  const found = await lots.load(work.trx, lotId);
  if (!found) return refuse('lot-unknown', { field: 'lotId' });
  const decided = decide(found.state, waysOf(await household(work.trx)));
  if (!decided.ok) return decided;
  await lots.append(work, lotId, [decided.value.event]);
  return done({ lotId, name: crop(found.state.cropId)?.name ?? '', g: decided.value.g });
}

function partOf(said: string, allG: number, ways: Ways): Outcome<number> {
  if (said === '') return done(allG);
  const read = readWeight(said, 'weight', ways, bareMass(ways));
  return read.ok ? done(read.value.g) : read;
}
