import { spawnSync } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readConfig } from '$lib/server/config';
import { backUp, Backups, keptDays } from '$lib/server/db/backups';
import { LogKeeper } from '$lib/server/db/log-keeper';
import { openDatabase } from '$lib/server/db/open';
import { newDatabaseSays } from '$lib/server/db/sound';
import { openHouse } from '$lib/server/house';
import { lots, rebuildAll } from '$lib/server/repos';
import { USE_CASES, type House } from '$lib/server/usecases';
import { testHouse, ZONE } from '../support/house';

let folder: string;
let file: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'crockle-keeping-'));
  file = join(folder, 'house.db');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const config = (over: Record<string, string> = {}) =>
  readConfig({
    CROCKLE_DATABASE: file,
    CROCKLE_LOG: 'silent',
    CROCKLE_BACKUPS: 'off',
    CROCKLE_ZONE: ZONE,
    ...over
  });
const pick = (house: House, id: string) =>
  USE_CASES['weigh-in'](house, { commandId: id, cropId: 'carrot', weight: '500 g' });
const picks = async (name: string) => {
  const db = await openDatabase(name);
  const n = (await lots.list(db, 'all')).length;
  await db.destroy();
  return n;
};
/** A household with so many picks, closed well. */
async function household(n: number) {
  const { house, close } = await openHouse(config());
  for (let i = 0; i < n; i++) await pick(house, `p${i}`);
  await close();
}

describe('one server, one file', () => {
  it('a second one is told who runs it, and may start once that ends', async () => {
    const first = await openHouse(config());
    await expect(openHouse(config())).rejects.toThrow(new RegExp(`Another Crockle .*process ${process.pid}`));
    expect((await pick(first.house, 'a')).ok).toBe(true);
    await first.close();
    const second = await openHouse(config());
    await second.close();
  });
});

describe('a plain copy of the one file', () => {
  it('has the records once nothing was written for a moment, and at a clean end', async () => {
    const { house, close } = await openHouse(config());
    await pick(house, 'a');
    const keeper = new LogKeeper(house.db, file);
    await keeper.look();
    await keeper.look();
    const copy = join(folder, 'copy.db');
    copyFileSync(file, copy);
    expect(await picks(copy)).toBe(1);
    await pick(house, 'b');
    await close();
    copyFileSync(file, copy);
    expect(await picks(copy)).toBe(2);
  });
});

describe('a start on what is not sound', () => {
  it.each([
    [
      'text that is no database',
      () => writeFileSync(file, 'Dear diary, today I pickled.'.repeat(500)),
      'is no database'
    ],
    [
      'overwritten pages',
      () => {
        const all = readFileSync(file);
        all.fill(0xa5, 4096, Math.floor(all.length * 0.8));
        writeFileSync(file, all);
      },
      'damaged'
    ],
    ['half a file', () => writeFileSync(file, readFileSync(file).subarray(0, 30_000)), 'damaged']
  ])('%s: a sentence with what to do, and the file is left as it was', async (_, spoil, says) => {
    await household(30);
    spoil();
    const before = readFileSync(file);
    await expect(openHouse(config())).rejects.toThrow(says);
    await expect(openHouse(config())).rejects.toThrow('npm run restore');
    expect(readFileSync(file).equals(before)).toBe(true);
  });
  it('derived rows that cannot be read are derived anew, in the order of beginning', async () => {
    await household(12);
    const db = await openDatabase(file);
    const before = (await lots.list(db, 'all')).map((l) => l.id);
    await db('current').where({ stream: 'lot:p3' }).update({ state: '{ half' });
    await db('current').where({ stream: 'lot:p5' }).delete();
    await db.destroy();
    const { house, close } = await openHouse(config());
    expect((await lots.list(house.db, 'all')).map((l) => l.id)).toEqual(before);
    await close();
  });
  it('a leftover migration lock stops nothing; a newer one is refused by name', async () => {
    await household(1);
    const db = await openDatabase(file);
    await db('knex_migrations_lock').update({ is_locked: 1 });
    await db.destroy();
    const { close } = await openHouse(config());
    await close();
    const again = await openDatabase(file);
    await again('knex_migrations').insert({ name: '9999-from-the-future', batch: 9, migration_time: '' });
    await again.destroy();
    await expect(openHouse(config())).rejects.toThrow('newer than this Crockle');
  });
  it('a new database says so, loudly beside others', async () => {
    expect(newDatabaseSays(file)).toContain('a new, empty household');
    writeFileSync(join(folder, 'other.db'), '');
    expect(newDatabaseSays(file)).toContain('other.db');
    await household(1);
    expect(newDatabaseSays(file)).toBeNull();
  });
});

