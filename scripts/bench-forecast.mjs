// The forecast's figures for npm run bench: its speed as the worker has it, and how it fits what it was made from.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './lib.mjs';

/** A concept of core bundled as the worker's is: the modules one by one are slower. */
async function bundled(concept, folder) {
  const { build } = await import('vite');
  await build({
    root: ROOT,
    configFile: false,
    logLevel: 'error',
    build: {
      outDir: join(folder, concept),
      copyPublicDir: false,
      lib: { entry: `src/lib/core/${concept}/index.ts`, formats: ['es'], fileName: concept }
    }
  });
  return import(pathToFileURL(join(folder, concept, `${concept}.js`)).href);
}

const START = 0;
const DAY = 1440;
/** When somebody is up to open a lid. */
const UP = { from: 7 * 60, to: 22 * 60 };
const jarOf = (styleId, parts, share, settles, poured = null) => ({
  styleId,
  parts: parts.map(([cropId, cut, g]) => ({ cropId, cut, g })),
  ...{ vegetableG: 1000 * share, allG: 1000, settles, poured, starter: null, sugars: {} }
});
const JARS = {
  kraut: jarOf('shredded', [['cabbage-white', 'shred', 1]], 0.975, 0.0225),
  slaw: jarOf('slaw', [['cabbage-white', 'shred', 1]], 0.97, 0.018),
  kimchi: jarOf('leaf-rinsed', [['cabbage-napa', 'leaf', 1]], 1, 0.022),
  cucumbers: jarOf('pieces', [['cucumber-small', 'upright', 1]], 0.62, 0.042, 0.075),
  short: jarOf('short-cucumbers', [['cucumber-small', 'upright', 1]], 0.56, 0.016, 0.03),
  mix: jarOf(
    'pieces',
    [
      ['cauliflower', 'floret', 1],
      ['carrot', 'coin', 1],
      ['radish-small', 'coin', 1]
    ],
    0.5,
    0.018,
    0.034
  ),
  sprouts: jarOf('pieces', [['brussels-sprout', 'half', 1]], 0.54, 0.037, 0.069),
  strips: jarOf('sliced-peppers', [['pepper-bell-ripe', 'strip', 1]], 0.5, 0.018, 0.036),
  sauce: jarOf('pepper-sauce', [['pepper-jalapeno', 'ring', 1]], 0.62, 0.022, 0.034),
  mash: jarOf('pepper-mash', [['pepper-cayenne', 'mash', 1]], 1, 0.045),
  tomatoes: jarOf('soft-fruit', [['tomato-ripe', 'cherry', 1]], 0.57, 0.018, 0.035)
};

