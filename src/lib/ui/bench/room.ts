import type { Batch } from '$lib/core/batch';
import type { Kitchen } from '$lib/core/kitchen';
import type { Lot, LotOnBench } from '$lib/core/lot';
import type { TaughtBySouring } from '$lib/core/outlook';
import type { Recipe } from '$lib/core/recipe';
import type { BenchDraft } from '$lib/schema/bench';

/** One of the benches on which something lies, as the others show it. */
export interface MakingShown {
  readonly id: string;
  readonly name: string;
  readonly g: number;
}

/** What the house says of one bench. */
export interface BenchRoomData extends Omit<Kitchen, 'household'> {
  readonly bench: string;
  readonly makings: readonly MakingShown[];
  readonly lots: readonly LotOnBench[];
  readonly raw: readonly {
    readonly cropId: string;
    readonly bed: string;
    readonly day: string;
    readonly weighedG: number;
    readonly gardenG: number;
  }[];
  readonly waiting: readonly Lot[];
  readonly toWash: Readonly<Record<string, number>>;
  readonly stockG: Readonly<Record<string, number>>;
  readonly young: readonly Batch[];
  readonly recipes: readonly Recipe[];
  readonly make: string | null;
  readonly draft: BenchDraft;
  /** The making under way on it; null: none. */
  readonly run: string | null;
  readonly souring: readonly TaughtBySouring[];
}
