import { nextDue } from '../../core/care';
import { MINUTES_PER_DAY } from '../../core/calendar';
import { stepClockSchema } from '../../schema/household';
import { instantOf, SteppedClock, wallOf } from '../clock';
import { versionOf } from '../db/log';
import { batches, household } from '../repos';
import { looksOn, refusalsOf, type House, type Result } from './act';

/** Steps the demo's clock on: an hour, a day, or to the next thing that falls due. Never backwards. */
export async function stepClock(house: House, input: unknown): Promise<Result<{ now: number }>> {
  const guest = looksOn(house);
  if (guest.length > 0) return { ok: false, refusals: guest };
  const parsed = stepClockSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  const { clock, zone } = house;
  if (!(clock instanceof SteppedClock)) return { ok: false, refusals: [{ code: 'clock-is-real' }] };
  const wall = wallOf(clock.now(), zone);
  const to =
    parsed.data.by === 'hour'
      ? wall + 60
      : parsed.data.by === 'day'
        ? wall + MINUTES_PER_DAY
        : await nextDueWall(house, wall);
  if (to === null) return { ok: false, refusals: [{ code: 'nothing-due' }] };
  await clock.stepTo(Math.max(clock.now(), instantOf(to, zone)));
  house.news?.tell({ version: await versionOf(house.db), kinds: ['clock'] });
  return { ok: true, value: { now: clock.now() } };
}

async function nextDueWall({ db }: House, wall: number): Promise<number | null> {
  const { places } = await household(db);
  return nextDue(await batches.list(db, 'live'), places, wall);
}
