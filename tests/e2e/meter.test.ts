import { expect, open, test } from './support';

test('the pH meter: two buffers, a reading that stands still, and refused once its buffers lie too far back', async ({
  page,
  request
}) => {
  await open(page, '/kit');
  const meter = page.getByRole('region', { name: 'pH meter' });
  await expect(meter.getByText('once it has stood in two buffers')).toBeVisible();
  await meter.locator('summary').click();
  const dip = async (into: string) => {
    await page.getByRole('button', { name: into, exact: true }).click();
    await expect(page.getByText('settling')).toBeVisible();
    await expect(page.getByText('stands still')).toBeVisible();
  };
  // The wrong way round is no calibration, and what was taken stays.
  await dip('buffer 4.01');
  await meter.getByRole('button', { name: 'take it as 7.00' }).click();
  await dip('buffer 7.00');
  await meter.getByRole('button', { name: 'take it as 4.01' }).click();
  await meter.getByRole('button', { name: 'Calibrate', exact: true }).click();
  await expect(meter.getByText('The two buffers seem to be swapped.')).toBeVisible();
  await meter.getByRole('button', { name: 'begin again' }).click();
  await dip('buffer 7.00');
  await meter.getByRole('button', { name: 'take it as 7.00' }).click();
  await dip('buffer 4.01');
  await meter.getByRole('button', { name: 'take it as 4.01' }).click();
  await meter.getByRole('button', { name: 'Calibrate', exact: true }).click();
  await expect(meter.getByText(/^In its buffers today: 9\d % of the ideal slope/)).toBeVisible();

  // From the fridge, its warmth reckoned in.
  await open(page, '/counter');
  await page.getByRole('button', { name: /^Jar 38/ }).click();
  await page.getByRole('button', { name: 'pH', exact: true }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'from the meter' }).click();
  await dip('a sour one from the fridge');
  await sheet.getByRole('button', { name: 'take the pH' }).click();
  await expect(sheet.getByRole('textbox', { name: 'pH', exact: true })).toHaveValue(/^3\.(5[5-9]|6[0-5])$/);
  await sheet.getByRole('button', { name: 'Save the reading' }).click();
  await expect(page.getByText(/^pH noted for/)).toBeVisible();

  // Nine days on its electrode has wandered, and nobody calibrated it.
  for (let i = 0; i < 9; i++) await request.post('/api/v1/step-clock', { data: { by: 'day' } });
  await open(page, '/counter');
  await page.getByRole('button', { name: /^Jar 38/ }).click();
  await page.getByRole('button', { name: 'pH', exact: true }).click();
  await sheet.getByRole('button', { name: 'from the meter' }).click();
  await expect(sheet.getByText('It last stood in its buffers 9 days ago.')).toBeVisible();
  await dip('a sour one');
  await expect(sheet.getByRole('button', { name: 'take the pH' })).toBeDisabled();
  // What is typed is still one's own to say; a cut line loses nothing of it.
  await sheet.getByRole('textbox', { name: 'pH', exact: true }).fill('3.7');
  await sheet.getByRole('button', { name: 'pull the plug' }).click();
  await expect(sheet.getByText('The meter does not answer.')).toBeVisible();
  await sheet.getByRole('button', { name: 'Save the reading' }).click();
  await expect(page.getByText(/^pH noted for/)).toBeVisible();
});

test('a titration is reckoned before it is saved; a brine is told by its hydrometer', async ({ page }) => {
  await open(page, '/counter');
  await page.getByRole('button', { name: /^Jar 38/ }).click();
  await page.getByRole('button', { name: 'pH', exact: true }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByText('Titrated its acid?').click();
  await sheet.getByLabel('It took').fill('9.5');
  await expect(sheet.getByText('0.86 % acid')).toBeVisible();
  await sheet.getByRole('button', { name: 'Save the titration' }).click();
  await expect(page.getByText(/^Acid noted for/)).toBeVisible();
  await open(page, '/pantry');
  const brine = page.getByRole('region', { name: 'Brine' });
  await brine.getByText('Save a brine').click();
  await brine.getByText('By hydrometer or refractometer').click();
  await brine.getByLabel('How much', { exact: true }).last().fill('1.5');
  await expect(brine.getByText('No brine shows that')).toBeVisible();
  await brine.getByLabel('How much', { exact: true }).last().fill('1.0225');
  await brine.getByLabel('Brine’s warmth').fill('20');
  await expect(brine.getByRole('status')).toContainText('% salt in the brine');
  // Enter uses it, and does not send the form that it helps to fill in.
  await brine.getByLabel('Brine’s warmth').press('Enter');
  await expect(brine.getByLabel('Salt in the brine, %')).toHaveValue(/^3\.1/);
});
