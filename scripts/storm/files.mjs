// The file itself: damaged, cut, replaced, copied as a layman would, restored in the wrong state; the disk full; two servers.
import { spawnSync } from 'node:child_process';
import {
  chmodSync,
  chownSync,
  copyFileSync,
  existsSync,
  readFileSync,
  truncateSync,
  writeFileSync
} from 'node:fs';
import { dirname, join } from 'node:path';
import Database from 'better-sqlite3';
import { ROOT } from '../lib.mjs';

const pick = (commandId) => ({ commandId, cropId: 'carrot', weight: '1 kg' });
const picksOf = async (server) => (await server.read('picks')).length;

/** What a start on such a file must do: end with a sentence, or stand with all that was there. */
const STATES = {
  'pages overwritten': [
    (file) => {
      const bytes = readFileSync(file);
      bytes.fill(0x5a, 8192, 8192 + 3 * 4096);
      writeFileSync(file, bytes);
    },
    'ends'
  ],
  'half a file': [(file) => truncateSync(file, Math.floor(readFileSync(file).length / 2)), 'ends'],
  'text in its place': [
    (file) => writeFileSync(file, 'Dear diary, the cabbage is in.\n'.repeat(400)),
    'ends'
  ],
  'newer than the code': [
    (file) =>
      sql(file, "insert into knex_migrations (name, batch, migration_time) values ('0999-later', 9, 0)"),
    'ends'
  ],
  'a guard taken away': [(file) => sql(file, 'drop trigger event_no_update'), 'ends'],
  'a migration cut off': [(file) => sql(file, 'update knex_migrations_lock set is_locked = 1'), 'stands'],
  'derived rows overwritten': [
    (file) => sql(file, "update current set state = '{\"half\":' where kind = 'batch'"),
    'stands'
  ],
  'derived rows gone': [(file) => sql(file, "delete from current where kind = 'lot'"), 'stands'],
  'the log beside it damaged': [(file) => writeFileSync(`${file}-wal`, Buffer.alloc(40_000, 0x5a)), 'stands']
};
function sql(file, said) {
  const db = new Database(file);
  db.exec(said);
  db.pragma('wal_checkpoint(TRUNCATE)');
  db.close();
}

/** Each state of the file, at the start. */
export async function damage(ground) {
  const faults = [];
  const whole = await ground.serve(ground.copy());
  const there = await picksOf(whole);
  await whole.end();
  for (const [name, [make, wanted]] of Object.entries(STATES)) {
    const file = ground.copy();
    make(file);
    const before = readFileSync(file);
    const server = await ground.serve(file);
    if (wanted === 'ends') {
      if (!server.ended || server.child.exitCode !== 1) faults.push(`${name}: it started`);
      if (/\n\s+at |node:internal/.test(server.said)) faults.push(`${name}: a stack was shown`);
      if (server.said.trim().length < 40) faults.push(`${name}: it did not say what to do`);
      if (server.ended && !before.equals(readFileSync(file))) faults.push(`${name}: the file was written to`);
    } else if (server.ended) faults.push(`${name}: it did not start: ${server.said.slice(0, 200)}`);
    else if ((await picksOf(server)) !== there) faults.push(`${name}: picks are missing`);
    await server.end();
  }
  return {
    did: `started on ${Object.keys(STATES).length} states of a file: ${Object.keys(STATES).join(', ')}`,
    holds: 'ends with a sentence and the file as it was, or stands with everything',
    found: faults.join('; ') || 'as it must',
    ok: faults.length === 0
  };
}

const script = (name, file, ...args) => {
  const done = spawnSync(process.execPath, [join(ROOT, 'scripts', name), ...args], {
    cwd: ROOT,
    env: { ...process.env, CROCKLE_DATABASE: file },
    encoding: 'utf8'
  });
  return { ok: done.status === 0, said: done.stdout + done.stderr };
};

/** Copies and the way back: while it runs, after a kill, with a stale log beside the file. */
export async function copies(ground) {
  const faults = [];
  const file = ground.copy();
  let server = await ground.serve(file);
  for (let i = 0; i < 20; i++) await server.say('weigh-in', pick(`a${i}`));
  const then = await picksOf(server);
  const backup = `${file}.backup`;
  // Made amid writes, it ends, and it is sound.
  let writing = true;
  const writer = (async () => {
    for (let i = 0; writing; i++) await (await server.say('weigh-in', pick(`b${i}`))).text();
  })();
  const made = await new Promise((done) => {
    // Not spawnSync: the writer must go on meanwhile.
    import('node:child_process').then(({ spawn }) => {
      const child = spawn(process.execPath, [join(ROOT, 'scripts/backup.mjs'), backup], {
        cwd: ROOT,
        stdio: 'ignore',
        env: { ...process.env, CROCKLE_DATABASE: file }
      });
      child.once('exit', (code) => done(code === 0));
    });
  });
  writing = false;
  await writer;
  if (!made || !existsSync(backup)) faults.push('no backup was made amid writes');
  if (script('restore.mjs', file, backup).ok) faults.push('restored under a running server');
  const later = await picksOf(server);
  await server.end('SIGKILL');
  // The stale log lies beside the file: it must not be replayed into what is restored.
  const back = script('restore.mjs', file, backup);
  if (!back.ok) faults.push(`no way back: ${back.said.slice(0, 200)}`);
  server = await ground.serve(file);
  const restored = server.ended ? -1 : await picksOf(server);
  if (restored < then || restored > later)
    faults.push(`${restored} picks restored, ${then} to ${later} wanted`);
  await server.end();
  if (!(await ground.sameAsLog(file))) faults.push('restored, the derived is not what the log says');
  // A damaged backup is not let in, and what stands stays.
  truncateSync(backup, 5000);
  if (script('restore.mjs', file, backup).ok) faults.push('a damaged backup was let in');
  // As a layman copies: the one file, after a clean end.
  const layman = ground.copy();
  copyFileSync(file, layman);
  server = await ground.serve(layman);
  if ((await picksOf(server)) !== restored) faults.push('a plain copy has not everything');
  await server.end();
  return {
    did: 'backup amid writes; restore under a server, after a kill, of a damaged backup; a plain copy',
    holds: 'whole or refused, never mixed',
    found: faults.join('; ') || 'as it must',
    ok: faults.length === 0
  };
}

