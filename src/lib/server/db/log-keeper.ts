import { existsSync, statSync } from 'node:fs';
import type { Knex } from 'knex';

/** Looked at so often; written back after as long without a write. */
const LOOK_EVERY_MS = 5000;

/**
 * Brings the write-ahead log back into the database file when nothing was written for a moment: a plain copy of the one
 * file then has the records in it. SQLite does it again at a clean end.
 */
export class LogKeeper {
  private timer: NodeJS.Timeout | undefined;
  private lastSize = -1;

  constructor(
    private readonly db: Knex,
    private readonly filename: string
  ) {}

  start(): void {
    if (this.filename === ':memory:') return;
    this.timer = setInterval(() => void this.look(), LOOK_EVERY_MS);
    this.timer.unref();
  }

  /** Written back once the log has stopped growing. */
  async look(): Promise<void> {
    const wal = `${this.filename}-wal`;
    const size = existsSync(wal) ? statSync(wal).size : 0;
    const idle = size > 0 && size === this.lastSize;
    this.lastSize = size;
    if (idle) await this.writeBack();
  }

  async writeBack(): Promise<void> {
    await this.db.raw('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined);
  }

  async stop(): Promise<void> {
    clearInterval(this.timer);
    if (this.filename !== ':memory:') await this.writeBack();
  }
}
