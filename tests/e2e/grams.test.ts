import { readFile } from 'node:fs/promises';
import { parse } from 'csv-parse/sync';
import { expect, open, test } from './support';

test('every gram of a season and of a batch adds up, and is a table for a spreadsheet', async ({ page }) => {
  await open(page, '/season');
  await page.getByRole('link', { name: 'Every gram of 2026' }).click();
  await expect(page.getByRole('heading', { name: 'Every gram of 2026' })).toBeVisible();
  const table = page.getByRole('table', { name: /Every gram/ });
  const sums = async () =>
    table
      .getByRole('row')
      .filter({ hasText: 'all together' })
      .evaluateAll((rows) => rows.map((r) => [...r.querySelectorAll('td')].map((c) => c.textContent.trim())));
  const [came, went] = await sums();
  expect(went).toEqual(came);
  expect(came!.every((x) => /\d/.test(x))).toBe(true);
  await page.getByRole('link', { name: 'White cabbage in the crock' }).click();
  await expect(page.getByRole('heading', { name: 'Every gram of White cabbage in the crock' })).toBeVisible();
  const [in_, out] = await sums();
  expect(out).toEqual(in_);
  const saving = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As a table for a spreadsheet (CSV)' }).click();
  const file = await (await saving).path();
  const rows = parse(await readFile(file), { columns: true, bom: true }) as unknown as Record<
    string,
    string
  >[];
  expect(rows.every((r) => r.batch === 'White cabbage in the crock')).toBe(true);
  expect(rows.some((r) => r.from === 'salt' && Number(r.salt_g) > 0)).toBe(true);
  await page.getByRole('link', { name: 'White cabbage in the crock' }).click();
  await expect(page.getByRole('link', { name: 'Every gram' })).toBeVisible();
});
