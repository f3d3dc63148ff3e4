// Shared by the scripts; only node: modules, so that a bare clone can run it.
import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
export const CHROMIUM = process.env.CROCKLE_CHROMIUM ?? '/usr/bin/chromium';
/** Every room, for what goes through all of them. */
export const ROOMS = [
  '/',
  '/garden',
  '/bench',
  '/counter',
  '/cold',
  '/pantry',
  '/season',
  '/notebook',
  '/notebook/recipes',
  '/kit'
];
const at = (...parts) => join(ROOT, ...parts);
const mtime = (path) => (existsSync(path) ? statSync(path).mtimeMs : 0);

/** Runs a command with its output shown; true when it went well. */
export function run(command, args, env = {}) {
  const done = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  return done.status === 0;
}

/** npm writes node_modules/.package-lock.json last, so a broken install is noticed. */
export function ensureModules() {
  if (
    mtime(at('node_modules/.package-lock.json')) >= mtime(at('package-lock.json')) &&
    existsSync(at('node_modules/.package-lock.json'))
  )
    return;
  console.log('Installing modules (a few minutes the first time: the database driver is compiled) …');
  const prefix = dirname(dirname(process.execPath));
  const env = existsSync(join(prefix, 'include/node/node.h')) ? { npm_config_nodedir: prefix } : {};
  if (!run('npm', ['ci'], env))
    fail('The modules could not be installed. Is the package registry reachable?');
}

function newestUnder(path) {
  if (!existsSync(path)) return 0;
  if (!statSync(path).isDirectory()) return mtime(path);
  return Math.max(0, ...readdirSync(path).map((name) => newestUnder(join(path, name))));
}

/** Builds when the build is older than what it is made of. */
export function ensureBuild(env = {}) {
  const sources = ['src', 'static', 'svelte.config.js', 'vite.config.ts', 'package-lock.json'].map((p) =>
    newestUnder(at(p))
  );
  if (mtime(at('build/index.js')) > Math.max(...sources)) return;
  console.log('Building …');
  if (!run('npx', ['vite', 'build', '--logLevel', 'warn'], env)) fail('The build failed; see above.');
}

/** Debian's package through apt, when what it brings is absent and we may. */
function ensurePackage(name, there, advice) {
  if (there()) return;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) fail(advice);
  const wait = ['-o', 'DPkg::Lock::Timeout=300'];
  run('apt-get', [...wait, 'update', '-q']);
  if (!run('apt-get', [...wait, 'install', '-y', '-q', '--no-install-recommends', name]) || !there())
    fail(advice);
}

/** The browser that the browser tests, the pictures and the bench drive. */
export const ensureChromium = () =>
  ensurePackage(
    'chromium',
    () => existsSync(CHROMIUM),
    `The browser tests need Chromium at ${CHROMIUM}: install it (Debian: apt-get install chromium), or set CROCKLE_CHROMIUM.`
  );

/** What reads our PDFs for the tests. */
export const ensurePoppler = () =>
  ensurePackage(
    'poppler-utils',
    () => spawnSync('pdftotext', ['-v']).error === undefined,
    'The tests of printed labels need pdftotext and pdftoppm: install them (Debian: apt-get install poppler-utils).'
  );

export async function freePort() {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/**
 * The heap grows by half of what is used, not to four times of it: it runs on small machines beside other things. Ten years'
 * pages then take 150 MB instead of 219, as fast.
 */
const LEAN = ['--heap-growing-percent=50', '--max-semi-space-size=8'];

/** Starts server.mjs and waits until it answers; the child carries on. */
export async function startServer(env, stdio = 'inherit') {
  const child = spawn(process.execPath, [...LEAN, 'server.mjs'], {
    cwd: ROOT,
    stdio: ['ignore', stdio, 'inherit'],
    env: { ...process.env, ...env }
  });
  const base = `http://127.0.0.1:${env.CROCKLE_PORT ?? 4620}`;
  let gone = false;
  child.once('exit', () => (gone = true));
  for (let i = 0; i < 1800 && !gone; i++) {
    try {
      if ((await fetch(`${base}/health`)).ok) return { child, base };
    } catch {
      // not up yet
    }
    await new Promise((r) => setTimeout(r, 50));
  }
  child.kill();
  throw new Error('The server did not start; see above.');
}

/** Passes signals on and ends as the child ends. */
export function follow(child) {
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
  child.on('exit', (code) => process.exit(code ?? 0));
}

export function fail(message) {
  console.error(message);
  process.exit(1);
}

export const gitRevision = () => {
  try {
    return execFileSync('git', ['rev-parse', '--short', 'HEAD'], { cwd: ROOT }).toString().trim();
  } catch {
    return 'unknown';
  }
};
