import { json } from '@sveltejs/kit';
import { problemJson } from '$lib/server/http/answers';
import { jsonBody } from '$lib/server/http/bodies';
import { eventStream, MOST_LISTEN } from '$lib/server/http/stream';
import { scaleActSchema } from '$lib/schema/scale';
import { looksOn, refusalsOf } from '$lib/server/usecases/act';
import type { ScaleWord } from '$lib/server/devices';
import type { RequestHandler } from './$types';

/** The scale's readings as they come (server-sent events), or what scale it is (JSON). */
export const GET: RequestHandler = ({ request, locals }) => {
  const { scale } = locals.house;
  if (!scale) return problemJson([{ code: 'no-scale' }]);
  if (!request.headers.get('accept')?.includes('text/event-stream'))
    return json({ name: scale.name, stepG: scale.stepG, capacityG: scale.capacityG, lost: scale.lost });
  if (listening >= MOST_LISTEN) return problemJson([{ code: 'too-many-listen' }]);
  listening++;
  return eventStream<ScaleWord>(
    (hear) => {
      const stop = scale.listen((word) => hear(word.kind === 'closed' ? null : word));
      let open = true;
      return () => {
        if (open) listening--;
        open = false;
        stop();
      };
    },
    (word) => word.kind === 'reading'
  );
};

let listening = 0;

/** A key pressed from afar; on a stand-in also things put on and the plug pulled. */
export const POST: RequestHandler = async ({ request, locals }) => {
  const { scale } = locals.house;
  if (!scale) return problemJson([{ code: 'no-scale' }]);
  const guest = looksOn(locals.house);
  if (guest.length > 0) return problemJson(guest);
  const body = await jsonBody(request);
  if (!body.ok) return problemJson([body.refusal]);
  const parsed = scaleActSchema.safeParse(body.value);
  if (!parsed.success) return problemJson(refusalsOf(parsed.error));
  const act = parsed.data;
  if (act.do === 'tare' || act.do === 'unit' || act.do === 'on') scale.press(act.do);
  else if (!scale.play) return problemJson([{ code: 'scale-is-real' }]);
  else if (act.do === 'plug') scale.play.plug(act.connected);
  else scale.play.act(act);
  return json({ lost: scale.lost });
};
