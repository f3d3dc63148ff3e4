import { copyFileSync } from 'node:fs';
import { OwnServer } from './server';
import { clearBench, expect, open, say, test } from './support';

test('a way of one’s own has its own cut, named at the step and in the working', async ({
  page,
  request
}) => {
  await clearBench(request);
  await open(page, '/kit');
  await page.getByRole('button', { name: 'Add a way of your own' }).click();
  const form = page.getByRole('form', { name: 'A way of your own' });
  // A cut that the next style does not allow is let go.
  await form.getByLabel('A way of making').selectOption('soft-fruit');
  await form.getByLabel('A cut of your own, like').selectOption('half');
  await expect(form.getByLabel('What you call it')).toBeVisible();
  await form.getByLabel('A way of making').selectOption('pieces');
  await expect(form.getByLabel('What you call it')).toBeVisible();
  await form.getByLabel('A way of making').selectOption('sliced-peppers');
  await expect(form.getByLabel('What you call it')).toBeHidden();
  await form.getByLabel('A way of making').selectOption('pieces');
  await form.getByLabel('Name').fill('Thin sticks');
  await form.getByLabel('A cut of your own, like').selectOption('spear');
  await form.getByLabel('What you call it').fill('Matchsticks');
  // What fills no jar is refused with what would, and nothing typed is lost.
  await form.getByLabel('One litre of jar takes, prepared').fill('40 g');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(form.getByText('No cut fills a jar so little, or so much.')).toBeVisible();
  await form.getByLabel('One litre of jar takes, prepared').fill('700 g');
  await form.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('cut into Matchsticks, like spears, 700 g in a litre')).toBeVisible();

  await open(page, '/garden');
  await page.getByRole('button', { name: '+ weigh in' }).click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption('kohlrabi');
  await pad.getByRole('textbox', { name: 'Weight', exact: true }).fill('2 kg');
  await pad.getByRole('button', { name: 'Weigh in, to the bench' }).click();
  await expect(page).toHaveURL(/\/bench/);
  await page.locator('#style').selectOption('pieces_1');
  await page.getByRole('button', { name: 'How it is made, step by step' }).click();
  await expect(page.getByText('Into matchsticks.')).toBeVisible();
  await page.getByRole('button', { name: 'Why? Jars' }).click();
  await expect(
    page.getByText(/packing of kohlrabi in matchsticks 0\.\d\d: as you said of your cut/)
  ).toBeVisible();
});

test('a thermometer read at a place counts, and is taken back with Undo', async ({ page }) => {
  await open(page, '/kit');
  const places = page.locator('#places');
  await places.getByRole('button', { name: 'Note a reading: Kitchen counter' }).click();
  await places.getByLabel(/It reads now/).fill('hot');
  await places.getByRole('button', { name: 'Note it' }).click();
  await expect(places.getByText('“hot” is no temperature.').first()).toBeVisible();
  await places.getByLabel(/It reads now/).fill('26');
  await places.getByRole('button', { name: 'Note it' }).click();
  await expect(places.getByText(/Read once this week: 26\s°C over the day/)).toBeVisible();
  await expect(places.getByText(/from what is said of it/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(places.getByText(/Read once this week/)).toBeHidden();
});

test('a thermometer notes a warm spell by itself, and says so when it is not heard', async ({ browser }) => {
  const server = new OwnServer();
  copyFileSync(process.env.E2E_SEED!, server.database);
  await server.start({ CROCKLE_DEMO: '1', CROCKLE_THERMOMETERS: 'stand-in' });
  const page = await browser.newPage({ baseURL: server.base });
  await open(page, '/kit');
  const places = page.locator('#places');
  const counter = places.getByRole('group', { name: 'Thermometer: Kitchen counter' });
  await expect(
    counter.getByText(/Its thermometer shows 2[12](\.\d)?\s°C and is noted by itself/)
  ).toBeVisible();
  await places.getByRole('button', { name: 'Note a reading: Kitchen counter' }).click();
  await counter.getByRole('button', { name: 'a warm spell' }).click();
  await say(page.request, 'step-clock', { by: 'day' });
  await say(page.request, 'step-clock', { by: 'day' });
  await expect(counter.getByText(/Its thermometer shows 2[789](\.\d)?\s°C/)).toBeVisible();
  await expect(places.getByText(/Read \d times this week: 2[4-8](\.\d)?\s°C over the day/)).toBeVisible();
  await expect(places.getByText(/from what is said of it/)).toBeVisible();
  // Its line is cut: said, and the page goes on.
  await counter.getByRole('button', { name: 'pull the plug' }).click();
  await expect(counter.getByText('Its thermometer does not answer.')).toBeVisible();
  await page.close();
  await server.end('SIGTERM');
  server.clean();
});
