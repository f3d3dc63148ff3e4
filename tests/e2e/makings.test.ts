import { clearBench, expect, onBench, open, say, test } from './support';

test('two are made side by side: each has its picks, its jars, its choices and its undo', async ({
  page,
  request
}) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await say(request, 'weigh-in', {
    commandId: 'beside',
    cropId: 'carrot',
    variety: 'Beside',
    weight: '900 g'
  });
  await open(page, '/bench');
  await expect(page.getByRole('navigation', { name: 'Being made' })).toHaveCount(0);
  await page.getByRole('link', { name: '+ another beside it' }).click();
  await expect(page.getByRole('heading', { name: 'What goes on this bench?' })).toBeVisible();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Carrot, Beside' })
    .getByRole('button', { name: 'Take Carrot to the bench' })
    .click();
  const prepared = page.getByRole('textbox', { name: 'Carrot, prepared' });
  await prepared.fill('700 g');
  const benches = page.getByRole('navigation', { name: 'Being made' });
  await expect(benches.getByRole('link', { name: /Kohlrabi/ })).toBeVisible();
  await expect(benches.getByRole('link', { name: /Carrot/ })).toHaveAttribute('aria-current', 'page');

  // More from the Garden comes to the bench that asks for it.
  await say(request, 'weigh-in', { commandId: 'more', cropId: 'fennel', variety: 'More', weight: '400 g' });
  await page.getByText('Take more from the Garden').click();
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Fennel, More' })
    .getByRole('button', { name: 'Take Fennel to the bench' })
    .click();
  await page.getByRole('textbox', { name: 'Fennel, prepared' }).fill('300 g');

  // A choice here is none there, and each takes its own back.
  await page.getByRole('button', { name: 'More salt' }).click();
  const salt = page.getByLabel('Salt', { exact: true });
  const more = await salt.inputValue();
  await benches.getByRole('link', { name: /Kohlrabi/ }).click();
  await expect(page.getByRole('textbox', { name: 'Kohlrabi, prepared' })).toHaveValue('1195 g');
  await expect(salt).not.toHaveValue(more);
  await expect(page.locator('#room').getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();

  await benches.getByRole('link', { name: /Carrot/ }).click();
  await expect(prepared).toHaveValue('700 g');
  await page.getByRole('button', { name: 'Start batch' }).click();
  await page
    .getByRole('dialog', { name: 'Start batch' })
    .getByRole('button', { name: 'Start batch' })
    .click();
  await expect(page).toHaveURL(/counter\?batch=/);
  await open(page, '/bench');
  await expect(benches).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Kohlrabi, prepared' })).toHaveValue('1195 g');
});
