// npm run bench: prints what matters and keeps the last table in docs/bench.md. Speed is read here, never in tests.
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { CHROMIUM, ensureBuild, ensureChromium, ensureModules, freePort, ROOT, startServer } from './lib.mjs';

ensureModules();
// The tests build without compression; what goes over the wire is measured with it.
if (!existsSync(join(ROOT, 'build/client/_app/version.json.br')))
  rmSync(join(ROOT, 'build'), { recursive: true, force: true });
ensureBuild();
ensureChromium();
const { runnerImport } = await import('vite');
const { chromium } = await import('@playwright/test');
const rows = [];
const add = (what, figure, wanted, ok) => {
  rows.push([what, figure, wanted, ok ? 'yes' : 'NO']);
  console.log(`${ok ? ' ' : '!'} ${what}: ${figure} (wanted ${wanted})`);
};
const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)];

// The worksheet: 300 benches of 1-4 things and 7 kinds of jar, each computed once to warm up and ten times for the clock.
const { module: core } = await runnerImport(join(ROOT, 'src/lib/core/worksheet/index.ts'), {
  configFile: false,
  logLevel: 'error'
});
const { module: vessel } = await runnerImport(join(ROOT, 'src/lib/core/vessel/index.ts'), {
  configFile: false,
  logLevel: 'error'
});
let seed = 20260912;
const dice = (n) => (seed = (seed * 48271) % 2147483647) % n;
const crops = ['cabbage-white', 'kohlrabi', 'carrot', 'cucumber-small', 'pepper-wax', 'beet', 'cauliflower'];
const jars = [
  'clip-500',
  'clip-1000',
  'clip-1500',
  'clip-3000',
  'lug-720',
  'crock-water-5l',
  'crock-water-15l'
].map((geometryId) => ({ id: geometryId, name: geometryId, geometryId, lid: 'clamped', free: 5 }));
const benches = Array.from({ length: 300 }, (_, i) => ({
  styleId: i % 2 ? 'pieces' : 'shredded',
  items: Array.from({ length: 1 + dice(4) }, (_, k) => ({
    id: String(k),
    cropId: crops[dice(crops.length)],
    pickedG: 4000,
    withTops: false,
    preparedG: 200 + dice(3500)
  })),
  way: 'equilibrium',
  fraction: 0.02 + dice(15) / 1000,
  saltKindId: 'sea-fine',
  jars,
  counts: null,
  choice: 0,
  place: { name: 'Counter', tempC: 21 },
  opens: true,
  scaleStepG: 1,
  spoons: 'metric',
  trims: {},
  ownSpoons: [],
  extras: []
}));
benches.forEach((b) => core.worksheet(b));
const times = benches.flatMap((b) =>
  Array.from({ length: 10 }, () => {
    const from = performance.now();
    core.worksheet(b);
    return performance.now() - from;
  })
);
add('worksheet with jar choice, median', `${median(times).toFixed(3)} ms`, 'under 1 ms', median(times) < 1);
add(
  'worksheet with jar choice, worst of 3 000',
  `${Math.max(...times).toFixed(1)} ms`,
  'no figure asked',
  true
);
const byHand = benches.map((b) => ({ ...b, jars: jars.slice(0, 1), counts: { 'clip-500': 2 } }));
const plain = byHand.flatMap((b) =>
  Array.from({ length: 10 }, () => {
    const from = performance.now();
    core.worksheet(b);
    return performance.now() - from;
  })
);
add(
  'worksheet without jar choice, median',
  `${median(plain).toFixed(3)} ms`,
  'under 0.3 ms',
  median(plain) < 0.3
);

// The jar choice beside a brute-force baseline on the same cases: 8 sizes, 30 jars in all.
const sizes = [180, 330, 430, 660, 930, 1440, 1850, 2930].map((usableMl, i) => ({
  id: `s${i}`,
  usableMl,
  free: [5, 5, 4, 4, 4, 3, 3, 2][i]
}));
const needs = Array.from({ length: 60 }, () => 400 + dice(24000));
const fit = needs.map((v) => {
  const from = performance.now();
  vessel.chooseJars(v, sizes, { leastFill: 0.6 });
  return performance.now() - from;
});
add(
  'three jar sets, 8 sizes, 30 jars, median',
  `${median(fit).toFixed(2)} ms`,
  'under 1 ms (issue of the full Bench)',
  median(fit) < 1
);
add('three jar sets, worst', `${Math.max(...fit).toFixed(1)} ms`, 'under 80 ms', Math.max(...fit) < 80);
const brute = needs.slice(0, 3).map((v) => {
  const from = performance.now();
  bruteForce(v);
  return performance.now() - from;
});
rows.push(['the same by trying every set (baseline)', `${median(brute).toFixed(0)} ms`, '', '']);

function bruteForce(needMl) {
  const v = Math.ceil(needMl / 10);
  let best;
  const walk = (i, c, n) => {
    if (i === sizes.length) {
      if (n === 0 || c > v / 0.6) return;
      const key = vessel.fitKey(v, c, n);
      if (!best || vessel.compareKeys(key, best) < 0) best = key;
      return;
    }
    const u = Math.floor(sizes[i].usableMl / 10);
    for (let k = 0; k <= sizes[i].free; k++) walk(i + 1, c + k * u, n + k);
  };
  walk(0, 0, 0);
  return best;
}

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
for (const path of [
  '/',
  '/garden',
  '/bench',
  '/counter',
  '/cold',
  '/pantry',
  '/season',
  '/notebook',
  `/notebook/${batches[0].id}`,
  '/kit'
]) {
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
await page.goto(base, { waitUntil: 'networkidle' });
add(
  'script of the first page on the wire',
  `${(script / 1000).toFixed(0)} kB`,
  'under 150 kB',
  script > 0 && script < 150_000
);

// A keystroke on the Bench, until the next frame has the new answer.
await page.goto(`${base}/bench`, { waitUntil: 'networkidle' });
const field = page.getByRole('textbox', { name: /prepared$/ }).first();
await field.focus();
const strokes = await field.evaluate(async (input) => {
  const out = [];
  for (let i = 0; i < 40; i++) {
    const from = performance.now();
    input.value = `${300 + i * 13} g`;
    input.dispatchEvent(new Event('input', { bubbles: true }));
    await new Promise((r) => requestAnimationFrame(() => r()));
    out.push(performance.now() - from);
  }
  return out;
});
add(
  'a keystroke on the Bench to the next frame, median',
  `${median(strokes).toFixed(1)} ms`,
  'one frame, 16.7 ms',
  median(strokes) < 17.5
);
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
