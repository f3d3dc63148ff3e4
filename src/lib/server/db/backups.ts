import { mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';

/** How the backups stand: for Today and for /health. */
export interface BackupState {
  /** UTC ms of the newest one; null: none yet. */
  readonly lastAt: number | null;
  /** Why the last try failed, in a sentence; null where it did not. */
  readonly failure: string | null;
  readonly folder: string | null;
}

const NAME = /^crockle-(\d{4}-\d{2}-\d{2})\.db$/;
/** Kept: one a day for a week, and one a week for eight. */
const KEEP = { daily: 7, weekly: 8 };
const DAY_MS = 86_400_000;

const dayOf = (at: number): string => new Date(at).toISOString().slice(0, 10);
/** Weeks from Monday to Sunday, by number since 1970. */
const weekOf = (day: string): number => Math.floor((Date.parse(day) / DAY_MS + 3) / 7);

/** Which of these days' backups are kept: the newest seven, and the newest of each of the newest eight weeks. */
export function keptDays(days: readonly string[]): ReadonlySet<string> {
  const newest = [...days].sort().reverse();
  const weeks = new Map<number, string>();
  for (const day of newest) if (!weeks.has(weekOf(day))) weeks.set(weekOf(day), day);
  return new Set([...newest.slice(0, KEEP.daily), ...[...weeks.values()].slice(0, KEEP.weekly)]);
}

/** The days of which there is a backup; none where the folder is not there or is no folder: writing one says why. */
const daysIn = (folder: string): string[] =>
  statSync(folder, { throwIfNoEntry: false })?.isDirectory()
    ? readdirSync(folder).flatMap((n) => NAME.exec(n)?.[1] ?? [])
    : [];

/** Copies in a thread of its own: one snapshot by one statement, so that it ends however much is written meanwhile. */
const COPY = `
const { parentPort, workerData } = require('node:worker_threads');
const Database = require('better-sqlite3');
const db = new Database(workerData.from, { readonly: true, timeout: 10000 });
db.prepare('VACUUM INTO ?').run(workerData.to);
db.close();
const copy = new Database(workerData.to, { readonly: true });
parentPort.postMessage(copy.pragma('quick_check', { simple: true }));
copy.close();
`;

const copied = (from: string, to: string): Promise<string> =>
  new Promise((resolve, reject) => {
    const worker = new Worker(COPY, { eval: true, workerData: { from, to } });
    worker.once('message', resolve);
    worker.once('error', reject);
    worker.once('exit', () => reject(new Error('the copy ended early')));
  });

/** Makes the backup of that day, written beside and renamed once it is sound, and lets the old ones go. */
export async function backUp(database: string, folder: string, at: number): Promise<string> {
  mkdirSync(folder, { recursive: true });
  const to = join(folder, `crockle-${dayOf(at)}.db`);
  const part = `${to}.part`;
  rmSync(part, { force: true });
  const said = await copied(database, part);
  if (said !== 'ok') throw new Error(`the copy is not sound: ${said}`);
  renameSync(part, to);
  const kept = keptDays(daysIn(folder));
  for (const day of daysIn(folder))
    if (!kept.has(day)) rmSync(join(folder, `crockle-${day}.db`), { force: true });
  return to;
}

const LOOK_EVERY_MS = 15 * 60_000;

/** Backups by schedule: one a day, looked after every quarter of an hour. `now` is the real clock. */
export class Backups {
  private failure: string | null = null;
  private timer: NodeJS.Timeout | undefined;
  private running: Promise<void> | null = null;

  constructor(
    private readonly database: string,
    private readonly folder: string | null,
    private readonly now: () => number
  ) {}

  start(): void {
    if (this.folder === null || this.database === ':memory:') return;
    this.timer = setInterval(() => void this.look(), LOOK_EVERY_MS);
    this.timer.unref();
    void this.look();
  }

  /** Makes today's, if there is none yet. */
  async look(): Promise<void> {
    if (this.folder === null) return;
    if (daysIn(this.folder).includes(dayOf(this.now()))) return;
    this.running ??= backUp(this.database, this.folder, this.now())
      .then(
        () => void (this.failure = null),
        (error: unknown) => {
          this.failure = error instanceof Error ? error.message : String(error);
        }
      )
      .finally(() => (this.running = null));
    await this.running;
  }

  state(): BackupState {
    const newest = this.folder === null ? undefined : daysIn(this.folder).sort().at(-1);
    const at = newest && this.folder ? statSync(join(this.folder, `crockle-${newest}.db`)).mtimeMs : null;
    return { lastAt: at, failure: this.failure, folder: this.folder };
  }

  async stop(): Promise<void> {
    clearInterval(this.timer);
    await this.running;
  }
}
