import type { BatchInHand, Filling } from '$lib/core/batch';
import { cutFor, style, styleMade } from '$lib/core/style';

/** What a jar's picture needs of its batch. */
export function jarItems(b: BatchInHand) {
  const s = styleMade(b);
  const all = b.items.reduce((a, i) => a + i.preparedG, 0) || 1;
  return b.items.map((i) => ({
    cropId: i.cropId,
    cut: s ? cutFor(s, { ...i, id: i.cropId }) : ('chunk' as const),
    share: i.preparedG / all,
    hint: b.name
  }));
}

/** Shreds stand no higher than they were filled. */
export const levelOf = (b: BatchInHand, f: Filling): number =>
  style(b.styleId)?.salting === 'dry'
    ? Math.min(f.usableMl, Math.max(f.vegRoomMl * 1.02, f.usableMl * 0.5))
    : f.usableMl;
