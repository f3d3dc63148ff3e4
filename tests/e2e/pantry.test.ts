import { expect, open, say, test } from './support';

test('a process whose row does not reach the kitchen is refused; by the right row the jar stands in the pantry', async ({
  page
}) => {
  await open(page, '/cold');
  const panel = page.getByLabel('The chosen jar');
  await page.getByRole('button', { name: /^Jar 52:/ }).click();
  await expect(panel.getByText(/^jar 52,/)).toBeVisible();
  await panel.getByRole('button', { name: /^Heated for the pantry/ }).click();
  const sheet = page.getByRole('dialog');
  const fill = (name: string, text: string) => sheet.getByLabel(name, { exact: true }).fill(text);
  await fill('Guide', 'The county kitchen guide');
  await fill('Edition', '2019');
  await sheet.getByRole('button', { name: 'Onto the pantry shelf' }).click();
  await expect(sheet.getByRole('alert')).toContainText('your altitude');
  await fill('Product, as the guide calls it', 'Fermented cabbage');
  await sheet.getByLabel('Pack').selectOption('raw');
  await fill('Its row: jars of', '0.5 l');
  await fill('Its row: as high as', '300 m');
  await fill('Your altitude', '640 m');
  await sheet.getByLabel('How', { exact: true }).selectOption('boiling-water');
  await fill('Minutes that they had', '9');
  await fill('Who did it', 'Ada');
  await sheet.getByRole('button', { name: 'Onto the pantry shelf' }).click();
  await expect(sheet.getByRole('alert')).toContainText('water boils cooler there');
  // Nothing typed is lost.
  await expect(sheet.getByLabel('Who did it')).toHaveValue('Ada');
  await fill('Its row: as high as', '900 m');
  await sheet.getByRole('button', { name: 'Onto the pantry shelf' }).click();
  await expect(page.getByText(/^On the pantry shelf: .*jar 52/)).toBeVisible();
  await open(page, '/pantry');
  const shelf = page.getByLabel('Heated jars');
  await shelf.getByRole('button', { name: /^Jar 52:/ }).click();
  await expect(page.getByRole('dialog').locator('[data-heated]')).toContainText('No living culture');
});

test('a shelf is counted through on a phone: one jar is gone, and the record says why', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, '/cold');
  await page.getByRole('link', { name: 'Count through' }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^Count through/);
  const jar = page.getByRole('listitem', { name: /^Jar 7:/ });
  await jar.getByRole('button', { name: 'gone' }).click();
  await jar.getByRole('button', { name: 'given away' }).click();
  // What was said so far outlives a locked phone.
  await page.reload();
  await expect(jar.getByRole('button', { name: 'given away' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Counted' }).click();
  await expect(page.getByRole('alert')).toContainText('Not counted yet: jar');
  await page.getByRole('button', { name: 'The rest as written' }).click();
  await page.getByLabel(/^Why the difference/).fill('the harvest supper');
  await page.getByRole('button', { name: 'Counted' }).click();
  await expect(page.getByText(/counted: 12 jars, 1 not as written/)).toBeVisible();
  await expect(page).toHaveURL(/\/cold$/);
  await expect(page.getByRole('button', { name: /^Jar 7:/ })).toBeHidden();
  await expect(page.getByText('last today').first()).toBeVisible();
});

test('the shopping list: written at home, ticked in the shop, brought home onto the shelf', async ({
  page
}) => {
  await open(page, '/pantry');
  await page.getByLabel('Also buy').fill('Cheesecloth');
  await page.getByRole('button', { name: 'Write', exact: true }).click();
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: /^In the shop/ }).click();
  const line = (name: string) => page.getByRole('form', { name, exact: true }).getByRole('button');
  await line('Juniper berries').click();
  await expect(line('Juniper berries')).toHaveAttribute('aria-pressed', 'true');
  await page.getByLabel('price').fill('3,40');
  await page.getByLabel('price').press('Tab');
  await line('Cheesecloth').click();
  await page.getByRole('button', { name: 'Home with 2, 3.40 in all' }).click();
  await page.getByLabel('Juniper berries: came home').fill('60 g');
  await page.getByRole('button', { name: 'Onto the shelf' }).click();
  await expect(page.getByText('Nothing is short.')).toBeVisible();
  await page.getByRole('link', { name: 'Pantry' }).first().click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Juniper berries' })).toContainText(/95\sg/);
});

