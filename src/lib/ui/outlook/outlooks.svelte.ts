import { SvelteMap } from 'svelte/reactivity';
import { eachPlace, outlookOf, type Ahead, type Outlook, type PlaceAhead } from '$lib/core/outlook';
import type { OutlookWorker } from '$lib/workers/outlook.worker';
import { Beside } from '../house/beside';

/** As many are kept: what was reckoned for a jar as it stands is not reckoned again. */
const MOST = 300;

/** The outlooks of jars, reckoned one after another in a worker; the same question is answered once. */
class Outlooks {
  private readonly found = new SvelteMap<string, Outlook>();
  private readonly asked = new Set<string>();
  private readonly beside = new Beside<OutlookWorker>(
    // The bundler wants the URL written just so.

    () => new Worker(new URL('../../workers/outlook.worker.ts', import.meta.url), { type: 'module' })
  );

  of(key: string): Outlook | undefined {
    return this.found.get(key);
  }

  ask(key: string): void {
    if (this.asked.has(key)) return;
    this.asked.add(key);
    const ahead = JSON.parse(key) as Ahead;
    const reckoned = this.beside.ask(
      (remote) => remote.outlookOf(ahead),
      () => outlookOf(ahead)
    );
    void reckoned.then((o) => {
      if (this.found.size >= MOST)
        for (const [old] of this.found) if (this.found.size >= MOST) this.forget(old);
      this.found.set(key, o);
    });
  }

  /** What each place would do to a jar from now on. */
  places(ahead: Ahead, places: Parameters<typeof eachPlace>[1]): Promise<PlaceAhead[]> {
    // What goes to a worker is plain.
    const plain = JSON.parse(JSON.stringify({ ahead, places })) as { ahead: Ahead; places: typeof places };
    return this.beside.ask(
      (remote) => remote.eachPlace(plain.ahead, plain.places),
      () => eachPlace(ahead, places)
    );
  }

  private forget(key: string): void {
    this.found.delete(key);
    this.asked.delete(key);
  }
}

export const outlooks = new Outlooks();
export const keyOf = (ahead: Ahead): string => JSON.stringify(ahead);
