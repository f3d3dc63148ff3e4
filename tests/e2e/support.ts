import { copyFileSync } from 'node:fs';
import { test as base, expect, type APIRequestContext, type Page } from '@playwright/test';
import { OwnServer } from './server';

/** Every test has a server on its own copy of the demo household, and holds that the console stayed clean. */
export const test = base.extend<{ clean: void; line: void }>({
  // Playwright's fixtures name what they need in this pattern; this one needs nothing.
  // eslint-disable-next-line no-empty-pattern
  baseURL: async ({}, use) => {
    const server = new OwnServer();
    copyFileSync(process.env.E2E_SEED!, server.database);
    await server.start({ CROCKLE_DEMO: '1' });
    await use(server.base);
    await server.end('SIGTERM');
    server.clean();
  },
  clean: [
    async ({ page }, use) => {
      const said: string[] = [];
      page.on('console', (m) => {
        if (m.type() === 'error' || m.type() === 'warning') said.push(m.text());
      });
      page.on('pageerror', (e) => said.push(String(e)));
      await use();
      // What a test provokes on purpose (a refusal, a cut line) the browser logs as a failed load.
      expect(said.filter((t) => !/Failed to load resource|net::ERR_/.test(t))).toEqual([]);
    },
    { auto: true }
  ],
  // E2E_SLOW_LINE=900 holds every request but the app's own files back for up to so many milliseconds, each by chance:
  // what depends on the order of answers shows itself.
  line: [
    async ({ page }, use) => {
      const slow = Number(process.env.E2E_SLOW_LINE ?? 0);
      if (slow > 0)
        await page.route(/^(?!.*\/_app\/immutable\/).*$/, async (route) => {
          await new Promise((r) => setTimeout(r, Math.random() * slow));
          await route.continue().catch(() => undefined);
        });
      await use();
    },
    { auto: true }
  ]
});
export { expect };

export const SIZES = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'phone', width: 390, height: 844 }
] as const;

/** Waits until a page that was asked for hears keys and taps. */
export async function alive(page: Page): Promise<void> {
  await page.locator('body[data-alive]').waitFor();
  // What the page asked for while it came alive has come.
  await page.waitForFunction(() => document.readyState === 'complete');
}

/** Opens a page and waits until it has come alive. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await alive(page);
}

let n = 0;
/** A call to the API that must go well. */
export async function say(
  request: APIRequestContext,
  thing: string,
  body: Record<string, unknown>
): Promise<{ commandId: string; answer: Record<string, unknown> }> {
  const commandId = `e2e-${process.pid}-${Date.now()}-${++n}`;
  const response = await request.post(`/api/v1/${thing}`, { data: { commandId, ...body } });
  expect(response.ok(), await response.text()).toBe(true);
  return { commandId, answer: (await response.json()) as Record<string, unknown> };
}

/** Weighs a pick in, takes it to the bench, and prepares it if said; the pick's id. */
export async function onBench(
  request: APIRequestContext,
  cropId: string,
  weight: string,
  prepared = ''
): Promise<string> {
  const { commandId } = await say(request, 'weigh-in', { cropId, weight });
  await say(request, 'take-to-bench', { lotId: commandId, weight: '' });
  if (prepared) await say(request, 'weigh-prepared', { lotId: commandId, weight: prepared });
  return commandId;
}

/** The big answer, where this page shows it. */
export const answer = (page: Page) => page.locator('[data-answer]:visible');

/** Clears the bench of what the demo household has on it, so that a test meets only its own picks there. */
export async function clearBench(request: APIRequestContext): Promise<void> {
  const lots = (await (await request.get('/api/v1/picks')).json()) as { id: string; benchG: number }[];
  for (const lot of lots.filter((l) => l.benchG > 0)) await say(request, 'put-back', { lotId: lot.id });
  await request.post('/api/v1/bench-draft', { data: { anew: true } });
}

const NEXT = /^(Begin|Done, next)$/;
/** An answer to each gate that lets a making go on. */
const PASSES = /^(All sound|Yes, |Like a well-seasoned soup|It is as said above|Cold)/;

/** Leads a making on, a screen at a time, up to its lids; the screens that were seen, by what stood on them first. */
export async function makeUpToLids(page: Page): Promise<string[]> {
  const seen: string[] = [];
  const at = page.getByText(/^Step \d+ of \d+/);
  const closing = page.getByRole('button', { name: 'Lids are closed' });
  const screen = page.getByRole('region', { name: 'The step' });
  for (;;) {
    await at.waitFor();
    const where = (await at.innerText()).split(',')[0]!;
    seen.push(await screen.locator('p').first().innerText());
    if (await closing.isVisible()) return seen;
    const gate = screen.getByRole('list', { name: 'Answers' });
    if (await gate.isVisible()) {
      await gate.getByRole('button', { name: PASSES }).first().click();
      const done = screen.getByRole('button', { name: 'Done, go on' });
      await expect(done.or(at.filter({ hasNotText: `${where},` })).first()).toBeVisible();
      if (await done.isVisible()) await done.click();
    } else await page.getByRole('button', { name: NEXT }).click();
    await expect(at).not.toContainText(new RegExp(`^${where}(,|$)`));
  }
}
