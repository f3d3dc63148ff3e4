import type { Page } from '@playwright/test';
import { expect, open, say, test } from './support';

test('a pepper sauce from jars to six bottles: a weight forgotten and caught, half the acid, a pH', async ({
  page
}) => {
  await open(page, '/notebook');
  await page.getByRole('link', { name: 'Pear and chilli sauce' }).first().click();
  await page.getByRole('link', { name: 'Finish it' }).click();
  await page.getByRole('button', { name: 'Begin to finish' }).click();
  const out = page.getByRole('region', { name: 'Out of the jars' });
  const things = out.getByRole('button');
  await expect(things).toHaveCount(2);
  await things.first().click();
  await expect(things.first()).toHaveAttribute('aria-pressed', 'true');
  // One is still in there: nothing is drained, blended or bottled.
  await expect(out.getByText(/^1 still in there/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Blend' })).toBeHidden();
  await things.last().click();
  await expect(out.getByText('All out.')).toBeVisible();

  const bowl = page.getByRole('region', { name: 'The bowl' });
  const drain = page.getByRole('form', { name: 'Brine drained off' });
  await drain.getByLabel('Brine drained off').fill('400 g');
  await drain.getByRole('button', { name: 'Note it' }).click();
  await page.getByRole('button', { name: /^40 %/ }).click();
  await page.getByText('Sieve it').click();
  await page.getByLabel('Pulp kept back by the sieve').fill('150 g');
  await page.getByText('Sweeten it, or add something fresh').click();
  await page.getByLabel('Fresh or cooked').selectOption({ label: 'Carrot' });
  await page.getByLabel('How much of it').last().fill('20 g');
  await page.getByRole('button', { name: 'Note what is in the bowl' }).click();
  await expect(bowl.getByRole('row', { name: /brine that stays out − 240 g/ })).toBeVisible();
  await expect(bowl.getByRole('row', { name: /^carrot 20 g/ })).toBeVisible();
  await expect(bowl.getByRole('row', { name: /pulp − 150 g/ })).toBeVisible();

  await page.getByRole('button', { name: 'Measure its pH' }).click();
  const reading = page.getByRole('dialog');
  await reading.getByRole('textbox', { name: 'pH', exact: true }).fill('4.2');
  await reading.getByRole('button', { name: 'Save the reading' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Add acid' }).click();
  // Measured in the bowl a moment ago: it need not be said again.
  await expect(page.getByLabel('pH now')).toHaveValue('4.2');
  await page.getByRole('button', { name: 'Stirred in' }).click();
  await expect(bowl.getByRole('row', { name: /^acid/ })).toBeVisible();
  // What lies under an open sheet hears no keys.
  await expect(page.getByRole('dialog')).toHaveCount(0);

  await page.getByLabel('The sauce, weighed without its pot').fill('1420 g');
  await page.getByRole('form', { name: 'Sauce weighed' }).getByRole('button', { name: 'Note it' }).click();
  await expect(bowl.getByRole('row', { name: /as weighed 1\s?420 g/ })).toBeVisible();
  const bottles = page.getByRole('region', { name: 'Bottles' });
  await expect(bottles.getByText(/less than the bowl adds up to/)).toBeVisible();
  await bottles.getByLabel('pH', { exact: true }).fill('3.7');
  await bottles.getByRole('button', { name: 'Bottled: 6' }).click();
  await expect(page.getByText(/^Done: 6 bottles/)).toBeVisible();
  await page.getByRole('main').getByRole('link', { name: 'Where every gram went' }).click();
  await expect(page.getByRole('row', { name: /^sieved off and dried/ })).toBeVisible();
});

/** The demo's sauce on its way, both of its weights out. */
async function emptyOfWeights(page: Page): Promise<void> {
  await open(page, '/notebook');
  await page.getByRole('link', { name: 'Pear and chilli sauce' }).first().click();
  await page.getByRole('link', { name: 'Finish it' }).click();
  await page.getByRole('button', { name: 'Begin to finish' }).click();
  for (const thing of ['the weight of jar 40', 'the weight of jar 41']) {
    const button = page.getByRole('button', { name: thing });
    await button.click();
    await expect(button).toHaveAttribute('aria-pressed', 'true');
  }
}

test('two phones at one bowl: what the other noted stands there, and is not written over', async ({
  page,
  context
}) => {
  await emptyOfWeights(page);
  const other = await context.newPage();
  await open(other, new URL(page.url()).pathname);
  const drain = page.getByRole('form', { name: 'Brine drained off' });
  await drain.getByLabel('Brine drained off').fill('300 g');
  await drain.getByRole('button', { name: 'Note it' }).click();
  const theirs = other.getByRole('form', { name: 'Blended' });
  await expect(other.getByRole('row', { name: /brine that stays out/ })).toBeVisible();
  await theirs.getByLabel('Brine put back').fill('100 g');
  await theirs.getByRole('button', { name: 'Note what is in the bowl' }).click();
  await expect(page.getByLabel('Brine put back')).toHaveValue(/^100\sg$/);
  // It waits on Today.
  await open(other, '/');
  await other.getByRole('region', { name: 'Finishing' }).getByRole('link', { name: 'Go on' }).click();
  await expect(other.getByRole('row', { name: /brine that stays out − 200 g/ })).toBeVisible();
});

test('what is no sauce is closed and put away: nothing of a blade is said, and Today forgets it', async ({
  page
}) => {
  await open(page, '/notebook');
  await page.getByRole('link', { name: 'Kohlrabi sticks, mustard seed' }).first().click();
  await page.getByRole('link', { name: 'Finish it' }).click();
  await page.getByRole('button', { name: 'Begin to finish' }).click();
  await expect(page.getByText(/^3 still in there/)).toBeVisible();
  await expect(page.getByText(/blade/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Closed and put away' }).click();
  await expect(page.getByRole('button', { name: 'Begin to finish' })).toBeVisible();
  await open(page, '/');
  await expect(page.getByRole('region', { name: 'Finishing' })).toHaveCount(0);
});

test('old brine from the pantry goes into the bowl, and is gone from the pantry when it is bottled', async ({
  page
}) => {
  const old = { name: 'Brine of the spring kraut', amount: '500 ml', strengthPercent: 2.5 };
  await say(page.request, 'keep-brine', old);
  await emptyOfWeights(page);
  await page.getByText('Kept brine into the bowl').click();
  const blend = page.getByRole('form', { name: 'Blended' });
  await blend.getByLabel('Which brine').selectOption({ label: 'Brine of the spring kraut, 500 ml there' });
  await blend.getByLabel('How much of it').first().fill('900 g');
  await page.getByRole('button', { name: 'Note what is in the bowl' }).click();
  await expect(blend.getByRole('alert')).toContainText('Only 500 ml of it are left');
  await blend.getByLabel('How much of it').first().fill('150 g');
  await page.getByRole('button', { name: 'Note what is in the bowl' }).click();
  await expect(
    page.getByRole('region', { name: 'The bowl' }).getByRole('row', { name: /^kept brine 150 g/ })
  ).toBeVisible();
  await page
    .getByRole('region', { name: 'Bottles' })
    .getByRole('button', { name: /^Bottled/ })
    .click();
  await expect(page.getByText(/^Done: \d+ bottles/)).toBeVisible();
  await open(page, '/pantry');
  await expect(
    page.getByRole('region', { name: 'Brine', exact: true }).getByText(/35\d\sml of 2\.5\s%/)
  ).toBeVisible();
});
