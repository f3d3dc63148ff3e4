import { gunzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import type { RequestEvent } from '@sveltejs/kit';
import { served } from '$lib/server/http/served';
import { Seen } from '$lib/server/seen';
import type { House } from '$lib/server/usecases';

interface Asked {
  readonly method?: string;
  readonly room?: string | null;
  readonly headers?: Record<string, string>;
}

/** A house of which only what a page is kept by stands, and a page that counts how often it was made. */
function kitchen(answer: (made: number) => Response = (made) => new Response(`page ${made}`)) {
  let [made, beat] = [0, 0];
  const seen = new Seen(() => String(beat));
  const ask = async (path: string, hand: House['hand'] = null, { method, room, headers }: Asked = {}) => {
    const request = new Request(`http://house${path}`, { method: method ?? 'GET', headers: headers ?? {} });
    const event = { request, route: { id: room === undefined ? path : room } } as unknown as RequestEvent;
    return served(event, { seen, hand } as unknown as House, () => Promise.resolve(answer(++made)));
  };
  const text = async (...of: Parameters<typeof ask>) => (await ask(...of)).text();
  return { ask, text, stores: () => void beat++, made: () => made };
}
const hand = (name: string, role: string) => ({ name, role, kind: 'session', pass: name }) as House['hand'];

describe('a page as it went out', () => {
  it('is given again to who asks for the same, until something is stored', async () => {
    const k = kitchen();
    const both = await Promise.all([k.text('/cold'), k.text('/cold')]);
    expect([...both, await k.text('/cold')]).toEqual(['page 1', 'page 1', 'page 1']);
    k.stores();
    expect([await k.text('/cold'), await k.text('/cold?all')]).toEqual(['page 2', 'page 3']);
  });
  it('is not given to another name or role', async () => {
    const k = kitchen();
    const who = [null, hand('Ann', 'hand'), hand('Ann', 'guest'), hand('Ben', 'hand'), hand('Ann', 'hand')];
    const pages = [];
    for (const one of who) pages.push(await k.text('/cold', one));
    expect(pages).toEqual(['page 1', 'page 2', 'page 3', 'page 4', 'page 2']);
  });
  it.each<[string, string, House['hand'], Asked]>([
    ['Kit, which shows a phone its own pass', '/kit', hand('Ann', 'hand'), {}],
    ['signing in', '/sign-in', null, {}],
    ['an answer of the API', '/api/v1/stock', null, {}],
    ['what is sent', '/cold', null, { method: 'POST' }],
    ['an address that leads nowhere', '/nowhere', null, { room: null }]
  ])('is made for each: %s', async (_, path, who, asked) => {
    const k = kitchen();
    expect([await k.text(path, who, asked), await k.text(path, who, asked)]).toEqual(['page 1', 'page 2']);
  });
  it.each([
    ['an error', () => new Response('broke', { status: 500 })],
    ['a way on', () => new Response(null, { status: 303, headers: { location: '/' } })],
    ['a cookie', () => new Response('in', { headers: { 'set-cookie': 'crockle=1' } })]
  ])('is not kept: %s', async (_, answer) => {
    const k = kitchen(answer);
    const first = await k.ask('/cold');
    await k.ask('/cold');
    expect([k.made(), first.status, first.headers.get('location')]).toEqual([
      2,
      answer().status,
      answer().headers.get('location')
    ]);
  });
  it('goes packed to who can unpack it, the kept one too; what is short or a stream goes as it is', async () => {
    const long = 'cabbage '.repeat(4000);
    const html = { 'content-type': 'text/html', etag: '"a"' };
    const k = kitchen(() => new Response(long, { headers: html }));
    const gzip = { headers: { 'accept-encoding': 'gzip, br' } };
    for (const round of [1, 2]) {
      const answer = await k.ask('/cold', null, gzip);
      const body = Buffer.from(await answer.arrayBuffer());
      expect([k.made(), answer.headers.get('content-encoding'), answer.headers.get('etag')]).toEqual([
        1,
        'gzip',
        'W/"a"'
      ]);
      expect(answer.headers.get('vary'), String(round)).toBe('accept-encoding');
      expect(body.length).toBeLessThan(long.length / 10);
      expect(gunzipSync(body).toString()).toBe(long);
    }
    // Who cannot is given the page as it is.
    expect([await k.text('/cold'), k.made()]).toEqual([long, 2]);
    for (const [type, text] of [
      ['text/event-stream', long],
      ['text/html', 'short']
    ] as const) {
      const plain = kitchen(() => new Response(text, { headers: { 'content-type': type } }));
      const answer = await plain.ask('/api/v1/news', null, { ...gzip, room: '/api/v1/news' });
      expect([answer.headers.get('content-encoding'), await answer.text()]).toEqual([null, text]);
    }
  });
  it('that need not be sent again is not sent: each who says what it has is asked for itself', async () => {
    const k = kitchen((made) => (made === 1 ? new Response(null, { status: 304 }) : new Response('whole')));
    const again = await k.ask('/cold', null, { headers: { 'if-none-match': '"a"' } });
    expect([again.status, await again.text(), await k.text('/cold')]).toEqual([304, '', 'whole']);
  });
});
