import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A server of a test's own, on a database of its own in a folder of its own: no test meets what another left. */
export class OwnServer {
  readonly folder = mkdtempSync(join(tmpdir(), 'crockle-e2e-'));
  readonly database = join(this.folder, 'house.db');
  base = '';
  errors = '';
  /** What it says on its own screen. */
  said = '';
  private child: ChildProcess | undefined;
  private port = 0;

  /** Starts it, and waits until it answers or has ended. A second start keeps port and database. */
  async start(env: Record<string, string> = {}): Promise<this> {
    this.port ||= await new Promise<number>((resolve) => {
      const probe = createServer().listen(0, '127.0.0.1', () => {
        const { port } = probe.address() as { port: number };
        probe.close(() => resolve(port));
      });
    });
    this.base = `http://127.0.0.1:${this.port}`;
    this.errors = this.said = '';
    const child = spawn(process.execPath, ['server.mjs'], {
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        ...process.env,
        CROCKLE_DEMO: '0',
        CROCKLE_LOG: 'silent',
        // What thermometers note by themselves would move every forecast a little: only their own test has them.
        CROCKLE_THERMOMETERS: 'none',
        CROCKLE_DATABASE: this.database,
        CROCKLE_PORT: String(this.port),
        ...env
      }
    });
    this.child = child;
    child.stdout.on('data', (d: Buffer) => (this.said += d.toString()));
    child.stderr.on('data', (d: Buffer) => (this.errors += d.toString()));
    const answers = () =>
      fetch(`${this.base}/health`).then(
        (r) => r.ok,
        () => false
      );
    while (child.exitCode === null && !(await answers())) await new Promise((r) => setTimeout(r, 25));
    return this;
  }

  /** Ends it; its exit code, or null when a signal ended it. */
  async end(signal: NodeJS.Signals): Promise<number | null> {
    const { child } = this;
    if (!child || child.exitCode !== null || child.signalCode !== null) return this.exitCode();
    const gone = new Promise<number | null>((resolve) => child.once('exit', resolve));
    child.kill(signal);
    return gone;
  }
  exitCode = () => this.child?.exitCode ?? null;
  say = (thing: string, body: unknown, headers: Record<string, string> = {}) =>
    fetch(`${this.base}/api/v1/${thing}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...headers },
      body: JSON.stringify(body)
    });
  clean = () => rmSync(this.folder, { recursive: true, force: true });
}
