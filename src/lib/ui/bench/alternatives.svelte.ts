import { wrap, type Remote } from 'comlink';
import { alternatives, type Alternatives, type WorksheetInput } from '$lib/core/worksheet';
import type { BenchWorker } from '$lib/workers/bench.worker';

/** A pause in typing after which the worker is asked. */
const PAUSE_MS = 150;

/** The other sets and the error bands, from a worker; what is shown is never older than the last answer asked for. */
export class Elsewhere {
  answer = $state.raw<Alternatives | null>(null);
  private worker: Worker | undefined;
  private remote: Remote<BenchWorker> | undefined;
  private failed = new Promise<unknown>(() => undefined);
  private broken = false;
  private asked = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** Asks anew, a moment after the last change. */
  ask(input: WorksheetInput): void {
    clearTimeout(this.timer);
    const mine = ++this.asked;
    this.timer = setTimeout(() => {
      // What goes to a worker is plain: no live parts.
      const plain = JSON.parse(JSON.stringify(input)) as WorksheetInput;
      void this.reckon(plain).then((a) => {
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

  /** In the worker; where there is none, or it does not start, on the page itself. */
  private async reckon(input: WorksheetInput): Promise<Alternatives> {
    if (this.broken || typeof Worker === 'undefined') return alternatives(input);
    this.remote ??= this.start();
    return Promise.race([
      this.remote.alternatives(input),
      this.failed.then(() => {
        this.broken = true;
        return alternatives(input);
      })
    ]);
  }

  private start(): Remote<BenchWorker> {
    // The bundler wants the URL written just so.
    // eslint-disable-next-line svelte/prefer-svelte-reactivity
    const worker = new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' });
    this.worker = worker;
    this.failed = new Promise((resolve) => worker.addEventListener('error', resolve, { once: true }));
    return wrap<BenchWorker>(worker);
  }
}
