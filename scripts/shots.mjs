// npm run shots [-- --out DIR] [-- --only name,name]: pictures of every main view from a fresh demo, for docs/screenshots.
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM, ensureBuild, ensureChromium, ensureModules, freePort, ROOT, startServer } from './lib.mjs';

ensureModules();
ensureBuild();
ensureChromium();
const { chromium } = await import('@playwright/test');
const args = process.argv.slice(2);
const valueOf = (flag) => (args.includes(flag) ? args[args.indexOf(flag) + 1] : undefined);
const out = valueOf('--out') ?? join(ROOT, 'docs/screenshots');
const only = valueOf('--only')?.split(',');
mkdirSync(out, { recursive: true });

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const VIEWS = [
  { name: 'today', path: '/' },
  { name: 'garden', path: '/garden' },
  { name: 'bench', path: '/bench' },
  { name: 'counter', path: '/counter', act: counter },
  { name: 'cold', path: '/cold' },
  { name: 'how-long', path: '/cold', act: howLong },
  { name: 'pantry', path: '/pantry' },
  { name: 'season', path: '/season' },
  { name: 'plan', path: '/season/plan', act: plan },
  { name: 'notebook', path: '/notebook' },
  {
    name: 'record',
    path: '/notebook',
    act: async (page) => {
      await page
        .getByRole('link', { name: /Pink turnips/ })
        .first()
        .click();
      await page.waitForURL(/notebook\/.+/);
      await curve(page);
    }
  },
  { name: 'recipe', path: '/notebook/recipes/leek-kimchi' },
  { name: 'put-right', path: '/counter', act: putRight },
  { name: 'kit', path: '/kit' },
  { name: 'first-phone', path: '/', size: PHONE, empty: true, act: first },
  // Last: from here on things are being made. The weighing within a making, a rest that is timed, a gate, the day's order.
  { name: 'making', path: '/bench', act: making },
  { name: 'gate-dark', path: '/making', dark: true, act: gate },
  { name: 'finish', path: '/notebook', act: finish },
  { name: 'day', path: '/making', act: (page) => page.getByText('Done about').waitFor() }
];

/** The souring curve has been reckoned. */
const curve = (page) => page.getByRole('region', { name: 'What it will do' }).getByRole('img').waitFor();

/** Laid out, and why each start of this week. */
async function plan(page) {
  await page.locator('[data-plan=settled]').waitFor({ timeout: 120_000 });
  await page
    .getByText(/Without it|It fits in well/)
    .first()
    .waitFor({ timeout: 60_000 });
}

/** How long everything lasts stands under the shelves. */
async function howLong(page) {
  await page.locator('#how-long').evaluate((section) => section.scrollIntoView());
}

async function counter(page) {
  await page
    .getByRole('button', { name: /: Pointed cabbage, juniper$/ })
    .first()
    .click();
  await page.getByRole('heading', { name: /Pointed cabbage/ }).waitFor();
  await curve(page);
}

const next = async (page, step) => {
  await page.getByRole('button', { name: /^(Begin|Done, next)$/ }).click();
  await page.getByText(new RegExp(`^Step ${step} of`)).waitFor();
};

/** Kraut, led up to its salt with the rest timed, after the first bench's making was begun. */
async function making(page) {
  await page.getByRole('button', { name: 'Begin making' }).click();
  await page.getByText(/^Step 1 of/).waitFor();
  await page.goto(new URL('/bench?bench=beside', page.url()).href);
  await page.locator('body[data-alive]').waitFor();
  await page.getByRole('button', { name: 'Take Pointed cabbage to the bench' }).click();
  await page.locator('#style').selectOption('shredded');
  await page.getByRole('alert').getByRole('button', { name: 'Close this message' }).click();
  await page.getByRole('button', { name: 'Begin making' }).click();
  await next(page, 2);
  await next(page, 3);
  await page.getByRole('button', { name: /^All sound/ }).click();
  await page.getByText(/^Step 4 of/).waitFor();
  await next(page, 5);
  await next(page, 6);
  await page.getByRole('button', { name: 'Weigh it here' }).click();
  await page.getByRole('textbox', { name: 'Salt, weighed' }).fill('41 g');
  await page.getByRole('button', { name: 'Time the rest' }).click();
  await page.getByRole('dialog', { name: 'Timers' }).getByRole('button', { name: 'Set it' }).click();
  await page.getByRole('dialog', { name: 'Timers' }).waitFor({ state: 'hidden' });
  const message = page.getByRole('button', { name: 'Close this message' });
  while (await message.count()) await message.first().click();
  await page.mouse.move(0, 0);
}

