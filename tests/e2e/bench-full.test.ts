import { alive, answer, clearBench, expect, onBench, open, say, test } from './support';
import type { Page } from '@playwright/test';

const PHONE = { width: 390, height: 844 };

/** The house has taken the last choice. */
const keptDraft = (page: Page) => page.waitForResponse((r) => r.url().endsWith('/bench-draft') && r.ok());

test('a heavy-salted leaf on a phone: strewn, rinsed, measured; not past unknowingly', async ({
  page,
  request
}) => {
  await page.setViewportSize(PHONE);
  await clearBench(request);
  await onBench(request, 'cabbage-napa', '2 kg', '1.7 kg');
  await open(page, '/bench');
  await expect(page.getByRole('heading', { name: 'Leaf kimchi, salted and rinsed' }).last()).toBeVisible();
  await expect(answer(page)).toContainText('136 g to sprinkle');
  await expect(page.getByText(/nobody tasted or measured/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Start batch' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(dialog.getByRole('alert').first()).toContainText('Change it, or tick that you know');
  await page.keyboard.press('Escape');
  // The focus goes back to the button once the dialog is gone.
  await expect(page.getByRole('dialog')).toHaveCount(0);

  const rinse = page.getByRole('region', { name: 'Salted and rinsed' });
  await rinse.getByRole('textbox', { name: 'Wrung out it weighs' }).fill('1 kg 400 g');
  await rinse.getByLabel('or its juice reads, % salt').fill('1,2');
  await expect(rinse).toContainText('by your reading');
  await expect(answer(page)).toContainText('g salt');
  await expect(page.getByText(/nobody tasted or measured/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Start batch' }).click();
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/\/counter\?batch=/);
});

test('mixed pieces by total weight: two cooks, two phones, a reload in the middle, the line cut', async ({
  page,
  request,
  browser,
  baseURL
}) => {
  await page.setViewportSize(PHONE);
  await clearBench(request);
  await onBench(request, 'kohlrabi', '2 kg');
  await onBench(request, 'carrot', '900 g');
  await onBench(request, 'cauliflower', '1.2 kg');
  await open(page, '/bench');
  const context = await browser.newContext({ baseURL, viewport: PHONE });
  const other = await context.newPage();
  await open(other, '/bench');

  await page.getByRole('textbox', { name: 'Kohlrabi, prepared' }).fill('1 kg 400 g');
  await other.getByRole('textbox', { name: 'Carrot, prepared' }).fill('1 lb 9 oz');
  let kept = keptDraft(page);
  await page.getByLabel('Percent of what').selectOption('perTotal');
  await kept;
  kept = keptDraft(other);
  await other.getByLabel('Which salt').selectOption('pickling');
  await kept;
  // Each sees what the other said, in each one's own words; neither wiped the other out.
  await expect(other.getByLabel('Percent of what')).toHaveValue('perTotal');
  await expect(page.getByLabel('Which salt')).toHaveValue('pickling');
  await expect(page.getByRole('textbox', { name: 'Carrot, prepared' })).toHaveValue('1 lb 9 oz');

  await page.reload();
  await alive(page);
  await expect(page.getByLabel('Percent of what')).toHaveValue('perTotal');
  await expect(page.getByRole('textbox', { name: 'Kohlrabi, prepared' })).toHaveValue('1 kg 400 g');

  await page.context().setOffline(true);
  await page.getByRole('textbox', { name: 'Cauliflower, prepared' }).fill('640 g');
  await expect(page.getByText('Crockle cannot be reached.')).toBeVisible();
  await expect(answer(page)).toContainText(/g salt/);
  await page.context().setOffline(false);
  await expect(page.getByText('Crockle cannot be reached.')).toHaveCount(0);
  await expect(other.getByRole('textbox', { name: 'Cauliflower, prepared' })).toHaveValue('640 g');
  // Both phones say the same, and so does the house.
  const said = (await answer(page).innerText()).replace(/\s+/g, ' ');
  await expect(async () =>
    expect((await answer(other).innerText()).replace(/\s+/g, ' ')).toBe(said)
  ).toPass();
  await other.getByRole('button', { name: 'Start batch' }).click();
  await other.getByRole('dialog').getByRole('button', { name: 'Start batch' }).click();
  await expect(other).toHaveURL(/\/counter\?batch=/);
  await expect(page.getByRole('heading', { name: 'The bench is clear' })).toBeVisible();
  await context.close();
});

test('by keyboard alone, from the first weight to start', async ({ page, request }) => {
  await clearBench(request);
  await open(page, '/garden');
  const { keyboard } = page;
  const tabTo = async (name: RegExp | string, role: 'textbox' | 'button' | 'combobox') => {
    const wanted = page.getByRole(role, { name, exact: typeof name === 'string' }).locator('visible=true');
    for (let i = 0; i < 120; i++) {
      if (await wanted.evaluateAll((all) => all.includes(document.activeElement as HTMLElement))) return;
      await keyboard.press('Tab');
    }
    throw new Error(`no way by Tab to ${String(name)}`);
  };
  await keyboard.press('w');
  await expect(page.getByRole('dialog')).toBeVisible();
  await tabTo('What', 'combobox');
  await keyboard.type('Kohlrabi');
  await tabTo('Weight', 'textbox');
  await keyboard.type('1640 g');
  await tabTo('Weigh in, to the bench', 'button');
  await keyboard.press('Enter');
  await expect(page).toHaveURL(/\/bench/);
  await tabTo('Kohlrabi, prepared', 'textbox');
  await keyboard.type('1 195 g');
  await expect(answer(page)).toContainText(/g salt/);
  await tabTo('More salt', 'button');
  await keyboard.press('Enter');
  await expect(page.locator('#salt-percent')).toHaveValue('2.6');
  await tabTo('Undo', 'button');
  await keyboard.press('Enter');
  await expect(page.locator('#salt-percent')).toHaveValue('2.5');
  await tabTo('Start batch', 'button');
  await keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Start batch' })).toBeVisible();
  await tabTo('Name', 'textbox');
  await keyboard.press('Enter');
  await expect(page).toHaveURL(/\/counter\?batch=/);
});

test('sorted, jars by hand, brine kept over, weighed out with a slip of the hand, all undone again', async ({
  page,
  request
}) => {
  await clearBench(request);
  await say(request, 'keep-brine', { name: 'Jug from Friday', amount: '500 ml', strengthPercent: 4 });
  await onBench(request, 'kohlrabi', '2 kg');
  await open(page, '/bench');
  await page.getByRole('button', { name: 'Sort and trim Kohlrabi' }).click();
  const sort = page.getByRole('dialog');
  await sort.getByRole('textbox', { name: /^Culled/ }).fill('100 g');
  await sort.getByRole('textbox', { name: /^Off-cuts/ }).fill('120 g');
  const prepared = sort.getByRole('textbox', { name: /^Prepared/ });
  await prepared.fill('1.3 kg');
  await prepared.press('Enter');
  await expect(sort).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Kohlrabi, prepared' })).toHaveValue('1.3 kg');
  await expect(page.getByText('set aside: 120 g off-cuts')).toBeVisible();

  const salt = async () => (await answer(page).innerText()).replace(/\s+/g, ' ');
  const before = await salt();
  // Keys: another set, then jars one by one, then back.
  const second = page.getByRole('radio').nth(1);
  await expect(second).toBeVisible();
  await second.focus();
  await page.keyboard.press('Enter');
  await expect(second).toBeChecked();
  await page.getByText('Choose the jars by hand').click();
  await page.getByRole('button', { name: 'One 0.5 l clip jar more' }).click();
  await expect(page.getByText('by hand', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(second).toBeChecked();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect.poll(salt).toBe(before);

  const brine = page.getByRole('region', { name: 'The brine' });
  await brine.getByLabel(/Jug from Friday/).check();
  await expect(brine).toContainText('With 500 ml of Jug from Friday');
  expect(await salt()).not.toBe(before);
  await brine.getByLabel('Boiled, hot brine').check();
  await expect(brine).toContainText(/cool enough after about/);
  await expect(page.getByText(/warm the jar, a cloth under it/)).toBeVisible();

  await page.getByText('Weigh it out, one after the other').click();
  const weighed = page.getByRole('textbox', { name: 'Salt, weighed' });
  await weighed.fill('100 g');
  await expect(page.getByText(/too much/).first()).toBeVisible();
  await page.getByRole('button', { name: /^raise the rest by/ }).click();
  await expect(page.getByText(/too much/)).toHaveCount(0);

  await page.getByRole('button', { name: 'Start batch' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  await dialog.getByLabel(/salt is left: keep it/).check();
  await dialog.getByLabel('Name').fill('Sticks of Saturday');
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/\/counter\?batch=/);
  await page.goto('/pantry');
  await expect(page.getByText('Left from Sticks of Saturday')).toBeVisible();
  await page.goto('/garden');
  await expect(page.getByText(/off-cuts/).first()).toBeVisible();
});

test('too much dry salt in the bowl: how much more cabbage brings it back', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'cabbage-white', '1.7 kg', '1 250 g');
  await open(page, '/bench');
  await page.getByText('Weigh it out, one after the other').click();
  await page.getByRole('textbox', { name: 'Salt, weighed' }).fill('46 g');
  await expect(page.getByText('Strewn in already?')).toBeVisible();
  await page.getByRole('button', { name: /taken out$/ }).click();
  await expect(page.getByText('Strewn in already?')).toHaveCount(0);
});

test('too much salt that is kept is the dose from then on, and the batch is written down with it', async ({
  page,
  request
}) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1 195 g');
  await open(page, '/bench');
  await page.locator('#style').selectOption('pieces');
  const figure = answer(page).locator('.answer').nth(2);
  const planned = Number(await figure.innerText());
  const more = planned + 12;
  await page.getByText('Weigh it out, one after the other').click();
  const weighed = page.getByRole('textbox', { name: 'Salt, weighed' });
  await weighed.fill(`${planned * 5} g`);
  await expect(page.getByText('5 times its target. Was the bowl weighed too')).toBeVisible();
  await weighed.fill(`${planned / 2} g`);
  await expect(page.getByRole('button', { name: /^leave it at that: it settles at/ })).toBeVisible();
  // Started with the salt half weighed: said.
  await page.getByRole('button', { name: 'Start batch' }).click();
  await expect(page.getByRole('dialog').getByText(/^Of the salt, /)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await weighed.fill(`${more} g`);
  const keep = page.getByRole('button', { name: /^keep it: it settles at/ });
  const ends = /at (\d\.\d)/.exec(await keep.innerText())![1]!;
  await keep.click();
  await expect(page.getByText(/too much/)).toHaveCount(0);
  await expect.poll(async () => Math.abs(Number(await figure.innerText()) - more)).toBeLessThanOrEqual(1);
  await page.getByRole('button', { name: 'Start batch' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  await expect(dialog.getByText(/^Of the salt, /)).toHaveCount(0);
  await dialog.getByLabel('Name').fill('Salted by a quick hand');
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/\/counter\?batch=/);
  await expect(page.getByRole('complementary', { name: 'The chosen batch' })).toContainText(`${ends} % salt`);
});

test('a jar dragged over counts', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await open(page, '/bench');
  await page.getByText('Choose the jars by hand').click();
  const jar = page.locator('li[aria-label="0.5 l clip jar, free"]');
  const target = page.locator('ul[aria-label="Jars on the bench"]');
  const from = (await jar.boundingBox())!;
  const to = (await target.boundingBox())!;
  const count = await target.locator('li').count();
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2 + 8, from.y + from.height / 2 - 4, { steps: 4 });
  await page.mouse.move(to.x + to.width - 12, to.y + to.height / 2, { steps: 24 });
  await expect(async () => {
    await page.mouse.move(to.x + to.width - 14, to.y + to.height / 2);
    expect(await target.locator('li').count()).toBe(count + 1);
  }).toPass();
  await page.mouse.up();
  await expect(page.getByText('by hand', { exact: true })).toBeVisible();
});

test('a second pick goes into the crock that stands', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'cabbage-white', '3.4 kg', '2.7 kg');
  const { jars } = (await (await request.get('/api/v1/kit')).json()) as {
    jars: { id: string; name: string }[];
  };
  const crock = jars.find((j) => j.name === '15 l crock')!;
  const choice = {
    styleId: 'shredded',
    fraction: 0.022,
    saltKindId: 'sea-fine',
    placeId: 'counter',
    opens: true
  };
  await say(request, 'start-batch', { ...choice, name: 'Slow crock', counts: { [crock.id]: 1 } });
  await onBench(request, 'cabbage-white', '1.2 kg', '950 g');
  await open(page, '/bench');
  await page.getByText('Add it to a crock that stands already').click();
  const row = page.getByRole('listitem').filter({ hasText: 'Slow crock' });
  await expect(row).toContainText(/g salt keeps it at 2\.2\s%/);
  await row.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByRole('heading', { name: 'The bench is clear' })).toBeVisible();
});

