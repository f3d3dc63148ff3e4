import { json } from '@sveltejs/kit';
import type { z } from 'zod';
import type { Refusal } from '../../core/refusal';
import type { Device, Word } from '../devices';

import { looksOn, refusalsOf, type House } from '../usecases/act';
import { problemJson } from './answers';
import { jsonBody } from './bodies';
import { eventStream, MOST_LISTEN } from './stream';

let listening = 0;

/** A device's readings as they come (server-sent events), or what device it is (JSON). */
export function heard<R>(request: Request, device: Device<R>, what: object): Response {
  if (!request.headers.get('accept')?.includes('text/event-stream'))
    return json({ name: device.name, ...what, lost: device.lost });
  if (listening >= MOST_LISTEN) return problemJson([{ code: 'too-many-listen' }]);
  listening++;
  return eventStream<Word<R>>(
    (hear) => {
      const stop = device.listen((word) => hear(word.kind === 'closed' ? null : word));
      let open = true;
      return () => {
        if (open) listening--;
        open = false;
        stop();
      };
    },
    (word) => word.kind === 'reading'
  );
}

/** Something done to a device from afar, by one who may; `act` says what it refuses. */
export async function acted<S extends z.ZodType>(
  { request, house, device }: { request: Request; house: House; device: Device<unknown> },
  schema: S,
  act: (said: z.infer<S>) => Refusal | undefined
): Promise<Response> {
  const guest = looksOn(house);
  if (guest.length > 0) return problemJson(guest);
  const body = await jsonBody(request);
  if (!body.ok) return problemJson([body.refusal]);
  const parsed = schema.safeParse(body.value);
  if (!parsed.success) return problemJson(refusalsOf(parsed.error));
  const refused = act(parsed.data);
  return refused ? problemJson([refused]) : json({ lost: device.lost });
}
