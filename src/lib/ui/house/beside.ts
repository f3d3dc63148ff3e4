import { wrap, type Remote } from 'comlink';

/** Work that a worker does beside the page; on the page itself where none starts. */
export class Beside<W> {
  private worker: Worker | undefined;
  private remote: Remote<W> | undefined;
  private failed = new Promise<unknown>(() => undefined);
  private broken = false;

  /** `make` starts it: the bundler wants the URL written where it is used. */
  constructor(private readonly make: () => Worker) {}

  async ask<T>(there: (remote: Remote<W>) => Promise<T>, here: () => T): Promise<T> {
    if (this.broken || typeof Worker === 'undefined') return here();
    this.remote ??= this.start();
    return Promise.race([
      there(this.remote),
      this.failed.then(() => {
        this.broken = true;
        return here();
      })
    ]);
  }

  stop(): void {
    this.worker?.terminate();
    this.worker = undefined;
    this.remote = undefined;
  }

  private start(): Remote<W> {
    const worker = this.make();
    this.worker = worker;
    this.failed = new Promise((resolve) => worker.addEventListener('error', resolve, { once: true }));
    return wrap<W>(worker);
  }
}

/** What goes to a worker is plain: no live parts. */
export const plainly = <T>(of: T): T => JSON.parse(JSON.stringify(of)) as T;
