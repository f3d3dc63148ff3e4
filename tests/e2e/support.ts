import { test as base, expect, type APIRequestContext, type Page } from '@playwright/test';

/** Every test also holds that the console stayed clean. */
export const test = base.extend<{ clean: void }>({
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
  ]
});
export { expect };

export const SIZES = [
  { name: 'desk', width: 1280, height: 800 },
  { name: 'phone', width: 390, height: 844 }
] as const;

/** Opens a page and waits until it has come alive. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(path);
  await page.waitForLoadState('networkidle');
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

/** Clears the bench, so that a test meets only its own picks there. */
export async function clearBench(request: APIRequestContext): Promise<void> {
  const lots = (await (await request.get('/api/v1/picks')).json()) as { id: string; benchG: number }[];
  for (const lot of lots.filter((l) => l.benchG > 0)) await say(request, 'put-back', { lotId: lot.id });
  await request.post('/api/v1/bench-draft', { data: {} });
}
