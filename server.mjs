// Serves the build: the demo, the household and the browser tests all start here. What every request meets first stands in
// gate.mjs.
import { createServer } from 'node:http';
import { gated, ownHosts, patient } from './gate.mjs';

export const DEFAULT_PORT = 4620;

process.env.PROTOCOL_HEADER = 'x-forwarded-proto';
// A larger body is cut off where it is read, however it says its length (http/bodies.ts words it).
process.env.BODY_SIZE_LIMIT = '1M';

/** A setting that must be a whole number; ends the process where it is not. */
function whole(name, fallback, from, to) {
  const said = Number(process.env[name] ?? fallback);
  if (Number.isInteger(said) && said >= from && said <= to) return said;
  console.error(
    `Crockle cannot start: ${name} is "${process.env[name]}", it must be a whole number from ${from} to ${to}.`
  );
  process.exit(1);
}
const port = whole('CROCKLE_PORT', DEFAULT_PORT, 1, 65535);
const patience = whole('CROCKLE_PATIENCE', 30, 1, 600);
const host = process.env.CROCKLE_HOST ?? '127.0.0.1';
const hosts = ownHosts(
  (process.env.CROCKLE_HOSTS ?? '')
    .split(',')
    .map((h) => h.trim().toLowerCase())
    .filter(Boolean)
);

let handler;
try {
  ({ handler } = await import('./build/handler.js'));
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}

const server = createServer(
  { connectionsCheckingInterval: 1000 },
  gated(
    (request, response) =>
      handler(request, response, () => {
        response.statusCode = 404;
        response.end('Not found');
      }),
    hosts
  )
);
patient(server, patience);

server.on('error', (error) => {
  const taken = error.code === 'EADDRINUSE';
  console.error(
    taken ? `Port ${port} is taken. Set CROCKLE_PORT to another one, such as ${port + 1}.` : error.message
  );
  process.exit(1);
});

server.listen(port, host, () => {
  const shown = host === '0.0.0.0' || host === '::' ? 'this machine’s address' : host;
  console.log(`Crockle is at http://${shown}:${port}`);
});

let leaving = false;
for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    if (leaving) return;
    leaving = true;
    server.close(() => process.emit('sveltekit:shutdown', signal));
    server.closeIdleConnections();
    // Kept-alive connections that never end must not keep the database open.
    setTimeout(() => server.closeAllConnections(), 2000).unref();
  });
