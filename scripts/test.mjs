// npm test: everything, on a fresh clone too. Stops at the first step that fails; the last line counts the tests.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHROMIUM, ensureBuild, ensureChromium, ensureModules, ensurePoppler, ROOT, run } from './lib.mjs';

const folder = mkdtempSync(join(tmpdir(), 'crockle-test-'));
const unitReport = join(folder, 'unit.json');
const e2eReport = join(folder, 'e2e.json');
const stormReport = join(folder, 'storm.json');
let passed = 0;
let failed = 0;

function count() {
  for (const [file, read] of [
    [unitReport, (r) => [r.numPassedTests, r.numFailedTests]],
    [e2eReport, (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected]],
    [stormReport, (r) => [r.passed, r.failed]]
  ]) {
    try {
      const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')));
      passed += good;
      failed += bad;
    } catch {
      // that part did not run
    }
  }
}

function end(ok) {
  count();
  rmSync(folder, { recursive: true, force: true });
  if (!ok && failed === 0) failed = 1;
  console.log(`tests: ${passed} passed, ${failed} failed`);
  process.exit(ok ? 0 : 1);
}

function step(name, command, args, env) {
  console.log(`\n── ${name}`);
  if (!run(command, args, env)) end(false);
}

/** Known weaknesses of the packages, where the registry tells them; where it does not, that is said and no more. */
function audit() {
  console.log('\n── known weaknesses of packages');
  const asked = spawnSync('npm', ['audit', '--json', '--audit-level=high'], { cwd: ROOT, encoding: 'utf8' });
  let told;
  try {
    told = JSON.parse(asked.stdout).metadata?.vulnerabilities;
  } catch {
    // no answer that can be read
  }
  if (!told) return console.log('not looked up: the registry does not answer that here');
  const grave = told.high + told.critical;
  console.log(`${told.total} known, ${grave} of them grave`);
  if (grave > 0) end(false);
}

ensureModules();
audit();
ensureChromium();
ensurePoppler();
step('sync', 'npx', ['svelte-kit', 'sync']);
step('format', 'npx', ['prettier', '--check', '.', '--log-level', 'warn']);
step('lint', 'npx', ['eslint', '.']);
step('floors', 'npx', ['depcruise', '--config', '.dependency-cruiser.cjs', 'src']);
step('types', 'npx', ['svelte-check', '--tsconfig', './tsconfig.json', '--fail-on-warnings']);
step('unit', 'npx', ['vitest', 'run', '--reporter=dot', '--reporter=json', `--outputFile=${unitReport}`]);
// The household's zone must not matter: the calendar, the clock and the rooms once more on the other side of the date line.
step(
  'unit, elsewhere',
  'npx',
  ['vitest', 'run', '--reporter=dot', 'tests/core/life.test.ts', 'tests/server'],
  { TZ: 'Pacific/Auckland' }
);
console.log('\n── build');
ensureBuild({ CROCKLE_NO_PRECOMPRESS: '1' });
step('storm, in short', 'node', ['scripts/storm.mjs', '--short'], { STORM_REPORT: stormReport });
step('browser', 'npx', ['playwright', 'test', '--reporter=line,json'], {
  PLAYWRIGHT_JSON_OUTPUT_NAME: e2eReport,
  CROCKLE_CHROMIUM: CHROMIUM
});
end(true);
