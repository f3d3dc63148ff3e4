import { alive, answer, clearBench, expect, onBench, open, say, test } from './support';

test('a habit of dosing, said as it is said: where it ends, asked when it can mean two things, taken over', async ({
  page,
  request
}) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await open(page, '/bench');
  const said = page.getByRole('textbox', { name: 'A dose as you say it' });
  await said.fill('1½ tbsp a quart');
  const box = page.getByRole('region', { name: 'Say it your way' });
  await expect(box.getByText('This can mean several things')).toBeVisible();
  await expect(box.getByText(/of water: settles at/)).toBeVisible();
  await expect(box.getByText(/for a jar of that size: settles at/)).toBeVisible();
  await said.fill('1 tbsp to 1 l of water');
  await expect(box.getByText(/too weak to keep/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Another dose beside it' }).fill('2,5 % of total');
  await expect(box.getByText(/of vegetables and water together: settles at 2\.[56]\s%/)).toBeVisible();
  await box.getByRole('button', { name: 'use it' }).first().click();
  // Too weak is a harm, said at once and not passed unknowingly.
  await expect(page.getByText(/too weak to keep\./)).toBeVisible();
  await page.getByRole('button', { name: 'Start batch' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(dialog.getByRole('alert').first()).toContainText('Change it, or tick that you know');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await box.getByRole('button', { name: 'use it' }).last().click();
  await expect(page.getByText(/too weak to keep\./)).toHaveCount(0);
  await said.fill('a dollop');
  await expect(box.getByRole('alert')).toContainText('I do not know what “dollop” means');
});

test('no scale: counted in, counted prepared, dosed by the own spoon', async ({ page, request }) => {
  await clearBench(request);
  await open(page, '/garden');
  await page.getByRole('button', { name: '+ weigh in' }).click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('cabbage-white');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('3 heads');
  await expect(pad.getByText(/by the table/)).toBeVisible();
  await pad.getByRole('button', { name: 'Weigh in, to the bench' }).click();
  await expect(page).toHaveURL(/\/bench/);
  await page.getByRole('textbox', { name: 'White cabbage, prepared' }).fill('2½ heads');
  await expect(answer(page)).toContainText(/tbsp/);
  await expect(answer(page)).toContainText('± 5 %');
});

test('two phones on one bench see what the other weighed', async ({ page, request, browser, baseURL }) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g');
  await onBench(request, 'kohlrabi', '900 g');
  await open(page, '/bench');
  const other = await (await browser.newContext({ baseURL })).newPage();
  await other.goto('/bench');
  await alive(other);
  const kept = page.waitForResponse((r) => r.url().endsWith('/weigh-prepared') && r.ok());
  await page.getByRole('textbox', { name: 'Carrot, prepared' }).fill('1 lb 9 oz');
  await kept;
  await other.getByRole('textbox', { name: 'Kohlrabi, prepared' }).fill('640 g');
  // Field by field, each as typed.
  await expect(other.getByRole('textbox', { name: 'Carrot, prepared' })).toHaveValue('1 lb 9 oz');
  await expect(page.getByRole('textbox', { name: 'Kohlrabi, prepared' })).toHaveValue('640 g');
  await other.context().close();
});

test('a page being opened is not lost when the bench looks for news meanwhile', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g');
  await open(page, '/bench');
  let letGo = () => {};
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route('**/counter/__data.json*', async (route) => {
    await held;
    await route.continue();
  });
  const kept = page.waitForResponse((r) => r.url().endsWith('/weigh-prepared') && r.ok());
  await page.getByRole('textbox', { name: 'Carrot, prepared' }).fill('600 g');
  await page.getByRole('link', { name: /^Counter/ }).click();
  await kept;
  letGo();
  await expect(page).toHaveURL(/\/counter$/);
});

test('nothing is started on a weight that the house does not hold', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  await open(page, '/bench');
  const prepared = page.getByRole('textbox', { name: 'Carrot, prepared' });
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  const start = async () => {
    await page.getByRole('button', { name: 'Start batch' }).click();
    await dialog.getByRole('button', { name: 'Start batch' }).click();
  };
  // More than was picked: asked about at the field, refused by the house, and said where the hand is.
  await prepared.fill('5 kg');
  await start();
  await expect(dialog.getByRole('alert')).toContainText('Carrot: That is 5000 g, but only 900 g is there.');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await prepared.fill('lots');
  await start();
  await expect(dialog.getByRole('alert')).toContainText('“lots” is not a weight');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  // Started within the same moment as the last key, it is the last weight that counts.
  await prepared.fill('640 g');
  await start();
  await expect(page).toHaveURL(/\/counter\?batch=/);
  const id = new URL(page.url()).searchParams.get('batch')!;
  const all = (await (await request.get('/api/v1/batches')).json()) as {
    id: string;
    items: { preparedG: number }[];
  }[];
  expect(all.find((b) => b.id === id)?.items.map((i) => Math.round(i.preparedG))).toEqual([640]);
});

