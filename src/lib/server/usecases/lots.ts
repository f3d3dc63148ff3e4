import { crop, pickedOfCount, readCount, weightOfCount, type Crop } from '../../core/produce';
import type { Spread } from '../../core/quantity';
import { dayOfWall, isDay } from '../../core/calendar';
import { mayCorrect, mayTake, type Lot, type LotEvent, type Weighing } from '../../core/lot';
import { done, refuse, type Outcome } from '../../core/refusal';
import { readWeighing, readWeight } from '../../schema/common';
import {
  correctPickSchema,
  endPickSchema,
  putBackSchema,
  takeToBenchSchema,
  weighInSchema,
  weighPreparedSchema
} from '../../schema/lot';
import type { Work } from '../db/aggregate';
import { lots } from '../repos';
import { useCase } from './act';

/** What a use case on a pick answers. */
export interface LotAnswer {
  readonly lotId: string;
  readonly name: string;
  readonly g: number;
}

/** Weigh in a pick: net as typed, or gross less tare. */
export const weighIn = useCase(
  'weigh-in',
  weighInSchema,
  async (work, input): Promise<Outcome<LotAnswer>> => {
    const kind = crop(input.cropId);
    if (!kind) return refuse('crop-unknown', { field: 'cropId' });
    const weighed = weighedOrCounted(readWeighing(input), input.weight, kind, (n) =>
      pickedOfCount(n, kind, input.withTops)
    );
    if (!weighed.ok) return weighed;
    const today = dayOfWall(work.wall);
    const day = input.day ?? today;
    if (!isDay(day)) return refuse('day-strange', { field: 'day' });
    if (day > today) return refuse('day-ahead', { field: 'day' });
    const { cropId, variety, bed, withTops, quality, kept, note } = input;
    const data = { cropId, variety, bed, day, weighed: weighed.value, withTops, quality, kept, note };
    await lots.append(work, work.command, [{ type: 'picked', data }]);
    return done({ lotId: work.command, name: kind.name, g: weighed.value.g });
  }
);

/** The pick weighed something else: corrected by a new event. */
export const correctPick = useCase(
  'correct-pick',
  correctPickSchema,
  async (work, input): Promise<Outcome<LotAnswer>> => {
    const weighed = readWeight(input.weight, 'weight', input.unit);
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
  }
);

/** Eaten fresh, cooked, given, composted or spoiled: a pick's other ends. */
export const endPick = useCase('end-pick', endPickSchema, async (work, input): Promise<Outcome<LotAnswer>> =>
  onLot(work, input.lotId, (lot) => {
    const g = partOf(input.weight, input.from === 'bench' ? lot.benchG : lot.gardenG);
    if (!g.ok) return g;
    const may = mayTake(lot, g.value, input.from);
    return may.ok
      ? done({
          g: may.value,
          event: { type: 'ended', data: { how: input.how, g: may.value, from: input.from, note: input.note } }
        })
      : may;
  })
);

/** Take a pick, or a part of it, to the bench. */
export const takeToBench = useCase(
  'take-to-bench',
  takeToBenchSchema,
  async (work, input): Promise<Outcome<LotAnswer>> =>
    onLot(work, input.lotId, (lot) => {
      const g = partOf(input.weight, lot.gardenG);
      if (!g.ok) return g;
      const may = mayTake(lot, g.value, 'garden');
      return may.ok ? done({ g: may.value, event: { type: 'takenToBench', data: { g: may.value } } }) : may;
    })
);

/** Put what lies on the bench back to the Garden. */
export const putBack = useCase('put-back', putBackSchema, async (work, input): Promise<Outcome<LotAnswer>> =>
  onLot(work, input.lotId, (lot) => {
    const may = mayTake(lot, lot.benchG, 'bench');
    return may.ok ? done({ g: may.value, event: { type: 'putBack', data: { g: may.value } } }) : may;
  })
);

/** Weigh again once washed, trimmed and cut. Empty takes the weighing back. */
export const weighPrepared = useCase(
  'weigh-prepared',
  weighPreparedSchema,
  async (work, input): Promise<Outcome<LotAnswer>> =>
    onLot(work, input.lotId, (lot) => {
      if (lot.benchG <= 0) return refuse('bench-empty', { field: 'lotId' });
      if (input.weight === '') return done({ g: 0, event: { type: 'prepared', data: { weighed: null } } });
      const kind = crop(lot.cropId);
      const read = readWeight(input.weight, 'weight', input.unit);
      const weighed = kind ? weighedOrCounted(read, input.weight, kind, (n) => weightOfCount(n, kind)) : read;
      if (!weighed.ok) return weighed;
      const { g } = weighed.value;
      // Washing and soaking add a little; far more than was picked is a slip.
      if (g > lot.benchG * 1.1 + 5 && !('sd' in weighed.value))
        return refuse('more-than-there-is', { field: 'weight', values: { saidG: g, thereG: lot.benchG } });
      return done({ g, event: { type: 'prepared', data: { weighed: weighed.value } } });
    })
);

/** A weight as read; else a count of pieces, with its spread. What is neither keeps the weight's own refusal. */
function weighedOrCounted(
  read: Outcome<{ said: string; g: number }>,
  said: string,
  kind: Crop,
  weigh: (n: number) => Spread
): Outcome<Weighing> {
  if (read.ok) return read;
  const count = readCount(said, kind);
  if (!count.ok) return read;
  const { mean, sd } = weigh(count.value);
  return done({ said, g: mean, sd });
}

async function onLot(
  work: Work,
  lotId: string,
  decide: (lot: Lot) => Outcome<{ g: number; event: LotEvent }>
): Promise<Outcome<LotAnswer>> {
  const found = await lots.load(work.trx, lotId);
  if (!found) return refuse('lot-unknown', { field: 'lotId' });
  const decided = decide(found.state);
  if (!decided.ok) return decided;
  await lots.append(work, lotId, [decided.value.event]);
  return done({ lotId, name: crop(found.state.cropId)?.name ?? '', g: decided.value.g });
}

function partOf(said: string, allG: number): Outcome<number> {
  if (said === '') return done(allG);
  const read = readWeight(said, 'weight', 'g');
  return read.ok ? done(read.value.g) : read;
}
