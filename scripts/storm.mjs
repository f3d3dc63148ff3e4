// npm run storm: those who mean harm, and the power cut. One table; the long form is kept in docs/trust.md, the short one
// (--short, two minutes) is part of npm test. STORM_SEED says the chance again, STORM_ONLY names one attack.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureModules, gitRevision, ROOT } from './lib.mjs';

ensureModules();
ensureBuild({ CROCKLE_NO_PRECOMPRESS: '1' });
const { Ground, houseModules } = await import('./storm/ground.mjs');
const { kills, phones } = await import('./storm/kills.mjs');
const { fuzzCommands, fuzzForms } = await import('./storm/fuzz.mjs');
const { copies, damage, fullDisk, readOnly, twoServers } = await import('./storm/files.mjs');
const { clients, strangers } = await import('./storm/clients.mjs');

const ATTACKS = {
  'power cuts': kills,
  'fifty phones': phones,
  'the API fuzzed': fuzzCommands,
  'the forms fuzzed': fuzzForms,
  'damaged files': damage,
  'copies and restores': copies,
  'two servers': twoServers,
  'a full disk': fullDisk,
  'a read-only disk': readOnly,
  'slow and broken clients': clients,
  strangers
};
const short = process.argv.includes('--short');
const seed = Number(process.env.STORM_SEED ?? Date.now() % 1_000_000);
const only = process.env.STORM_ONLY;
console.log(`The storm${short ? ', in short' : ''}, seed ${seed}`);

const ground = new Ground(await houseModules(), { seed, short });
const rows = [];
let failed = 0;
try {
  await ground.make();
  for (const [name, attack] of Object.entries(ATTACKS)) {
    if (only && name !== only) continue;
    const from = performance.now();
    const { did, holds, found, ok } = await attack(ground).catch((error) => ({
      did: name,
      holds: 'an end',
      found: `THE ATTACK BROKE OFF: ${error instanceof Error ? `${error.message} ${error.cause ?? ''}` : String(error)}`,
      ok: false
    }));
    if (!ok) failed++;
    const seconds = Math.round((performance.now() - from) / 1000);
    rows.push([name, did, holds, found, ok ? 'yes' : 'NO']);
    console.log(`${ok ? '✓' : '✗'} ${name} (${seconds} s): ${did}\n    ${found}`);
  }
} finally {
  await ground.clean();
}

// What was done stands in docs/trust.md; here each attack in a line.
console.table(
  Object.fromEntries(rows.map(([name, , , found, held]) => [name, { held, found: found.slice(0, 90) }]))
);
const cell = (text) => text.replaceAll('|', '\\|').replaceAll('\n', ' ');
const table = [
  '| attack | what was done | what must hold | found | held |',
  '| --- | --- | --- | --- | --- |',
  ...rows.map((r) => `| ${r.map(cell).join(' | ')} |`)
].join('\n');
if (!short && !only) {
  const file = join(ROOT, 'docs/trust.md');
  const [before] = readFileSync(file, 'utf8').split('<!-- the last storm -->');
  const about = `Seed ${seed}, on ${gitRevision()}, Node ${process.version}.`;
  writeFileSync(file, `${before}<!-- the last storm -->\n\n${about}\n\n${table}\n`);
  console.log('Kept in docs/trust.md');
}
if (process.env.STORM_REPORT)
  writeFileSync(process.env.STORM_REPORT, JSON.stringify({ passed: rows.length - failed, failed }));
process.exit(failed > 0 ? 1 : 0);
