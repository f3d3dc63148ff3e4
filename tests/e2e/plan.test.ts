import { OwnServer } from './server';
import { alive, expect, open, test } from './support';

test('the season laid out: a plan that gets better, its why, and how it goes in other years', async ({
  page
}) => {
  await page.goto('/season');
  await page.getByRole('link', { name: 'What to make of it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What to make of it');
  await expect(page.locator('[data-plan]')).toContainText(/batch(es)?\. .*on the table/);
  // It may be taken as it is; else it is looked on till nothing better comes.
  await expect(page.locator('[data-plan=settled]')).toBeVisible({ timeout: 120_000 });
  await expect(page.getByText(/No plan can be/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'The season, week by week' })).toBeVisible();
  // What is never short is all on the table but for a tenth; where more is missing it is said in how many weeks.
  const kinds = page.getByRole('region', { name: 'What comes to the table' }).getByRole('row');
  for (const kind of (await kinds.allInnerTexts()).slice(1)) {
    const [wanted, there] = kind.split('\t').slice(1, 3).map(Number);
    if (kind.endsWith('never')) expect(there).toBeGreaterThanOrEqual(0.9 * wanted! - 1);
    else expect(kind).toMatch(/\d+ weeks?/);
  }
  // The season on one line of weeks: all of it, six weeks of it, and as a table.
  const ahead = page.getByRole('region', { name: 'The season, week by week' });
  await expect(ahead.locator('[data-picture="40"]')).toContainText(
    /Shredded, in its own juice.*of \d+ servings/s
  );
  const start = page.getByRole('region', { name: 'Begin this week' }).getByRole('listitem').first();
  await expect(start).toContainText(/Without it|It fits in well/, { timeout: 60_000 });
  await expect(page.getByRole('region', { name: 'To sow for next year' })).toContainText(
    /White cabbage: about [\d.]+ m \([\d.]+ to [\d.]+ m\), for .*; 10 m this year/
  );
  const sow = page.getByRole('region', { name: 'To sow for next year' });
  await sow.getByRole('button', { name: /^Write it down for .* 2027: White cabbage/ }).click();
  await expect(sow.getByRole('listitem').filter({ hasText: 'White cabbage' })).toContainText(
    /m written\s+down/
  );
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(sow.getByText(/m written\s+down/)).toHaveCount(0);
  // What lies in the Garden: what is done with it, and what comes of it otherwise.
  const cabbage = page.locator('[data-basket=cabbage-red]');
  await expect(cabbage).toContainText(/Red cabbage, .* (into|eaten fresh)/);
  await expect(cabbage).toContainText('If all of it is given away: ', { timeout: 120_000 });
  await expect(page.getByText(/servings come to the table nine times in ten/)).toBeVisible({
    timeout: 120_000
  });
  // Once other years were played it says how sure each start is.
  await expect(page.locator('[data-sure]').first()).toHaveText(/firm|likely|maybe/);
  // What was stands before it: the peppers that stand on the counter were begun, not planned.
  await expect(page.getByRole('region', { name: 'What came of the beds' })).toContainText(
    /\d+ of \d+ crops came as near.*Green bean.*picked, .*expected/s
  );
  await ahead.getByLabel('How far to look').selectOption({ label: 'Six weeks' });
  await expect(ahead.locator('[data-picture="6"]')).toBeVisible();
  await ahead.getByText('The same as a table').click();
  await expect(ahead.getByRole('table').getByRole('row').filter({ hasText: 'Shredded' })).toContainText(
    /\d+ of \d+/
  );
  await expect(ahead.getByRole('table').getByRole('columnheader', { name: 'last 8 weeks' })).toBeVisible();
});