const pH = (of) => (c) => c.at(of).pH.likely;
const acid = (of) => (c) => c.at(of).acidity.likely;
const when = (event) => (c) => c.day(event);
const first = (below) => (c) => c.firstUnder(below);
/** Target, where it comes from, jar, °C, days, what, wanted from and to, and how it was used: F fit to, T tuned with it in sight, N not used. */
const FM = 'recalled from memory: ';
const PRACTICE = 'common practice, no source';
const PEDERSON = `${FM}FAO Bulletin 134 after Pederson and Albury 1969`;
const GUIDES = `${FM}US extension guides`;
const CHEIGH = `${FM}Cheigh and Park 1994, roughly`;
const TARGETS = [
  ['kraut, acidity on day 20 at 18 °C, %', PEDERSON, 'kraut', 18, 30, acid(20), 1.7, 2.3, 'F'],
  ['kraut, acidity on day 9 at 23 °C, %', PEDERSON, 'kraut', 23, 30, acid(9), 1.0, 1.5, 'F'],
  ['kraut, acidity on day 9 at 32 °C, %', PEDERSON, 'kraut', 32, 20, acid(9), 1.8, 2.0, 'F', 1.6],
  ['kraut, acidity on day 10 at 7.5 °C, %', PEDERSON, 'kraut', 7.5, 40, acid(10), 0.35, 0.45, 'F', 0.44],
  ['kraut, acidity on day 28 at 7.5 °C, %', PEDERSON, 'kraut', 7.5, 40, acid(28), 0.8, 0.9, 'F', 0.93],
  ['kraut, pH under 4.6 at 20 °C, day', PRACTICE, 'kraut', 20, 30, when('under46'), 2, 4, 'F'],
  ['kraut, fully sour at 23 °C, day', GUIDES, 'kraut', 23, 60, when('fullySour'), 21, 28, 'T'],
  ['kraut, fully sour at 17 °C, day', GUIDES, 'kraut', 17, 60, when('fullySour'), 35, 42, 'T'],
  ['leaf kimchi, pH 4.35 at 20 °C, day', CHEIGH, 'kimchi', 20, 20, first(4.35), 2, 3, 'F'],
  ['leaf kimchi, pH 4.35 at 25 °C, day', CHEIGH, 'kimchi', 25, 20, first(4.35), 1, 2, 'F', 2.07],
  ['leaf kimchi, pH 4.35 at 4.5 °C, day', CHEIGH, 'kimchi', 4.5, 60, first(4.35), 14, 21, 'F', 20.9],
  ['leaf kimchi, pH 3.95 at 20 °C, day', CHEIGH, 'kimchi', 20, 20, first(3.95), 4, 5, 'F'],
  ['leaf kimchi, pH 3.95 at 4.5 °C, day', CHEIGH, 'kimchi', 4.5, 60, first(3.95), 27, 33, 'F', 44.7],
  ['whole cucumbers, acidity on day 28 at 22 °C, %', GUIDES, 'cucumbers', 22, 40, acid(28), 0.6, 1.2, 'F'],
  ['whole cucumbers, pH on day 28 at 22 °C', GUIDES, 'cucumbers', 22, 40, pH(28), 3.3, 3.6, 'F'],
  [
    'whole cucumbers, pH under 4.6 at 22 °C, day',
    PRACTICE,
    'cucumbers',
    22,
    40,
    when('under46'),
    3,
    4,
    'F',
    5.5
  ],
  ['whole cucumbers, fully sour at 22 °C, day', GUIDES, 'cucumbers', 22, 60, when('fullySour'), 21, 28, 'T'],
  ['whole cucumbers, acidity on day 38 at 16 °C, %', GUIDES, 'cucumbers', 16, 60, acid(38), 0.6, 1.2, 'F'],
  ['cut mix, first bubbles at 26.5 °C, day', PRACTICE, 'mix', 26.5, 20, when('bubbles'), 0.8, 1.2, 'F', 1.17],
  ['cut mix, pH on day 7 at 26.5 °C', PRACTICE, 'mix', 26.5, 20, pH(7), 3.5, 3.7, 'F', 3.61],
  ['slaw, mild at 17 °C, day', PRACTICE, 'slaw', 17, 20, when('mild'), 2, 3, 'F'],
  ['slaw, acidity on day 2½ at 17 °C, %', PRACTICE, 'slaw', 17, 20, acid(2.5), 0.15, 0.25, 'F', 0.34],
  ['kraut in a cool house (18 °C), sour, day', PRACTICE, 'kraut', 18, 60, when('fullySour'), 18, 24, 'T'],
  ['pepper strips, sour at 21 °C, day', PRACTICE, 'strips', 21, 30, when('fullySour'), 4, 6, 'T'],
  ['sprouts, sour at 20 °C, day', PRACTICE, 'sprouts', 20, 40, when('fullySour'), 12, 16, 'T'],
  ['sauce base, sour at 21 °C, day', PRACTICE, 'sauce', 21, 40, when('fullySour'), 7, 9, 'T'],
  ['whole tomatoes, sour at 18 °C, day', PRACTICE, 'tomatoes', 18, 45, when('fullySour'), 14, 28, 'T'],
  ['short cucumbers, mild at 22 °C, day', PRACTICE, 'short', 22, 10, when('mild'), 1.5, 2.5, 'T'],
  ['short cucumbers, acidity on day 3 at 22 °C, %', PRACTICE, 'short', 22, 10, acid(3), 0.2, 0.3, 'F'],
  ['pepper mash, pH on day 14 at 22 °C', PRACTICE, 'mash', 22, 60, pH(14), 3.5, 3.8, 'F'],
  ['pepper mash, acidity on day 14 at 22 °C, %', PRACTICE, 'mash', 22, 60, acid(14), 0.9, 1.1, 'F']
];

function reckoned(core, jar, tempC, days) {
  const o = core.outlookTried({
    ...{ from: START, now: START, days, noted: [], guide: null, prior: core.FIRST_PRIOR },
    inside: core.insideOf(jar),
    style: core.wayOf(jar),
    vessel: { massKg: 1, headspaceL: 0.12, lid: 'airlock' },
    airs: [{ from: START, tempC, swingC: 0 }],
    up: UP
  });
  return {
    at: (day) => o.curve.find((c) => c.at >= day * DAY) ?? o.curve.at(-1),
    day: (event) => (o.spans[event].likely ?? Infinity) / DAY,
    firstUnder: (below) => (o.curve.find((c) => c.pH.likely <= below)?.at ?? Infinity) / DAY
  };
}

