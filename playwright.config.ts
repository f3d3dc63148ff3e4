import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'tests/e2e',
  globalSetup: './tests/e2e/seed.ts',
  // Each test has its own server and database (tests/e2e/support.ts), so that any two may run at once, in any order.
  workers: 2,
  fullyParallel: true,
  // The machine may be small and busy: these only end what hangs, they assert no speed.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  use: {
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
  }
});
