import { z } from 'zod';
import { backupFolder } from './db/sound';

const zone = z.string().refine(
  (name) => {
    try {
      new Intl.DateTimeFormat('en', { timeZone: name });
      return true;
    } catch {
      return false;
    }
  },
  { error: 'must be a time zone such as Europe/Dublin' }
);

const schema = z.object({
  CROCKLE_DATABASE: z.string().min(1, 'must name a file').default('data/household.db'),
  CROCKLE_BACKUPS: z.string().optional(),
  CROCKLE_DEMO: z.enum(['0', '1'], 'must be 0 or 1').default('0'),
  CROCKLE_ZONE: zone.optional(),
  CROCKLE_HOST: z.string().default('127.0.0.1'),
  CROCKLE_SIGN_IN: z.enum(['beyond', 'always'], 'must be beyond or always').default('beyond'),
  CROCKLE_SCALE: z.enum(['none', 'stand-in'], 'must be none or stand-in').optional(),
  CROCKLE_METER: z.enum(['none', 'stand-in'], 'must be none or stand-in').optional(),
  CROCKLE_THERMOMETERS: z.enum(['none', 'stand-in'], 'must be none or stand-in').optional(),
  CROCKLE_LOG: z
    .enum(['debug', 'info', 'warn', 'error', 'silent'], 'must be debug, info, warn, error or silent')
    .default('info')
});

export interface Config {
  readonly database: string;
  readonly demo: boolean;
  /** Where the daily backups go; null: none are made. */
  readonly backups: string | null;
  readonly zone: string;
  /** Whether those who come in must say the household's passphrase: always beyond loopback. */
  readonly asks: boolean;
  /** Which scale stands in the kitchen; the demo has a simulated one to play with. */
  readonly scale: 'none' | 'stand-in';
  /** Which pH meter stands in the kitchen; the demo has a simulated one. */
  readonly meter: 'none' | 'stand-in';
  /** Which thermometers hang at the places; the demo has simulated ones. */
  readonly thermometers: 'none' | 'stand-in';
  readonly logLevel: string;
}

/** The demo's household lives in one zone, wherever the visitor is. */
export const DEMO_ZONE = 'Europe/Dublin';

/** Beside the database unless another folder is named; "off" makes none, and nor does the demo. */
function backupsOf(said: string | undefined, database: string, demo: boolean): string | null {
  if (said === 'off' || (said === undefined && demo)) return null;
  return said === undefined || said === '' ? backupFolder(database) : said;
}

/** Whether only this machine itself can come in by that address. */
const isLoopback = (host: string): boolean =>
  host === 'localhost' || host === '::1' || /^127(\.\d{1,3}){3}$/.test(host);

/** Reads the settings from the environment; throws one line per setting that cannot be. */
export function readConfig(env: Record<string, string | undefined>): Config {
  const parsed = schema.safeParse(env);
  if (!parsed.success) {
    const lines = parsed.error.issues.map(
      (i) => `  ${i.path.join('.')} ${i.message} (it is "${env[String(i.path[0])] ?? ''}")`
    );
    throw new Error(`Crockle cannot start with these settings:\n${lines.join('\n')}`);
  }
  const c = parsed.data;
  const demo = c.CROCKLE_DEMO === '1';
  return {
    database: c.CROCKLE_DATABASE,
    demo,
    backups: backupsOf(c.CROCKLE_BACKUPS, c.CROCKLE_DATABASE, demo),
    zone: c.CROCKLE_ZONE ?? (demo ? DEMO_ZONE : Intl.DateTimeFormat().resolvedOptions().timeZone),
    asks: c.CROCKLE_SIGN_IN === 'always' || !isLoopback(c.CROCKLE_HOST),
    scale: c.CROCKLE_SCALE ?? (demo ? 'stand-in' : 'none'),
    meter: c.CROCKLE_METER ?? (demo ? 'stand-in' : 'none'),
    thermometers: c.CROCKLE_THERMOMETERS ?? (demo ? 'stand-in' : 'none'),
    logLevel: c.CROCKLE_LOG
  };
}
