import { scaleActSchema } from '$lib/schema/devices';
import { problemJson } from '$lib/server/http/answers';
import { acted, heard } from '$lib/server/http/devices';
import type { RequestHandler } from './$types';

/** The scale's readings as they come (server-sent events), or what scale it is (JSON). */
export const GET: RequestHandler = ({ request, locals }) => {
  const { scale } = locals.house;
  if (!scale) return problemJson([{ code: 'no-scale' }]);
  return heard(request, scale, { stepG: scale.stepG, capacityG: scale.capacityG });
};

/** A key pressed from afar; on a stand-in also things put on and the plug pulled. */
export const POST: RequestHandler = async ({ request, locals: { house } }) => {
  const { scale } = house;
  if (!scale) return problemJson([{ code: 'no-scale' }]);
  return acted({ request, house, device: scale }, scaleActSchema, (act) => {
    if (act.do === 'tare' || act.do === 'unit' || act.do === 'on') scale.press(act.do);
    else if (!scale.play) return { code: 'scale-is-real' };
    else if (act.do === 'plug') scale.play.plug(act.connected);
    else scale.play.act(act);
    return undefined;
  });
};