test('a start goes to the Bench with its pick, its style and its jars', async ({ page }) => {
  const own = new OwnServer();
  await own.start();
  const say = async (command: string, data: Record<string, unknown>) => {
    const said = await page.request.post(`${own.base}/api/v1/${command}`, {
      data: { commandId: `${command}-said`, ...data }
    });
    expect(said.ok()).toBe(true);
  };
  await say('settle', { name: 'One glut', people: 2, units: 'metric' });
  await say('own-jars', { geometryId: 'clip-1000', lid: 'clamped', owned: 6, name: '1 l clip jar' });
  await say('weigh-in', { cropId: 'cabbage-white', weight: '4 kg', bed: '', variety: '' });
  await page.goto(`${own.base}/season/plan`);
  await alive(page);
  await expect(page.locator('[data-plan=settled]')).toBeVisible({ timeout: 120_000 });
  await page.getByRole('button', { name: 'Take it to the Bench' }).first().click();
  await expect(page).toHaveURL(/\/bench\?bench=/);
  await expect(page.getByRole('img', { name: /of 1 l clip jar/ }).first()).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'White cabbage, prepared' })).toBeVisible();
  await page.goto('about:blank');
  await own.end('SIGTERM');
  own.clean();
});

test('by hand: fewer hands, a plan that is kept, a start put off, a wish, and all taken back', async ({
  page
}) => {
  await open(page, '/season/plan');
  const settled = page.locator('[data-plan=settled]');
  const enough = page.getByRole('button', { name: 'Enough: take this one' });
  // The search may end by itself before the tap.
  const taken = () =>
    expect(async () => {
      if (await enough.isVisible()) await enough.click({ timeout: 1000 });
      await expect(settled).toBeVisible({ timeout: 1000 });
    }).toPass();
  await page.getByLabel('Batches a week at most').fill('2');
  await page.getByRole('button', { name: 'Lay it out so' }).click();
  await expect(page.getByText('5 h and 2 batches a week')).toBeVisible();
  await taken();
  await expect(page.getByText('A plan is kept: 4 starts to come on the calendar')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this one instead' }).click();
  await expect(page.locator('[data-kept]')).not.toContainText(' 4 starts');
  // Held to what it keeps, it need not be laid out again.
  await expect(settled).toBeVisible();
  // A plan that is taken at once may begin nothing this week.
  const later = page.getByRole('button', { name: /^A week later: / });
  const name = (await later.first().getAttribute('aria-label'))!
    .replace('A week later: ', '')
    .replace(/, \d+ \w+$/, '');
  await later.first().click();
  const byHand = page.getByRole('region', { name: 'Said by hand' });
  await expect(byHand.getByRole('listitem').filter({ hasText: 'not in the week of' })).toContainText(name);
  await expect(byHand.getByRole('listitem').filter({ hasText: /held to|wanted/ })).toContainText(name);
  await taken();
  await expect(page.locator('[data-change]')).toContainText('Against the plan before: ');
  // A start that the plan has not, in a week of one's own.
  await page.getByText('Begin something else in a week').click();
  const own = page.getByRole('form', { name: 'A start of your own' });
  await own.getByLabel('Kind').selectOption({ label: 'Shredded, in its own juice' });
  await own.getByLabel('In the week of').fill('2026-10-08');
  await own.getByRole('button', { name: 'Hold to it' }).click();
  await expect(byHand.getByRole('listitem').filter({ hasText: 'Shredded, in its own juice' })).toContainText(
    /(held to|wanted) in the week of 5 Oct/
  );
  await taken();
  await page.getByText('Say how much you want of a kind').click();
  const wish = page.getByRole('form', { name: 'How much is wanted' });
  await wish.getByLabel('Servings').fill('lots');
  await wish.getByRole('button', { name: 'Save' }).click();
  await expect(wish.getByText('Servings are said by a number.')).toBeVisible();
  await wish.getByLabel('Servings').fill('6');
  await wish.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('button', { name: /^As it was eaten: / }).click();
  await expect(page.getByRole('button', { name: /^As it was eaten: / })).toHaveCount(0);
  // One of them eats none of it.
  await wish.getByLabel('Servings').fill('0');
  await wish.getByLabel('For one of you').fill('Ida');
  await wish.getByRole('button', { name: 'Save' }).click();
  const table = page.getByRole('region', { name: 'What comes to the table' });
  await expect(table.getByText('none for Ida a week, as you said')).toBeVisible();
  await page.getByRole('button', { name: /^As it was eaten: / }).click();
  await expect(table.getByText('none for Ida')).toHaveCount(0);
  // What matters more, by the keys of a slider in words; undone it matters as usual.
  const rots = page.getByLabel('What rots');
  await rots.focus();
  await page.keyboard.press('ArrowRight');
  await expect(rots).toHaveAttribute('aria-valuetext', 'matters more');
  await expect(page.getByText('What rots: matters more')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(rots).toHaveAttribute('aria-valuetext', 'matters as usual');
  // Quick keys: where the hand ended is what is kept.
  await rots.focus();
  for (const key of ['ArrowRight', 'ArrowLeft', 'ArrowLeft']) await page.keyboard.press(key);
  await expect(page.getByText('What rots: matters less')).toBeVisible();
  await expect(rots).toHaveAttribute('aria-valuetext', 'matters less');
  await page.getByRole('button', { name: 'Keep to none' }).click();
  await expect(page.locator('[data-kept]')).toHaveCount(0);
});

test('another season beside this one, line by line', async ({ page }) => {
  await open(page, '/season/plan');
  await page.getByRole('button', { name: 'Enough: take this one' }).click();
  await page.getByLabel('What if').selectOption({ label: 'three tenths less is picked' });
  await page.getByRole('button', { name: 'Lay it beside' }).click();
  const beside = page.getByRole('table').filter({ hasText: 'If three tenths less is picked' });
  await expect(beside.getByRole('row').filter({ hasText: 'servings on the table' })).toContainText(/\d/);
});

test('a week away is laid in: nothing is begun then, and what it costs is a question away', async ({
  page
}) => {
  await open(page, '/kit');
  await page.locator('#away summary').click();
  const days = page.getByRole('form', { name: 'Days away' });
  await days.getByLabel('From').fill('2026-09-21');
  await days.getByLabel('To').fill('2026-10-04');
  await days.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Noted: away then')).toBeVisible();
  await open(page, '/season/plan');
  const after = page.getByRole('region', { name: 'The weeks after' });
  await expect(page.getByText(/so far, .* than by going week by week/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Enough: take this one' }).click();
  await expect(page.locator('[data-plan=settled]')).toBeVisible();
  await expect(after.locator('[data-week]').first()).toBeVisible();
  const weeks = await after.locator('[data-week] > p').allInnerTexts();
  expect(weeks.join()).not.toMatch(/\b(21|28) Sep/);
  await page.getByLabel('What if').selectOption({ label: 'nobody goes away' });
  await page.getByRole('button', { name: 'Lay it beside' }).click();
  const beside = page.getByRole('table').filter({ hasText: 'If nobody goes away' });
  await expect(beside.getByRole('row').filter({ hasText: 'servings missed' })).toContainText(/\d+.*\d+/s);
});

test('with nothing to plan with it says what is wanting', async ({ page }) => {
  const empty = new OwnServer();
  await empty.start();
  const settled = await page.request.post(`${empty.base}/api/v1/settle`, {
    data: { commandId: 'settled', name: 'Bare shelf', people: 2, units: 'metric' }
  });
  expect(settled.ok()).toBe(true);
  await page.goto(`${empty.base}/season/plan`);
  await alive(page);
  await expect(page.getByText(/no jars to plan with|nobody has said what grows/)).toBeVisible();
  await empty.end('SIGTERM');
  empty.clean();
});

test('the season strip looks ahead: what the beds will bring, and what a kept plan begins', async ({
  page
}) => {
  await open(page, '/season');
  const strip = page.getByRole('region', { name: 'The season strip' });
  await expect(strip.getByText('picked, kg a week; dashed: expected')).toBeVisible();
  await expect(strip.locator('a.planned')).toHaveCount(4);
  const planned = page.getByRole('region', { name: 'Planned to begin' }).getByRole('listitem');
  await expect(planned).toHaveCount(4);
  await expect(planned.last()).toContainText(
    /in the week of 12 Oct.*Shredded, in its own juice.*White cabbage/s
  );
  await open(page, '/season?year=2025');
  await expect(page.locator('a.planned')).toHaveCount(0);
});

test('weighed in just now: what to do with it, and a start of it goes to the Bench', async ({ page }) => {
  await open(page, '/garden');
  await page.getByRole('button', { name: 'Weigh in' }).first().click();
  const pad = page.getByRole('dialog');
  await pad.getByLabel('What', { exact: true }).selectOption({ label: 'White cabbage' });
  await pad.getByLabel('Weight', { exact: true }).fill('4 kg');
  await pad.getByRole('button', { name: 'Weigh in', exact: true }).click();
  await page.getByRole('link', { name: 'What to do with it' }).last().click();
  await expect(
    page.getByRole('navigation', { name: 'What lies in the Garden' }).locator('[aria-current]')
  ).toHaveText(/White cabbage, 4\s000\sg/);
  const begin = page.getByRole('region', { name: 'Begin something now' });
  await expect(begin.getByRole('listitem').first()).toContainText(
    /About \d+ servings, .*\. In the (cold|cellar) from/
  );
  await expect(page.getByRole('region', { name: 'Let it wait' })).toContainText(/It keeps till|turn/);
  await expect(page.getByRole('region', { name: 'Eat it fresh' })).toContainText(/About .* while it keeps/);
  await expect(page.getByRole('region', { name: 'Give it away' })).toContainText(/servings|Nothing/);
  await begin.getByRole('button', { name: 'Take it to the Bench' }).first().click();
  await expect(page).toHaveURL(/\/bench\?bench=/);
  await expect(page.getByText(/White cabbage/).first()).toBeVisible();
});

test('given away from there it is gone from the Garden, and undone it lies there again', async ({ page }) => {
  await open(page, '/garden/basket?crop=cabbage-red');
  const lying = page.getByRole('navigation', { name: 'What lies in the Garden' });
  await expect(lying.locator('[aria-current]')).toContainText('Red cabbage');
  await page.getByRole('button', { name: 'It is given away: Red cabbage' }).click();
  await expect(lying).not.toContainText('Red cabbage');
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(lying).toContainText('Red cabbage');
});

test('a start in the picture is moved by its keys and by a drag, and what was found stands when one comes back', async ({
  page
}) => {
  await open(page, '/season/plan');
  await page.getByRole('button', { name: 'Enough: take this one' }).click();
  const box = page.getByRole('button', { name: /planned for the week of/ }).last();
  const name = (await box.getAttribute('aria-label'))!.split(', planned')[0]!;
  await box.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  const undo = page.getByRole('button', { name: 'Undo' }).last();
  await undo.hover();
  const byHand = page.getByRole('region', { name: 'Said by hand' });
  await expect(byHand.getByRole('listitem').filter({ hasText: /held to|wanted/ })).toContainText(name);
  // What stood goes on standing till there is another plan, and the hand is where it was.
  const picture = page.locator('[data-picture]');
  await expect(picture).toBeVisible();
  await expect(page.getByRole('button', { name: 'Enough: take this one' })).toBeVisible();
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', new RegExp(`^${name}, planned for`));
  await page.getByRole('button', { name: 'Enough: take this one' }).click();
  await undo.click();
  await expect(byHand).toHaveCount(0);
  await page.getByRole('button', { name: 'Enough: take this one' }).click();
  await expect(page.locator('[data-plan=settled]')).toBeVisible();
  const other = page.getByRole('button', { name: /planned for the week of/ }).last();
  await other.scrollIntoViewIfNeeded();
  const at = (await other.boundingBox())!;
  await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
  await page.mouse.down();
  await page.mouse.move(at.x + at.width / 2 - 40, at.y + at.height / 2, { steps: 4 });
  await page.mouse.up();
  await expect(byHand.getByRole('listitem').filter({ hasText: /held to|wanted/ })).toHaveCount(1);
  await page.getByRole('button', { name: 'Enough: take this one' }).click();
  const said = await page.locator('[data-plan=settled]').innerText();
  // Gone and come back it stands there at once, and is not looked for again.
  await page.getByRole('link', { name: 'Garden', exact: false }).first().click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('What came in');
  await page.goBack();
  await expect(page.locator('[data-plan=settled]')).toHaveText(said);
});
