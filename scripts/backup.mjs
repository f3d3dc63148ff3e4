// npm run backup [-- --demo] [-- file]: one file with everything, made while the server may be running.
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
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
rmSync(`${to}.part`, { force: true });
const db = new Database(database, { readonly: true });
// One snapshot by one statement: it ends however much is written meanwhile. Written beside, renamed once it is sound.
db.prepare('VACUUM INTO ?').run(`${to}.part`);
db.close();
const copy = new Database(`${to}.part`, { readonly: true });
const sound = copy.pragma('integrity_check', { simple: true });
copy.close();
if (sound !== 'ok') fail(`The backup at ${to} is not sound: ${sound}`);
renameSync(`${to}.part`, to);
console.log(`Backed up to ${to}. To go back: stop Crockle, then npm run restore -- ${to}`);
