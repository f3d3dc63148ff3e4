import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { alive, clearBench, expect, makeUpToLids, onBench, open, say, test } from './support';

const NEXT = /^(Begin|Done, next|Next)$/;

test('two makings side by side: a timer outlives a reload, and the other phone finishes it', async ({
  page,
  request,
  browser,
  baseURL
}) => {
  await clearBench(request);
  await onBench(request, 'cabbage-white', '3 kg', '2.4 kg');
  await open(page, '/bench');
  await page.locator('#style').selectOption('shredded');
  await page.getByRole('button', { name: 'Begin making' }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  const first = page.url();
  // What is under way holds its jars: the kit list says so by name, ticked by a tap that stays.
  const kit = page.getByRole('list', { name: 'Kit list' });
  await kit.getByRole('checkbox').first().click();
  await expect(kit.getByRole('checkbox').first()).toBeChecked();
  await page.getByRole('button', { name: NEXT }).click();
  for (const step of ['Take off the outer leaves', 'sound', 'Shred 2–6 mm', 'Zero the empty bowl']) {
    await expect(page.getByRole('region', { name: 'The step' })).toContainText(step);
    if (step === 'sound') await page.getByRole('button', { name: /^All sound/ }).click();
    else await page.getByRole('button', { name: NEXT }).click();
  }
  // Weighed within the step: more salt than was planned is kept, taken out, or made up for.
  await expect(page.getByRole('list', { name: 'Amounts' })).toContainText(/salt into the bowl/);
  await page.getByRole('button', { name: 'Weigh it here, or I did it differently' }).click();
  await page.getByRole('textbox', { name: 'Salt, weighed' }).fill('70 g');
  await expect(page.getByText(/too much/)).toBeVisible();
  await page.getByRole('button', { name: /^keep it: it settles at/ }).click();
  await expect(page.getByRole('list', { name: 'Amounts' })).toContainText(/70\sg/);
  await page.getByRole('button', { name: 'Time the rest' }).click();
  await page.getByRole('dialog', { name: 'Timers' }).getByRole('button', { name: 'Set it' }).click();
  const bar = page.getByRole('region', { name: 'Timers' });
  await expect(bar.getByRole('timer')).toBeVisible();

  // While it rests, another is begun beside it.
  await say(request, 'weigh-in', { commandId: 'beside', cropId: 'carrot', weight: '900 g' });
  await say(request, 'take-to-bench', { lotId: 'beside', weight: '', bench: 'second' });
  await open(page, '/bench?bench=second');
  await page.getByRole('button', { name: 'Begin making' }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await expect(bar.getByRole('timer')).toBeVisible();
  await page.reload();
  await alive(page);
  await expect(bar.getByRole('timer')).toBeVisible();
  await page.getByRole('link', { name: 'White cabbage' }).click();
  await expect(page.getByText(/^Step 6 of/)).toBeVisible();

  // The other phone takes it up where it stands, and closes it.
  const phone = await browser.newPage({ baseURL: baseURL!, viewport: { width: 390, height: 844 } });
  await phone.goto(first);
  await alive(phone);
  await makeUpToLids(phone);
  await phone.getByRole('button', { name: 'Lids are closed' }).click();
  await phone
    .getByRole('dialog', { name: 'Start batch' })
    .getByRole('button', { name: 'Start batch' })
    .click();
  await expect(phone.getByRole('list', { name: 'Lids' })).toBeVisible();
  // This phone sees it by itself.
  await expect(page.getByRole('list', { name: 'Lids' })).toBeVisible();
  await phone.close();
});

test('an interrupted night: it waits on Today with what comes next, and a given-up one gives back', async ({
  page,
  request
}) => {
  await clearBench(request);
  await onBench(request, 'cabbage-napa', '2 kg', '1.7 kg');
  await open(page, '/bench');
  await page.locator('#style').selectOption('leaf-rinsed');
  await page.getByRole('button', { name: 'Begin making' }).click();
  // Two taps in haste are one: each waits for the step that the one before led to.
  const next = async () => {
    const at = page.getByText(/^Step \d+ of/);
    const was = await at.innerText();
    await page.getByRole('button', { name: NEXT }).click();
    await expect(at).not.toHaveText(was);
  };
  await next();
  await page.getByRole('button', { name: /^All sound/ }).click();
  await expect(page.getByRole('button', { name: NEXT })).toBeVisible();
  await next();
  await next();
  await expect(page.getByRole('list', { name: 'Amounts' })).toContainText('salt on the leaf');
  await page.getByRole('button', { name: NEXT }).click();
  await page.getByRole('button', { name: 'Put it off' }).click();
  const later = page.getByRole('dialog', { name: 'Put it off' });
  await later.getByLabel('For').selectOption('720');
  await later.getByRole('button', { name: 'Put it off' }).click();
  await expect(page.getByText(/It waits 12\sh more/)).toBeVisible();
  await open(page, '/');
  const makings = page.getByRole('region', { name: 'Makings' });
  await expect(makings).toContainText(/Waits 12\sh more/);
  await expect(makings).toContainText('Rinse twice in cold water');
  await makings.getByRole('link', { name: 'Go on' }).click();
  await expect(page.getByText(/^Step 6 of|^Step 5 of/)).toBeVisible();
  // Salted, it does not go back to the Garden raw.
  await page.getByRole('button', { name: 'Give it up' }).click();
  const give = page.getByRole('dialog', { name: 'Give it up' });
  await expect(give.getByLabel('What lies there is').locator('option')).toHaveText(['eaten', 'thrown away']);
  await give.getByRole('button', { name: 'Give it up' }).click();
  await expect(page.getByText('This making was given up.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('This making was given up.')).toBeHidden();
});

test('a making by keys alone, and the same on one sheet of paper', async ({ page, request }) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await onBench(request, 'carrot', '500 g', '400 g');
  await open(page, '/bench');
  await page.getByRole('button', { name: 'Begin making' }).focus();
  await page.keyboard.press('Enter');
  const at = page.getByText(/^Step \d+ of/);
  await expect(at).toContainText('Step 1');
  await page.keyboard.press('Space');
  await expect(at).toContainText('Step 2');
  await page.keyboard.press('ArrowRight');
  await expect(at).toContainText('Step 3');
  // Back to look, and on again; nothing is undone by it.
  await page.keyboard.press('ArrowLeft');
  await expect(at).toContainText('Step 2');
  await page.keyboard.press('ArrowRight');
  await expect(at).toContainText('Step 3');
  await page.getByRole('button', { name: /^All sound/ }).focus();
  await page.keyboard.press('Enter');
  await expect(at).toContainText('Step 4');
  for (const n of [5, 6, 7]) {
    await page.locator('body').press('Space');
    await expect(at).toContainText(`Step ${n}`);
  }
  // The layers, moved by the arrow keys; they are in the making's record.
  const layers = page.getByRole('region', { name: 'Layers' }).getByRole('button');
  const names = await layers.locator('span:first-child').allInnerTexts();
  await layers.nth(1).focus();
  await page.keyboard.press('ArrowDown');
  await expect(layers.nth(2)).toContainText(names[1]!);
  await expect(layers.nth(2)).toBeFocused();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(layers.nth(1)).toContainText(names[1]!);
  // Dragged to where it really lies.
  const middle = async (n: number) => {
    const box = (await layers.nth(n).boundingBox())!;
    return [box.x + box.width / 2, box.y + box.height / 2] as const;
  };
  await page.mouse.move(...(await middle(1)));
  await page.mouse.down();
  await page.mouse.move(...(await middle(2)), { steps: 5 });
  await page.mouse.up();
  await expect(layers.nth(2)).toContainText(names[1]!);
  await page.reload();
  await alive(page);
  await expect(layers.nth(2)).toContainText(names[1]!);

  // On paper: every step and every amount at once.
  await page.emulateMedia({ media: 'print' });
  const paper = page.getByRole('region', { name: 'The making on paper' });
  await expect(paper).toBeVisible();
  const lines = paper.getByRole('listitem');
  expect(await lines.count()).toBeGreaterThanOrEqual(10);
  await expect(paper).toContainText(/\d\sg salt/);
  await expect(paper).toContainText(/into jar 1/);
  const sheet = await paper.boundingBox();
  expect(sheet!.height).toBeLessThan(1000);
  await page.emulateMedia({ media: 'screen' });
});

test("the day's order: hands share the work and each is told what comes next; every screen can be read by all", async ({
  page,
  request
}) => {
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await open(page, '/making');
  await expect(page.getByText('Nothing is being made now.')).toBeVisible();
  await say(request, 'begin-making', { name: 'Sticks', styleId: 'pieces' });
  await say(request, 'weigh-in', { commandId: 'leaf', cropId: 'cabbage-napa', weight: '3 kg' });
  await say(request, 'take-to-bench', { lotId: 'leaf', weight: '', bench: 'second' });
  await open(page, '/bench?bench=second');
  await page.locator('#style').selectOption('leaf-rinsed');
  await page.getByRole('button', { name: 'Begin making' }).click();
  await page.getByRole('link', { name: "the day's order" }).click();
  const ends = page.getByText(/^Done about/);
  await expect(ends).toContainText('no other order is sooner done');
  // Heavy salting begins first.
  const mine = page.getByRole('region', { name: 'Next for you' }).getByRole('listitem');
  await expect(mine.first()).toContainText('Quarter the heads');
  await page.getByLabel('People').selectOption('2');
  await expect(page.getByRole('region', { name: 'Next for the other' })).toBeVisible();
  await mine.first().getByRole('link').click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();

  const run = page.url();
  for (const scheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme: scheme });
    for (const path of [run, '/making']) {
      await open(page, path);
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(
        violations
          .filter((v) => v.impact === 'serious' || v.impact === 'critical')
          .map((v) => `${path} ${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).join(' | ')}`)
      ).toEqual([]);
    }
  }
  await page.setViewportSize({ width: 320, height: 700 });
  for (const path of [run, '/making']) {
    await open(page, path);
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth
    );
    expect(over, path).toBeLessThanOrEqual(0);
  }
  // What a wet finger must hit is large.
  await open(page, run);
  for (const button of await page.getByRole('button', { name: /^(Begin|Back|More)$/ }).all())
    expect((await button.boundingBox())!.height).toBeGreaterThanOrEqual(56);
});

