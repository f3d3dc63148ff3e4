import { SvelteMap } from 'svelte/reactivity';
import {
  eachPlace,
  glanceOf,
  outlookOf,
  type Ahead,
  type Glance,
  type Outlook,
  type PlaceAhead
} from '$lib/core/outlook';
import type { OutlookWorker } from '$lib/workers/outlook.worker';
import { Beside } from '../house/beside';

/** As many are kept: what was reckoned for a jar as it stands is not reckoned again. */
const MOST = 300;

const beside = new Beside<OutlookWorker>(
  // The bundler wants the URL written just so.

  () => new Worker(new URL('../../workers/outlook.worker.ts', import.meta.url), { type: 'module' })
);

/** What was reckoned of jars, one after another in a worker; the same question is answered once. */
class Kept<T> {
  private readonly found = new SvelteMap<string, T>();
  private readonly asked = new Set<string>();

  constructor(private readonly reckon: (ahead: Ahead) => Promise<T>) {}

  of(key: string): T | undefined {
    return this.found.get(key);
  }

  ask(key: string): void {
    if (this.asked.has(key)) return;
    this.asked.add(key);
    void this.reckon(JSON.parse(key) as Ahead).then((o) => {
      if (this.found.size >= MOST)
        for (const [old] of this.found) if (this.found.size >= MOST) this.forget(old);
      this.found.set(key, o);
    });
  }

  private forget(key: string): void {
    this.found.delete(key);
    this.asked.delete(key);
  }
}

/** All of a jar, for who looks at it. */
export const outlooks = new Kept<Outlook>((ahead) =>
  beside.ask(
    (remote) => remote.outlookOf(ahead),
    () => outlookOf(ahead)
  )
);

/** How sour it is, for many at once. */
export const glances = new Kept<Glance>((ahead) =>
  beside.ask(
    (remote) => remote.glanceOf(ahead),
    () => glanceOf(ahead)
  )
);

/** What each place would do to a jar from now on. */
export function placesAhead(ahead: Ahead, places: Parameters<typeof eachPlace>[1]): Promise<PlaceAhead[]> {
  // What goes to a worker is plain.
  const plain = JSON.parse(JSON.stringify({ ahead, places })) as { ahead: Ahead; places: typeof places };
  return beside.ask(
    (remote) => remote.eachPlace(plain.ahead, plain.places),
    () => eachPlace(ahead, places)
  );
}

export const keyOf = (ahead: Ahead): string => JSON.stringify(ahead);
