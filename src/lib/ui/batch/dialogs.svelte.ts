import type { BatchInHand } from '$lib/core/batch';

/** Which dialog about a batch is open; one at a time, from any room. */
export type BatchDialog = 'taste' | 'ph' | 'move' | 'lid' | 'right' | 'sour';

class Dialogs {
  open = $state<BatchDialog | null>(null);
  batch = $state.raw<BatchInHand | null>(null);
  show(which: BatchDialog, batch: BatchInHand): void {
    this.batch = batch;
    this.open = which;
  }
  /** Closes that one; another that was opened meanwhile stays. */
  close(which: BatchDialog): void {
    if (this.open === which) this.open = null;
  }
}

export const dialogs = new Dialogs();
