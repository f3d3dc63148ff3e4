import { expect, test } from './support';

test('a crop that the table lacks is named, weighed in and salted by its own water', async ({ page }) => {
  await page.goto('/garden');
  await page.locator('body[data-alive]').waitFor();
  await page.getByRole('button', { name: 'Weigh in' }).first().click();
  await page.getByRole('link', { name: 'It is not in the list' }).click();
  const crops = page.locator('#crops');
  await crops.getByRole('button', { name: 'Add a crop of your own' }).click();
  await crops.getByLabel('Most like').selectOption({ label: 'Kohlrabi' });
  await crops.getByLabel('Name').fill('Garlic');
  await crops.getByLabel('Water, %').fill('87,5');
  await crops.getByLabel('Keeps raw in the kitchen, days').fill('3');
  await crops.getByRole('button', { name: 'Save' }).click();
  // The table has that name: nothing that was typed is lost.
  await expect(crops.getByText('“Garlic” is there already.')).toBeVisible();
  await expect(crops.getByLabel('Water, %')).toHaveValue('87,5');
  await crops.getByLabel('Name').fill('Yacon');
  await crops.getByRole('button', { name: 'Save' }).click();
  await expect(crops.getByText('like kohlrabi; water 87.5 % (table 91 %)')).toBeVisible();

  await page.getByRole('button', { name: 'Weigh in' }).first().click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What').selectOption({ label: 'Yacon' });
  await pad.getByLabel('Weight', { exact: true }).fill('2 kg');
  await expect(pad.getByText('keeps raw about 3 days')).toBeVisible();
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await page.goto('/garden');
  await expect(page.getByText('Yacon').first()).toBeVisible();

  // No longer offered, it keeps its name where it lies; taken back, it is offered again.
  await page.goto('/kit#crops');
  await crops.getByRole('button', { name: 'No longer offer Yacon' }).click();
  await expect(crops.getByText('Yacon')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(crops.getByText('Yacon')).toBeVisible();
});

test('a way of one’s own to make a style is named within its safe range, and the Bench offers it', async ({
  page
}) => {
  await page.goto('/kit#ways');
  await page.locator('body[data-alive]').waitFor();
  const ways = page.locator('#ways');
  await ways.getByRole('button', { name: 'Add a way of your own' }).click();
  await ways.getByLabel('A way of making').selectOption('pieces');
  await ways.getByLabel('Name').fill('Long sticks');
  await ways.getByLabel('Salt, %').fill('0.5');
  await ways.getByRole('button', { name: 'Save' }).click();
  await expect(ways.getByText('outside what keeps pieces in brine safe')).toBeVisible();
  await ways.getByLabel('Salt, %').fill('2.8');
  await ways.getByRole('button', { name: 'Save' }).click();
  await expect(ways.getByText('pieces in brine; 2.8 % salt')).toBeVisible();
  // Saved again as it stands, it is as it was: nothing is rounded on the way through the form.
  const change = ways.getByRole('button', { name: 'Change Long sticks' });
  await change.click();
  await ways.getByLabel('Salt, %').fill('2.75');
  await ways.getByRole('button', { name: 'Save' }).click();
  await change.click();
  await expect(ways.getByLabel('Salt, %')).toHaveValue('2.75');
  await ways.getByLabel('Salt, %').fill('2.8');
  await ways.getByRole('button', { name: 'Save' }).click();
  await expect(change).toBeVisible();
  await page.goto('/bench');
  await page.locator('body[data-alive]').waitFor();
  await page.locator('#style').selectOption({ label: 'Long sticks' });
  await expect(
    page
      .getByText(/settles at 2\.8\s%/)
      .locator('visible=true')
      .first()
  ).toBeVisible();
});