describe('rebuilding', () => {
  it('keeps the order of beginning, not of names', async () => {
    const house = await testHouse();
    for (const id of ['zz', 'mm', 'aa']) await pick(house, id);
    await rebuildAll(house.db, ZONE);
    expect((await lots.list(house.db, 'all')).map((l) => l.id)).toEqual(['zz', 'mm', 'aa']);
    await house.db.destroy();
  });
});

describe('backups', () => {
  it('end under constant writes, sound, and are renamed only then', async () => {
    const { house, close } = await openHouse(config());
    let writing = true;
    let n = 0;
    const writer = (async () => {
      while (writing) {
        await pick(house, `w${n++}`);
        await new Promise(setImmediate);
      }
    })();
    const made = await backUp(file, join(folder, 'backups'), Date.parse('2026-11-28'));
    writing = false;
    await writer;
    await close();
    expect(readdirSync(join(folder, 'backups'))).toEqual(['crockle-2026-11-28.db']);
    expect(await picks(made)).toBeLessThanOrEqual(n);
  });
  it('seven days and eight weeks are kept', () => {
    const days = Array.from({ length: 100 }, (_, i) =>
      new Date(Date.UTC(2026, 7, 1 + i)).toISOString().slice(0, 10)
    );
    const kept = [...keptDays(days)].sort();
    expect(kept.slice(-7)).toEqual(days.slice(-7));
    expect(kept.length).toBeLessThanOrEqual(15);
    expect(Date.parse(days.at(-1)!) - Date.parse(kept[0]!)).toBeGreaterThan(45 * 86_400_000);
  });
  it('one that fails is said', async () => {
    await household(1);
    writeFileSync(join(folder, 'taken'), '');
    const backups = new Backups(file, join(folder, 'taken'), () => Date.parse('2026-11-28'));
    await backups.look();
    expect(backups.state().failure).toBeTruthy();
  });
});

describe('restoring', () => {
  const restore = (...args: string[]) =>
    spawnSync(process.execPath, ['scripts/restore.mjs', ...args], {
      env: { ...process.env, CROCKLE_DATABASE: file },
      encoding: 'utf8'
    });
  it('after a crash, with a stale log beside: exactly the backup, and what stood there is set aside', async () => {
    await household(3);
    const backup = await backUp(file, join(folder, 'backups'), Date.parse('2026-11-28'));
    const { house, close } = await openHouse(config());
    for (let i = 0; i < 5; i++) await pick(house, `later${i}`);
    // The power goes: file and log as they are at this moment.
    for (const end of ['', '-wal']) copyFileSync(file + end, join(folder, `crashed.db${end}`));
    expect(restore(backup).stderr).toContain('Crockle runs on');
    await close();
    for (const end of ['', '-wal']) copyFileSync(join(folder, `crashed.db${end}`), file + end);
    const done = restore(backup);
    expect(done.stderr).toBe('');
    expect(done.stdout).toContain('set aside');
    expect(existsSync(`${file}-wal`)).toBe(false);
    expect(await picks(file)).toBe(3);
    const aside = readdirSync(folder).find((n) => /before-restore-.*\d$/.test(n))!;
    expect(await picks(join(folder, aside))).toBe(8);
  });
  it('refuses what is no backup, and changes nothing', async () => {
    await household(2);
    writeFileSync(join(folder, 'letter.db'), 'Dear diary');
    expect(restore(join(folder, 'letter.db')).status).toBe(1);
    expect(restore(join(folder, 'nowhere.db')).stderr).toContain('There is no file');
    expect(await picks(file)).toBe(2);
  });
});

describe('commands and disks', () => {
  it('the same name for another act is refused; for the same act it is answered alike', async () => {
    const house = await testHouse();
    await pick(house, 'one');
    expect(await pick(house, 'one')).toMatchObject({ ok: true });
    expect(
      await USE_CASES['set-tare'](house, { commandId: 'one', name: 'Bowl', weight: '400 g' })
    ).toMatchObject({
      refusals: [{ code: 'command-taken' }]
    });
    await house.db.destroy();
  });
  it('a disk that takes nothing is a sentence; reads go on, and it goes on by itself', async () => {
    const { house, close } = await openHouse(config());
    await pick(house, 'a');
    await house.db.raw('PRAGMA query_only = ON');
    expect(await pick(house, 'b')).toMatchObject({ refusals: [{ code: 'disk-refuses' }] });
    expect(await lots.list(house.db, 'all')).toHaveLength(1);
    await house.db.raw('PRAGMA query_only = OFF');
    expect((await pick(house, 'b')).ok).toBe(true);
    await close();
  });
});
