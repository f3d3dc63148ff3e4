import { alive, clearBench, expect, onBench, open, say, test } from './support';

test('what is typed stands, whatever another phone or another form on the page stores meanwhile', async ({
  page,
  request
}) => {
  await open(page, '/kit');
  const form = page.getByRole('form', { name: 'The household' });
  const name = form.getByLabel('Name', { exact: true });
  const units = form.getByLabel('Weights and volumes');
  await name.fill('Typed and not kept');
  await units.selectOption('US');
  await form.getByLabel('somebody pregnant').check();

  // Another phone: the Garden's figure says that this page has looked again.
  const garden = page.getByRole('link', { name: /^Garden/ }).first();
  const before = await garden.innerText();
  await say(request, 'weigh-in', { commandId: 'other', cropId: 'carrot', weight: '5 kg' });
  await page.mouse.click(640, 5);
  await name.blur();
  await expect(garden).not.toHaveText(before);
  await expect(name).toHaveValue('Typed and not kept');
  await expect(units).toHaveValue('US');

  // Another form of this page.
  await page
    .getByRole('button', { name: /^One .*1 l clip jar.* more$/ })
    .first()
    .click();
  await expect(page.getByText(/1 l clip jar: \d+ owned/)).toBeVisible();
  await expect(name).toHaveValue('Typed and not kept');
  await expect(form.getByLabel('somebody pregnant')).toBeChecked();

  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Settings saved')).toBeVisible();
  await expect(page.getByText('Typed and not kept').first()).toBeVisible();
});

test('what is typed while the page looks again is the last word', async ({ page }) => {
  await open(page, '/kit');
  const name = page.getByRole('form', { name: 'The household' }).getByLabel('Name', { exact: true });
  await name.fill('Half');
  let go = () => {};
  const gate = new Promise<void>((open) => (go = open));
  await page.route('**/__data.json*', async (route) => {
    await gate;
    await route.continue();
  });
  const asked = page.waitForRequest('**/__data.json*');
  await page
    .getByRole('button', { name: /^One .*1 l clip jar.* more$/ })
    .first()
    .click();
  await asked;
  await name.fill('Half and the rest');
  const answered = page.waitForResponse('**/__data.json*');
  go();
  await answered;
  await expect(page.getByText(/1 l clip jar: \d+ owned/)).toBeVisible();
  await expect(name).toHaveValue('Half and the rest');
});

test('a weight typed back to what the page last heard is told to the house all the same', async ({
  page,
  request
}) => {
  await clearBench(request);
  await say(request, 'weigh-in', { commandId: 'back', cropId: 'kohlrabi', weight: '2 kg' });
  await say(request, 'take-to-bench', { lotId: 'back', weight: '' });
  await open(page, '/bench');
  const prepared = page.getByRole('textbox', { name: 'Kohlrabi, prepared' });
  const stored = () => page.waitForResponse('**/api/v1/weigh-prepared');
  let [heard, old] = ['', false];
  let go = () => {};
  const gate = new Promise<void>((open) => (go = open));
  await page.route('**/__data.json*', async (route) => {
    const answer = old ? undefined : await route.fetch();
    if (answer) heard = await answer.text();
    else await gate;
    await route.fulfill({ body: heard, contentType: 'application/json' });
  });
  const looked = page.waitForResponse('**/__data.json*');
  const first = stored();
  await prepared.fill('1400 g');
  await first;
  await looked;
  // From here on the page hears what was: as on a line on which an answer was overtaken.
  old = true;
  const second = stored();
  await prepared.fill('700 g');
  await second;
  const third = stored();
  await prepared.fill('1400 g');
  go();
  expect((await third).request().postData()).toContain('1400 g');
});

test('half a weigh-in outlives a reload; Back takes the sheet away, not the room', async ({ page }) => {
  await open(page, '/garden');
  const pad = page.getByRole('dialog', { name: 'Weigh in' });
  await page.getByRole('button', { name: '+ weigh in' }).click();
  await pad.getByLabel('What', { exact: true }).selectOption('carrot');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('1 kg 250 g');
  await page.reload();
  await alive(page);
  await page.getByRole('button', { name: '+ weigh in' }).click();
  await expect(pad.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('1 kg 250 g');
  await expect(pad.getByLabel('What', { exact: true })).toHaveValue('carrot');
  await page.goBack();
  await expect(pad).toBeHidden();
  await expect(page).toHaveURL(/\/garden$/);
  // Closed by Esc it costs no Back of its own: the next one leaves the room, and a page that is opened at once is opened.
  await page.getByRole('link', { name: /^Counter/ }).click();
  await expect(page).toHaveURL(/\/counter/);
  await page.getByRole('button', { name: '+ weigh in' }).click();
  await expect(pad).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(pad).toBeHidden();
  await page.goBack();
  await expect(page).toHaveURL(/\/garden$/);
  for (const room of ['Pantry', 'Garden']) {
    await page.getByRole('button', { name: '+ weigh in' }).click();
    await page.keyboard.press('Escape');
    await expect(pad).toBeHidden();
    await page.getByRole('link', { name: new RegExp(`^${room}`) }).click();
    await expect(page).toHaveURL(new RegExp(`/${room.toLowerCase()}$`));
  }
  // Sent, it is forgotten.
  await page.getByRole('button', { name: '+ weigh in' }).click();
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(pad).toBeHidden();
  await page.reload();
  await alive(page);
  await page.getByRole('button', { name: '+ weigh in' }).click();
  await expect(pad.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('');
});

test('a recipe half written is there again after a closed tab', async ({ page, context }) => {
  await open(page, '/notebook/recipes/new');
  await page.getByLabel('Name').fill('Kraut with quince');
  await page.getByLabel(/^The card/).fill('2 kg white cabbage\n2 % salt of the vegetables');
  await page.close();
  const again = await context.newPage();
  await open(again, '/notebook/recipes/new');
  await expect(again.getByLabel('Name')).toHaveValue('Kraut with quince');
  await expect(again.getByRole('textbox', { name: /^The card/ })).toHaveValue(/2 kg white cabbage/);
  await expect(again.getByText('white cabbage').first()).toBeVisible();
});

test('a share of salt that is none is said, and the sentence under the title leads to each choice', async ({
  page,
  request
}) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await open(page, '/bench');
  const word = page.getByLabel('What is made').and(page.locator(':visible'));
  await expect(word).toContainText(
    /settles at 2\.5\s%, with fine sea salt, standing: Kitchen counter, by no recipe/
  );
  await word.getByRole('button', { name: /^settles at/ }).click();
  const salt = page.getByLabel('Salt', { exact: true });
  await expect(salt).toBeFocused();
  await salt.fill('250');
  await salt.press('Enter');
  await salt.blur();
  await expect(page.getByText(/“250” is no share of salt/)).toBeVisible();
  await expect(salt).toHaveValue('2.5');
});
