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
  { name: 'weigh-in', path: '/garden', act: weighIn },
  { name: 'bench', path: '/bench' },
  { name: 'counter', path: '/counter' },
  { name: 'cold', path: '/cold' },
  { name: 'pantry', path: '/pantry' },
  { name: 'season', path: '/season' },
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
    }
  },
  { name: 'recipe', path: '/notebook/recipes/leek-kimchi' },
  { name: 'put-right', path: '/counter', act: putRight },
  { name: 'kit', path: '/kit' },
  { name: 'counter-dark', path: '/counter', dark: true },
  { name: 'today-phone', path: '/', size: PHONE },
  { name: 'bench-phone', path: '/bench', size: PHONE },
  { name: 'counter-phone', path: '/counter', size: PHONE },
  // Last: from here on two things are made side by side.
  { name: 'beside', path: '/bench', act: beside },
  { name: 'beside-dark', path: '/bench', dark: true, act: besideFirst }
];

/** Another bench beside the one there is: cabbage, in the jars that the first leaves free. */
async function beside(page) {
  await page.getByRole('link', { name: '+ another beside it' }).click();
  await page.getByRole('button', { name: 'Take Pointed cabbage to the bench' }).click();
  await page.getByRole('button', { name: 'Start batch' }).waitFor();
  await page.getByRole('alert').getByRole('button', { name: 'Close this message' }).click();
  await page.mouse.move(0, 0);
}

async function besideFirst(page) {
  await page.getByRole('navigation', { name: 'Being made' }).getByRole('link').first().click();
}

async function putRight(page) {
  await page.getByRole('button', { name: 'Put right' }).click();
  await page.getByLabel('Missing, each jar').fill('150 ml');
}

async function weighIn(page) {
  await page.getByRole('button', { name: '+ weigh in' }).click();
  await page.getByRole('dialog').getByLabel('What', { exact: true }).selectOption('cabbage-pointed');
  await page.getByRole('dialog').getByRole('textbox', { name: 'Weight', exact: true }).fill('3 kg 400 g');
}

const folder = mkdtempSync(join(tmpdir(), 'crockle-shots-'));
const port = String(await freePort());
const { child, base } = await startServer(
  { CROCKLE_DEMO: '1', CROCKLE_DATABASE: join(folder, 'demo.db'), CROCKLE_PORT: port, CROCKLE_LOG: 'warn' },
  'ignore'
);
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
    await page.goto(base + view.path);
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
  child.kill('SIGTERM');
  child.once('exit', () => rmSync(folder, { recursive: true, force: true }));
}
