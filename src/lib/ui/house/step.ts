import type { Aside } from '$lib/schema/asides';
import { lookAgain } from './look-again';
import { tell } from './send';
import { toasts } from './toasts.svelte';

/** Steps the demo's clock on, and looks again. */
export async function stepOn(by: Aside<'step-clock'>['by']): Promise<void> {
  const told = await tell('step-clock', { by });
  if (!told.ok) toasts.say(told.problem.says, { tone: 'trouble', more: told.problem.wouldWork });
  await lookAgain();
}
