import { clearBench, expect, open, say, test } from './support';

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
