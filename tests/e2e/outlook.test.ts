import type { Page } from '@playwright/test';
import { clearBench, expect, onBench, open, say, SIZES, test } from './support';

interface Batch {
  readonly id: string;
  readonly name: string;
  readonly jars: readonly { readonly id: string; readonly emptiedAt: number | null }[];
}
const called = async (page: Page, name: string): Promise<Batch> => {
  const all = (await (await page.request.get('/api/v1/batches')).json()) as Batch[];
  return all.find((b) => b.name.startsWith(name))!;
};
const curve = (page: Page) => page.getByRole('region', { name: 'What it will do' });
/** Of how many readings it says it is a guess from. */
const readings = async (page: Page) =>
  Number(/(\d+) readings? of it/.exec(await curve(page).innerText())?.[1] ?? 0);

for (const { name, width, height } of SIZES)
  test(`a reading moves the curve, and taken back it stands as before (${name})`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await open(page, '/');
    const { id } = await called(page, 'Kohlrabi sticks');
    await open(page, `/counter?batch=${id}`);
    const picture = curve(page).getByRole('img');
    await expect(picture).toBeVisible();
    const before = await picture.getAttribute('aria-label');
    const read = await readings(page);
    expect(before).toMatch(/^(First taste|Likely)/);
    await expect(curve(page)).toContainText('It is no safety test');
    await page.getByRole('button', { name: 'pH', exact: true }).click();
    const sheet = page.getByRole('dialog');
    await sheet.getByLabel('pH', { exact: true }).fill('4,3');
    await sheet.getByLabel('Read with').selectOption('meter');
    await sheet.getByRole('button', { name: 'Save the reading' }).click();
    const undo = page.getByRole('button', { name: 'Undo' }).last();
    await undo.focus();
    await expect.poll(() => readings(page)).toBe(read + 1);
    await expect(curve(page)).toContainText(/Your last reading moved .* later\./);
    await expect(picture).not.toHaveAttribute('aria-label', before!);
    await undo.click();
    await expect.poll(() => readings(page)).toBe(read);
    await expect(picture).toHaveAttribute('aria-label', before!);
  });

test('how it bubbles is one tap, stands in the record, and the guess goes by it', async ({ page }) => {
  await open(page, '/');
  const { id } = await called(page, 'Kohlrabi sticks');
  await open(page, `/counter?batch=${id}`);
  await expect(curve(page).getByRole('img')).toBeVisible();
  const read = await readings(page);
  await page.getByRole('button', { name: 'lively', exact: true }).click();
  await expect.poll(() => readings(page)).toBe(read + 1);
  await open(page, `/notebook/${id}`);
  await expect(page.getByText(/^Gas, jar .*: lively$/)).toBeVisible();
});

test('any day of the curve by keys, and all of it as a table', async ({ page }) => {
  await open(page, '/');
  const { id } = await called(page, 'Kohlrabi sticks');
  await open(page, `/notebook/${id}`);
  const day = curve(page).getByRole('slider', { name: 'A day of the curve' });
  await day.focus();
  await page.keyboard.press('Home');
  await expect(day).toHaveAttribute('aria-valuetext', /^Day 0, .*pH about 6/);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(day).toHaveAttribute('aria-valuetext', /^Day 2,/);
  await curve(page).getByText('The curve as a table').click();
  await expect(curve(page).getByRole('rowheader', { name: 'tangy' })).toBeVisible();
  await expect(curve(page).getByRole('columnheader', { name: 'acidity, %' })).toBeVisible();
});

test('tried before it is risked: a warm week, a weak brine; nothing of it is kept', async ({ page }) => {
  await clearBench(page.request);
  await onBench(page.request, 'kohlrabi', '2 kg', '1400 g');
  await open(page, '/bench');
  await page.getByText('Try it before you risk it').click();
  const warmth = page.getByRole('slider', { name: 'Warmth' });
  await expect(page.getByText(/^Tangy about day/)).toBeVisible();
  await warmth.focus();
  for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^Tangy about day \S+ instead of day \S+\.$/)).toBeVisible();
  const salt = page.getByRole('slider', { name: 'Salt settles at' });
  await salt.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/salt: too weak to keep\.$/)).toBeVisible();
  const sheet = await (await page.request.get('/api/v1/kit')).text();
  await page.getByRole('button', { name: 'as it is' }).click();
  await expect(page.getByText(/instead of day/)).toHaveCount(0);
  expect(await (await page.request.get('/api/v1/kit')).text()).toBe(sheet);
});

test('what batches taught stands in Kit, and begins anew on request', async ({ page }) => {
  await open(page, '/kit');
  const row = page.locator('#learnt li').filter({ hasText: 'times as fast' }).first();
  const name = (await row.locator('span').first().textContent())!.trim();
  await expect(row).toContainText('from your');
  await row.getByRole('button', { name: `Start over for ${name}` }).click();
  await expect(
    page.locator('#learnt li').filter({ hasText: 'times as fast' }).filter({ hasText: name })
  ).toHaveCount(0);
});

test('a jar of which nobody knows the salt says so in place of a curve', async ({ page }) => {
  const { commandId } = await say(page.request, 'enter-standing', {
    name: 'Grandmother’s crock',
    styleId: 'shredded',
    cropId: 'cabbage-white',
    since: '2026-09-01',
    placeId: 'counter',
    jarId: 'clip-1000.clamped',
    jars: 1
  });
  await open(page, `/counter?batch=${commandId}`);
  await expect(page.getByText('Nobody knows how much salt is in it')).toBeVisible();
  await expect(curve(page)).toHaveCount(0);
});