test('what is typed within a step moves nothing under the finger; quick taps are all counted; no step without a reason', async ({
  page,
  request
}) => {
  await page.setViewportSize({ width: 390, height: 560 });
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g', '1195 g');
  await onBench(request, 'carrot', '500 g', '400 g');
  const { commandId: runId } = await say(request, 'begin-making', { name: 'Sticks', styleId: 'pieces' });
  for (const step of ['kit', 'wash', 'cut']) await say(request, 'do-step', { runId, step });
  await say(request, 'answer-gate', { runId, gate: 'fresh', answer: 'sound' });
  await open(page, `/making/${runId}`);
  const field = page.getByRole('textbox', { name: 'Carrot, weighed' });
  await field.scrollIntoViewIfNeeded();
  await field.click();
  const before = await page.evaluate(() => scrollY);
  expect(before).toBeGreaterThan(0);
  await field.press('End');
  await field.pressSequentially('5');
  await expect(page.getByRole('list', { name: 'Amounts' })).toContainText(/1\s?595\sg|400\sg|4005\sg/);
  expect(await page.evaluate(() => scrollY)).toBeGreaterThan(before - 40);
  // More than was picked: it is said, and the step is not passed over.
  await field.fill('9 kg');
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(page.getByText('A weight that stands here is not stored yet.')).toBeVisible();
  await field.fill('410 g');
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(page.getByText(/^Step 6 of/)).toBeVisible();

  for (const step of ['brine', 'pack', 'pour']) await say(request, 'do-step', { runId, step });
  await say(request, 'answer-gate', { runId, gate: 'room', answer: 'fits' });
  await open(page, `/making/${runId}`);
  const more = page.getByRole('button', { name: 'One more of the spice bags in jar 1' });
  await more.dblclick();
  await more.click();
  await expect(page.getByText(/^3\s+spice bags$/).first()).toBeVisible();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: 'Leave it out' }).click();
  const skip = page.getByRole('dialog', { name: 'Leave this step out' });
  await skip.getByRole('button', { name: 'Leave it out' }).click();
  await expect(skip.getByText('This is not filled in.')).toBeVisible();
  await skip.getByRole('button', { name: 'not needed here' }).click();
  await skip.getByRole('button', { name: 'Leave it out' }).click();
  await expect(page.getByText('Does the liquid stand over everything?').last()).toBeVisible();
});

