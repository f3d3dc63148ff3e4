import type { Batch, LaidIn } from '$lib/core/batch';
import type { KnownBrine } from '$lib/core/pantry';
import type { OwnedSize } from '$lib/core/worksheet';

/** A finishing as its page gets it. */
export interface FinishShown {
  readonly batch: Batch;
  readonly laid: readonly LaidIn[];
  readonly brine: { readonly pouredG: number; readonly strength: number };
  readonly brines: readonly KnownBrine[];
  readonly sizes: readonly OwnedSize[];
}