test('Cold says how long a jar stays as sour as it is, and gives the household’s own portion', async ({
  page,
  request
}) => {
  await say(request, 'set-portion', { name: 'A bowl', weight: '150 g' });
  await open(page, '/cold');
  const panel = page.getByLabel('The chosen jar');
  await page.getByRole('button', { name: /^Jar 1:/ }).click();
  await expect(panel.getByText(/^jar 1,/)).toBeVisible();
  await expect(panel.locator('[data-stored]')).toHaveText(/^By this guess /);
  const left = async () => Number((await panel.locator('.answer').innerText()).replace(/\D/g, ''));
  const before = await left();
  await panel.getByRole('button', { name: 'A bowl, 150' }).click();
  await expect.poll(async () => before - (await left())).toBe(150);
});

test('a dish is kept, planned for a day and cooked: the jars that should go first give it', async ({
  page
}) => {
  await open(page, '/cold');
  await page.getByText('Keep a dish that eats ferments').click();
  const form = page.getByRole('form', { name: 'A dish' });
  await form.getByLabel('Name').fill('Dumplings');
  await form.getByLabel('It takes').selectOption({ label: 'Pieces in brine' });
  await form.getByLabel('For one serving').fill('50 g');
  await form.getByRole('button', { name: 'Keep it' }).click();
  const dish = page.getByRole('listitem', { name: 'Dumplings', exact: true });
  await expect(dish.getByText(/enough for \d+/)).toBeVisible();
  await dish.getByLabel('For how many').fill('2');
  await dish.getByLabel('Or on').fill('2026-09-19');
  await dish.getByRole('button', { name: 'Plan it' }).click();
  await page.getByRole('button', { name: 'Dumplings for 2 is cooked' }).click();
  await expect(page.getByText(/^Cooked: 2 × Dumplings, from jar/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Dumplings for 2 is cooked' })).toBeHidden();
});

test('a mouse carries a jar to another shelf; where it may not be sour yet, the dialog says so first', async ({
  page
}) => {
  await open(page, '/cold');
  await page.getByRole('button', { name: /^Jar 53:/ }).hover();
  await page.mouse.down();
  await page.mouse.move(400, 300, { steps: 5 });
  const places = page.getByRole('list', { name: 'Put jar 53 down at' });
  await places.getByRole('listitem', { name: 'Stone cellar' }).hover();
  await page.mouse.up();
  await expect(page.getByText(/^Stone cellar: jar 53/)).toBeVisible();
  await expect(places).toBeHidden();
  await page.getByRole('button', { name: /^Jar 53:/ }).click();
  await expect(page.getByLabel('The chosen jar').getByText(/^jar 53, .*Stone cellar/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('The chosen jar').getByText(/^jar 53, .*Fridge/)).toBeVisible();

  await open(page, '/counter');
  // Nobody has read its pH yet.
  const young = page.getByRole('button', { name: /^Jar 57:/ });
  await young.hover();
  await page.mouse.down();
  await page.mouse.move(400, 300, { steps: 5 });
  await page.getByRole('listitem', { name: 'Stone cellar' }).hover();
  await page.mouse.up();
  await expect(page.getByRole('dialog').getByText(/^Move: /)).toBeVisible();
});

test('jars that are free on a day to come, as they are eaten', async ({ page }) => {
  await open(page, '/kit');
  const half = page.locator('[data-back="clip-500.clamped"]');
  await expect(half).toContainText('the next comes back about');
  await page.getByLabel('How many are free on').fill('2027-08-01');
  await expect(half).toContainText(/^\s*\d+ free by 1 Aug/);
});
