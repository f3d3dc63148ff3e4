// The years' figures for npm run bench, side by side: a large household after one season, three years and ten, played through
// the use cases. Alone: node scripts/bench-years.mjs. Kept in docs/bench-years.md.
import { copyFileSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { get } from 'node:http';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureBuild, ensureModules, freePort, ROOMS, ROOT, startServer } from './lib.mjs';

const MARKS = [1, 3, 10];
/** Pages that hear of something look again within so much time of one another (`ui/house/news.svelte.ts`), ms. */
const SPREAD_MS = 800;
const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)];
/** What the server says it took, packing included; ms. */
const made = (answer) => Number(/dur=([\d.]+)/.exec(answer.headers.get('server-timing') ?? '')?.[1]);
const ms = (n) => `${n.toFixed(n < 10 ? 1 : 0)} ms`;

/** What one household costs: name of the figure to the figure. */
async function measure(file) {
  const port = String(await freePort());
  const from = performance.now();
  // The stepped clock of the file stands where its playing ended.
  const { child, base } = await startServer(
    {
      CROCKLE_DEMO: '1',
      CROCKLE_DATABASE: file,
      CROCKLE_PORT: port,
      CROCKLE_LOG: 'silent',
      CROCKLE_BACKUPS: 'off'
    },
    'ignore'
  );
  const out = new Map([['start to a served page', ms(performance.now() - from)]]);
  const post = async (name, body) => {
    const answer = await fetch(`${base}/api/v1/${name}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body)
    });
    const text = await answer.text();
    const took = made(answer);
    if (!answer.ok) throw new Error(`${name}: ${text.slice(0, 200)}`);
    return took;
  };
  for (const room of [...ROOMS, '/season/plan', '/garden/basket']) {
    const times = [];
    let size = 0;
    for (let i = 0; i < 40; i++) {
      // Each of another name: the page is made, not one that was kept.
      const answer = await fetch(`${base}${room}?n=${i}`);
      size = (await answer.arrayBuffer()).byteLength;
      // The server has been up for a while.
      if (i >= 15) times.push(made(answer));
    }
    const wire = await onWire(`${base}${room}`);
    out.set(room, `${ms(median(times))}, ${(size / 1000).toFixed(0)} kB, packed ${(wire / 1000).toFixed(0)}`);
  }
  const acts = { 'weigh-in': [], 'undo it': [], 'start-batch': [], 'undo the start': [] };
  for (let i = 0; i < 30; i++) {
    const timed = (name, time) => void (i >= 10 && acts[name].push(time));
    timed(
      'weigh-in',
      await post('weigh-in', { commandId: `w${i}`, cropId: 'kohlrabi', weight: '2 kg', pieces: 6 })
    );
    timed('undo it', await post('undo', { commandId: `u${i}`, of: `w${i}` }));
    await post('weigh-in', { commandId: `v${i}`, cropId: 'kohlrabi', weight: '2 kg' });
    await post('take-to-bench', { commandId: `t${i}`, lotId: `v${i}`, weight: '' });
    const start = {
      styleId: 'pieces',
      fraction: 0.025,
      saltKindId: 'sea-fine',
      placeId: 'counter',
      opens: true
    };
    timed('start-batch', await post('start-batch', { ...start, commandId: `s${i}`, name: 'Bench' }));
    timed('undo the start', await post('undo', { commandId: `r${i}`, of: `s${i}` }));
    await post('end-pick', { commandId: `e${i}`, lotId: `v${i}`, how: 'cooked', weight: '', from: 'bench' });
  }
  for (const [name, all] of Object.entries(acts)) out.set(name, ms(median(all)));
  const pages = [];
  await Promise.all(
    Array.from({ length: 50 }, async (_, i) => {
      for (let k = 0; k < 4; k++) {
        const at = performance.now();
        await (await fetch(base + ROOMS[(i + k) % ROOMS.length])).arrayBuffer();
        pages.push(performance.now() - at);
      }
    })
  );
  out.set(
    '50 pages at once, the slowest of a hundred',
    ms(pages.sort((a, b) => a - b)[Math.floor(pages.length * 0.99)])
  );
  out.set(
    '50 pages look again at what was stored, the slowest of a hundred',
    ms(await lookAgain(base, post))
  );
  const rss = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, 'utf8'))?.[1];
  out.set('memory after all that', `${Math.round(Number(rss) / 1024)} MB`);
  const gone = new Promise((done) => child.once('exit', done));
  child.kill('SIGTERM');
  await gone;
  out.set('the file', `${(statSync(file).size / 1e6).toFixed(0)} MB`);
  return out;
}

/** Bytes of an answer as a browser is sent it. */
const onWire = (url) =>
  new Promise((done, fail) =>
    get(url, { headers: { 'accept-encoding': 'gzip' } }, (answer) => {
      let bytes = 0;
      answer.on('data', (part) => (bytes += part.length));
      answer.on('end', () => done(bytes));
    }).on('error', fail)
  );

/** Fifty pages are told that something was stored; each looks again a moment later, as `ui/house/news.svelte.ts` has it. */
async function lookAgain(base, post) {
  const all = [];
  for (let round = 0; round < 8; round++) {
    await post('weigh-in', { commandId: `look${round}`, cropId: 'kohlrabi', weight: '2 kg' });
    await Promise.all(
      Array.from({ length: 50 }, async (_, i) => {
        await new Promise((later) => setTimeout(later, Math.random() * SPREAD_MS));
        const room = ROOMS[i % ROOMS.length];
        const at = performance.now();
        await (await fetch(`${base}${room === '/' ? '' : room}/__data.json`)).arrayBuffer();
        all.push(performance.now() - at);
      })
    );
  }
  return all.sort((a, b) => a - b)[Math.floor(all.length * 0.99)];
}

export async function benchYears() {
  const { runnerImport } = await import('vite');
  const read = async (path) =>
    (
      await runnerImport(join(ROOT, path), {
        configFile: false,
        logLevel: 'error',
        resolve: { alias: { $lib: join(ROOT, 'src/lib') } }
      })
    ).module;
  const { playYears } = await read('tests/support/years.ts');
  const { openDatabase } = await read('src/lib/server/db/open.ts');
  const { keepShape } = await read('src/lib/server/repos/shape.ts');
  const folder = mkdtempSync(join(tmpdir(), 'crockle-years-'));
  // BENCH_YEARS names a file played before (its marks lie beside it), which is only read.
  const played = process.env.BENCH_YEARS;
  const file = join(folder, 'years.db');
  const from = performance.now();
  if (played) for (const mark of MARKS) copyFileSync(`${played}.${mark}`, `${file}.${mark}`);
  else
    await playYears(file, { seed: 7, from: '2016-11-01', batches: 300, marks: MARKS }, (year) =>
      console.log(`  year ${year} played, ${Math.round((performance.now() - from) / 1000)} s`)
    );
  const columns = [];
  for (const mark of MARKS) {
    const db = await openDatabase(`${file}.${mark}`);
    const of = async (table, where) => Number((await db(table).where(where).count({ n: '*' }))[0].n);
    const held = new Map([
      ['batches', String(await of('current', { kind: 'batch' }))],
      ['of them with jars', String(await of('current', { kind: 'batch', live: 1 }))],
      ['picks', String(await of('current', { kind: 'lot' }))],
      ['events', String(await of('event', {}))]
    ]);
    const at = performance.now();
    // As after an update that derives otherwise.
    await db.raw('PRAGMA user_version = 0');
    await keepShape(db, 'Europe/Dublin');
    held.set('all derived anew', `${((performance.now() - at) / 1000).toFixed(1)} s`);
    await db.destroy();
    columns.push(new Map([...held, ...(await measure(`${file}.${mark}`))]));
  }
  rmSync(folder, { recursive: true, force: true });
  const table = [
    `| | ${MARKS.map((m) => (m === 1 ? 'one year' : `${m} years`)).join(' | ')} |`,
    `|---|${MARKS.map(() => '---').join('|')}|`,
    ...[...columns[0].keys()].map((name) => `| ${name} | ${columns.map((c) => c.get(name)).join(' | ')} |`)
  ].join('\n');
  console.log(table);
  writeFileSync(
    join(ROOT, 'docs/bench-years.md'),
    `# The years side by side\n\nThe last run of \`node scripts/bench-years.mjs\` (part of \`npm run bench\`), on Node ${process.version}, ${cpus().length} cores: a large household, three hundred batches a year, played through the use cases from a seed. Medians of what the server says it took, packing included; wanted in the tenth year: pages under 20 ms and within 1.5 times of the first, writes under 8 ms, a start under 1 s, under 160 MB, pages under 150 kB.\n\n${table}\n`
  );
}

if (process.argv[1] === new URL(import.meta.url).pathname) {
  ensureModules();
  ensureBuild();
  await benchYears();
}