/** The same, at the taste of its juice. */
async function gate(page) {
  await page
    .getByRole('link', { name: /cabbage/ })
    .first()
    .click();
  await page.getByText(/^Step 6 of/).waitFor();
  await next(page, 7);
  await page.getByRole('button', { name: /^Yes, it stands in it/ }).click();
  await page.getByText(/^Step 8 of/).waitFor();
  await page.getByRole('button', { name: /^Like the sea/ }).click();
}

/** A sauce on its way into bottles: everything out of the jars, drained, thinned by taste. */
async function finish(page) {
  await page.getByRole('link', { name: 'Pear and chilli sauce' }).first().click();
  await page.getByRole('link', { name: 'Finish it' }).click();
  await page.getByRole('button', { name: 'Begin to finish' }).click();
  const things = page.getByRole('region', { name: 'Out of the jars' }).getByRole('button');
  await things.first().waitFor();
  for (const thing of await things.all()) {
    await thing.click();
    await page.waitForFunction((button) => button.ariaPressed === 'true', await thing.elementHandle());
  }
  const drain = page.getByRole('form', { name: 'Brine drained off' });
  await drain.getByLabel('Brine drained off').fill('400 g');
  await drain.getByRole('button', { name: 'Note it' }).click();
  await page.getByRole('button', { name: /^40 %/ }).click();
  await page.getByRole('button', { name: 'Note what is in the bowl' }).click();
  await page.getByRole('row', { name: /brine that stays out/ }).waitFor();
  const message = page.getByRole('button', { name: 'Close this message' });
  while (await message.count()) await message.first().click();
  await page.getByRole('region', { name: 'Drain' }).evaluate((section) => section.scrollIntoView());
  await page.mouse.move(0, 0);
}

/** What a newcomer sees, with the first thing that one types. */
async function first(page) {
  await page.getByLabel('I have', { exact: true }).fill('3 kg cabbage');
  await page.getByRole('region', { name: 'What it makes' }).waitFor();
}

async function putRight(page) {
  await page.getByRole('button', { name: 'Put right' }).click();
  await page.getByLabel('Missing, each jar').fill('150 ml');
}

const folder = mkdtempSync(join(tmpdir(), 'crockle-shots-'));
const house = async (name, demo) =>
  startServer(
    {
      CROCKLE_DEMO: demo,
      CROCKLE_DATABASE: join(folder, name),
      CROCKLE_PORT: String(await freePort()),
      CROCKLE_LOG: 'error'
    },
    'ignore'
  );
const { child, base } = await house('demo.db', '1');
const empty = await house('empty.db', '0');
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync'
  ]
});
try {
  for (const view of VIEWS.filter((v) => !only || only.includes(v.name))) {
    const context = await browser.newContext({
      viewport: view.size ?? DESK,
      colorScheme: view.dark ? 'dark' : 'light',
      reducedMotion: 'reduce'
    });
    const page = await context.newPage();
    await page.goto((view.empty ? empty.base : base) + view.path);
    await page.locator('body[data-alive]').waitFor();
    await view.act?.(page);
    // What is worked out beside the page has come.
    for (const text of ['Trying the jars', 'reckoning'])
      await page.getByText(text).first().waitFor({ state: 'hidden' });
    // What fades in has faded in.
    await page.evaluate(async () => {
      await document.fonts.ready;
      await Promise.all(document.getAnimations().map((a) => a.finished.catch(() => null)));
    });
    await page.screenshot({ path: join(out, `${view.name}.png`), fullPage: args.includes('--full') });
    console.log(`${view.name}.png`);
    await context.close();
  }
} finally {
  await browser.close();
  empty.child.kill('SIGTERM');
  child.kill('SIGTERM');
  child.once('exit', () => rmSync(folder, { recursive: true, force: true }));
}
