import { createServer, request, type IncomingHttpHeaders, type Server } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { gated, HEADERS, isOwnHost, ownHosts, patient } from '../../gate.mjs';

describe('the Host header', () => {
  const hosts = ownHosts(['kitchen.lan']);
  it.each([
    ['127.0.0.1:4620', true],
    ['localhost', true],
    ['[::1]:4620', true],
    ['KITCHEN.lan:80', true],
    ['evil.example', false],
    ['127.0.0.1.evil.example:4620', false],
    ['', false],
    [undefined, false]
  ] as const)('%s: %s', (header, wanted) => expect(isOwnHost(header, hosts)).toBe(wanted));
});

describe('every request', () => {
  let server: Server;
  let port = 0;
  beforeAll(async () => {
    const inside = (_: unknown, response: { end: (text: string) => void }) => response.end('inside');
    server = createServer({ connectionsCheckingInterval: 50 }, gated(inside as never, ownHosts([])));
    patient(server, 1);
    await new Promise<void>((up) => server.listen(0, '127.0.0.1', up));
    port = (server.address() as AddressInfo).port;
  });
  afterAll(() => {
    server.closeAllConnections();
    server.close();
  });
  const ask = (path: string, headers: Record<string, string> = {}) =>
    new Promise<{ status: number; headers: IncomingHttpHeaders; text: string }>((done, fail) => {
      const asked = request({ port, host: '127.0.0.1', path, headers }, (response) => {
        let text = '';
        response.on('data', (d: Buffer) => (text += d.toString()));
        response.on('end', () => done({ status: response.statusCode ?? 0, headers: response.headers, text }));
      });
      asked.on('error', fail);
      asked.end();
    });

  it('is answered with the headers, refused or not', async () => {
    for (const headers of [{}, { host: 'evil.example' }] as Record<string, string>[])
      expect((await ask('/_app/version.json', headers)).headers).toMatchObject(HEADERS);
  });
  it('under a foreign name goes no further, to files no more than to pages', async () => {
    for (const path of ['/', '/_app/version.json', '/api/v1/picks'])
      expect(await ask(path, { host: 'evil.example' })).toMatchObject({ status: 421 });
    expect((await ask('/')).text).toBe('inside');
  });
  it.each([
    ['its head', 'GET / HTTP/1.1\r\nHost: loc'],
    ['its body', 'POST / HTTP/1.1\r\nHost: localhost\r\ncontent-length: 100\r\n\r\nab']
  ])('that drips in is cut off: %s', async (_, begun) => {
    const line = connect(port, '127.0.0.1');
    let said = '';
    line.on('data', (d) => (said += d.toString()));
    line.on('error', () => undefined);
    line.write(begun);
    // One more letter now and then, as a slow line would.
    const drip = setInterval(() => line.writable && line.write('x'), 100);
    await new Promise((r) => line.once('close', r));
    clearInterval(drip);
    expect(said).toMatch(/408|inside/);
  });
});