test('a weight typed over and typed back while the house is slow to answer is the one that is started', async ({
  page,
  request
}) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  // The house has it, but its answer is held back.
  let letGo = () => {};
  const held = new Promise<void>((go) => (letGo = go));
  await page.route('**/api/v1/weigh-prepared', async (route) => {
    const answer = await route.fetch();
    await held;
    await route.fulfill({ response: answer });
  });
  await open(page, '/bench');
  const prepared = page.getByRole('textbox', { name: 'Carrot, prepared' });
  const stored = async () => {
    const lots = (await (await request.get('/api/v1/picks')).json()) as {
      cropId: string;
      benchG: number;
      benches: { prepared: { said: string } | null }[];
    }[];
    return lots.find((l) => l.cropId === 'carrot' && l.benchG > 0)?.benches[0]?.prepared?.said;
  };
  await prepared.fill('350 g');
  await expect.poll(stored).toBe('350 g');
  await prepared.fill('700 g');
  await page.getByRole('button', { name: 'Start batch' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  letGo();
  await expect(page).toHaveURL(/\/counter\?batch=/);
  const id = new URL(page.url()).searchParams.get('batch')!;
  const all = (await (await request.get('/api/v1/batches')).json()) as {
    id: string;
    items: { preparedG: number }[];
  }[];
  expect(all.find((b) => b.id === id)?.items.map((i) => Math.round(i.preparedG))).toEqual([700]);
});

test('a weight typed over and typed back within a moment stays as it was', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  await open(page, '/bench');
  const prepared = page.getByRole('textbox', { name: 'Carrot, prepared' });
  await prepared.fill('350 g');
  await prepared.fill('700 g');
  await page.getByRole('button', { name: 'Start batch' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/\/counter\?batch=/);
});

test('what another hand weighs while the start is being said is seen before it is started', async ({
  page,
  request
}) => {
  await clearBench(request);
  const lotId = await onBench(request, 'carrot', '900 g', '700 g');
  await open(page, '/bench');
  await page.getByRole('button', { name: 'Start batch' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start batch' });
  await expect(dialog).toBeVisible();
  await say(request, 'weigh-prepared', { lotId, weight: '655 g' });
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Carrot weighs 655 g');
  await expect(page.getByRole('textbox', { name: 'Carrot, prepared' })).toHaveValue('655 g');
  await dialog.getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/\/counter\?batch=/);
});

test('nothing moves under a finger that is down: a slow tap is not lost', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  await page.clock.install();
  await open(page, '/bench');
  await page.getByRole('textbox', { name: 'Carrot, prepared' }).focus();
  const pad = page.getByRole('button', { name: 'Take the weight for Carrot, prepared' });
  await expect(pad).toBeVisible();
  const start = (await page.getByRole('button', { name: 'Start batch' }).boundingBox())!;
  await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2);
  await page.mouse.down();
  await page.clock.fastForward(2000);
  await expect(pad).toBeVisible();
  await page.mouse.up();
  await expect(page.getByRole('dialog', { name: 'Start batch' })).toBeVisible();
  await expect(pad).toHaveCount(0);
});

