// The season plan's figures for npm run bench, kept in docs/bench-season.md: made-up seasons, how good a plan becomes and how
// fast, against the plain way and against what no plan can be better than. `node scripts/bench-season.mjs` makes them alone.
import { rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './lib.mjs';

/** Where the bundle lies while it is measured: below the packages, so that it finds the solver. */
const FOLDER = join(ROOT, 'node_modules/.crockle-bench-season');

async function bundled() {
  const { build } = await import('vite');
  await build({
    root: ROOT,
    configFile: false,
    logLevel: 'error',
    resolve: { alias: { $lib: join(ROOT, 'src/lib') } },
    build: {
      outDir: FOLDER,
      copyPublicDir: false,
      rolldownOptions: { external: ['highs'] },
      lib: {
        entry: { season: 'src/lib/core/season/index.ts', made: 'tests/support/season.ts' },
        formats: ['es']
      }
    }
  });
  const at = (name) => import(pathToFileURL(join(FOLDER, `${name}.js`)).href);
  return { ...(await at('season')), ...(await at('made')) };
}

const SIZES = [
  { name: 'household', size: 'HOUSEHOLD', seeds: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10], seconds: 10, proof: 3.5 },
  { name: 'market garden', size: 'MARKET', seeds: [1, 2, 3], seconds: 25, proof: 25 }
];

/** One season planned: each plan with its second, and what came of it. */
async function planned(core, input, { seconds, proof }) {
  const solver = await core.solver();
  const from = performance.now();
  const since = () => (performance.now() - from) / 1000;
  const all = [];
  for (const plan of core.seasonPlans(input, solver, { stop: () => since() > seconds, proof }))
    all.push({ at: since(), points: plan.facts.points, bound: plan.bound, trials: plan.trials });
  const end = all.at(-1);
  // The first that is within two in a hundred of the last one's bound.
  const good = all.find((p) => p.points >= 0.98 * end.bound);
  return { all, end, good, plain: all[0], gap: (100 * (end.bound - end.points)) / end.bound };
}

/** Plans all, writes the table, and says the worst of each size. */
export async function measureSeason({ add }) {
  const core = await bundled();
  // The first programme of a process waits for the engine.
  await planned(core, core.someSeason(1, core.SMALL), { seconds: 2, proof: 1 });
  const lines = [];
  for (const { name, size, seeds, ...ends } of SIZES) {
    const gaps = [];
    for (const seed of seeds) {
      const { end, good, plain, gap } = await planned(core, core.someSeason(seed, core[size]), ends);
      gaps.push(gap);
      const figures = [
        plain.points.toFixed(0),
        end.points.toFixed(1),
        end.bound.toFixed(1),
        `${gap.toFixed(2)} %`
      ];
      lines.push(
        `| ${name} | ${seed} | ${figures.join(' | ')} | ${good ? good.at.toFixed(1) : '–'} | ${end.at.toFixed(1)} | ${end.trials} |`
      );
      console.log(lines.at(-1));
    }
    const worst = Math.max(...gaps);
    const wanted = size === 'MARKET' ? 2 : 1;
    add(
      `season plan, ${name}, ${seeds.length} seasons: farthest from what no plan can be better than`,
      `${worst.toFixed(2)} %`,
      `within ${wanted} %`,
      worst <= wanted
    );
  }
  rmSync(FOLDER, { recursive: true, force: true });
  writeFileSync(join(ROOT, 'docs/bench-season.md'), table(lines));
}

const table = (lines) => `# The season's plan, measured

Made by \`npm run bench\`: made-up seasons of 14 crops, 12 styles and 52 weeks (household) and 30, 25 and 60 (market garden);
points, more is better. *Plain*: week by week as people go about it. *Bound*: no plan at all can be better; it holds for whole
jars in the first six weeks. *Good after*: the first plan within two in a hundred of the bound. Seconds are of this machine,
2 cores, other work going on; the search ends by the clock, so that another run may differ by a few tenths of a per cent.

| season | seed | plain | plan | bound | from it | good after, s | proven after, s | moves solved |
|---|---|---|---|---|---|---|---|---|
${lines.join('\n')}
`;

if (process.argv[1] === import.meta.filename)
  await measureSeason({
    add: (what, figure, wanted, ok) => console.log(ok ? ' ' : '!', what, figure, wanted)
  });
