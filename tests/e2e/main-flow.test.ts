import { SIZES, alive, answer as answerOf, clearBench, expect, onBench, open, test } from './support';

for (const size of SIZES) {
  test(`from weigh-in to eaten, ${size.name}`, async ({ page, request }) => {
    await page.setViewportSize(size);
    await clearBench(request);
    await open(page, '/garden');

    // Weigh in 3 kg 400 g, straight to the bench.
    await page.getByRole('button', { name: '+ weigh in' }).click();
    const pad = page.getByRole('dialog');
    await pad.getByLabel('What', { exact: true }).selectOption('cabbage-white');
    await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('3 kg 400 g');
    await expect(pad.getByText(/gives about/)).toContainText(/gives about 2.[67]\d\d.g prepared, ± \d+.g/);
    await pad.getByRole('button', { name: 'Weigh in, to the bench' }).click();

    // At once: jars, brine, salt, from the trim yield, with its ±.
    await expect(page).toHaveURL(/\/bench/);
    const answer = answerOf(page);
    await expect(answer).toContainText(/\d+\s*jars?/);
    await expect(answer).toContainText(/g salt/);
    await expect(page.getByText(/by (your \d+ batch|trim yield)/)).toBeVisible();

    // What is running low may be proposed first: this one is kraut.
    await page.locator('#style').selectOption('shredded');
    // Prepared: the numbers follow as one types, in the browser.
    const prepared = page.getByRole('textbox', { name: 'White cabbage, prepared' });
    await prepared.fill('2 652 g');
    for (const said of ['1 326 g', '2 652 g']) {
      await prepared.fill(said);
      // The same core computes it on the server, which is the one that counts.
      const choice = {
        bench: 'bench',
        styleId: 'shredded',
        fraction: 0.022,
        saltKindId: 'sea-fine',
        placeId: 'counter',
        opens: true
      };
      const sheet = await request.post('/api/v1/worksheet', {
        data: { ...choice, items: [{ cropId: 'cabbage-white', picked: '3400 g', prepared: said }] }
      });
      const { salt, jars } = (await sheet.json()) as { salt: { weighG: number }; jars: unknown[] };
      const shown = salt.weighG < 49.75 ? Math.round(salt.weighG * 2) / 2 : Math.round(salt.weighG);
      await expect(answer).toContainText(new RegExp(`${jars.length}\\s*jar`));
      await expect(answer).toContainText(`${shown} g salt`);
    }
    await page
      .getByRole('button', { name: /^Why\? Salt/ })
      .or(page.getByRole('button', { name: 'Why? Salt to weigh out' }))
      .locator('visible=true')
      .first()
      .click();
    await expect(page.getByRole('dialog')).toContainText('purity of your salt');
    await page.keyboard.press('Escape');

    await page.getByRole('button', { name: 'Start batch' }).click();
    const dialog = page.getByRole('dialog', { name: 'Start batch' });
    const name = `Kraut, ${size.name}`;
    await dialog.getByLabel('Name').fill(name);
    await dialog.getByRole('button', { name: 'Start batch' }).click();
    await expect(page.getByText(/Write [\d, and]+ on the lid/)).toBeVisible();
    await expect(page).toHaveURL(/\/counter\?batch=/);
    await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();

    // Day by day: step the clock, do what Today says for it.
    for (let day = 0; day < 3; day++)
      await page.getByRole('button', { name: 'Step to one day later' }).click();
    await page.getByRole('link', { name: /^Today/ }).click();
    const mine = page.getByRole('form', { name: new RegExp(`: ${name}$`) });
    await expect(mine).toHaveCount(1);
    await mine.getByRole('button', { name: /^Done/ }).click();
    await expect(page.getByText(/Noted for jar/).first()).toBeVisible();
    // What is left of it is what is tasted and read, not done by saying so.
    await expect(mine.getByText('Look and press down')).toHaveCount(0);

    for (let day = 0; day < 5; day++)
      await page.getByRole('button', { name: 'Step to one day later' }).click();
    await page.getByRole('link', { name: /^Counter/ }).click();
    await expect(page).toHaveURL(/\/counter/);
    await expect(page.getByRole('list', { name: 'The shelf' })).toHaveCount(0);
    await page
      .getByRole('button', { name: new RegExp(`: ${name}$`) })
      .first()
      .click();
    await page.getByRole('button', { name: 'Taste', exact: true }).click();
    const taste = page.getByRole('dialog');
    await taste.getByLabel('Sour 4').check({ force: true });
    await taste.getByLabel('Note').fill('just right');
    await taste.getByRole('button', { name: 'Save the taste' }).click();
    await expect(page.getByText(`Taste noted for ${name}`)).toBeVisible();

    await page.getByRole('button', { name: 'pH', exact: true }).click();
    await page.getByRole('dialog').getByLabel('pH', { exact: true }).fill('3,7');
    await page.getByRole('dialog').getByRole('button', { name: 'Save the reading' }).click();
    await expect(page.getByText(`pH noted for ${name}`)).toBeVisible();

    await page.getByRole('button', { name: 'Move', exact: true }).click();
    await page
      .getByRole('dialog')
      .getByRole('button', { name: /Fridge/ })
      .click();
    await expect(page.getByText(/Moved: jar/)).toBeVisible();

    // Eat one down, and the record tells it all.
    await page.getByRole('link', { name: /^Cold/ }).click();
    await page
      .getByRole('button', { name: new RegExp(`: ${name}$`) })
      .first()
      .click();
    await page.getByRole('button', { name: 'Eat a quarter' }).click();
    await expect(page.getByText('3 of 4 quarters left')).toBeVisible();
    await page.getByRole('button', { name: 'Eat it up' }).click();
    await expect(page.getByText(/less$/).first()).toBeVisible();
    await page.getByRole('link', { name: 'Notebook' }).click();
    await page.getByRole('link', { name: new RegExp(name) }).click();
    await expect(page.getByText('“just right”')).toBeVisible();
    await expect(page.getByText(/eaten, jar/).first()).toBeVisible();
  });
}

