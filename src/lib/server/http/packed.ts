import { promisify } from 'node:util';
import { gzip } from 'node:zlib';

/** What is shorter goes as it is, bytes. */
const LEAST = 2048;

/** Pages and data; a stream of events goes as it comes. */
const PACKS = /^(text\/html|application\/(problem\+)?json)/;

/** Whether who asks can unpack it. */
export const unpacks = (request: Request): boolean =>
  /\bgzip\b/.test(request.headers.get('accept-encoding') ?? '');

/** The answer, packed for the line where it is long enough and who asks can unpack it: a page of 165 kB goes as about 30. */
export async function packed(request: Request, answer: Response): Promise<Response> {
  const { headers, status } = answer;
  const plain = !PACKS.test(headers.get('content-type') ?? '') || headers.has('content-encoding');
  if (plain || answer.body === null || !unpacks(request)) return answer;
  const whole = await answer.arrayBuffer();
  if (whole.byteLength < LEAST) return new Response(whole, { status, headers });
  const body = await promisify(gzip)(whole, { level: 2 });
  headers.set('content-encoding', 'gzip');
  headers.append('vary', 'accept-encoding');
  headers.delete('content-length');
  // The same page, whichever way it went: not byte for byte.
  const tag = headers.get('etag');
  if (tag && !tag.startsWith('W/')) headers.set('etag', `W/${tag}`);
  return new Response(body, { status, headers });
}
