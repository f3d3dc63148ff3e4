import { thermometerActSchema } from '$lib/schema/devices';
import { problemJson } from '$lib/server/http/answers';
import { acted, heard } from '$lib/server/http/devices';
import type { RequestHandler } from './$types';

/** What the thermometers show as it comes (server-sent events), or what they are (JSON). */
export const GET: RequestHandler = ({ request, locals: { house } }) =>
  house.thermometers ? heard(request, house.thermometers, {}) : problemJson([{ code: 'no-thermometer' }]);

/** A stand-in's room made warmer or colder, its plug pulled. */
export const POST: RequestHandler = async ({ request, locals: { house } }) => {
  const { thermometers } = house;
  if (!thermometers) return problemJson([{ code: 'no-thermometer' }]);
  return acted({ request, house, device: thermometers }, thermometerActSchema, (act) => {
    if (!thermometers.play) return { code: 'thermometer-is-real' };
    if (act.do === 'plug') thermometers.play.plug(act.connected);
    else thermometers.play.act(act);
    return undefined;
  });
};
