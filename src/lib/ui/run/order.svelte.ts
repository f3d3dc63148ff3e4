import { wrap, type Remote } from 'comlink';
import { dayOrder, type DayMaking, type DayPlan, type Hands } from '$lib/core/day';
import type { DayWorker } from '$lib/workers/day.worker';

/** The day's order as it was laid last, by a worker; on the page itself where none starts. */
export class Order {
  plan = $state.raw<DayPlan | null>(null);
  private worker: Worker | undefined;
  private remote: Remote<DayWorker> | undefined;
  private asked = 0;

  /** Lays it anew; an answer that was overtaken is not shown. */
  ask(makings: readonly DayMaking[], hands: Hands): void {
    const mine = ++this.asked;
    void this.lay(JSON.parse(JSON.stringify(makings)) as DayMaking[], { ...hands }).then((plan) => {
      if (mine === this.asked) this.plan = plan;
    });
  }

  stop(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
  }

  private async lay(makings: readonly DayMaking[], hands: Hands): Promise<DayPlan> {
    if (typeof Worker === 'undefined') return dayOrder(makings, hands);
    this.remote ??= this.start();
    const failed = new Promise<null>((no) =>
      this.worker?.addEventListener('error', () => no(null), { once: true })
    );
    return (await Promise.race([this.remote.dayOrder(makings, hands), failed])) ?? dayOrder(makings, hands);
  }

  private start(): Remote<DayWorker> {
    // The bundler wants the URL written just so.
    // eslint-disable-next-line svelte/prefer-svelte-reactivity
    this.worker = new Worker(new URL('../../workers/day.worker.ts', import.meta.url), { type: 'module' });
    return wrap<DayWorker>(this.worker);
  }
}
