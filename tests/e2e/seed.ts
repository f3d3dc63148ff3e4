import { expect } from '@playwright/test';
import { OwnServer } from './server';

/** Sows the demo household once; every test begins with a copy of it. Handed on by the environment. */
export default async function seed(): Promise<() => void> {
  const sower = new OwnServer();
  await sower.start({ CROCKLE_DEMO: '1' });
  expect(await sower.end('SIGTERM'), sower.errors).toBe(0);
  process.env.E2E_SEED = sower.database;
  return sower.clean;
}
