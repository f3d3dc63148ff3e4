// npm run backup [-- --demo] [-- file]: one file with everything, made while the server may be running.
import { existsSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensureModules, fail, ROOT } from './lib.mjs';

ensureModules();
const { default: Database } = await import('better-sqlite3');
const args = process.argv.slice(2);
const named = args.find((a) => !a.startsWith('--'));
const database = args.includes('--demo')
  ? join(ROOT, 'data/demo.db')
  : (process.env.CROCKLE_DATABASE ?? join(ROOT, 'data/household.db'));
if (!existsSync(database)) fail(`There is no database at ${database} yet: start Crockle once.`);
const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
const to = named ?? join(ROOT, 'data/backups', `crockle-${stamp}.db`);
if (existsSync(to)) fail(`${to} exists already; name another file.`);
mkdirSync(dirname(to), { recursive: true });
const db = new Database(database, { readonly: true });
await db.backup(to);
db.close();
const copy = new Database(to, { readonly: true });
const sound = copy.pragma('integrity_check', { simple: true });
copy.close();
if (sound !== 'ok') fail(`The backup at ${to} is not sound: ${sound}`);
console.log(
  `Backed up to ${to}. To go back: stop Crockle, put this file in the database's place, start again.`
);
