import { expect, open, test } from './support';

test('how long each kind lasts; a feast shortens it, and called off it is as before', async ({ page }) => {
  await open(page, '/cold');
  const section = page.locator('#how-long');
  const kind = section.locator('[data-kind="pieces"]');
  await expect(kind.getByText(/Gone|Lasts/)).toBeVisible();
  const before = await kind.innerText();
  await section.getByText('Guests or a feast: say how many eat then').click();
  const form = section.getByRole('form', { name: 'Guests or a feast' });
  await form.getByLabel('From', { exact: true }).fill('2026-09-14');
  await form.getByLabel('To', { exact: true }).fill('2026-09-13');
  await form.getByLabel('How many eat').fill('180');
  await form.getByLabel('What it is').fill('Harvest supper');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByText('The last day is before the first.')).toBeVisible();
  await form.getByLabel('To', { exact: true }).fill('2026-09-14');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Noted: 180 eat then')).toBeVisible();
  await expect(section.getByText(/Harvest supper: 180 eat/)).toBeVisible();
  await expect(kind).not.toHaveText(before);
  await expect(kind).toContainText(/Sep/);
  await section.getByRole('button', { name: 'As many as usual after all: Harvest supper' }).click();
  await expect(section.getByText(/Harvest supper/)).toHaveCount(0);
  await expect.poll(() => kind.innerText()).toBe(before);
});
