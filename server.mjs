// Serves the build: the demo, the household and the browser tests all start here.
// Plain HTTP at home: the proxy header below lets form posts in under any of this machine's addresses, while a
// foreign Origin still gets 403; hooks.server.ts refuses a foreign Host.
import { createServer } from 'node:http';

export const DEFAULT_PORT = 4620;

process.env.PROTOCOL_HEADER = 'x-forwarded-proto';
process.env.BODY_SIZE_LIMIT ??= '1M';

const port = Number(process.env.CROCKLE_PORT ?? DEFAULT_PORT);
const host = process.env.CROCKLE_HOST ?? '127.0.0.1';
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  console.error(
    `Crockle cannot start: CROCKLE_PORT is "${process.env.CROCKLE_PORT}", it must be a port from 1 to 65535.`
  );
  process.exit(1);
}

let handler;
try {
  ({ handler } = await import('./build/handler.js'));
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}

const server = createServer((request, response) => {
  request.headers['x-forwarded-proto'] = 'http';
  handler(request, response, () => {
    response.statusCode = 404;
    response.end('Not found');
  });
});

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
