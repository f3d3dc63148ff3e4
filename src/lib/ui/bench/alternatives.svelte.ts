import { alternatives, type Alternatives, type WorksheetInput } from '$lib/core/worksheet';
import type { BenchWorker } from '$lib/workers/bench.worker';
import { Beside, plainly } from '../house/beside';

/** A pause in typing after which the worker is asked. */
const PAUSE_MS = 150;

/** The other sets and the error bands, from a worker; what is shown is never older than the last answer asked for. */
export class Elsewhere {
  answer = $state.raw<Alternatives | null>(null);
  private readonly beside = new Beside<BenchWorker>(
    // The bundler wants the URL written just so.
    // eslint-disable-next-line svelte/prefer-svelte-reactivity
    () => new Worker(new URL('../../workers/bench.worker.ts', import.meta.url), { type: 'module' })
  );
  private asked = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** Asks anew, a moment after the last change. */
  ask(input: WorksheetInput): void {
    clearTimeout(this.timer);
    const mine = ++this.asked;
    this.timer = setTimeout(() => {
      const plain = plainly(input);
      const reckoned = this.beside.ask(
        (remote) => remote.alternatives(plain),
        () => alternatives(plain)
      );
      void reckoned.then((a) => {
        if (mine === this.asked) this.answer = a;
      });
    }, PAUSE_MS);
  }

  stop(): void {
    clearTimeout(this.timer);
    this.beside.stop();
  }
}
