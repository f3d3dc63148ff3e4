import { FIRST_BENCH } from '$lib/core/lot';

/** The weigh-in pad can be called from anywhere. */
class WeighInState {
  open = $state(false);
  /** Where a pick goes that is taken on at once. */
  bench = $state(FIRST_BENCH);

  show(bench: string = FIRST_BENCH): void {
    this.bench = bench;
    this.open = true;
  }
}

export const weighIn = new WeighInState();
