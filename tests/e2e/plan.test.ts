import { OwnServer } from './server';
import { alive, expect, test } from './support';

test('the season laid out: a plan that gets better, its why, and a start that goes to the Bench', async ({
  page
}) => {
  await page.goto('/season');
  await page.getByRole('link', { name: 'What to make of it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What to make of it');
  await expect(page.locator('[data-plan]')).toContainText(/batch(es)?\. .*on the table/);
  // It may be taken as it is; else it is looked on till nothing better comes.
  await expect(page.locator('[data-plan=settled]')).toBeVisible({ timeout: 120_000 });
  await expect(page.getByText(/No plan can be/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'How full it gets' })).toBeVisible();
  const start = page
    .getByRole('region', { name: 'Begin this week' })
    .getByRole('listitem')
    .filter({ has: page.getByRole('button', { name: 'Take it to the Bench' }) })
    .first();
  await expect(start).toContainText(/Without it|It fits in well/, { timeout: 60_000 });
  await expect(page.getByText(/servings come to the table nine times in ten/)).toBeVisible({
    timeout: 120_000
  });
  await start.getByRole('button').click();
  await expect(page).toHaveURL(/\/bench\?bench=/);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
});

test('fewer hands make another plan; with nothing to plan with it says what is wanting', async ({ page }) => {
  await page.goto('/season/plan');
  await page.getByLabel('Batches a week at most').fill('1');
  await page.getByRole('button', { name: 'Lay it out so' }).click();
  await expect(page).toHaveURL(/batches=1/);
  await expect(page.locator('[data-plan]')).toBeVisible();
  await page.getByRole('button', { name: 'Enough: take this one' }).click();
  await expect(page.locator('[data-plan=settled]')).toBeVisible();
  const empty = new OwnServer();
  await empty.start();
  const settled = await page.request.post(`${empty.base}/api/v1/settle`, {
    data: { commandId: 'settled', name: 'Bare shelf', people: 2, units: 'metric' }
  });
  expect(settled.ok()).toBe(true);
  await page.goto(`${empty.base}/season/plan`);
  await alive(page);
  await expect(page.getByText(/no jars to plan with|nobody has said what grows/)).toBeVisible();
  await empty.end('SIGTERM');
  empty.clean();
});
