import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';
import { keepTyped } from './typed';

let last: Promise<void> = Promise.resolve();
let waiting: Promise<void> | undefined;

/** An opening that came to its end and is still spoken of as on its way: Back took it back, and nothing came in its place. */
let ended: Promise<void> | null = null;

const opening = (): boolean => navigating.complete !== null && navigating.complete !== ended;

/**
 * The page that was being opened is there, or its opening was cut short. The router says so a task later: who asked again
 * at once, of an opening that was cut short for another, would never let that other come to its end.
 */
async function opened(): Promise<void> {
  const one = navigating.complete;
  await one?.catch(() => undefined);
  await new Promise((later) => setTimeout(later));
  ended = one;
}

/** Whether the house answers at all. Where it does not, the router would put an error in the place of the room. */
const answers = async (): Promise<boolean> =>
  navigator.onLine &&
  (await fetch('/health', { cache: 'no-store' }).then(
    () => true,
    () => false
  ));

/**
 * Asks the house anew for what the page shows; done when the page shows it. While another page is being opened it waits
 * until that is there: the router would drop the opening for the asking, and the hand that tapped would stay where it
 * was. One asking at a time: the router calls an asking done, unanswered, once a second one begins. Whoever asks while
 * one is on its way shares the next. Where the house does not answer the room stays as it is; the news ask again once it does.
 */
export function lookAgain(): Promise<void> {
  waiting ??= last.then(async () => {
    waiting = undefined;
    do {
      const there = await answers();
      // Nothing is awaited between this and the asking: a page might begin to open in it.
      while (opening()) await opened();
      if (there) await keepTyped(invalidateAll);
      // A page that began to open meanwhile has cut the asking short.
    } while (opening());
  });
  last = waiting.catch(() => undefined);
  return waiting;
}