test('second grade gets a making beside it, and what is over a jar of its own, each with its figures', async ({
  page,
  request
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await clearBench(request);
  await onBench(request, 'kohlrabi', '1640 g');
  const { commandId: runId } = await say(request, 'begin-making', { name: 'Sticks', styleId: 'pieces' });
  for (const step of ['kit', 'wash']) await say(request, 'do-step', { runId, step });
  await open(page, `/making/${runId}`);
  await page.getByRole('button', { name: /^Some is second grade/ }).click();
  const todo = page.getByRole('region', { name: 'What to do' });
  await todo.getByRole('button', { name: 'weigh out of kohlrabi' }).click();
  const sort = page.getByRole('dialog', { name: 'Sort and trim' });
  await sort.getByRole('textbox', { name: /^Off-cuts/ }).fill('220 g');
  await sort.getByRole('textbox', { name: /^Prepared/ }).fill('1100 g');
  await sort.getByRole('button', { name: 'Save' }).click();
  await todo.getByRole('button', { name: /of off-cuts: a making of their own/ }).click();
  await expect(page.getByRole('link', { name: 'Off-cuts of kohlrabi' })).toBeVisible();
  await todo.getByRole('button', { name: 'Done, ask again' }).click();
  await page.getByRole('button', { name: /^All sound/ }).click();
  for (const step of ['cut', 'weigh', 'brine', 'pack']) await say(request, 'do-step', { runId, step });
  await open(page, `/making/${runId}`);

  // One jar was not enough: what is over is weighed, and each jar says what it would come to.
  await page.getByRole('button', { name: /jar of its own/ }).click();
  const over = todo.getByRole('textbox', { name: 'What is over weighs' });
  await over.fill('60 kg');
  await expect(todo.getByText(/That is 60000 g, but only 1100 g is there/)).toBeVisible();
  await over.fill('200 g');
  const own = todo.getByRole('list', { name: 'Jars for what is over' }).getByRole('button');
  await expect(own.first()).toContainText(/200\sg in it, .+ of brine over it, .*settles at \d/);
  // Tapped again it is free again.
  for (const on of ['true', 'false', 'true']) {
    await own.first().click();
    await expect(own.first()).toHaveAttribute('aria-pressed', on);
  }
  await todo.getByRole('button', { name: 'Done, ask again' }).click();
  await page.getByRole('button', { name: /^Yes, it fits/ }).click();
  await expect(page.getByRole('list', { name: 'Amounts' })).toContainText(/2/);

  // The other has its own picks and its own way.
  await page.getByRole('link', { name: 'Off-cuts of kohlrabi' }).click();
  await expect(page.getByRole('heading', { name: 'Off-cuts of kohlrabi', level: 1 })).toBeVisible();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  // Washed with the rest, it is not washed again.
  await page.getByRole('button', { name: NEXT }).click();
  await expect(page.getByRole('region', { name: 'The step' })).toContainText('Is all of it sound?');
});

/** A browser with a voice that is written down, and a screen that may be kept awake, or not. */
const withVoice = (page: Page, mayStayAwake: boolean) =>
  page.addInitScript((may) => {
    const heard: string[] = [];
    const hands = { heard, locks: 0 };
    Object.assign(window, { hands });
    Object.defineProperty(window, 'SpeechSynthesisUtterance', {
      value: class {
        constructor(readonly text: string) {}
      }
    });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { speak: ({ text }: { text: string }) => heard.push(text), cancel: () => heard.push('') }
    });
    const request = () => {
      if (!may) return Promise.reject(new Error('not here'));
      hands.locks++;
      return Promise.resolve({ release: () => Promise.resolve(void hands.locks--) });
    };
    Object.defineProperty(navigator, 'wakeLock', { value: { request } });
  }, mayStayAwake);
