import { clearBench, expect, onBench, open, say, test } from './support';
import type { APIRequestContext, Page } from '@playwright/test';

const choice = { fraction: 0.03, saltKindId: 'sea-fine', placeId: 'counter', opens: true };
async function sticks(request: APIRequestContext, name: string): Promise<string> {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1 195 g');
  const batch = await say(request, 'start-batch', { ...choice, styleId: 'pieces', name });
  return batch.commandId;
}
const dialogOf = (page: Page) => page.getByRole('dialog', { name: /^Put right/ });

test('too salty: drawn off and watered, its record and its jar follow', async ({ page, request }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const id = await sticks(request, 'Too salty sticks');
  await open(page, `/counter?batch=${id}`);
  await page.getByRole('button', { name: 'Put right' }).click();
  const dialog = dialogOf(page);
  await dialog.getByLabel('What went wrong').selectOption('too-salty');
  await dialog.getByLabel('What it should settle at, %').fill('2.4');
  // Pieces have not evened out on the first day: said before it is done.
  await expect(dialog.getByText(/has not evened out yet/)).toBeVisible();
  await expect(dialog.locator('[data-remedy]')).toContainText(/Draw off \d+.ml of brine/);
  await expect(dialog.getByRole('img', { name: /plain water .* this answer 2\.4\s%/ })).toBeVisible();
  await dialog.getByLabel('Why, for next time').fill('tasted like the sea');
  await dialog.getByRole('button', { name: /^Done so with jar/ }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByText(/ at 2\.4\s%/)).toBeVisible();
  await page.getByRole('link', { name: 'Its record' }).click();
  await expect(page.getByText(/Put right \d+ \(too salty\).*from 3\.0\s% to 2\.4\s%/).first()).toBeVisible();
  await expect(page.getByText(/“tasted like the sea”/).first()).toBeVisible();
  await expect(page.getByText(/2\.4\s% salt/).first()).toBeVisible();
  // The label that is on the lid by now is wrong: a new one.
  await page.getByRole('link', { name: 'Print lid labels' }).click();
  await expect(page.getByRole('button', { name: /^Label of jar/ }).first()).toContainText(
    /2\.4\s% salt, put right/
  );
});

test('topped up with plain water: the salt it wants; a wrong word is refused and nothing is lost', async ({
  page,
  request
}) => {
  const id = await sticks(request, 'Watered sticks');
  await open(page, `/notebook/${id}`);
  await page.getByRole('button', { name: 'Put right' }).click();
  const dialog = dialogOf(page);
  await dialog.getByLabel('What went wrong').selectOption('wrong-top-up');
  await expect(dialog.locator('[data-remedy]')).toContainText('Say how much');
  await dialog.getByLabel('Poured in, each jar').fill('a splash');
  await expect(dialog.locator('[data-remedy]').getByRole('alert')).toBeVisible();
  await dialog.getByLabel('Poured in, each jar').fill('150 ml');
  await dialog.getByLabel('What it should settle at, %').fill('3');
  await expect(dialog.locator('[data-remedy]')).toContainText(/Dissolve [\d.]+.g salt/);
  await expect(dialog.getByLabel('Poured in, each jar')).toHaveValue('150 ml');
  await dialog.getByRole('button', { name: /^Done so with jar/ }).click();
  await expect(page.getByText(/topped up with the wrong thing.*to 3\.0\s%/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByText(/topped up with the wrong thing/)).toHaveCount(0);
});

test('a sauce soured by halves', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'pepper-cayenne', '700 g', '590 g');
  const batch = await say(request, 'start-batch', { ...choice, styleId: 'pepper-sauce', name: 'Mild sauce' });
  await open(page, `/counter?batch=${batch.commandId}`);
  const sour = async (pH: string, wanted: RegExp) => {
    await page.getByRole('button', { name: 'Add acid' }).click();
    const dialog = page.getByRole('dialog', { name: /^Add acid/ });
    await dialog.getByRole('textbox', { name: 'Sauce in all' }).fill('700 g');
    await dialog.getByLabel('pH now').fill(pH);
    await expect(dialog.locator('[data-souring]')).toContainText(wanted);
    await dialog.getByRole('button', { name: 'Stirred in' }).click();
    await expect(dialog).toHaveCount(0);
  };
  await sour('4.2', /First half: \d+.ml/);
  await sour('3.9', /The rest: \d+.ml/);
});
