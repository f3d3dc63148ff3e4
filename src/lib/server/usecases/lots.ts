import { dayOfWall } from '../../core/calendar';
import { waysOf } from '../../core/kit';
import * as decide from '../../core/lot';
import { atBench, type Lot } from '../../core/lot';
import { cropName } from '../../core/produce';
import type { Ways } from '../../core/reading';
import { done, refuse, type Outcome } from '../../core/refusal';
import type { Answer } from '../../schema/commands';
import type { Work } from '../db/kinds';
import { household, lots } from '../repos';
import { useCase } from './act';
import { learntOf } from './bench';

/** Weigh in a pick: net as typed, or gross less tare. */
export const weighIn = useCase('weigh-in', async (work, input) => {
  const around = await aroundOf(work, input.cropId, input);
  const decided = decide.weighedIn(input, { ...around, today: dayOfWall(work.wall) });
  if (!decided.ok) return decided;
  await lots.append(work, work.command, [decided.value.event]);
  return done({ lotId: work.command, name: cropName(input.cropId, around.ways.crops), g: decided.value.g });
});

/** The pick weighed something else: corrected by a new event. */
export const correctPick = useCase('correct-pick', async (work, input) =>
  onLot(work, input.lotId, (lot, ways) => decide.corrected(lot, input, ways))
);

/** Eaten fresh, cooked, given, composted or spoiled: a pick's other ends. */
export const endPick = useCase('end-pick', async (work, input) =>
  onLot(work, input.lotId, (lot, ways) =>
    decide.ended(lot, { ...input, bench: input.from === 'bench' ? input.bench : null }, ways)
  )
);

/** Take a pick, or a part of it, to a bench. */
export const takeToBench = useCase('take-to-bench', async (work, input) =>
  onLot(work, input.lotId, (lot, ways) => decide.taken(lot, input, ways))
);

/** Put what lies on a bench back to the Garden. */
export const putBack = useCase('put-back', async (work, input) =>
  onLot(work, input.lotId, (lot) => decide.putBack(lot, input.bench))
);

/** Weigh again once washed, trimmed and cut. Empty takes the weighing back. */
export const weighPrepared = useCase('weigh-prepared', async (work, input) => {
  const found = await lots.load(work.trx, input.lotId);
  const around = await aroundOf(work, found?.state.cropId ?? '', input);
  return onLot(work, input.lotId, (lot) => decide.prepared(atBench(lot, input.bench), input, around));
});

/** A pick on the bench sorted: what is culled, what has another use, what goes in; off-cuts become a pick of their own. */
export const sortPick = useCase('sort-pick', async (work, input) => {
  const found = await lots.load(work.trx, input.lotId);
  if (!found) return refuse('lot-unknown', { field: 'lotId' });
  const ways = waysOf(await household(work.trx));
  const decided = decide.sorted(atBench(found.state, input.bench), input, ways);
  if (!decided.ok) return decided;
  const { event, offcuts, g } = decided.value;
  await lots.append(work, found.id, [event]);
  if (offcuts) await lots.append(work, `${work.command}.off`, [offcuts.event]);
  return done({
    lotId: found.id,
    name: cropName(found.state.cropId, ways.crops),
    g,
    offcutsG: offcuts?.g ?? 0,
    offcutsId: offcuts ? `${work.command}.off` : null
  });
});

/** How the household says amounts, and its own mean piece of a crop, where something was counted. */
async function aroundOf(work: Work, cropId: string, said: { weight: string; unit?: string | undefined }) {
  const ours = await household(work.trx);
  const ways = waysOf(ours);
  const counted = decide.maybeCount(said.weight, ways, said.unit);
  return { ways, ownPiece: counted ? (await learntOf(work.trx, ours)).pieces[cropId] : undefined };
}

async function onLot(
  work: Work,
  lotId: string,
  ask: (lot: Lot, ways: Ways) => Outcome<decide.Decided>
): Promise<Outcome<Answer<'weigh-in'>>> {
  const found = await lots.load(work.trx, lotId);
  if (!found) return refuse('lot-unknown', { field: 'lotId' });
  const ways = waysOf(await household(work.trx));
  const decided = ask(found.state, ways);
  if (!decided.ok) return decided;
  await lots.append(work, lotId, [decided.value.event]);
  return done({ lotId, name: cropName(found.state.cropId, ways.crops), g: decided.value.g });
}
