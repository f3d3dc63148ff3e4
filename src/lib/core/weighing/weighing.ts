/**
 * Weighing several things in, one after the other, each against its target: a bar that fills, a zone in which it is
 * right, and what to do when the hand was too quick.
 */
export interface Target {
  readonly id: string;
  readonly name: string;
  /** Wanted, g. */
  readonly g: number;
  /** Weighed, g; null while not. */
  readonly weighedG: number | null;
}

/** Within this share of its target a thing is right. Common practice, no source. */
const LANDING = 0.02;

export interface Bar {
  /** Filled share of the bar, 0 to 1. */
  readonly filled: number;
  /** The landing zone round the target, g. */
  readonly from: number;
  readonly to: number;
  readonly state: 'short' | 'right' | 'over';
}

/**
 * How far a thing is. The landing zone is two hundredths of the target either way, never finer than the scale's step.
 * Example: 40 g wanted on a scale of 1 g lands from 39 to 41 g.
 */
export function bar(t: Pick<Target, 'g' | 'weighedG'>, stepG: number): Bar {
  const soft = Math.max(stepG, t.g * LANDING);
  const [from, to] = [Math.max(0, t.g - soft), t.g + soft];
  const now = t.weighedG ?? 0;
  return {
    filled: t.g > 0 ? Math.min(1, now / t.g) : 1,
    from,
    to,
    state: t.weighedG === null || now < from - 1e-9 ? 'short' : now > to + 1e-9 ? 'over' : 'right'
  };
}

/** What can be done about too much. */
export interface Overshoot {
  /** Take so much out again, g. */
  readonly takeOutG: number;
  /** Everything else this many times as much, so that the shares stay. */
  readonly factor: number;
  /** Share of the target by which it is over. */
  readonly over: number;
  /** So far over that it is hardly a hand that was too quick: the bowl was weighed too, or it is another unit. */
  readonly slip: boolean;
}

/** From so many times its target on it is a slip. Common practice, no source. */
const SLIP = 3;

/** Undefined while nothing is over. Example: 44 g of 40 g is 4 g to take out, or all the rest 1.1 times. */
export function overshoot(t: Target, stepG: number): Overshoot | undefined {
  if (t.weighedG === null || bar(t, stepG).state !== 'over' || t.g <= 0) return undefined;
  const factor = t.weighedG / t.g;
  return { takeOutG: t.weighedG - t.g, factor, over: factor - 1, slip: factor >= SLIP };
}

/**
 * The rest rescaled to what was weighed of one: its target becomes what it weighs, all others grow by the same factor.
 * Example: caraway 6.6 g of 6 g makes 40 g of salt 44 g.
 */
export function rescale(targets: readonly Target[], id: string): Target[] {
  const one = targets.find((t) => t.id === id);
  if (!one || one.weighedG === null || one.g <= 0) return [...targets];
  const factor = one.weighedG / one.g;
  return targets.map((t) => ({ ...t, g: t.id === id ? one.weighedG! : t.g * factor }));
}

/** The next one to weigh: the first that is short. */
export const nextToWeigh = (targets: readonly Target[], stepG: number): Target | undefined =>
  targets.find((t) => bar(t, stepG).state === 'short');
