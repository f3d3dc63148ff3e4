import { dayOfWall, wall } from '../../core/calendar';
import { done, type Outcome } from '../../core/refusal';
import {
  handsSaid,
  planKept,
  saidAround,
  startOf,
  startSaid,
  wishSaid,
  type SeasonEvent,
  type SeasonSaid,
  type StartAt
} from '../../core/season';
import { mondayOf, weekOf } from '../../core/sowing';
import type { Work } from '../db/kinds';
import { batches, household, OURS, seasonSaid, seasonsSaid } from '../repos';
import { useCase } from './act';

/** What a week's hands are. */
export const sayHands = useCase('say-hands', async (work, hands) => {
  const decided = await onSeason(work, () => done([handsSaid(hands)]));
  return decided.ok ? done({ hours: hands.hours, batches: hands.batches }) : decided;
});

/** How much of a kind is wanted. */
export const sayWish = useCase('say-wish', async (work, { styleId, servings, when, who }) => {
  const around = await aroundOf(work);
  const decided = await onSeason(work, () => oneOf(wishSaid({ styleId, servings, when, who }, around)));
  return decided.ok ? done({ name: around.name(styleId) }) : decided;
});

/** What matters more or less than is usual. */
export const sayMatter = useCase('say-matter', async (work, { matter, how }) => {
  const decided = await onSeason(work, () => done([{ type: 'matterSaid', data: { matter, how } }]));
  return decided.ok ? done({ matter, how }) : decided;
});

/** A start of the plan held to, barred, put off, or set free. */
export const sayStart = useCase('say-start', async (work, said) => {
  const around = await aroundOf(work);
  const decided = await onSeason(work, () => startSaid(said, around));
  return decided.ok ? done({ name: around.name(said.styleId), how: said.how }) : decided;
});

/** A plan to keep to; or none any more. */
export const keepPlan = useCase('keep-plan', async (work, { starts }) => {
  const around = await aroundOf(work);
  const since = wall(mondayOf(weekOf(around.today)), 0);
  const briefs = await batches.briefs(work.trx, { from: since });
  const begun = briefs.map(startOf);
  const isBegun = (s: StartAt) => begun.some((b) => b.styleId === s.styleId && b.monday === s.monday);
  const decided = await onSeason(work, (now) => oneOf(planKept(now, starts, { ...around, begun: isBegun })));
  return decided.ok ? done({ starts: starts.length }) : decided;
});

const aroundOf = async (work: Work) => saidAround(await household(work.trx), dayOfWall(work.wall));

const oneOf = <E>(decided: Outcome<E>): Outcome<E[]> => (decided.ok ? done([decided.value]) : decided);

async function onSeason(
  work: Work,
  ask: (now: SeasonSaid) => Outcome<SeasonEvent[]>
): Promise<Outcome<SeasonEvent[]>> {
  const decided = ask(await seasonSaid(work.trx));
  if (decided.ok) await seasonsSaid.append(work, OURS, decided.value);
  return decided;
}