test('a jar that is tapped is the one that the next tap is about, however slow the line', async ({
  page
}) => {
  await open(page, '/counter');
  const panel = page.getByRole('complementary', { name: 'The chosen batch' });
  const was = await panel.getByRole('heading', { level: 1 }).innerText();
  let letGo = () => {};
  const held = new Promise<void>((go) => (letGo = go));
  await page.route(/__data\.json/, async (route) => {
    await held;
    await route.continue();
  });
  await page
    .getByRole('button', { name: /: Gherkins, oak leaf$/ })
    .first()
    .click();
  expect(was).not.toBe('Gherkins, oak leaf');
  await expect(panel.getByRole('heading', { name: 'Gherkins, oak leaf', level: 1 })).toBeVisible();
  await panel.getByRole('button', { name: 'Taste', exact: true }).click();
  await expect(page.getByRole('dialog', { name: 'Taste: Gherkins, oak leaf' })).toBeVisible();
  letGo();
  await expect(page).toHaveURL(/batch=/);
  await expect(page.getByRole('dialog', { name: 'Taste: Gherkins, oak leaf' })).toBeVisible();
});

test('a panel never becomes another’s by itself: after the last bite, and after what was due is done', async ({
  page
}) => {
  await open(page, '/cold');
  const jar = page.getByRole('complementary', { name: 'The chosen jar' });
  const name = await jar.getByRole('heading', { level: 1 }).innerText();
  const lid = /jar (\d+),/.exec(await jar.innerText())![1]!;
  await jar.getByRole('button', { name: 'Eat it up' }).click();
  await expect(jar.getByText(`Jar ${lid} does not stand in the cold any more.`)).toBeVisible();
  await expect(jar.getByRole('heading', { level: 1 })).toHaveText(name);
  await expect(jar.getByRole('button')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).last().click();
  await expect(jar.getByRole('button', { name: 'Eat it up' })).toBeVisible();
  await expect(jar.getByText(`jar ${lid},`)).toBeVisible();

  await page.getByRole('link', { name: /^Counter/ }).click();
  const batch = page.getByRole('complementary', { name: 'The chosen batch' });
  const first = await batch.getByRole('heading', { level: 1 }).innerText();
  const due = batch.getByRole('button', { name: /^Done/ });
  let left = await due.count();
  expect(left).toBeGreaterThan(0);
  while (left > 0) {
    await due.first().click();
    await expect(due).toHaveCount(--left);
    await expect(batch.getByRole('heading', { level: 1 })).toHaveText(first);
  }
});

