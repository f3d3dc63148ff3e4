import type { Page } from '@playwright/test';
import { expect, open, SIZES, test } from './support';

const stops = (page: Page) => page.getByRole('form', { name: /^jars? \d/ });

for (const { name, width, height } of SIZES)
  test(`the round of a day: each batch once, under thirty taps for all of it (${name})`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    await open(page, '/');
    const jars = await page.getByRole('list', { name: 'The shelf' }).getByRole('button').count();
    expect(jars).toBeGreaterThan(8);
    let taps = 0;
    const tap = async (what: ReturnType<Page['getByRole']>) => {
      taps++;
      await what.click();
    };
    const allHere = page.getByRole('button', { name: /^All here done/ });
    for (let left = await allHere.count(); left > 0; left--) {
      await tap(allHere.first());
      await expect(allHere).toHaveCount(left - 1);
    }
    // What is left is tasted, read or moved: in line, and the next slides in.
    for (let left = await stops(page).count(); left > 0; left--) {
      const stop = stops(page).first();
      const sour = stop.getByText('2', { exact: true });
      if ((await sour.count()) > 0) await tap(sour);
      const pH = stop.getByRole('textbox', { name: 'pH' });
      if ((await pH.count()) > 0) {
        taps++;
        await pH.fill('4,1');
      }
      const move = stop.getByRole('button', { name: 'Move…' });
      if ((await move.count()) > 0) {
        await tap(move);
        await tap(page.getByRole('dialog').getByRole('button', { name: /Fridge/ }));
      } else await tap(stop.getByRole('button', { name: /^Done/ }));
      await expect(stops(page)).toHaveCount(left - 1);
    }
    expect(taps).toBeLessThan(30);
    await expect(page.getByText(/Nothing to do now\. Next: /)).toBeVisible();
  });

test('a stop: tasted and read in line with what was done, taken back as one, salt and crunch left unsaid', async ({
  page
}) => {
  await open(page, '/');
  const stop = stops(page)
    .filter({ hasText: 'Taste' })
    .filter({ hasText: /Open|Look and press/ })
    .first();
  const batch = await stop.getByRole('link').innerText();
  const name = (await stop.getAttribute('aria-label'))!;
  const mine = page.getByRole('form', { name, exact: true });
  await mine.getByText('3', { exact: true }).click();
  await mine.getByRole('button', { name: /^Done/ }).click();
  await expect(page.getByText(/^Noted for jar/)).toBeVisible();
  await expect(mine.filter({ hasText: 'Taste' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(mine.getByText('How sour is it?')).toBeVisible();
  await mine.getByText('3', { exact: true }).click();
  await mine.getByRole('button', { name: /^Done/ }).click();
  await expect(mine.filter({ hasText: 'Taste' })).toHaveCount(0);
  await page.getByRole('link', { name: /^Notebook/ }).click();
  await page.getByRole('link', { name: batch }).first().click();
  await expect(page.getByText(/^Tasted [\d, and]+: sour 3$/).first()).toBeVisible();
});

test('after weeks without a word it asks what is still there, and scolds nobody', async ({ page }) => {
  await open(page, '/');
  for (let day = 0; day < 16; day++) await page.request.post('/api/v1/step-clock', { data: { by: 'day' } });
  await open(page, '/');
  const counter = page.getByRole('region', { name: 'Kitchen counter' });
  const asked = counter.getByText(/nothing noted since .* what is still there\?/);
  await expect(asked.first()).toBeVisible();
  await expect(page.getByText(/missed (once|\d)/)).toHaveCount(0);
  const n = await asked.count();
  // One batch is gone, of another one jar is; the rest is as it was, in one tap.
  const first = counter
    .getByRole('listitem')
    .filter({ has: page.getByText(/nothing noted since/) })
    .first();
  await first.getByRole('button', { name: 'eaten', exact: true }).click();
  await expect(page.getByText(/^Gone: jar/)).toBeVisible();
  await expect(asked).toHaveCount(n - 1);
  await counter.getByRole('button', { name: 'All here is as it was' }).click();
  await expect(asked).toHaveCount(0);
  // What stood too long says what to look, smell and measure; and it is still to be measured and moved.
  await expect(counter.getByText('Move to the cold').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(asked).toHaveCount(n - 1);
  // What lay in the basket all the while is gone, unless one says otherwise.
  await page.getByRole('button', { name: 'Gone: Gherkin' }).first().click();
  await expect(page.getByText(/^Gherkin: .* written off the Garden$/)).toBeVisible();
});
