import { redirect, type RequestEvent } from '@sveltejs/kit';
import { refused } from '$lib/server/http/answers';
import { formBody } from '$lib/server/http/bodies';
import { forgetSignIn, keepSignedIn, wayOn } from '$lib/server/http/door';
import type { House, Result } from '$lib/server/usecases';
import { beginHouse, signIn, type CameIn } from '$lib/server/usecases/people';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  // Nobody is asked, or who asks is in already.
  if (!locals.shut) redirect(303, wayOn(url));
  return { first: !(await locals.house.keys?.isSet('hand')) };
};

/** In by one way or the other: the phone gets its cookie, and goes where it wanted to. */
const comeIn =
  (way: (house: House, input: unknown, address: string) => Promise<Result<CameIn>>) =>
  async (event: RequestEvent) => {
    const form = await formBody(event.request);
    if (!form.ok) return refused([form.refusal]);
    const came = await way(event.locals.house, form.value, event.getClientAddress());
    if (!came.ok) return refused(came.refusals, form.value);
    keepSignedIn(event.cookies, event.url, came.value.secret, came.value.pass);
    redirect(303, wayOn(event.url));
  };

export const actions: Actions = {
  in: comeIn(signIn),
  first: comeIn(beginHouse),
  out: async ({ locals, cookies, url }) => {
    const { hand, keys } = locals.house;
    if (hand) await keys?.takeBack(hand.pass);
    forgetSignIn(cookies, url);
    redirect(303, '/sign-in');
  }
};
