// npm run bench: prints what matters and keeps the last table in docs/bench.md. Speed is read here, never in tests.
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { measureCore } from './bench-core.mjs';
import { measureForecast } from './bench-forecast.mjs';
import { measurePhone } from './bench-phone.mjs';
import { measurePlan } from './bench-plan.mjs';
import { measureSeason } from './bench-season.mjs';
import { benchYears } from './bench-years.mjs';
import {
  CHROMIUM,
  ensureBuild,
  ensureChromium,
  ensureModules,
  freePort,
  ROOMS,
  ROOT,
  startServer
} from './lib.mjs';

ensureModules();
// The tests build without compression; what goes over the wire is measured with it.
if (!existsSync(join(ROOT, 'build/client/_app/version.json.br')))
  rmSync(join(ROOT, 'build'), { recursive: true, force: true });
ensureBuild();
ensureChromium();
const { chromium } = await import('@playwright/test');
const rows = [];
const add = (what, figure, wanted, ok) => {
  rows.push([what, figure, wanted, ok ? 'yes' : 'NO']);
  console.log(`${ok ? ' ' : '!'} ${what}: ${figure} (wanted ${wanted})`);
};
const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)];

await measureCore({ add, rows, median });
await measureForecast({ add, rows, median });
await measureSeason({ add });

// The pages, with the demo's data.
const folder = mkdtempSync(join(tmpdir(), 'crockle-bench-'));
const port = String(await freePort());
const env = {
  CROCKLE_DEMO: '1',
  CROCKLE_DATABASE: join(folder, 'demo.db'),
  CROCKLE_PORT: port,
  CROCKLE_LOG: 'silent'
};
const first = performance.now();
let { child, base } = await startServer(env, 'ignore');
rows.push([
  'first start of the demo, season played',
  `${((performance.now() - first) / 1000).toFixed(1)} s`,
  '',
  ''
]);
const batches = await (await fetch(`${base}/api/v1/batches`)).json();
for (const path of [...ROOMS, `/notebook/${batches[0].id}`]) {
  const all = [];
  for (let i = 0; i < 25; i++) {
    const from = performance.now();
    await (await fetch(base + path)).text();
    if (i >= 5) all.push(performance.now() - from);
  }
  add(
    `server time of ${path.replace(batches[0].id, '…')}, median`,
    `${median(all).toFixed(1)} ms`,
    'under 50 ms',
    median(all) < 50
  );
}

// Script of the first page on the wire, as a browser that takes compressed answers asks for it.
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync'
  ]
});
const page = await browser.newPage();
const wire = await page.context().newCDPSession(page);
await wire.send('Network.enable');
const scripts = new Set();
let script = 0;
wire.on('Network.responseReceived', (e) => {
  if (e.type === 'Script' || e.response.url.endsWith('.js')) scripts.add(e.requestId);
});
wire.on('Network.loadingFinished', (e) => {
  if (scripts.has(e.requestId)) script += e.encodedDataLength;
});
await page.goto(base);
await page.locator('body[data-alive]').waitFor();
add(
  'script of the first page on the wire',
  `${(script / 1000).toFixed(0)} kB`,
  'under 150 kB',
  script > 0 && script < 150_000
);

// A keystroke on the Bench: script, styles and layout until the new answer stands in the page, ready to be painted.
await page.goto(`${base}/bench`);
await page.locator('body[data-alive]').waitFor();
const field = page.getByRole('textbox', { name: /prepared$/ }).first();
await field.focus();
const strokes = await field.evaluate(async (input) => {
  const out = [];
  const answers = [...document.querySelectorAll('[data-answer]')];
  const read = () => answers.map((a) => a.textContent).join();
  for (let i = 0; i < 60; i++) {
    await new Promise((r) => requestAnimationFrame(() => r()));
    const before = read();
    const from = performance.now();
    input.value = `${300 + i * 97} g`;
    input.dispatchEvent(new Event('input', { bubbles: true }));
    while (read() === before && performance.now() - from < 200) await null;
    void document.body.offsetHeight;
    out.push(performance.now() - from);
  }
  return out.slice(10);
});
add(
  'a keystroke on the Bench until the new answer stands, median',
  `${median(strokes).toFixed(1)} ms`,
  'one frame, 16.7 ms',
  median(strokes) < 16.7
);
// The scale speaks ten times a second while the bar on the Bench follows it: frames that came late, against none speaking.
const late = async () =>
  page.evaluate(
    () =>
      new Promise((done) => {
        let [last, dropped, frames] = [performance.now(), 0, 0];
        const from = last;
        const frame = (now) => {
          // A frame late by more than half of one was dropped.
          if (now - last > 25) dropped += Math.round((now - last) / 16.7) - 1;
          last = now;
          frames++;
          if (now - from < 5000) requestAnimationFrame(frame);
          else done({ dropped, frames });
        };
        requestAnimationFrame(frame);
      })
  );
await page.getByText('Weigh it out, one after the other').click();
const still = await late();
await page.getByRole('textbox', { name: 'Salt, weighed' }).focus();
await page.waitForFunction(() => document.querySelector('[aria-label^="Take the weight"]'));
const speaking = await late();
rows.push(['frames dropped in 5 s with nothing going on', `${still.dropped} of ${still.frames}`, '', '']);
add(
  'frames dropped in 5 s while the scale speaks ten times a second',
  `${speaking.dropped} of ${speaking.frames}`,
  'no more than without',
  speaking.dropped <= still.dropped + 1
);
await measurePhone({ add, median, browser, base, rooms: [...ROOMS, '/making'] });
await measurePlan({ add, browser, base });
await browser.close();
const gone = new Promise((r) => child.once('exit', r));
child.kill('SIGTERM');
await gone;

const again = performance.now();
({ child } = await startServer(env, 'ignore'));
add(
  'second start of the demo to a served page',
  `${((performance.now() - again) / 1000).toFixed(2)} s`,
  'seconds',
  performance.now() - again < 5000
);
child.kill('SIGTERM');
await new Promise((r) => child.once('exit', r));
rmSync(folder, { recursive: true, force: true });

const client = join(ROOT, 'build/client/_app/immutable');
const sizeOf = (dir, end) =>
  readdirSync(dir, { withFileTypes: true }).reduce(
    (a, e) =>
      a +
      (e.isDirectory()
        ? sizeOf(join(dir, e.name), end)
        : e.name.endsWith(end) && statSync(join(dir, e.name)).isFile()
          ? gzipSync(readFileSync(join(dir, e.name))).length
          : 0),
    0
  );
rows.push(['all script of all rooms, gzipped', `${(sizeOf(client, '.js') / 1000).toFixed(0)} kB`, '', '']);

const table = [
  '| what | figure | wanted | met |',
  '|---|---|---|---|',
  ...rows.map((r) => `| ${r.join(' | ')} |`)
].join('\n');
writeFileSync(
  join(ROOT, 'docs/bench.md'),
  `# Figures\n\nThe last run of \`npm run bench\`, on Node ${process.version}, ${cpus().length} cores, other work going on. No test asserts a time.\n\n${table}\n`
);
console.log('\nKept in docs/bench.md');

console.log('\nOne year, three and ten, side by side');
await benchYears();
