import { clearBench, expect, onBench, open, say, test } from './support';

test('a recipe made, changed, made again; the batch knows its version', async ({ page, request }) => {
  await clearBench(request);
  await open(page, '/notebook/recipes');
  await page.getByRole('link', { name: '+ write one' }).click();
  const form = page.getByRole('form', { name: 'Write a recipe' });
  await form.getByLabel('Name').fill('Kraut of the lane');
  await form
    .getByRole('textbox', { name: /^The card/ })
    .fill('2 kg white cabbage\n2.2 % salt\n4 g caraway per kg\nsome dill');
  const card = page.locator('[data-card]');
  // At once it says what is missing.
  await expect(card.getByText(/2\.2\s% salt.*of what/)).toBeVisible();
  await expect(card.getByText(/some dill.*how much/)).toBeVisible();
  await card.getByRole('button', { name: 'as you like' }).click();
  await expect(form.getByRole('textbox', { name: /^The card/ })).toHaveValue(/some dill, as you like/);
  await form.getByRole('button', { name: 'Save the recipe' }).click();
  await expect(page.getByRole('heading', { name: 'Kraut of the lane', level: 1 })).toBeVisible();
  // A figure that is missing blocks scaling past it.
  await expect(page.locator('[data-scaler]').getByRole('alert')).toContainText('lacks a figure');
  await page.getByRole('button', { name: 'Change it' }).click();
  const change = page.getByRole('form', { name: 'Change the recipe' });
  await change
    .getByRole('textbox', { name: /^The card/ })
    .fill('2 kg white cabbage\n2.2 % salt of the vegetables\n4 g caraway per kg\nsome dill, as you like');
  await change.getByLabel('What changed').fill('the salt is of the vegetables');
  await change.getByRole('button', { name: 'Save as the next version' }).click();
  await expect(page.getByText('version 2', { exact: false }).first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Prepared vegetables' }).fill('500 g');
  await expect(page.locator('[data-scaler]')).toContainText(/caraway\s*2.g/);
  const url = page.url();

  const make = async (name: string) => {
    await onBench(request, 'cabbage-white', '2 kg', '1.5 kg');
    await open(page, url);
    await page.getByRole('link', { name: 'Make it' }).click();
    await expect(page).toHaveURL(/\/bench/);
    await expect(page.getByLabel('Recipe', { exact: true })).not.toHaveValue('');
    await expect(page.getByLabel('Percent of what')).toHaveValue('perVegetables');
    await page.getByRole('button', { name: 'Start batch' }).click();
    const dialog = page.getByRole('dialog', { name: 'Start batch' });
    await expect(dialog.getByLabel('Name')).toHaveValue('Kraut of the lane');
    await dialog.getByLabel('Name').fill(name);
    await dialog.getByRole('button', { name: 'Start batch' }).click();
    await expect(page).toHaveURL(/\/counter\?batch=/);
    return new URL(page.url()).searchParams.get('batch')!;
  };
  const first = await make('Lane kraut, first');
  await open(page, `/notebook/${first}`);
  await expect(page.getByRole('link', { name: 'Kraut of the lane, version 2' })).toBeVisible();
  // After tasting: more of it next time; at the next making it is proposed.
  await page.getByLabel('Of', { exact: true }).selectOption('4 g caraway per kg');
  await page.getByLabel('Why', { exact: true }).fill('hardly there');
  await page.getByRole('button', { name: 'Note it for next time' }).click();
  await expect(page.getByText(/Noted for next time/)).toBeVisible();
  const { commandId } = await say(request, 'weigh-in', { cropId: 'cabbage-white', weight: '2 kg' });
  await say(request, 'take-to-bench', { lotId: commandId, weight: '1.9 kg' });
  await open(page, '/bench');
  await page.getByLabel('Recipe', { exact: true }).selectOption({ label: 'Kraut of the lane' });
  const by = page.getByRole('region', { name: 'By recipe' });
  await expect(by).toContainText('More of “4 g caraway per kg” this time?');
  await by.getByRole('button', { name: 'Take it' }).click();
  await expect(by).toContainText('Version 3.');
  await expect(by.getByText('this time?')).toHaveCount(0);
  await page.getByRole('textbox', { name: 'White cabbage, prepared' }).fill('1.5 kg');
  await expect(by).toContainText(/caraway\s*7\.5.g/);
  await page.getByRole('button', { name: 'Start batch' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/\/counter\?batch=/);
  await open(page, url);
  await expect(page.getByText(/more of “4\sg caraway per kg” \(hardly there\)/)).toBeVisible();
  await expect(page.getByRole('link', { name: /Lane kraut, first/ })).toBeVisible();
  await expect(page.getByText('version 3, 2.', { exact: false }).first()).toBeVisible();
});

test('a substitute is taken by a tap, looked at, and kept as a version with its reason', async ({ page }) => {
  await open(page, '/notebook/recipes/leek-kimchi');
  const fish = page.locator('[data-scaler] li').filter({ hasText: 'fish sauce' }).first();
  await fish.getByText('swap').click();
  await fish.getByRole('button', { name: 'Take soy sauce instead of fish sauce' }).click();
  const form = page.getByRole('form', { name: 'Change the recipe' });
  await expect(form.getByRole('textbox', { name: /^The card/ })).toHaveValue(/soy sauce/);
  await expect(form.getByRole('textbox', { name: /^The card/ })).not.toHaveValue(/fish sauce/);
  await expect(form.getByLabel('What changed')).toHaveValue('soy sauce instead of fish sauce');
  await form.getByRole('button', { name: 'Save as the next version' }).click();
  await expect(page.getByText(/soy sauce instead of fish sauce \(as much salt/)).toBeVisible();
  await expect(page.getByText('version 2', { exact: false }).first()).toBeVisible();
});
