import { expect, open, test } from './support';

test('a crock goes into smaller jars, a jar at a time, and what is left is proposed the jar that fits', async ({
  page
}) => {
  await open(page, '/cold');
  const panel = page.getByLabel('The chosen jar');
  await page.getByRole('button', { name: /^Jar 7:/ }).click();
  await expect(panel.getByText(/^jar 7, 5 l crock/)).toBeVisible();
  const form = panel.getByRole('form', { name: 'Decant' });
  const left = async () => Number((await panel.locator('.answer').innerText()).replace(/\D/g, ''));
  const before = await left();
  let taken = 0;
  for (const jar of ['1 l clip jar', '1 l clip jar', '0.5 l clip jar']) {
    if (!(await form.isVisible())) await panel.getByText(/^Into another jar/).click();
    const chosen = await form
      .getByRole('option', { name: new RegExp(`^${jar}`) })
      .first()
      .getAttribute('value');
    await form.getByLabel('Into which').selectOption(chosen);
    const much = Number((await form.getByLabel(/^How much/).inputValue()).replace(/\D/g, ''));
    expect(much).toBeGreaterThan(300);
    taken += much;
    await form.getByRole('button', { name: 'Decant it' }).click();
    // No gram is lost on the way: what is shown is rounded to one.
    await expect.poll(async () => Math.abs(before - taken - (await left()))).toBeLessThan(3);
  }
  const fits = panel.getByRole('form', { name: 'Into a smaller jar' });
  await expect(fits.getByText(/^Much air stands over what is left/)).toBeVisible();
  await fits.getByRole('button').click();
  await expect(page.getByText(/^Decanted\. Write \d+ on the lid/).last()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Jar 7:/ })).toBeHidden();
});

test('two batches become one in a jar, which is given away with its card', async ({ page }) => {
  await open(page, '/cold');
  const panel = page.getByLabel('The chosen jar');
  await page.getByRole('button', { name: /^Jar 30:/ }).click();
  await expect(panel.getByRole('heading', { level: 1 })).toHaveText(/Wax-pepper rings/);
  await panel.getByText('Pour it into another jar').click();
  const form = panel.getByRole('form', { name: 'Pour together' });
  const other = await form.getByRole('option', { name: /jar 29, Gherkins/ }).getAttribute('value');
  await form.getByLabel('Into which').selectOption(other);
  await form.getByLabel(/^How much/).fill('60 g');
  await form.getByRole('button', { name: 'Pour it in' }).click();
  await expect(page.getByText(/^Poured together: Gherkins/)).toBeVisible();
  await page.getByRole('button', { name: /^Jar 29:/ }).click();
  await expect(panel.getByRole('heading', { level: 1 })).toHaveText(/Gherkins/);
  await panel.getByText('A card to go with it, and for whom').click();
  await panel.getByRole('link', { name: 'Its card' }).click();
  const words = page.getByRole('article').getByText(/^In it, as written down: /);
  await expect(words).toContainText(/gherkin/i);
  await expect(words).toContainText(/pepper/i);
});

test('a meal from two jars is one entry, and taken back as one', async ({ page }) => {
  await open(page, '/cold');
  const first = page.getByRole('main').getByText(/^\d+ jars, .* in all\.$/);
  const before = await first.innerText();
  await page.getByText('A meal from several jars').click();
  await page.getByRole('button', { name: 'a quarter of jar 30' }).click();
  await page.getByRole('button', { name: 'a half of jar 15' }).click();
  const form = page.getByRole('form', { name: 'A meal' });
  await form.getByLabel(/^What it was/).fill('Sunday soup');
  await form.getByRole('button', { name: 'Eaten, from 2 jars' }).click();
  const said = page.getByText(/^A meal from jars 15 and 30: .* less$/);
  await expect(said).toBeVisible();
  await expect(first).not.toHaveText(before);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(first).toHaveText(before);
});
