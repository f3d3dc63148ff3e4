import { answer, clearBench, expect, makeUpToLids, open, test } from './support';

const PHONE = { width: 390, height: 844 };

/** One job of each style: what is picked, what is left when it is prepared, and what the rinse leaves. */
const JOBS = [
  { styleId: 'shredded', cropId: 'cabbage-white', picked: '2 kg', prepared: '1 kg 560 g' },
  { styleId: 'slaw', cropId: 'cabbage-red', picked: '1.4 kg', prepared: '1.05 kg' },
  { styleId: 'leaf-rinsed', cropId: 'cabbage-napa', picked: '2 kg', prepared: '1.7 kg', after: '1.4 kg' },
  { styleId: 'leaf-single', cropId: 'mustard-greens', picked: '900 g', prepared: '760 g' },
  { styleId: 'pieces', cropId: 'kohlrabi', picked: '1640 g', prepared: '1 195 g' },
  { styleId: 'short-cucumbers', cropId: 'cucumber-small', picked: '1 kg', prepared: '960 g' },
  { styleId: 'soft-fruit', cropId: 'tomato-cherry', picked: '900 g', prepared: '880 g' },
  { styleId: 'sliced-peppers', cropId: 'pepper-wax', picked: '1 kg', prepared: '820 g' },
  { styleId: 'pepper-sauce', cropId: 'pepper-cayenne', picked: '700 g', prepared: '590 g' },
  { styleId: 'pepper-mash', cropId: 'pepper-jalapeno', picked: '800 g', prepared: '700 g' }
] as const;

for (const job of JOBS)
  test(`from basket to closed jars on a phone: ${job.styleId}`, async ({ page, request }) => {
    await page.setViewportSize(PHONE);
    await clearBench(request);
    await open(page, '/garden');
    await page.getByRole('button', { name: '+ weigh in' }).click();
    const pad = page.getByRole('dialog');
    await pad.getByLabel('What', { exact: true }).selectOption(job.cropId);
    await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill(job.picked);
    await pad.getByRole('button', { name: 'Weigh in, to the bench' }).click();
    await expect(page).toHaveURL(/\/bench/);
    await page.locator('#style').selectOption(job.styleId);
    await page.getByRole('textbox', { name: /, prepared$/ }).fill(job.prepared);
    if ('after' in job) {
      await page.getByRole('textbox', { name: 'Wrung out it weighs' }).fill(job.after);
      await page.getByLabel('It tastes').selectOption('soup');
    }
    await expect(answer(page)).toContainText(/\d+\s*jar/);
    await expect(answer(page)).toContainText(/[1-9]\d*(\.\d+)?\s*g salt/);
    // The three large figures are figures; their units stand beside them.
    for (const figure of await answer(page).locator('.answer').allInnerTexts())
      expect(figure).toMatch(/^[\d.]+$/);
    // Its own steps in their order, and what goes with it.
    await page.getByRole('button', { name: 'How it is made, step by step' }).click();
    const made = page.locator('section', { hasText: 'How it is made, step by step' }).locator('ol > li');
    await expect(made.filter({ hasText: /jar number/ })).toBeVisible();
    expect(await made.count()).toBeGreaterThanOrEqual(6);
    // Led through it, a step at a time, to the lid.
    await page.getByRole('button', { name: 'Begin making' }).click();
    await expect(page).toHaveURL(/\/making\//);
    const seen = await makeUpToLids(page);
    expect(seen.length).toBeGreaterThanOrEqual(8);
    expect(new Set(seen).size).toBe(seen.length);
    await page.getByRole('button', { name: 'Lids are closed' }).click();
    const dialog = page.getByRole('dialog', { name: 'Start batch' });
    await dialog.getByLabel('Name').fill(`Job ${job.styleId}`);
    await dialog.getByRole('button', { name: 'Start batch' }).click();
    const lids = page.getByRole('list', { name: 'Lids' }).getByRole('listitem');
    await expect(lids.first()).toHaveText(/^\d+$/);
    await page.getByRole('button', { name: 'Done, next' }).click();
    await page.getByRole('link', { name: 'to the Counter' }).click();
    await expect(page).toHaveURL(/\/counter/);
    await expect(page.getByRole('heading', { name: `Job ${job.styleId}`, level: 1 })).toBeVisible();
    await expect(page.getByText(/\d\.\d\s% salt/).first()).toBeVisible();
  });
