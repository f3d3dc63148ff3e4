import { invalidateAll } from '$app/navigation';
import { navigating } from '$app/state';

/**
 * Asks the house anew for what the page shows. While another page is being opened it waits until that is there: the
 * router would drop the opening for the asking, and the hand that tapped would stay where it was.
 */
export async function lookAgain(): Promise<void> {
  while (navigating.complete) await navigating.complete.catch(() => undefined);
  await invalidateAll();
}
