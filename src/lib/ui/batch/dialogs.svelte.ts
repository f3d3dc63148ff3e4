import type { BatchInHand } from '$lib/core/batch';

/** Which dialog about a batch is open; one at a time, from any room. */
export type BatchDialog = 'taste' | 'ph' | 'move' | 'lid' | 'right' | 'sour';

class Dialogs {
  open = $state<BatchDialog | null>(null);
  batch = $state.raw<BatchInHand | null>(null);
  /** Which of its jars are meant; null: all of them. */
  of = $state.raw<readonly string[] | null>(null);
  show(which: BatchDialog, batch: BatchInHand, of: readonly string[] | null = null): void {
    this.batch = batch;
    this.of = of;
    this.open = which;
  }
  /** Closes that one; another that was opened meanwhile stays. */
  close(which: BatchDialog): void {
    if (this.open === which) this.open = null;
  }
}

export const dialogs = new Dialogs();
