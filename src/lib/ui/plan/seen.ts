import type { StartIn } from '$lib/core/season';
import { keepSaid, saidBefore } from '../house/typed';

/** The starts of the plan that this device saw last, so that the next one begins from there: weeks as `weekOf` counts them. */
interface SeenStart {
  readonly styleId: string;
  readonly at: number;
}
const SEEN = 'plan-seen';

/** Kept in mind on this device; `week`: that of the plan's first. */
export const rememberStarts = (starts: readonly StartIn[], week: number): void =>
  keepSaid(SEEN, { starts: starts.map(({ styleId, week: t }): SeenStart => ({ styleId, at: week + t })) });

const isSeen = (s: unknown): s is SeenStart =>
  typeof s === 'object' && s !== null && 'styleId' in s && 'at' in s && typeof s.at === 'number';

/** What of them is still to come, in weeks from `week`. */
export function startsSeen(week: number): StartIn[] {
  const starts = saidBefore(SEEN)?.['starts'];
  return (Array.isArray(starts) ? starts : [])
    .filter(isSeen)
    .map(({ styleId, at }) => ({ styleId, week: at - week }))
    .filter((s) => s.week >= 0);
}
