import { expect, open, test } from './support';

test('a jar given to somebody: its card says what is in it, and stays in the record', async ({ page }) => {
  await open(page, '/cold');
  const panel = page.getByLabel('The chosen jar');
  const name = await panel.getByRole('heading', { level: 1 }).innerText();
  await panel.getByText('A card to go with it, and for whom').click();
  const form = panel.getByRole('form', { name: 'Given to' });
  await form.getByLabel('For whom').fill('Ida next door');
  await form.getByRole('button', { name: 'Give it to them' }).click();
  await expect(page.getByText(/given|Given/).first()).toBeVisible();
  await open(page, '/notebook');
  await page.getByRole('link', { name }).first().click();
  await page.getByRole('link', { name: 'card', exact: true }).first().click();
  const card = page.getByRole('article');
  await expect(card.getByText(/^For Ida next door, from/)).toBeVisible();
  await expect(card.getByText(/^In it, as written down: /)).toBeVisible();
  await expect(card.getByRole('img', { name: /code/ })).toBeVisible();
  // On paper there is the card alone.
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print the card' })).toBeHidden();
  await expect(card).toBeVisible();
});
