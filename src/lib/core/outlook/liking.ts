import type { Batch } from '../batch/index';
import { styleLike } from '../style/index';
import type { Outlook, Span } from './types';

/** So many of the newest tastes that were liked count: a liking changes with the years. Our judgement. */
const NEWEST = 8;

/** How sour a household likes what it makes, 0 to 5, by style: the mean of what it said of its newest tastes. */
export type Likings = Readonly<Record<string, number>>;

/** What the tastes of a household's batches say of its liking. */
export function likingsOf(batches: readonly Pick<Batch, 'styleId' | 'tastes'>[]): Likings {
  const by = new Map<string, { at: number; sour: number }[]>();
  for (const b of batches)
    for (const { liked, at, sour } of b.tastes)
      if (liked) by.set(styleLike(b.styleId), [...(by.get(styleLike(b.styleId)) ?? []), { at, sour }]);
  return Object.fromEntries(
    [...by].map(([style, tastes]) => {
      const newest = tastes.sort((x, y) => y.at - x.at).slice(0, NEWEST);
      return [style, newest.reduce((a, t) => a + t.sour, 0) / newest.length];
    })
  );
}

/** When a jar comes to be as sour as it is liked; null: not in the time that was looked at. */
export function likedFrom({ curve }: Outlook, sour: number): Span {
  const first = (of: 'low' | 'likely' | 'high') => curve.find((c) => c.sour[of] >= sour)?.at ?? null;
  return { early: first('high'), likely: first('likely'), late: first('low') };
}
