import { meterActSchema } from '$lib/schema/devices';
import { problemJson } from '$lib/server/http/answers';
import { acted, heard } from '$lib/server/http/devices';
import type { RequestHandler } from './$types';

/** What the electrode says as it comes (server-sent events), or what meter it is (JSON). */
export const GET: RequestHandler = ({ request, locals: { house } }) =>
  house.meter ? heard(request, house.meter, {}) : problemJson([{ code: 'no-meter' }]);

/** A stand-in dipped into something, taken out, its plug pulled. */
export const POST: RequestHandler = async ({ request, locals: { house } }) => {
  const { meter } = house;
  if (!meter) return problemJson([{ code: 'no-meter' }]);
  return acted({ request, house, device: meter }, meterActSchema, (act) => {
    if (!meter.play) return { code: 'meter-is-real' };
    if (act.do === 'plug') meter.play.plug(act.connected);
    else meter.play.act(act);
    return undefined;
  });
};
