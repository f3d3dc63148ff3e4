import { dayPlan, type DayMaking, type DayPlan, type Hands } from '$lib/core/day';
import type { DayWorker } from '$lib/workers/day.worker';
import { Beside, plainly } from '../house/beside';

/** The day's order as it was laid last, by a worker; an answer that was overtaken is not shown. */
export class Order {
  plan = $state.raw<DayPlan | null>(null);
  private readonly beside = new Beside<DayWorker>(
    // The bundler wants the URL written just so.
    // eslint-disable-next-line svelte/prefer-svelte-reactivity
    () => new Worker(new URL('../../workers/day.worker.ts', import.meta.url), { type: 'module' })
  );
  private asked = 0;

  /** Lays it anew. */
  ask(makings: readonly DayMaking[], hands: Hands): void {
    const mine = ++this.asked;
    const plain = plainly({ makings, hands });
    const laid = this.beside.ask(
      (remote) => remote.dayPlan(plain.makings, plain.hands),
      () => dayPlan(plain.makings, plain.hands)
    );
    void laid.then((plan) => {
      if (mine === this.asked) this.plan = plan;
    });
  }

  stop(): void {
    this.beside.stop();
  }
}
