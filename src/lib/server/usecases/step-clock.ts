import { MINUTES_PER_DAY, type WallMinute } from '../../core/calendar';
import { nextRing } from '../../core/timer';
import { stepClockSchema } from '../../schema/household';
import { instantOf, SteppedClock, wallOf } from '../clock';
import { versionOf } from '../db/log';
import { timers } from '../repos';
import { looksOn, refusalsOf, type House, type Result } from './act';

/**
 * Steps the demo's clock on: an hour, a day, to the next thing that falls due or the next timer that rings. Never backwards.
 * @param nextCare when something falls due next, on the wall; null: nothing will
 */
export async function stepClock(
  house: House,
  input: unknown,
  nextCare: (house: House) => Promise<WallMinute | null>
): Promise<Result<{ now: number }>> {
  const guest = looksOn(house);
  if (guest.length > 0) return { ok: false, refusals: guest };
  const parsed = stepClockSchema.safeParse(input);
  if (!parsed.success) return { ok: false, refusals: refusalsOf(parsed.error) };
  const { clock } = house;
  if (!(clock instanceof SteppedClock)) return { ok: false, refusals: [{ code: 'clock-is-real' }] };
  const { by } = parsed.data;
  const to = by === 'ring' ? await nextRingAt(house) : await stepTo(house, by, nextCare);
  if (to === null)
    return { ok: false, refusals: [{ code: by === 'ring' ? 'nothing-rings' : 'nothing-due' }] };
  await clock.stepTo(Math.max(clock.now(), to));
  house.news?.tell({ version: await versionOf(house.db), kinds: ['clock'] });
  return { ok: true, value: { now: clock.now() } };
}

async function stepTo(
  house: House,
  by: 'hour' | 'day' | 'due',
  nextCare: (house: House) => Promise<WallMinute | null>
): Promise<number | null> {
  const wall = wallOf(house.clock.now(), house.zone);
  const to = by === 'hour' ? wall + 60 : by === 'day' ? wall + MINUTES_PER_DAY : await nextCare(house);
  return to === null ? null : instantOf(to, house.zone);
}

/** The instant at which a timer rings next; null: none will. */
async function nextRingAt({ db, clock }: House): Promise<number | null> {
  const now = clock.elapsed();
  const rings = (await timers.list(db, 'live')).flatMap((t) => nextRing(t, now) ?? []);
  return rings.length === 0 ? null : clock.now() + Math.min(...rings) - now;
}