interface Hands {
  readonly heard: readonly string[];
  readonly locks: number;
}
const hands = (page: Page) => page.evaluate(() => (window as unknown as { hands: Hands }).hands);

test('a step is read aloud where that is wanted, and the screen stays awake as long as a making is shown', async ({
  page,
  request
}) => {
  await withVoice(page, true);
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  await open(page, '/bench');
  await page.getByRole('button', { name: 'Begin making' }).click();
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await expect.poll(async () => (await hands(page)).locks).toBe(1);
  expect((await hands(page)).heard.filter(Boolean)).toEqual([]);
  await page.getByRole('button', { name: 'Read aloud' }).click();
  const screen = page.getByRole('region', { name: 'The step' });
  const saysNow = async () => {
    const [first = ''] = (await screen.innerText()).split('\n');
    return (await hands(page)).heard.at(-1)!.includes(first) && first !== '';
  };
  await expect.poll(saysNow).toBe(true);
  await page.getByRole('button', { name: NEXT }).click();
  await expect(page.getByText(/^Step 2 of/)).toBeVisible();
  await expect.poll(saysNow).toBe(true);
  // What is said last is told to stop, and it stays so for the next making.
  await page.getByRole('button', { name: 'Stop reading aloud' }).click();
  await expect.poll(async () => (await hands(page)).heard.at(-1)).toBe('');
  await page.getByRole('button', { name: NEXT }).click();
  await expect(page.getByText(/^Step 3 of/)).toBeVisible();
  expect((await hands(page)).heard.at(-1)).toBe('');
  await page.goBack();
  await expect.poll(async () => (await hands(page)).locks).toBe(0);
});

test('where the screen may not be kept awake that is said once', async ({ page, request }) => {
  await withVoice(page, false);
  await clearBench(request);
  await onBench(request, 'carrot', '900 g', '700 g');
  await open(page, '/bench');
  await page.getByRole('button', { name: 'Begin making' }).click();
  const said = page.getByText('This browser may not keep the screen awake.');
  await expect(said).toBeVisible();
  await page.reload();
  await alive(page);
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await expect(said).toHaveCount(0);
});
