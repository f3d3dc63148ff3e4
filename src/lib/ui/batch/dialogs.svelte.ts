import type { BatchInHand } from '$lib/core/batch';
import type { TroubleKind } from '$lib/core/correct';

/** Which dialog about a batch is open; one at a time, from any room. */
export type BatchDialog = 'taste' | 'ph' | 'move' | 'lid' | 'right' | 'sour' | 'heat';

class Dialogs {
  open = $state<BatchDialog | null>(null);
  batch = $state.raw<BatchInHand | null>(null);
  /** Which of its jars are meant; null: all of them. */
  of = $state.raw<readonly string[] | null>(null);
  /** What is to be put right, where it has been found out already. */
  found = $state.raw<{ readonly trouble: TroubleKind; readonly amount: string } | null>(null);
  show(which: BatchDialog, batch: BatchInHand, of: readonly string[] | null = null): void {
    this.batch = batch;
    this.of = of;
    this.found = null;
    this.open = which;
  }
  /** To put one jar right as has been found out. */
  putRight(batch: BatchInHand, of: readonly string[], found: NonNullable<Dialogs['found']>): void {
    this.show('right', batch, of);
    this.found = found;
  }
  /** Closes that one; another that was opened meanwhile stays. */
  close(which: BatchDialog): void {
    if (this.open === which) this.open = null;
  }
}

export const dialogs = new Dialogs();