const figure = (x) => (Number.isFinite(x) ? Number(x.toPrecision(3)).toString() : 'never');

/** Wanted against reckoned, misses not hidden; kept in docs/forecast-fit.md. */
export function fit(core) {
  const rows = TARGETS.map(([name, source, jar, tempC, days, what, from, to, kind, out]) => {
    const is = what(reckoned(core, JARS[jar], tempC, days));
    const met = is >= from * 0.98 && is <= to * 1.02;
    return [name, `${from} to ${to}`, figure(is), met ? 'yes' : 'NO', kind, out ?? '', source];
  });
  const met = rows.filter((r) => r[3] === 'yes').length;
  writeFileSync(
    join(ROOT, 'docs/forecast-fit.md'),
    [
      '# How the forecast fits',
      '',
      'Written by `npm run bench`. **F**: the constants were fit to it. **T**: thresholds were tuned with it in sight, so that',
      'agreement says little. “Left out” is what a fit without that group gave, once, when the constants were made. Nearly all',
      'of it is in sample, and many targets are rough centres from practice: it shows where the forecast is off, not that it is',
      'right. Jars are reckoned from their crops as the Bench does; an airlock, even warmth, nothing read.',
      '',
      `Met ${met} of ${rows.length}.`,
      '',
      '| what | wanted | reckoned | met | used | left out | from |',
      '|---|---|---|---|---|---|---|',
      ...rows.map((r) => `| ${r.join(' | ')} |`),
      '',
      'Not reproduced at all: the lull of the third day in a cut mix. It is told as common practice, never as a forecast hour.',
      ''
    ].join('\n')
  );
  return { met, all: rows.length };
}

/** Speeds of the forecast, and its fit. */
export async function measureForecast({ add, rows, median }) {
  const folder = mkdtempSync(join(tmpdir(), 'crockle-forecast-'));
  const core = await bundled('outlook', folder);
  const model = await bundled('forecast', folder);
  const time = (what, n = 15) => {
    const all = Array.from({ length: n + 3 }, (_, i) => {
      const from = performance.now();
      what(i);
      return performance.now() - from;
    });
    return median(all.slice(3));
  };
  const inside = core.insideOf(JARS.kraut);
  const temps = Array.from({ length: 60 * 12 + 1 }, () => 20);
  const pace = model.paceOf(inside, temps, 2);
  const walks = time(() => {
    for (let i = 0; i < 500; i++) model.courseOf(pace, { rate: 0.6 + i / 500, sugar: 1 });
  });
  add('500 courses of 60 days, median', `${walks.toFixed(0)} ms`, 'under 60 ms', walks < 60);
  const jar = (noted) => ({
    ...{ from: START, now: 6 * DAY, days: 49, inside, style: core.wayOf(JARS.kraut), guide: null },
    vessel: { massKg: 0.92, headspaceL: 0.12, lid: 'clamped' },
    airs: [{ from: START, tempC: 20, swingC: 0 }],
    ...{ prior: core.FIRST_PRIOR, noted, up: UP }
  });
  const read = [{ id: 'r', when: 4 * DAY, of: 'pH', pH: 4.2, by: 'strip' }];
  const one = time(() => core.outlookOf(jar(read)));
  add(
    'a jar after one reading, with windows and curve, median',
    `${one.toFixed(0)} ms`,
    'under 100 ms',
    one < 100
  );
  const many = time(() => {
    for (let i = 0; i < 40; i++) core.glanceOf(jar(i === 0 ? read : []));
  });
  add(
    '40 jars after one reading, with windows and curves, as the Counter shows them, median',
    `${many.toFixed(0)} ms`,
    'under 100 ms',
    many < 100
  );
  const fresh = time(() => core.outlookOf(jar([])));
  rows.push(['a jar of which nothing was read', `${fresh.toFixed(0)} ms`, '', '']);
  const tried = time(() => core.outlookTried(jar([])), 40);
  add('the same as a slider moves it, median', `${tried.toFixed(1)} ms`, 'one frame, 16.7 ms', tried < 16.7);
  const { met, all } = fit(core);
  rows.push([
    'what the forecast was fit to and compared with: met (docs/forecast-fit.md)',
    `${met} of ${all}`,
    '',
    ''
  ]);
  rmSync(folder, { recursive: true, force: true });
}