test('Kit: a shape, a weight and days away of one’s own; the Bench heeds them', async ({ page, request }) => {
  await clearBench(request);
  await open(page, '/kit');
  await page.getByText('Measure a shape of your own').click();
  const shape = page.getByRole('form', { name: 'Measure a shape of your own' });
  await shape.getByLabel('What you call it').fill('Old sweet jar');
  await shape.getByLabel('Water to the brim weighs').fill('1 198 g');
  await shape.getByLabel('Its walls').selectOption('straight');
  await shape.getByLabel('Opening, inside').fill('30 cm');
  await shape.getByLabel('Height, inside').fill('185 mm');
  await shape.getByLabel('How many').fill('2');
  await shape.getByRole('button', { name: 'Add it' }).click();
  await expect(shape.getByRole('alert')).toBeVisible();
  await shape.getByLabel('Opening, inside').fill('9 cm');
  await expect(shape.getByText(/to the brim, .* to the fill line/)).toBeVisible();
  await shape.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('Old sweet jar').first()).toBeVisible();

  await page.getByText('Add a weight, or measure one again').click();
  const weight = page.getByRole('form', { name: 'A weight' });
  await weight.getByLabel('Name').fill('Tall stone');
  await weight.getByLabel('Kind').selectOption('stone');
  await weight.getByLabel('Height, mm').fill('90');
  await weight.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Tall stone' }).first()).toBeVisible();
  await page.getByText('plan days away').click();
  const away = page.getByRole('form', { name: 'Days away' });
  const day = async (n: number) =>
    page.evaluate((d) => {
      const min = document.querySelector<HTMLInputElement>('#a-from')!.min;
      return new Date(Date.parse(min) + d * 86_400_000).toISOString().slice(0, 10);
    }, n);
  await away.getByLabel('From').fill(await day(3));
  await away.getByLabel('To').fill(await day(5));
  await away.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('button', { name: 'not away after all' })).toBeVisible();

  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await open(page, '/bench');
  await expect(page.getByText(/You are away from day 3 to day 5/)).toBeVisible();
  await open(page, '/kit');
  await page.getByRole('button', { name: 'not away after all' }).click();
  await expect(page.getByText('Nobody plans to be away.')).toBeVisible();
});