test('undo takes a weigh-in back, for ten seconds from the message', async ({ page }) => {
  await open(page, '/garden');
  await page.keyboard.press('w');
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('okra');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('2 lb 3 oz');
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(page.getByText('Weighed in: Okra, 992 g')).toBeVisible();
  await expect(page.getByRole('img', { name: /Basket of Okra/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Undone')).toBeVisible();
  await expect(page.getByRole('img', { name: /Basket of Okra/ })).toHaveCount(0);
});

test('a refused weight says what would work, and keeps the form', async ({ page }) => {
  await open(page, '/garden');
  await page.getByRole('button', { name: '+ weigh in' }).click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('carrot');
  await pad.getByLabel('Bed').fill('Long bed');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('1.250 g');
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(pad.getByRole('alert')).toContainText('Write 1.25 g or 1250 g.');
  await expect(pad.getByLabel('Bed')).toHaveValue('Long bed');
  await expect(pad.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('1.250 g');
});

test('two megabytes of note and a cut line lose nothing from the form', async ({ page, context }) => {
  await open(page, '/garden');
  await page.getByRole('button', { name: '+ weigh in' }).click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('carrot');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('800 g');
  // Past every guard of the page: a hidden field with two megabytes.
  const stuff = (length: number) =>
    pad.getByRole('form', { name: 'Weigh in a pick' }).evaluate((form, n) => {
      form.querySelector('input[name=extra]')?.remove();
      const extra = Object.assign(document.createElement('input'), {
        type: 'hidden',
        name: 'extra',
        value: 'x'.repeat(n)
      });
      if (n > 0) form.append(extra);
    }, length);
  await stuff(2_000_000);
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(page.getByText('That is more than fits.')).toBeVisible();
  await stuff(0);
  await context.setOffline(true);
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(page.getByText('What you typed is still here.')).toBeVisible();
  await expect(pad.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('800 g');
  await context.setOffline(false);
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await expect(page.getByText('Weighed in: Carrot, 800 g')).toBeVisible();
});

test('the bench keeps what was typed over a reload, and says when Crockle cannot be reached', async ({
  page,
  request,
  context
}) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g');
  await open(page, '/bench');
  const prepared = page.getByRole('textbox', { name: 'Kohlrabi, prepared' });
  const kept = page.waitForResponse((r) => r.url().endsWith('/weigh-prepared') && r.ok());
  await prepared.fill('2 lb 10 oz');
  await kept;
  const draft = page.waitForResponse((r) => r.url().endsWith('/bench-draft') && r.ok());
  await page.getByRole('button', { name: 'More salt' }).click();
  await draft;
  await page.reload();
  await alive(page);
  await expect(prepared).toHaveValue('2 lb 10 oz');
  await expect(page.getByLabel('Salt', { exact: true })).toHaveValue('2.6');
  await context.setOffline(true);
  await prepared.fill('1 195 g');
  await expect(page.getByText('Crockle cannot be reached.')).toBeVisible();
  await expect(prepared).toHaveValue('1 195 g');
  const again = page.waitForResponse((r) => r.url().endsWith('/weigh-prepared') && r.ok());
  await context.setOffline(false);
  await again;
  await expect(page.getByText('Crockle cannot be reached.')).toHaveCount(0);
});

test('what was typed in the very moment of a reload is kept', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  await open(page, '/bench');
  await page.getByRole('textbox', { name: 'Carrot, prepared' }).fill('655 g');
  await page.locator('#style').selectOption('pieces');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Carrot, prepared' })).toHaveValue('655 g');
  await expect(page.locator('#style')).toHaveValue('pieces');
});

test('by keyboard alone: rooms, find, help', async ({ page }) => {
  await open(page, '/');
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/\/counter/);
  await page.keyboard.press('/');
  await page.getByPlaceholder('a name, a jar number, a room').fill('pink');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /Pink turnips/ })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('k');
  await expect(page.getByRole('heading', { name: 'What you work with' })).toBeVisible();
});

test('a care task: one jar left out, skip, and undo', async ({ page }) => {
  await open(page, '/');
  await page.getByRole('button', { name: 'Step to the next due thing' }).click();
  const stops = page.getByRole('form', { name: /^jars? \d/ });
  const task = stops
    .filter({ has: page.getByRole('button', { name: 'only some jars?' }) })
    .filter({ has: page.getByRole('button', { name: /^Done/, disabled: false }) })
    .first();
  const batch = await task.getByRole('link').innerText();
  await task.getByRole('button', { name: 'only some jars?' }).click();
  const jars = page.getByRole('group', { name: 'Jars that are done' });
  const left = (await jars.locator('label').first().innerText()).trim();
  await jars.getByRole('checkbox').first().uncheck();
  await stops.filter({ has: jars }).getByRole('button', { name: /^Done/ }).click();
  await expect(page.getByText(/Noted for jar/)).toBeVisible();
  // The one left out still waits.
  await expect(
    stops
      .filter({ hasText: batch })
      .getByText(new RegExp(`\\b${left}\\b`))
      .first()
  ).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Undone')).toBeVisible();
  const skip = stops.filter({ hasText: batch }).getByRole('button', { name: 'skip' }).first();
  await skip.click();
  await expect(page.getByText(/Noted for jar/)).toBeVisible();
});
