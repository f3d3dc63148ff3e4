import type { Page } from '@playwright/test';
import { answer, clearBench, expect, onBench, open, test } from './support';

interface Jar {
  readonly id: string;
  readonly lidNumber: number;
  readonly emptiedAt: number | null;
}
interface Batch {
  readonly id: string;
  readonly name: string;
  readonly jars: readonly Jar[];
}

test('a reading that says discard stands first on Today, ends its other tasks, and goes when it is corrected', async ({
  page
}) => {
  await open(page, '/counter');
  const batches = (await (await page.request.get('/api/v1/batches')).json()) as Batch[];
  const turnips = batches.find((b) => b.name.startsWith('Pink turnips'))!;
  const jar = turnips.jars.find((f) => f.emptiedAt === null)!;
  await page.request.post('/api/v1/ph', {
    data: { commandId: 'high', batchId: turnips.id, fillingIds: [jar.id], pH: 5.1 }
  });
  await open(page, '/');
  const verdict = page.locator('[data-verdict]');
  await expect(verdict).toContainText(`Throw jar ${jar.lidNumber} away`);
  await expect(verdict).toContainText('Do not taste');
  const eat = await page.request.post('/api/v1/portion', {
    data: { commandId: 'eat', batchId: turnips.id, fillingId: jar.id, how: 'eaten', amount: 'quarter' }
  });
  expect(eat.status()).toBe(409);
  await verdict.getByRole('button', { name: 'the reading was wrong' }).click();
  await verdict.getByLabel(/What it really was/).fill('3.9');
  await verdict.getByRole('button', { name: 'Correct it' }).click();
  await expect(verdict).toHaveCount(0);
});

test('a sign of spoiling marks its jars; thrown away, nothing is left to do', async ({ page }) => {
  await open(page, '/counter');
  await page.getByText('Something looks or smells odd?').click();
  await page.getByRole('button', { name: 'On the surface' }).click();
  await page.getByRole('button', { name: 'a flat, pale film' }).click();
  await page.getByRole('button', { name: 'Firm and clean' }).click();
  await expect(page.getByText('Eat it only if it is sour, firm and smells clean.')).toBeVisible();
  await page.getByRole('button', { name: 'something else' }).click();
  await page.getByRole('button', { name: 'furry or coloured spots' }).click();
  await expect(page.getByText('Do not taste. Close it; throw the whole jar away.')).toBeVisible();
  await expect(page.getByText(/One school lifts small white spots.*and Crockle, throws/)).toBeVisible();
  // No jar is marked that nobody pointed at.
  const mark = page.getByRole('button', { name: 'Mark these jars: throw away' });
  await mark.click();
  await expect(page.getByText('Tick at least one.')).toBeVisible();
  for (const box of await page.getByRole('group', { name: 'On which jars?' }).getByRole('checkbox').all())
    await box.check();
  await mark.click();
  const verdicts = page.locator('[data-verdict]');
  await expect(verdicts.first()).toBeVisible();
  const n = await verdicts.count();
  await verdicts.first().getByRole('button', { name: 'Thrown away' }).click();
  await expect(verdicts).toHaveCount(n - 1);
});

test('brine that stands low: why, how much that can be, what to pour, and it is put right from there', async ({
  page
}) => {
  await open(page, '/counter');
  await page.getByText('Something looks or smells odd?').click();
  await page.getByRole('button', { name: 'In the brine' }).click();
  await page.getByRole('button', { name: 'below the pieces' }).click();
  const level = page.getByRole('group', { name: 'Why it stands low' });
  await expect(level.getByText('Most likely')).toBeVisible();
  const missing = level.getByLabel('How much lower');
  await missing.fill('ten fingers');
  await expect(
    level
      .getByRole('alert')
      .or(level.getByText(/“ten fingers”/))
      .first()
  ).toBeVisible();
  await missing.fill('400 ml');
  await expect(level.getByText('leaked or was poured away')).toBeVisible();
  await expect(level.getByText(/^Pour in .* of brine/)).toBeVisible();
  await level.getByRole('button', { name: 'Put right…' }).click();
  const sheet = page.getByRole('dialog', { name: /^Put right/ });
  await expect(sheet.getByLabel('What went wrong')).toHaveValue('spilled');
  await expect(sheet.getByLabel('Missing, each jar')).toHaveValue('400 ml');
  await sheet.getByRole('button', { name: /^Done so with jar \d+$/ }).click();
  await expect(sheet).toHaveCount(0);
});

