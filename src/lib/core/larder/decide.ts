import {
  atTable,
  correctPortion,
  leftG,
  portion,
  stockG,
  standingFillings,
  type Batch,
  type BatchEvent,
  type PortionHow
} from '../batch/index';
import { notCondemned, verdictOn, type CareRound } from '../care/index';
import { bareMass, readWeight, type Ways } from '../reading/index';
import { done, refuse, type Outcome } from '../refusal/index';
import { NOT_NOTED } from './count';
import { quarterG } from './larder';

/** How much of a jar, as it is said: by quarters, or a weight as typed. */
interface AmountSaid {
  readonly amount: 'quarter' | 'half' | 'all' | 'weight';
  readonly weight: string;
}

/** Another hand may have taken of it since the page was looked at, g. */
const SAME_G = 1;

/** Eaten, given or thrown away: a part or all of one jar. What is to be thrown away is only thrown away. */
export function portioned(
  b: Batch,
  said: AmountSaid & { fillingId: string; how: PortionHow; reason: string; seenG?: number | undefined },
  ways: Ways,
  around: CareRound
): Outcome<BatchEvent> {
  const sound = said.how === 'thrown' ? done(null) : notCondemned(b, [said.fillingId], around);
  if (!sound.ok) return sound;
  const jars = standingFillings(b, [said.fillingId]);
  if (!jars.ok) return jars;
  const jar = jars.value[0];
  if (!jar) return refuse('jar-unknown', { field: 'fillingId' });
  const thereG = leftG(jar);
  if (said.seenG !== undefined && Math.abs(said.seenG - thereG) > SAME_G)
    return refuse('changed-meanwhile', {
      field: 'amount',
      values: { lidNumber: jar.lidNumber, leftG: thereG }
    });
  const g = amountOf(said, atTable(said.how) ? stockG(jar) : thereG, quarterG(jar), ways);
  const because = said.how === 'thrown' ? verdictOn(b, jar, around.places)?.by : undefined;
  return g.ok ? portion(b, jar.id, said.how, g.value, said.reason, because) : g;
}

/** What is gone when somebody looks again: jars that were eaten, given or thrown away to the last, nobody knows when. */
export function gone(
  b: Batch,
  { fillingIds, how }: { fillingIds: readonly string[]; how: PortionHow },
  ways: Ways,
  around: CareRound
): Outcome<BatchEvent[]> {
  const said = { how, amount: 'all' as const, weight: '', reason: how === 'thrown' ? NOT_NOTED : '' };
  const each = fillingIds.map((fillingId) => portioned(b, { ...said, fillingId }, ways, around));
  const refused = each.find((one) => !one.ok);
  return refused && !refused.ok ? refused : done(each.flatMap((one) => (one.ok ? [one.value] : [])));
}

/** It was more, or less, that was taken; 0 is nothing. */
export function portionCorrected(
  b: Batch,
  said: { of: string; weight: string },
  ways: Ways
): Outcome<BatchEvent> {
  if (/^0( ?g)?$/.test(said.weight)) return correctPortion(b, said.of, 0);
  const read = readWeight(said.weight, 'weight', ways, bareMass(ways));
  return read.ok ? correctPortion(b, said.of, read.value.g) : read;
}

function amountOf(
  { amount, weight }: AmountSaid,
  thereG: number,
  quarter: number,
  ways: Ways
): Outcome<number> {
  if (amount === 'all') return done(thereG);
  if (amount === 'quarter') return done(quarter);
  if (amount === 'half') return done(Math.min(thereG, 2 * quarter));
  const read = readWeight(weight, 'weight', ways, bareMass(ways));
  return read.ok ? done(read.value.g) : read;
}
