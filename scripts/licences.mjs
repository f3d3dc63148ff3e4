// npm run licences: docs/licences.md anew from the lockfile. tests/licences.test.ts holds the two together.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './lib.mjs';

/** The packages of a lockfile by licence: what the product carries, and what it is made and tested with. */
export function licenceList(lock) {
  const rows = Object.entries(lock.packages)
    .filter(([path]) => path !== '')
    .map(([path, p]) => ({
      name: path.replace(/^.*node_modules\//, ''),
      version: p.version ?? '',
      licence: p.license ?? 'not said',
      made: Boolean(p.dev || p.devOptional)
    }));
  const unique = [...new Map(rows.map((r) => [`${r.name} ${r.version}`, r])).values()];
  return unique.sort((a, b) => (`${a.name} ${a.version}` < `${b.name} ${b.version}` ? -1 : 1));
}

/** The page that lists them. */
export function licencePage(lock) {
  const all = licenceList(lock);
  const table = (rows) => {
    const licences = [...new Set(rows.map((r) => r.licence))].sort();
    return licences
      .map((licence) => {
        const of = rows.filter((r) => r.licence === licence);
        return `**${licence}**: ${of.map((r) => `${r.name} ${r.version}`).join(', ')}.`;
      })
      .join('\n\n');
  };
  return [
    '# Licences',
    `Made by \`npm run licences\` from the lockfile: ${all.length} packages. Crockle itself: MIT, see [LICENSE](../LICENSE). The typefaces are under the SIL Open Font Licence 1.1 and ship with the build.`,
    '## Installed where it runs',
    table(all.filter((r) => !r.made)),
    '## Built in, or made and tested with',
    table(all.filter((r) => r.made))
  ].join('\n\n');
}

if (process.argv[1] === new URL(import.meta.url).pathname) {
  const lock = JSON.parse(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
  writeFileSync(join(ROOT, 'docs/licences.md'), `${licencePage(lock)}\n`);
}
