import { alive, clearBench, expect, onBench, open, test } from './support';

test('a rest is timed from its step; it outlives a reload, and one phone silences the other', async ({
  page,
  request,
  browser,
  baseURL
}) => {
  await clearBench(request);
  await onBench(request, 'cabbage-white', '3 kg');
  await open(page, '/bench');
  await page.locator('#style').selectOption('shredded');
  await page.getByRole('button', { name: 'How it is made, step by step' }).click();
  await page.getByRole('button', { name: 'Time the rest' }).click();
  const sheet = page.getByRole('dialog', { name: 'Timers' });
  await expect(sheet.getByLabel('What for')).toHaveValue('White cabbage rests');
  await expect(sheet.getByLabel('Rings in')).toHaveValue(/^10\smin$/);
  await expect(sheet.getByLabel('What comes next')).toHaveValue(/^Pack in layers/);
  // What is no time is said beside it, and nothing typed is lost.
  await sheet.getByLabel('Rings in').fill('a while');
  await sheet.getByRole('button', { name: 'Set it' }).click();
  await expect(sheet.getByText(/means in “a while”|“a while” is not clear/)).toBeVisible();
  await sheet.getByLabel('Rings in').fill('half an hour');
  await sheet.getByRole('button', { name: 'Set it' }).click();
  await expect(sheet).toBeHidden();
  const bar = page.getByRole('region', { name: 'Timers' });
  await expect(bar.getByRole('timer')).toHaveText(/^(30:00|29:\d\d)$/);
  await page.reload();
  await alive(page);
  await expect(bar.getByRole('timer')).toHaveText(/^(30:00|29:\d\d)$/);

  const phone = await browser.newPage({ baseURL: baseURL!, viewport: { width: 390, height: 844 } });
  await open(phone, '/cold');
  await expect(phone.getByRole('region', { name: 'Timers' })).toContainText('White cabbage rests');
  // The demo's visitor need not wait.
  await bar.getByRole('button', { name: 'step to the next ring' }).click();
  for (const p of [page, phone]) {
    const ring = p.getByRole('region', { name: 'Timers' }).getByRole('alert');
    await expect(ring).toContainText('Pack in layers');
    await expect(p).toHaveTitle(/^White cabbage rests: now · /);
  }
  // In every room.
  await page.keyboard.press('n');
  await expect(page).toHaveURL(/notebook/);
  await expect(page).toHaveTitle(/^White cabbage rests: now · Notebook/);
  await phone.getByRole('button', { name: 'White cabbage rests: heard' }).click();
  await expect(phone.getByRole('region', { name: 'Timers' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'Timers' })).toBeHidden();
  await expect(page).toHaveTitle(/^Notebook/);
  await phone.close();
});

test('timers by keys alone: set, turned on the way, made longer, stopped and taken back', async ({
  page
}) => {
  await open(page, '/');
  await page.keyboard.press('r');
  const sheet = page.getByRole('dialog', { name: 'Timers' });
  await sheet.getByLabel('What for').fill('Leaf, turn it');
  await sheet.getByLabel('Rings in').fill('2 h');
  await sheet.getByText('Turns on the way, where, what comes next, its sound').click();
  await sheet.getByLabel('And on the way every').fill('30');
  await page.keyboard.press('Enter');
  await expect(sheet).toBeHidden();
  const bar = page.getByRole('region', { name: 'Timers' });
  await bar.getByRole('button', { name: 'step to the next ring' }).click();
  const ring = bar.getByRole('alert');
  // On the way it is not over: five minutes more are for the end.
  await expect(ring.getByRole('button', { name: /five minutes more/ })).toBeHidden();
  await ring.getByRole('button', { name: 'Leaf, turn it: heard' }).click();
  await expect(ring).toBeHidden();
  await expect(bar.getByRole('timer')).toHaveText(/^(30:00|29:\d\d)$/);
  await page.keyboard.press('r');
  await sheet.getByRole('button', { name: 'Leaf, turn it: 5 minutes more' }).click();
  await expect(page.getByText(/Leaf, turn it: 1\sh 3\d\smin from now/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Leaf, turn it: stop' }).click();
  await expect(sheet.getByRole('list', { name: 'Running' })).toBeHidden();
  await page.keyboard.press('Escape');
  await expect(bar).toBeHidden();
  const said = page.getByRole('alert').filter({ hasText: 'Leaf, turn it: stopped' });
  await said.getByRole('button', { name: 'Undo' }).click();
  await expect(bar).toContainText('Leaf, turn it');
});