test('a jar waits till another is eaten, is told how sour by then, and is called when it is', async ({
  page
}) => {
  await open(page, '/counter');
  await page.getByRole('button', { name: 'Move', exact: true }).first().click();
  const sheet = page.getByRole('dialog', { name: /^Move/ });
  await sheet.getByText('Or it waits till another is eaten').click();
  const waits = sheet.getByRole('form', { name: 'Let it wait' });
  await expect(waits.locator('[data-by-then]')).toContainText(/pH about \d\.\d/);
  await waits.getByRole('button', { name: /^It waits for jar \d+$/ }).click();
  await expect(sheet).toHaveCount(0);
  const waiting = page.getByRole('form', { name: 'Waiting' });
  await expect(waiting).toContainText(/waits? till jar \d+ \(.+\)\s+is\s+eaten/);
  // Called anyhow, it says for what it waited.
  await open(page, '/');
  await expect(page.getByText(/its turn after jar \d+ \(.+\)/).first()).toBeVisible();
  await open(page, '/counter');
  await waiting.getByRole('button', { name: 'no longer' }).click();
  await expect(waiting).toHaveCount(0);
});

/** An empty bench with one weighed pick on it. */
async function only(page: Page, cropId: string, g: number) {
  await clearBench(page.request);
  await onBench(page.request, cropId, `${Math.round(g * 1.2)} g`, `${g} g`);
  await open(page, '/bench');
}

test('fill and weigh: the jar on the scale gives its salt, and the batch is what was weighed', async ({
  page
}) => {
  await only(page, 'kohlrabi', 500);
  await page.getByText('Fill and weigh, jar by jar').click();
  await page.getByLabel('or it weighs').first().fill('600 g');
  await page.getByLabel('Full, on the scale').first().fill('1 kg 500 g');
  await expect(page.getByText(/salt to 900\sg of vegetables and water/)).toBeVisible();
  await page.getByRole('button', { name: 'Start batch' }).first().click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/counter\?batch=/);
  const batches = (await (await page.request.get('/api/v1/batches')).json()) as (Batch & {
    jars: { contentsG: number }[];
  })[];
  const made = batches.at(-1)!;
  expect(made.jars[0]!.contentsG).toBeGreaterThan(900);
});

test('shreds that do not fill their jars are levelled; a jar is held back by a tap; no jar at all is no dead end', async ({
  page
}) => {
  await only(page, 'cabbage-white', 1950);
  await page.getByText('Choose the jars by hand').click();
  const more = page.getByRole('button', { name: 'One 1 l clip jar more' });
  const fewer = (name: string) => page.getByRole('button', { name: `One ${name} less` });
  // Down to nothing: the chooser stays open.
  for (const name of [
    '0.5 l clip jar',
    '1 l clip jar',
    '1 l airlock jar',
    '1.5 l clip jar',
    '3 l airlock jar',
    '5 l crock'
  ])
    while (await fewer(name).isEnabled()) await fewer(name).click();
  await expect(page.getByText('No jar is chosen.')).toBeVisible();
  // The sets stay, as the way out; and nothing moves under the finger that taps.
  await expect(
    page.getByRole('radiogroup', { name: 'Sets of jars' }).getByRole('radio').first()
  ).toBeVisible();
  const top = async () => (await more.boundingBox())!.y;
  const before = await top();
  for (let i = 1; i <= 3; i++) {
    await more.click();
    await expect(more.locator('xpath=preceding-sibling::b')).toHaveText(String(i));
  }
  expect(await top()).toBe(before);
  const panel = page.getByRole('region', { name: 'Jars that are not full' });
  await expect(panel).toContainText('All 3 jars are');
  await expect(answer(page)).toContainText('stirred into the brine');
  await panel.getByRole('button', { name: /^hold back/ }).click();
  await expect(answer(page)).toContainText('2');
  await expect(page.getByText('does not fit').first()).toBeVisible();
});

test('rinse, taste, rinse again: each is logged, and the record has them', async ({ page }) => {
  await only(page, 'cabbage-napa', 1700);
  await page.getByLabel('The heavy salting, as you say it').fill('100 g to 1 kg');
  await expect(page.getByRole('main')).toContainText(/170\sg/);
  await page.getByRole('textbox', { name: 'Wrung out it weighs' }).fill('1 450 g');
  await page.getByLabel('or its juice reads, % salt').fill('3.1');
  await page.getByRole('button', { name: 'rinse it once more' }).click();
  await expect(page.getByText('Rinse 1: weighed 1 450 g, juice at 3.1 %.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Wrung out it weighs' }).fill('1 400 g');
  await page.getByLabel('or its juice reads, % salt').fill('1.6');
  await page.getByRole('button', { name: 'Start batch' }).first().click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start batch' }).click();
  await expect(page).toHaveURL(/counter\?batch=/);
  const batches = (await (await page.request.get('/api/v1/batches')).json()) as (Batch & {
    rinses: unknown[];
  })[];
  expect(batches.at(-1)!.rinses).toHaveLength(2);
});

test('who eats here, too, is kept, and brings its word of caution where jars are eaten', async ({ page }) => {
  await open(page, '/kit');
  await page.getByLabel('somebody pregnant').check();
  await page.getByRole('form', { name: 'The household' }).getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('status').getByText('Settings saved')).toBeVisible();
  await open(page, '/kit');
  await expect(page.getByLabel('somebody pregnant')).toBeChecked();
  await expect(page.getByLabel('a baby or small child')).not.toBeChecked();
  await open(page, '/cold');
  await expect(page.getByText(/pregnan/i).first()).toBeVisible();
});
