import type { DayMaking, DayPlan, DayStep, Hands, Placed } from './day';
import { dayOrder } from './order';

const EPS = 1e-9;

/** The day as it is best begun: its order, and what is held back in it. */
export const dayPlan = (makings: readonly DayMaking[], hands: Hands): DayPlan =>
  heldBack(dayOrder(makings, hands), makings, hands);

/**
 * The same day with steps begun later on purpose where the rest after them would else be too long: no lid closes later, and
 * the rests overrun by less. Hands, tools and bowls let it, or the step stays where it was. Its own way, no source.
 * Example: cabbage rubbed at once would rest two hours beside a long cutting of which it wants the board after; rubbed an
 * hour later it rests one.
 */
export function heldBack(plan: DayPlan, makings: readonly DayMaking[], hands: Hands): DayPlan {
  let { placed } = plan;
  for (const making of makings) {
    // The last first: a step that is held back makes room for the one before it.
    for (let i = making.steps.length - 1; i > 0; i--) {
      const later = oneLater(placed, making, i - 1, makings, hands);
      if (later && overrunsOf(later, makings) < overrunsOf(placed, makings) - EPS) placed = later;
    }
  }
  const overruns = placed === plan.placed ? plan.overruns : overrunsOf(placed, makings);
  return { ...plan, placed: [...placed].sort((a, b) => a.from - b.from), overruns };
}

const of = (placed: readonly Placed[], making: DayMaking): Placed[] =>
  placed.filter((p) => p.making === making.id);

/** By how much all rests are longer than they may be. */
function overrunsOf(placed: readonly Placed[], makings: readonly DayMaking[]): number {
  return makings.reduce((sum, m) => {
    const mine = of(placed, m);
    const first = Math.max(0, (mine[0]?.from ?? 0) - (m.latestAt ?? Infinity));
    return mine.reduce((a, p, i) => {
      const rest = m.steps[i]?.rest;
      const next = mine[i + 1];
      return a + (rest && next ? Math.max(0, next.from - p.to - rest.to) : 0);
    }, sum + first);
  }, 0);
}

/** The `i`-th step of a making so much later that its rest is as long as it may be; null where that is not to be. */
function oneLater(
  placed: readonly Placed[],
  making: DayMaking,
  i: number,
  makings: readonly DayMaking[],
  hands: Hands
): readonly Placed[] | null {
  const mine = of(placed, making);
  const [now, next, step] = [mine[i], mine[i + 1], making.steps[i]];
  if (!now || !next || !step?.rest || (making.heavy && i === 0)) return null;
  const by = next.from - now.to - step.rest.to;
  if (by <= EPS) return null;
  const [from, to] = [now.from + by, now.to + by];
  const others = placed.filter((p) => p !== now);
  const beside = others.filter((p) => p.from < to - EPS && p.to > from + EPS);
  const person = [now.person, ...Array.from({ length: hands.people }, (_, n) => n)].find((n) =>
    beside.every((p) => p.person !== n)
  );
  if (person === undefined || !toolFree(step, { from: now.from, to }, others, beside, makings, hands))
    return null;
  const later = placed.map((p) => (p === now ? { ...p, person, from, to } : p));
  return bowlsTaken(later, makings) <= Math.max(1, hands.bowls) ? later : null;
}

/** A scale is free then; on the boards all keep their turns, so that none is hot before it should be. */
function toolFree(
  { tool }: DayStep,
  over: { readonly from: number; readonly to: number },
  others: readonly Placed[],
  beside: readonly Placed[],
  makings: readonly DayMaking[],
  hands: Hands
): boolean {
  const at = (p: Placed) =>
    makings.find((m) => m.id === p.making)?.steps.find((s) => s.id === p.step)?.tool ?? null;
  if (tool === 'scale') return beside.filter((p) => at(p) === 'scale').length < Math.max(1, hands.scales);
  if (tool !== 'board') return true;
  return others.every((p) => at(p) !== 'board' || p.from >= over.to - EPS || p.to <= over.from + EPS);
}

/** Most bowls that are taken at once: each from its making's first step in one to the last. */
function bowlsTaken(placed: readonly Placed[], makings: readonly DayMaking[]): number {
  const held = makings.flatMap((m) => {
    const mine = of(placed, m).filter((_, i) => m.steps[i]?.bowl);
    return mine.length > 0 ? [{ from: mine[0]!.from, to: mine.at(-1)!.to }] : [];
  });
  return Math.max(
    0,
    ...held.map((a) => held.filter((b) => b.from <= a.from + EPS && b.to > a.from + EPS).length)
  );
}
