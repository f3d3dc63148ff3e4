import AxeBuilder from '@axe-core/playwright';
import { ROOMS } from '../../scripts/lib.mjs';
import { expect, open, test } from './support';

const ALL = [
  ...ROOMS,
  '/notebook/recipes/new',
  '/notebook/recipes/leek-kimchi',
  '/season/grams',
  '/garden/beds'
];

for (const scheme of ['light', 'dark'] as const)
  test(`every room passes the accessibility scan, ${scheme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: scheme });
    for (const room of ALL) {
      await open(page, room);
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(
        violations
          .filter((v) => v.impact === 'serious' || v.impact === 'critical')
          .map((v) => `${room} ${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`)
      ).toEqual([]);
    }
  });

test('in the dark the arrow of a choice is as light as its words', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await open(page, '/bench');
  const arrow = await page
    .locator('select')
    .first()
    .evaluate((select) => getComputedStyle(select).backgroundImage);
  expect(decodeURIComponent(arrow)).toMatch(/stroke='#f3efe4'/);
  // Paper is white, whatever the kitchen is.
  await page.emulateMedia({ colorScheme: 'dark', media: 'print' });
  const inks = await page.evaluate(() => {
    const at = getComputedStyle(document.documentElement);
    return ['--paper', '--ink', '--heed', '--zone-usual'].map((name) => at.getPropertyValue(name));
  });
  expect(inks).toEqual(['white', 'black', '#8f5300', '#c9dcc4']);
});

test('lid labels pass the scan; one left out stays readable, and is not printed', async ({ page }) => {
  await open(page, '/notebook');
  await page
    .getByRole('link', { name: /kimchi/ })
    .first()
    .click();
  await page.getByRole('link', { name: 'Lid labels' }).click();
  await expect(page.getByRole('heading', { name: 'Lid labels', level: 1 })).toBeVisible();
  const labels = page.getByRole('button', { name: /^Label of jar/ });
  const n = await labels.count();
  await expect(labels.first()).toContainText(/contains fish/);
  await labels.first().click();
  await expect(
    page.getByRole('link', { name: n === 2 ? /Print one label/ : `Print ${n - 1} labels` })
  ).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(
    violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => `${v.id}: ${v.nodes[0]?.html}`)
  ).toEqual([]);
  await page.emulateMedia({ media: 'print' });
  await expect(labels).toHaveCount(n - 1);
  await expect(page.getByRole('heading', { name: 'Lid labels' })).toBeHidden();
});

test('dialogs pass the scan, and a record', async ({ page }) => {
  await open(page, '/counter');
  for (const name of ['Taste', 'pH', 'Move', 'Put right']) {
    await page.getByRole('button', { name, exact: true }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).include('dialog[open]').analyze();
    expect(
      violations
        .filter((v) => v.impact === 'serious' || v.impact === 'critical')
        .map((v) => `${name} ${v.id}: ${v.nodes[0]?.html}`)
    ).toEqual([]);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await page.getByRole('button', { name: '+ weigh in' }).click();
  // The scale comes into the dialog that is open.
  await page.getByRole('button', { name: 'the scale', exact: true }).click();
  await expect(page.getByRole('complementary', { name: 'The kitchen scale' })).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).include('dialog[open]').analyze();
  expect(
    violations
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map((v) => `${v.id}: ${v.nodes[0]?.html}`)
  ).toEqual([]);
});

for (const [name, width, height] of [
  ['smallest phone', 320, 640],
  ['phone', 390, 844],
  ['tablet', 820, 1180],
  ['desk', 1280, 800]
] as const)
  test(`no room is wider than the ${name}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const room of ALL) {
      await open(page, room);
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth
      );
      expect(over, room).toBeLessThanOrEqual(0);
    }
  });

test('what can be touched is large enough for a wet thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/');
  const small = await page
    .locator('main button:visible')
    .evaluateAll((all) =>
      all.filter((b) => b.getBoundingClientRect().height < 43.5).map((b) => b.textContent)
    );
  expect(small).toEqual([]);
});

test('Kit: a jar more and one fewer, a place, a salt counted', async ({ page }) => {
  await open(page, '/kit');
  await page.getByRole('button', { name: 'One 15 l crock more' }).click();
  await expect(page.getByText('15 l crock: 2 owned')).toBeVisible();
  await page.getByRole('button', { name: 'One 15 l crock fewer' }).click();
  await expect(page.getByText('15 l crock: 1 owned')).toBeVisible();
  await page.getByRole('button', { name: 'Add a place' }).click();
  const form = page.getByRole('form', { name: 'A place' });
  await form.getByLabel('Name').fill('Wash house');
  await form.getByLabel('Temperature').fill('400');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByRole('alert')).toContainText('between -5 and 45');
  await form.getByLabel('Temperature').fill('16');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Wash house noted')).toBeVisible();
  await open(page, '/pantry');
  await page.getByRole('button', { name: 'Count Fine sea salt' }).click();
  await page.getByRole('dialog').getByLabel('There now').fill('2,5 kg');
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Fine sea salt' })).toContainText('2 500 g');
});

test('what was said goes after ten seconds, but not from under the hand', async ({ page }) => {
  await page.clock.install();
  await open(page, '/kit');
  await page.getByRole('button', { name: 'One 15 l crock more' }).click();
  const undo = page.getByRole('button', { name: 'Undo', exact: true });
  await undo.focus();
  await page.clock.fastForward(60_000);
  await expect(undo).toBeVisible();
  await undo.blur();
  await page.clock.fastForward(9_000);
  await expect(undo).toBeVisible();
  await page.clock.fastForward(2_000);
  await expect(undo).toHaveCount(0);
});

test('an address that leads nowhere says where to go', async ({ page }) => {
  await page.goto('/notebook/never-was');
  await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible();
  await page.getByRole('link', { name: 'Go to Today' }).click();
  await expect(page).toHaveURL(/\/$/);
});
