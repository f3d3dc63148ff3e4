import { dayOfWall } from '../../core/calendar';
import { cropsOf, waysOf } from '../../core/kit';
import { crop } from '../../core/produce';
import { done, type Outcome } from '../../core/refusal';
import { firstPick, frostSaid, sowingDropped, sown, type Beds, type BedsEvent } from '../../core/sowing';
import type { Work } from '../db/kinds';
import { beds, bedsOurs, household, OURS } from '../repos';
import { useCase } from './act';

/** Something sown or planted out, or said otherwise than before. */
export const sow = useCase('sow', async (work, input) => {
  const ours = await household(work.trx);
  const crops = cropsOf(ours);
  const said = { ...input, command: work.command };
  const decided = await inBeds(work, (now) =>
    sown(now, said, { ways: waysOf(ours), crops, today: dayOfWall(work.wall) })
  );
  if (!decided.ok) return decided;
  const { data } = decided.value;
  return done({ sowingId: data.id, name: nameIn(data.cropId, crops), first: firstPick(data) });
});

/** It is cleared, or never came up. */
export const dropSowing = useCase('drop-sowing', async (work, { sowingId }) => {
  const before = (await beds(work.trx)).sowings.find((s) => s.id === sowingId);
  const decided = await inBeds(work, (now) => sowingDropped(now, sowingId));
  if (!decided.ok) return decided;
  const crops = cropsOf(await household(work.trx));
  return done({ name: nameIn(before?.cropId ?? '', crops) });
});

/** When the first frost is reckoned with. */
export const sayFrost = useCase('say-frost', async (work, { day }) => {
  const decided = await inBeds(work, () => frostSaid(day));
  return decided.ok ? done({ day }) : decided;
});

async function inBeds<E extends BedsEvent>(work: Work, ask: (now: Beds) => Outcome<E>): Promise<Outcome<E>> {
  const decided = ask(await beds(work.trx));
  if (decided.ok) await bedsOurs.append(work, OURS, [decided.value]);
  return decided;
}

const nameIn = (cropId: string, crops: Parameters<typeof crop>[1]): string => crop(cropId, crops)?.name ?? '';
