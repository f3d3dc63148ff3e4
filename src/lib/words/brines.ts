import type { BrineUse, KnownBrine } from '../core/pantry';

const SERVES: Record<BrineUse, string> = {
  starter: 'a starter',
  soup: 'a soup',
  dressing: 'a dressing',
  drink: 'a sip, thinned: it is salty',
  brine: 'the next jar',
  away: 'nothing: pour it away'
};

/** What a brine is good for, as one says it. Example: `good for a starter, a soup, a dressing`. */
export const brineSays = (uses: readonly BrineUse[]): string =>
  `good for ${uses.map((u) => SERVES[u]).join(', ')}`;

/** Where a brine comes from and how sour it was; empty: mixed fresh, or nobody knows. */
export function brineFrom({ origin }: KnownBrine): string {
  if (!origin) return '';
  const pH = origin.pH === null ? 'its pH was never read' : `pH ${origin.pH}`;
  return `off ${origin.name}, ${origin.sound ? pH : 'of which something was thrown away'}`;
}
