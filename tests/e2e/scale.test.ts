import { clearBench, expect, onBench, open, test } from './support';

// The stand-in trembles, and creeps while something lies on it: within two steps, however slow the machine.
const A_HEAD = /^90[3-7] g$/;
const TWO_HEADS = /^18(0[7-9]|1[0-3]) g$/;

test('weighing with the scale: tared in the open, taken when it stands still, lost amid weighing and found', async ({
  page,
  request
}) => {
  await clearBench(request);
  await open(page, '/garden');
  await page.getByRole('button', { name: '+ weigh in' }).click();
  const pad = page.getByRole('dialog', { name: 'Weigh in' });
  await pad.getByLabel('What', { exact: true }).selectOption('cabbage-white');
  await pad.getByRole('button', { name: 'the scale', exact: true }).click();
  const panel = page.getByRole('complementary', { name: 'The kitchen scale' });
  await panel.getByRole('button', { name: /Blue bowl/ }).click();
  await expect(panel.locator('[data-scale]')).toHaveText(/^\d{3,} g$/);
  await expect(panel).toContainText('stands still');
  await panel.getByRole('button', { name: 'Tare' }).click();
  await expect(panel.locator('[data-scale]')).toHaveText('0 g');
  await panel.getByRole('button', { name: 'a head', exact: true }).click();
  // What moves cannot be taken.
  const take = pad.getByRole('button', { name: 'Take the weight for Weight' });
  await expect(panel.locator('[data-scale]')).toHaveText(A_HEAD);
  await expect(take).toBeEnabled();
  await take.click();
  const weight = pad.getByRole('textbox', { name: 'Weight', exact: true });
  await expect(weight).toHaveValue(A_HEAD);
  const said = await weight.inputValue();

  await panel.getByRole('button', { name: 'pull the plug' }).click();
  await expect(pad.getByText('The scale does not answer.')).toBeVisible();
  await expect(weight).toHaveValue(said);
  await weight.fill('1.8 kg');
  await panel.getByRole('button', { name: 'plug it in' }).click();
  await expect(pad.getByText('The scale does not answer.')).toHaveCount(0);
  await expect(weight).toHaveValue('1.8 kg');
  await panel.getByRole('button', { name: 'a head', exact: true }).click();
  await expect(panel.locator('[data-scale]')).toHaveText(TWO_HEADS);
  await expect(take).toBeEnabled();
  await take.click();
  await expect(weight).toHaveValue(TWO_HEADS);
  await pad.getByRole('button', { name: 'Weigh in, to the bench' }).click();
  await expect(page).toHaveURL(/\/bench/);
  await expect(page.getByText(/18(0[7-9]|1[0-3]).g picked|1.8(0[7-9]|1[0-3]).g picked/)).toBeVisible();
});

test('the bench takes it too, and a bar follows the scale', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g');
  await request.post('/api/v1/scale', { data: { do: 'put', g: 1195 } });
  await open(page, '/bench');
  await page.getByRole('textbox', { name: 'Kohlrabi, prepared' }).focus();
  const take = page.getByRole('button', { name: 'Take the weight for Kohlrabi, prepared' });
  await expect(take).toBeEnabled();
  await take.click();
  await expect(page.getByRole('textbox', { name: 'Kohlrabi, prepared' })).toHaveValue(/^119[3-7] g$/);
  await request.post('/api/v1/scale', { data: { do: 'empty' } });
  await page.getByText('Weigh it out, one after the other').click();
  await page.getByRole('textbox', { name: 'Salt, weighed' }).focus();
  await request.post('/api/v1/scale', { data: { do: 'put', g: 20 } });
  await expect(page.getByRole('meter', { name: /^Salt: (19|20|21)/ })).toBeVisible();
  await expect(page.getByText(/to go/).first()).toBeVisible();
});

test('the API of the scale refuses what cannot be', async ({ request }) => {
  expect((await request.post('/api/v1/scale', { data: { do: 'dance' } })).status()).toBe(400);
  expect((await request.post('/api/v1/scale', { data: { do: 'put', g: 1e9 } })).status()).toBe(400);
  const spec = (await (await request.get('/api/v1/scale')).json()) as { stepG: number };
  expect(spec.stepG).toBe(1);
});
