import pino, { type Logger } from 'pino';
import { wall } from '../core/calendar';
import type { Config } from './config';
import { instantOf, realClock, SteppedClock } from './clock';
import { openDatabase } from './db/open';
import { openScale } from './devices';
import { keepShape } from './repos';
import { seedDemo } from './demo/seed';
import type { House } from './usecases';

/** The demo opens on this Saturday morning. */
export const DEMO_OPENS = wall('2026-09-12', 8, 10);

/** Opens what the process owns: database, clock; the demo's season on its first start. */
export async function openHouse(
  config: Config
): Promise<{ house: House; log: Logger; close: () => Promise<void> }> {
  const log = pino({ level: config.logLevel, base: { app: 'crockle' } });
  const db = await openDatabase(config.database);
  await keepShape(db, config.zone);
  const opens = instantOf(DEMO_OPENS, config.zone);
  if (config.demo) {
    const fresh = (await db('event').count({ n: '*' }))[0]?.n === 0;
    if (fresh) await seedDemo(db, config.zone, opens);
  }
  const clock = config.demo ? await SteppedClock.open(db, opens) : realClock();
  log.info({ database: config.database, demo: config.demo, zone: config.zone }, 'house open');
  return {
    house: { db, clock, zone: config.zone, scale: openScale(config.scale) },
    log,
    close: async () => {
      await db.destroy();
      log.info('house closed');
    }
  };
}
