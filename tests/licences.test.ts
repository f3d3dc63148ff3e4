import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { licenceList, licencePage } from '../scripts/licences.mjs';

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')) as { packages: Record<string, unknown> };

/** Those under which the product may carry a package, or be made with one. */
const MAY = /^(MIT|ISC|0BSD|BSD-[23]-Clause|Apache-2\.0|BlueOak-1\.0\.0|OFL-1\.1|MPL-2\.0|Python-2\.0)$/;
/** Said otherwise than by one short name, and looked at by hand. */
const LOOKED_AT = new Map([
  ['rc', '(BSD-2-Clause OR MIT OR Apache-2.0)'],
  ['expand-template', '(MIT OR WTFPL)'],
  ['pako', '(MIT AND Zlib)'],
  // The control library names it for charts of its own; the last test holds that nothing of it is carried.
  ['apexcharts', 'SEE LICENSE IN LICENSE']
]);

describe('licences', () => {
  it('the list in docs is that of the lockfile', () => {
    expect(readFileSync('docs/licences.md', 'utf8').trim()).toBe(licencePage(lock).trim());
  });
  it('each is one that the product may carry', () => {
    const odd = licenceList(lock).filter((p) => !MAY.test(p.licence) && LOOKED_AT.get(p.name) !== p.licence);
    expect(odd.map((p) => `${p.name}: ${p.licence}`)).toEqual([]);
  });
  it('what is not free stays outside: nothing of ours imports it', () => {
    const files = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter((f) =>
      /\.(ts|svelte|css)$/.test(f)
    );
    expect(files.length).toBeGreaterThan(200);
    expect(
      files.filter((f) => /apexcharts|flowbite-svelte\/.*chart/i.test(readFileSync(join('src', f), 'utf8')))
    ).toEqual([]);
  });
});
