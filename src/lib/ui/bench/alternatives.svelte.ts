import { wrap, type Remote } from 'comlink';
import type { Alternatives, WorksheetInput } from '$lib/core/worksheet';
import type { BenchWorker } from '$lib/workers/bench.worker';

/** A pause in typing after which the worker is asked. */
const PAUSE_MS = 150;

/** The other sets and the error bands, from a worker; what is shown is never older than the last answer asked for. */
export class Elsewhere {
  answer = $state.raw<Alternatives | null>(null);
  private worker: Worker | undefined;
  private remote: Remote<BenchWorker> | undefined;
  private asked = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** Asks anew, a moment after the last change. Nothing is asked where there are no workers. */
  ask(input: WorksheetInput): void {
    clearTimeout(this.timer);
    const mine = ++this.asked;
    this.timer = setTimeout(() => {
      // What goes to a worker is plain: no live parts.
      const plain = JSON.parse(JSON.stringify(input)) as WorksheetInput;
      this.remote ??= this.start();
      void this.remote?.alternatives(plain).then((a) => {
        if (mine === this.asked) this.answer = a;
      });
    }, PAUSE_MS);
  }

  stop(): void {
    clearTimeout(this.timer);
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
  }

  private start(): Remote<BenchWorker> | undefined {
    if (typeof Worker === 'undefined') return undefined;
    // The bundler wants the URL written just so.
    // eslint-disable-next-line svelte/prefer-svelte-reactivity
    this.worker = new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' });
    return wrap<BenchWorker>(this.worker);
  }
}
