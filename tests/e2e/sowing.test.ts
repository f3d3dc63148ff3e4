import { expect, open, test } from './support';

test('what is sown is expected; a pick corrects the rest, and the season says it', async ({ page }) => {
  await open(page, '/garden');
  await page.getByRole('link', { name: 'Beds and sowings' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Beds and sowings');
  await page.getByText('Sow or plant something').click();
  const form = page.getByRole('form', { name: 'Sow or plant' });
  await form.getByLabel('Crop', { exact: true }).selectOption('fennel');
  await form.getByLabel('Sown or planted on').fill('2026-07-10');
  await form.getByRole('button', { name: 'Save' }).click();
  // What it lacks is said, and nothing typed is lost.
  await expect(form.getByRole('alert')).toContainText('how many metres or plants');
  await expect(form.getByLabel('Sown or planted on')).toHaveValue('2026-07-10');
  await form.getByLabel('Metres of row').fill('4');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('In the beds: Fennel')).toBeVisible();
  const row = page.getByRole('listitem').filter({ hasText: 'Fennel' }).first();
  await expect(row).toContainText(/6\s000\sg\s+from\s+28 Sep/);

  await row.getByRole('button', { name: 'change Fennel' }).click();
  const change = page.getByRole('form', { name: 'Change Fennel' });
  await change.getByLabel('Weeks late this year').fill('2');
  await change.getByRole('button', { name: 'Save' }).click();
  await expect(row).toContainText(/from\s+12 Oct, 2 weeks late/);

  await open(page, '/season');
  const ahead = page.getByRole('region', { name: 'What the beds will bring' });
  await expect(ahead.locator('[data-crop="fennel"]')).toContainText(/about 6\s000\sg more/);
  await expect(ahead.locator('[data-crop="cucumber-small"]')).toContainText('picked');
  await ahead.getByText('Week by week as a table').click();
  await expect(ahead.getByRole('row', { name: /^12 Oct/ })).toContainText('2');
});
