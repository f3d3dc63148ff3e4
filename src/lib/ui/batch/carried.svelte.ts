import type { BatchInHand, Filling } from '$lib/core/batch';

/** The jar that a mouse carries; null: none. */
class Carried {
  jar = $state.raw<{ readonly batch: BatchInHand; readonly filling: Filling } | null>(null);
}
export const carried = new Carried();