test('the other sets of jars come where a worker does not start, too', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  await page.route(/bench\.worker/, (route) => route.abort());
  await open(page, '/bench');
  const sets = page.getByRole('radiogroup', { name: 'Sets of jars' });
  await expect(sets.getByRole('radio').first()).toBeVisible();
  await expect(sets).toHaveAttribute('aria-busy', 'false');
  await expect(page.getByRole('table', { name: /Each way of dosing/ })).toContainText('of the vegetables');
});

test('what brings salt of its own is counted', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'mustard-greens', '2 kg', '1.7 kg');
  await open(page, '/bench');
  const said = answer(page);
  const before = await said.innerText();
  await page.getByLabel('Add what brings salt of its own').selectOption('fish-sauce');
  await page.getByRole('textbox', { name: 'Fish sauce, how much' }).fill('60 ml');
  await expect(page.getByText(/brings 14\.5\sg of salt; fish: name it on the lid/)).toBeVisible();
  expect(await said.innerText()).not.toBe(before);
  await page.getByRole('textbox', { name: 'Fish sauce, how much' }).fill('600 ml');
  await expect(page.getByText(/The ingredients alone bring/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave out Fish sauce' }).click();
  await expect(said).toContainText('g salt');
});

test('a slip is asked about at once, with its likely cause', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'cabbage-white', '3400 g');
  await open(page, '/bench');
  await page.getByRole('textbox', { name: 'White cabbage, prepared' }).fill('272 g');
  await expect(page.getByText(/a figure is missing or one too many/).first()).toBeVisible();
  await page.getByRole('textbox', { name: 'White cabbage, prepared' }).fill('2720 g');
  await expect(page.getByText(/a figure is missing or one too many/)).toHaveCount(0);
});

test('the other way round: these jars, how much to pick; and copied as text', async ({
  page,
  request,
  context
}) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await open(page, '/bench');
  await page.getByText('How much do I pick to fill these jars?').click();
  await page.getByLabel('Crop', { exact: true }).selectOption('cabbage-pointed');
  await page.getByRole('button', { name: 'Fill one 0.5 l clip jar more' }).click();
  await expect(page.locator('[data-to-pick]')).toContainText(/to pick/);
  await expect(page.locator('[data-to-pick]')).toContainText('Long bed');
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByText('Copied as plain text')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toMatch(/Kohlrabi[\s\S]*salt/);
  // Where the browser allows no clipboard, the text stands there to be taken by hand.
  await page.evaluate(() => {
    navigator.clipboard.writeText = () => Promise.reject(new Error('not allowed'));
  });
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('textbox', { name: 'The text to copy' })).toHaveValue(/Kohlrabi[\s\S]*salt/);
});

test('Kit: a bowl, a spoon, a jar measured; what was learnt begins anew', async ({ page }) => {
  await open(page, '/kit');
  await page.getByText('Add a bowl or jar, or weigh one again').click();
  const bowl = page.getByRole('form', { name: 'A bowl' });
  await bowl.getByLabel('Name').fill('Enamel bowl');
  await bowl.getByLabel('Empty it weighs').fill('9 oz');
  await bowl.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Enamel bowl: 255 g empty')).toBeVisible();
  await page.getByText('Weigh your own spoon').click();
  const spoon = page.getByRole('form', { name: 'Weigh your own spoon' });
  await spoon.getByLabel('Salt', { exact: true }).selectOption('sea-coarse');
  await spoon.getByLabel('Together they weigh').fill('49 g');
  await spoon.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /Coarse sea salt, your spoon/ })).toContainText('4.9 g');
  await page.getByText('from the table; measure your own').first().click();
  const jar = page.getByRole('form', { name: 'Measure 0.5 l clip jar' });
  await jar.getByLabel('Water to the brim weighs').fill('5 kg');
  await jar.getByRole('button', { name: 'Save' }).click();
  await expect(jar.getByRole('alert')).toContainText('does not fit a jar of 500 ml');
  await jar.getByLabel('Water to the brim weighs').fill('526 g');
  await jar.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('0.5 l clip jar: measured')).toBeVisible();
  await page.getByRole('button', { name: 'Start over for Cauliflower', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Start over for Cauliflower', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(page.getByRole('button', { name: 'Start over for Cauliflower', exact: true })).toBeVisible();
});