/** Two servers on one file. */
export async function twoServers(ground) {
  const file = ground.copy();
  const one = await ground.serve(file);
  const two = await ground.serve(file);
  const refused = two.ended && two.child.exitCode === 1 && /Another Crockle/.test(two.said);
  let yes = 0;
  for (let i = 0; i < 50; i++) yes += (await one.say('weigh-in', pick(`c${i}`))).ok ? 1 : 0;
  await one.end('SIGKILL');
  const three = await ground.serve(file);
  const after = !three.ended;
  await three.end();
  return {
    did: 'a second server on the file; a third after the first was killed',
    holds: 'the second ends and says who runs it, the first goes on, the third starts',
    found: `${refused ? 'refused' : 'STARTED'}, ${yes} of 50 writes of the first went through, the third ${after ? 'started' : 'DID NOT START'}`,
    ok: refused && yes === 50 && after
  };
}

/** Folder or file read-only at the start, and while it runs. Root may write anywhere: then it is tried as nobody. */
export async function readOnly(ground) {
  const file = ground.copy();
  const folder = dirname(file);
  const root = process.getuid?.() === 0;
  const as = root ? { uid: 65534, gid: 65534 } : {};
  if (root) {
    chmodSync(ground.folder, 0o711);
    for (const path of [folder, file]) chownSync(path, 65534, 65534);
  }
  const mode = (path, write) =>
    chmodSync(path, path === folder ? (write ? 0o755 : 0o555) : write ? 0o644 : 0o444);
  const did = 'the folder, then the file read-only at a start; the folder while it runs';
  let server = await ground.serve(file, {}, as);
  if (server.ended)
    return { did, holds: '', found: 'not tried: nobody may run it on this machine', ok: true };
  const faults = [];
  mode(folder, false);
  const reads = (await fetch(`${server.base}/garden`)).ok;
  if (!reads) faults.push('reads stopped');
  await server.end();
  if (server.child.exitCode !== 0 || /\n\s+at /.test(server.said)) faults.push('it did not end well');
  for (const path of [folder, file]) {
    mode(folder, true);
    mode(path, false);
    server = await ground.serve(file, {}, as);
    if (!server.ended || /\n\s+at |node:internal/.test(server.said))
      faults.push(`started, or showed a stack: ${server.said.slice(0, 200)}`);
    if (!/cannot write to/.test(server.said)) faults.push('it did not say what to do');
    await server.end();
    mode(path, true);
  }
  server = await ground.serve(file, {}, as);
  if (server.ended) faults.push('it did not start when it could be written again');
  await server.end();
  return {
    did,
    holds: 'reads go on, ends well, a start says what to do, recovers',
    found: faults.join('; ') || 'as it must',
    ok: faults.length === 0
  };
}

/** No file may grow any more, as on a full disk; then there is room again. */
export async function fullDisk(ground) {
  const limit = (pid, size) => spawnSync('prlimit', ['--pid', String(pid), `--fsize=${size}`]).status === 0;
  const file = ground.copy();
  const server = await ground.serve(file);
  const here = limit(server.child.pid, 'unlimited:unlimited');
  if (!here) {
    await server.end();
    return { did: 'a full disk', holds: '', found: 'not tried: no prlimit on this machine', ok: true };
  }
  await server.say('weigh-in', pick('before'));
  limit(server.child.pid, '4096:');
  const answers = [];
  for (let i = 0; i < 5; i++) answers.push(await server.say('weigh-in', pick(`full${i}`)));
  const words = await answers.at(-1).json();
  const reads = (await fetch(`${server.base}/garden`)).ok;
  const sick = await fetch(`${server.base}/health`);
  limit(server.child.pid, 'unlimited:');
  const again = await server.say('weigh-in', pick('after'));
  const well = await fetch(`${server.base}/health`);
  await server.end();
  const same = await ground.sameAsLog(file);
  const refused = answers.every((a) => a.status === 503);
  return {
    did: 'no file may grow any more, then it may',
    holds: 'a sentence at the hand, reads go on, health says so, recovers by itself',
    found: `${answers.map((a) => a.status).join(' ')} “${words.problems?.[0]?.says ?? ''}”, reads ${reads ? 'go on' : 'FAIL'}, health ${sick.status} then ${well.status}, a write then ${again.status}`,
    ok: refused && reads && sick.status === 503 && well.ok && again.ok && same
  };
}
