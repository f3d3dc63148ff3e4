import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { OwnServer } from './server';
import { alive, expect, test } from './support';

const answer = (page: Page) => page.getByRole('region', { name: 'What it makes' });
const basket = (page: Page) => page.getByLabel('I have', { exact: true });

test('a newcomer on a phone: the answer before any question, and the first batch in under 25 taps', async ({
  page
}) => {
  const server = new OwnServer();
  await server.start();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(server.base);
  await alive(page);
  await page.evaluate(() => {
    document.addEventListener('click', (e) => {
      if (e.isTrusted && e.detail > 0) sessionStorage.taps = Number(sessionStorage.taps ?? 0) + 1;
    });
  });

  // What cannot be read is said, with what would work; nothing is asked before the answer.
  await basket(page).fill('2 kg peppers');
  await expect(page.getByText('Which peppers are they?')).toBeVisible();
  await basket(page).fill('3 kg cabbage');
  await expect(answer(page)).toContainText('Shredded, in its own juice');
  await expect(answer(page)).toContainText(/\d\s*jars?.*\d\s*g salt/s);
  await expect(answer(page)).toContainText(/settles at/);
  await expect(answer(page)).toContainText('in jars as most kitchens have them');
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  // Said in pounds, answered in pounds and quarts.
  await basket(page).fill('5 lb kohlrabi');
  await expect(answer(page)).toContainText(/quart/i);
  await basket(page).fill('3 kg cabbage');

  await page.getByRole('button', { name: 'Keep this' }).click();
  for (let i = 0; i < 3; i++)
    await page.getByRole('button', { name: 'One Clip-top jar 1 l, clamped more' }).click();
  await expect(answer(page)).toContainText('in your jars');
  // Half-said outlives a reload.
  await page.reload();
  await alive(page);
  await expect(basket(page)).toHaveValue('3 kg cabbage');
  await expect(answer(page)).toContainText(/3\s*jars/);
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  await page.getByRole('button', { name: 'Put it on the Bench' }).click();
  await page.waitForURL(/\/bench$/);
  await expect(page.getByText('White cabbage').first()).toBeVisible();
  await expect(page.locator('[data-answer]').filter({ visible: true }).first()).toContainText(/3\s*jars/);
  await page.getByRole('button', { name: 'Start batch' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Start/ })
    .click();
  await expect(page.getByText(/Started:/)).toBeVisible();
  // Examples, typing and every wrong turn of this test among them.
  expect(await page.evaluate(() => Number(sessionStorage.taps))).toBeLessThan(25);
  // The pointer may rest on a way to another room: it is not fetched from a house that is shut.
  await page.goto('about:blank');
  await server.end('SIGTERM');
  server.clean();
});

test('a look round the demo’s house is one tap away, and nothing of it reaches the own', async ({ page }) => {
  const server = new OwnServer();
  await server.start();
  await page.goto(server.base);
  await alive(page);
  await basket(page).fill('700 g carrots');
  await page.getByRole('button', { name: 'Look round a house in September' }).click();
  await expect(page.getByText('A made-up house in September')).toBeVisible();
  await alive(page);
  await expect(page.getByRole('navigation', { name: 'The way', exact: true })).toContainText(/jars/);
  await page.getByRole('button', { name: '+ weigh in' }).first().click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('carrot');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('900 g');
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(page.getByText(/Weighed in: Carrot/)).toBeVisible();
  // A program asks the household's own house.
  const picks = () => fetch(`${server.base}/api/v1/picks`).then((r) => r.json() as Promise<unknown>);
  expect(JSON.stringify(await picks())).not.toContain('carrot');
  await page.getByRole('button', { name: 'Back to mine' }).click();
  // What was half-said before still stands.
  await expect(basket(page)).toHaveValue('700 g carrots');
  expect(JSON.stringify(await picks())).not.toContain('carrot');
  expect(await server.end('SIGTERM')).toBe(0);
  server.clean();
});
