// What every attack of the storm stands on: a household made by the use cases, a server of its own on a copy, chance by a seed.
import { spawn } from 'node:child_process';
import { copyFileSync, mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, ROOT } from '../lib.mjs';

/** Chance that comes out the same for the same seed (Park and Miller's minimal standard). */
export function chance(seed) {
  let state = (seed % 2147483646) + 1;
  const below = (n) => (state = (state * 48271) % 2147483647) % n;
  return { below, of: (all) => all[below(all.length)] };
}

/** The house's own modules, read by the bundler as the tests read them. */
export async function houseModules() {
  const { runnerImport } = await import('vite');
  const config = {
    configFile: false,
    logLevel: 'error',
    resolve: { alias: { $lib: join(ROOT, 'src/lib') } }
  };
  const read = async (path) => (await runnerImport(join(ROOT, path), config)).module;
  const { testHouse } = await read('tests/support/house.ts');
  const { GOOD, GOOD_ASIDE, GOOD_DOOR, PREPARED } = await read('tests/support/good.ts');
  const { benchDraftSchema } = await read('src/lib/schema/bench.ts');
  const { COMMANDS, DOOR_COMMANDS } = await read('src/lib/schema/commands/index.ts');
  const { openDatabase } = await read('src/lib/server/db/open.ts');
  const { rebuildAll } = await read('src/lib/server/repos/index.ts');
  return {
    testHouse,
    GOOD,
    GOOD_ASIDE,
    GOOD_DOOR,
    benchDraftSchema,
    PREPARED,
    COMMANDS,
    DOOR_COMMANDS,
    openDatabase,
    rebuildAll
  };
}

export class Ground {
  folder = mkdtempSync(join(tmpdir(), 'crockle-storm-'));
  home = join(this.folder, 'made.db');
  #servers = new Set();
  #n = 0;

  constructor(modules, { seed, short }) {
    this.modules = modules;
    this.short = short;
    this.dice = chance(seed);
  }

  /** Makes the household that the attacks are on. */
  async make() {
    const house = await this.modules.testHouse(this.home);
    for (const [name, input] of this.modules.PREPARED) {
      const done = await house.say(name, input);
      if (!done.ok) throw new Error(`the household cannot be made: ${name} says ${done.codes.join()}`);
    }
    await house.db.destroy();
  }

  /** A copy of that household in a folder of its own. */
  copy() {
    const folder = join(this.folder, String(++this.#n));
    mkdirSync(folder);
    const file = join(folder, 'house.db');
    copyFileSync(this.home, file);
    return file;
  }

  /** Starts a server on a file; it is up when this answers, or has ended. */
  async serve(file, env = {}, as = {}) {
    const server = new Server(file, await freePort(), env, as);
    this.#servers.add(server);
    await server.begin();
    return server;
  }

  /**
   * Whether what is derived is what the log says: each thing as it stands, each line of a list, and nothing more. Opened once
   * the server has ended.
   */
  async sameAsLog(file) {
    const { openDatabase, rebuildAll } = this.modules;
    const db = await openDatabase(file);
    const rows = async () =>
      JSON.stringify([
        await db('current').orderBy('stream'),
        await db('line')
          .orderBy('stream')
          .select('stream', 'live', 'topic', 'begun', 'words', 'brief', 'teaches')
      ]);
    const before = await rows();
    await rebuildAll(db, 'Europe/Dublin');
    const after = await rows();
    await db.destroy();
    return before === after;
  }

  async clean() {
    for (const server of this.#servers) await server.end('SIGKILL');
    rmSync(this.folder, { recursive: true, force: true });
  }
}

export class Server {
  said = '';
  constructor(file, port, env, as) {
    this.as = as;
    this.file = file;
    this.port = port;
    this.env = env;
    this.base = `http://127.0.0.1:${port}`;
  }

  async begin() {
    this.child = spawn(process.execPath, ['server.mjs'], {
      cwd: ROOT,
      ...this.as,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        ...process.env,
        CROCKLE_DEMO: '0',
        CROCKLE_LOG: 'warn',
        CROCKLE_BACKUPS: 'off',
        CROCKLE_ZONE: 'Europe/Dublin',
        CROCKLE_DATABASE: this.file,
        CROCKLE_PORT: String(this.port),
        ...this.env
      }
    });
    this.gone = new Promise((done) => this.child.once('exit', done));
    for (const stream of [this.child.stdout, this.child.stderr])
      stream.on('data', (d) => (this.said += d.toString()));
    while (!this.ended && !(await this.stands())) await new Promise((r) => setTimeout(r, 25));
    return this;
  }
  get ended() {
    return this.child.exitCode !== null || this.child.signalCode !== null;
  }
  stands = () =>
    fetch(`${this.base}/health`).then(
      (r) => r.ok,
      () => false
    );
  health = async () => (await fetch(`${this.base}/health`)).json();

  async end(signal = 'SIGTERM') {
    if (!this.ended) this.child.kill(signal);
    await this.gone;
    return this.child.exitCode;
  }

  say = (thing, body, headers = {}) =>
    fetch(`${this.base}/api/v1/${thing}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...headers },
      body: typeof body === 'string' ? body : JSON.stringify(body)
    });
  read = async (thing) => (await fetch(`${this.base}/api/v1/${thing}`)).json();
}

/** Works through a list with so many hands at once. */
export async function many(hands, list, work) {
  const rest = [...list].reverse();
  await Promise.all(
    Array.from({ length: hands }, async () => {
      for (let one = rest.pop(); one !== undefined; one = rest.pop()) await work(one);
    })
  );
}
