import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import type { Knex } from 'knex';
import pino, { type Logger } from 'pino';
import { wall } from '../core/calendar';
import type { Config } from './config';
import { instantOf, realClock, SteppedClock, wallOf, type Clock } from './clock';
import { Backups } from './db/backups';
import { lockDatabase } from './db/lock';
import { LogKeeper } from './db/log-keeper';
import { openDatabase } from './db/open';
import { checkWritable, newDatabaseSays } from './db/sound';
import { openMeter, openScale, openThermometers } from './devices';
import { News } from './news';
import { Keys } from './people';
import { keepShape } from './repos/shape';
import { Seen } from './seen';
import { seedDemo } from './demo/seed';
import { ThermometerLog } from './thermometer-log';
import type { House } from './usecases';

/** What takes long is said so often. */
const TELLS_EVERY_MS = 1000;

/** The demo opens on this Saturday morning. */
export const DEMO_OPENS = wall('2026-09-12', 8, 10);

/** The database, its file locked, written to and in shape; says what it had to do. */
async function openSound(config: Config, log: Logger): Promise<{ db: Knex; unlock: () => void }> {
  const made = newDatabaseSays(config.database);
  mkdirSync(dirname(config.database), { recursive: true });
  checkWritable(config.database);
  const unlock = lockDatabase(config.database);
  const db = await openDatabase(config.database).catch((error: unknown) => {
    unlock();
    throw error;
  });
  if (made) log.warn(made);
  // Where it takes a while, it says how far it is.
  let told = realClock().now();
  const shape = await keepShape(db, config.zone, (share) => {
    if (realClock().now() - told < TELLS_EVERY_MS) return;
    told = realClock().now();
    log.warn(`Deriving the lists anew from the log: ${Math.round(share * 100)} % done.`);
  });
  // A new file has nothing to derive.
  if (shape !== 'as it was' && !made)
    log.warn(
      shape === 'mended'
        ? 'The lists derived from the log were not whole: derived anew, nothing is lost.'
        : 'The lists are derived anew from the log for this Crockle.'
    );
  return { db, unlock };
}

/** The demo's clock; its season is played on the first start. */
async function demoClock(db: Knex, zone: string): Promise<Clock> {
  const opens = instantOf(DEMO_OPENS, zone);
  const fresh = (await db('event').count({ n: '*' }))[0]?.n === 0;
  if (fresh) await seedDemo(db, zone, opens);
  return SteppedClock.open(db, opens);
}

/** What stands on the lines of the house. */
const devices = (config: Config, clock: Clock) => ({
  scale: openScale(config.scale),
  meter: openMeter(config.meter, () => clock.elapsed()),
  thermometers: openThermometers(config.thermometers, () => wallOf(clock.now(), config.zone))
});

/** The code by which the first one comes in: said on the screen of the machine itself, once, and never in the log. */
function sayCode({ code }: Keys): void {
  if (code)
    console.log(
      `Others can come in over the network. Open Crockle and set the household's passphrase, with this code: ${code}`
    );
}

/** Opens what the process owns: database, clock; the demo's season on its first start. */
export async function openHouse(
  config: Config
): Promise<{ house: House & { keys: Keys }; log: Logger; close: () => Promise<void> }> {
  const log = pino({ level: config.logLevel, base: { app: 'crockle' } });
  const { db, unlock } = await openSound(config, log);
  const clock = config.demo ? await demoClock(db, config.zone) : realClock();
  const keeper = new LogKeeper(db, config.database);
  keeper.start();
  const backups = new Backups(config.database, config.backups, () => realClock().now());
  backups.start();
  const keys = new Keys(db, config.asks, () => realClock().now());
  await keys.open();
  sayCode(keys);
  const news = new News(() => clock.elapsed());
  log.info({ database: config.database, demo: config.demo, zone: config.zone }, 'house open');
  const house = {
    ...{ db, file: config.database, clock, zone: config.zone, backups, keys, news },
    ...devices(config, clock),
    seen: new Seen(() => `${news.beat} ${wallOf(clock.now(), config.zone)}`)
  };
  const thermometerLog = new ThermometerLog(house, (error) =>
    log.warn({ err: error }, 'a reading was not noted')
  );
  thermometerLog.start();
  return {
    house,
    log,
    close: async () => {
      await thermometerLog.stop();
      await backups.stop();
      await keeper.stop();
      await db.destroy();
      unlock();
      log.info('house closed');
    }
  };
}
