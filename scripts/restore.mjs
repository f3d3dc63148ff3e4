// npm run restore -- FILE [--demo]: a backup in the database's place; what stood there is set aside, nothing is lost.
import { copyFileSync, existsSync, mkdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ensureModules, fail, ROOT } from './lib.mjs';

ensureModules();
const { default: Database } = await import('better-sqlite3');
const args = process.argv.slice(2);
const from = args.find((a) => !a.startsWith('--'));
const database = args.includes('--demo')
  ? join(ROOT, 'data/demo.db')
  : (process.env.CROCKLE_DATABASE ?? join(ROOT, 'data/household.db'));
if (!from) fail('Which backup? npm run restore -- data/backups/crockle-2026-09-12.db');
if (!existsSync(from)) fail(`There is no file at ${from}.`);

// A server that runs would write on into what is set aside.
const lock = new Database(`${database}.lock`, { timeout: 200 });
try {
  lock.exec('BEGIN EXCLUSIVE');
} catch {
  let who = '';
  try {
    who = ` (process ${JSON.parse(readFileSync(`${database}.lock.json`, 'utf8')).pid})`;
  } catch {
    // nobody said who
  }
  fail(`Crockle runs on ${database}${who}. End it first, then restore.`);
}
const release = () => {
  lock.exec('ROLLBACK');
  lock.close();
};

/** How many events a file holds; a sentence where it is no sound backup. */
function checked(file) {
  let db;
  try {
    db = new Database(file, { readonly: true });
    const sound = db.pragma('integrity_check', { simple: true });
    if (sound !== 'ok') return `it is damaged: ${sound}`;
    const tables = db.prepare("select name from sqlite_master where type = 'table'").all();
    if (!tables.some((t) => t.name === 'event')) return 'it holds no household of Crockle';
    return db.prepare('select count(*) as n from event').get().n;
  } catch (error) {
    return `it cannot be read: ${error.message}`;
  } finally {
    db?.close();
  }
}

const before = checked(from);
if (typeof before === 'string') {
  release();
  fail(`${from} is no backup to go back to: ${before}. Nothing was changed.`);
}
// A stale log beside the restored file would be played into it: all three go aside together.
const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
const aside = `${database}.before-restore-${stamp}`;
mkdirSync(dirname(database), { recursive: true });
const part = `${database}.restoring`;
copyFileSync(from, part);
const copied = checked(part);
if (copied !== before) {
  rmSync(part, { force: true });
  release();
  fail(`The copy of ${from} is not like it (${copied}). Nothing was changed; is the disk full?`);
}
let kept = false;
for (const end of ['', '-wal', '-shm'])
  if (existsSync(database + end)) {
    renameSync(database + end, aside + end);
    kept = true;
  }
renameSync(part, database);
const after = checked(database);
release();
if (after !== before)
  fail(`The restored ${database} is not like the backup (${after}). What stood there is at ${aside}.`);
console.log(
  `Restored ${database} from ${from}: ${after} entries.${kept ? ` What stood there is set aside as ${aside}.` : ''} Start Crockle again.`
);
