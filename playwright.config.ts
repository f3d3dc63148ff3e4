import { mkdtempSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { defineConfig } from '@playwright/test';

const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number };
      probe.close(() => resolve(port));
    });
  });

// Loaded again in each worker: picked once, handed on by the environment.
process.env.E2E_PORT ??= String(await freePort());
process.env.E2E_DIR ??= mkdtempSync(join(tmpdir(), 'crockle-e2e-'));
const baseURL = `http://127.0.0.1:${process.env.E2E_PORT}`;

export default defineConfig({
  testDir: 'tests/e2e',
  workers: 1,
  fullyParallel: false,
  // The machine may be small and busy: these only end what hangs, they assert no speed.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  use: {
    baseURL,
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: process.env.CROCKLE_CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync'
      ]
    }
  },
  webServer: {
    command: 'node server.mjs',
    url: `${baseURL}/health`,
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
    env: {
      CROCKLE_PORT: process.env.E2E_PORT,
      CROCKLE_DATABASE: join(process.env.E2E_DIR, 'demo.db'),
      CROCKLE_DEMO: '1',
      CROCKLE_LOG: 'warn'
    }
  }
});
