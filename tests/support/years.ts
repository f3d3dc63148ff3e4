import type { CommandName } from '$lib/schema/commands';
import type { Knex } from 'knex';
import { standing } from '$lib/core/batch';
import { addDays, wall, type WallMinute } from '$lib/core/calendar';
import { instantOf } from '$lib/server/clock';
import { openDatabase } from '$lib/server/db/open';
import { batches } from '$lib/server/repos';
import { USE_CASES, type House } from '$lib/server/usecases';
import { dicing, type Dice } from './history';

const ZONE = 'Europe/Dublin';
/** Something that is done at a time; the queue is kept by it. */
interface Due {
  readonly at: WallMinute;
  readonly act: () => Promise<void>;
}

/** What a large household makes. */
export interface Years {
  readonly seed: number;
  /** The first day. */
  readonly from: string;
  /** Batches begun in a year. */
  readonly batches: number;
  /** A copy of the file is kept as it stands after so many years each, in order. */
  readonly marks: readonly number[];
}

const DAYS_A_YEAR = 365.25;

const MAKES = [
  ['kohlrabi', 'pieces', 2100, 0.74],
  ['cabbage-white', 'shredded', 2600, 0.8],
  ['carrot', 'pieces', 2000, 0.85],
  ['cucumber-small', 'pieces', 1800, 0.97],
  ['cabbage-pointed', 'shredded', 2200, 0.78],
  ['beet', 'pieces', 2000, 0.77],
  ['green-bean', 'pieces', 1500, 0.89]
] as const;

/**
 * Plays years of a large household through the use cases, a transaction for each stretch: picks, batches, care, tastes, readings, moves
 * and portions, each at its time. The same seed plays the same years.
 */
class Player {
  private now: WallMinute = 0;
  private said = 0;
  private queue: Due[] = [];
  private made = 0;
  private trx!: Knex;
  private house!: House;
  private readonly dice: Dice;

  constructor(private readonly years: Years) {
    this.dice = dicing(years.seed);
  }

  private async say(name: CommandName, input: Record<string, unknown>): Promise<string | undefined> {
    const commandId = `y${++this.said}`;
    const result = await USE_CASES[name](this.house, { commandId, ...input });
    return result.ok ? commandId : undefined;
  }
  private later(at: WallMinute, act: () => Promise<void>): void {
    this.queue.push({ at, act });
  }
  /** Does everything that falls due up to then, in order. */
  private async upTo(until: WallMinute): Promise<void> {
    for (;;) {
      const due = this.queue.filter((d) => d.at <= until).sort((a, b) => a.at - b.at);
      if (due.length === 0) break;
      this.queue = this.queue.filter((d) => d.at > until);
      for (const { at, act } of due) {
        this.now = Math.max(this.now, at);
        await act();
      }
    }
    this.now = Math.max(this.now, until);
  }

  async settle(from: string): Promise<void> {
    this.now = wall(from, 7);
    await this.say('settle', { people: 4, units: 'metric', name: 'Ten Years' });
    for (const [geometryId, owned] of [
      ['clip-1000', 300],
      ['clip-500', 200],
      ['clip-1500', 100]
    ] as const)
      await this.say('own-jars', { geometryId, lid: 'clamped', owned });
    await this.say('count-goods', {
      name: 'Sea salt',
      kind: 'salt',
      amount: '400 kg',
      saltKindId: 'sea-fine'
    });
  }

  /** Plays on to the end of a year, in a transaction of its own. */
  async playTo(trx: Knex, year: number): Promise<void> {
    this.trx = trx;
    this.house = {
      db: trx,
      zone: ZONE,
      clock: { now: () => this.instant(), elapsed: () => this.instant(), stepped: false }
    };
    const { from, batches: each } = this.years;
    if (this.made === 0) await this.settle(from);
    for (; this.made < Math.round(year * each); this.made++) {
      const day = addDays(from, Math.floor((this.made * DAYS_A_YEAR) / each));
      await this.upTo(wall(day, 8, this.made % 50));
      await this.make(this.made);
      if (this.made % 2 === 0) await this.pickOnly();
    }
    await this.upTo(wall(addDays(from, Math.round(year * DAYS_A_YEAR)), 8));
  }

  /** UTC ms of what was played last. */
  instant = (): number => instantOf(this.now, ZONE);

  private async pickOnly(): Promise<void> {
    const lotId = await this.say('weigh-in', {
      cropId: 'carrot',
      weight: `${300 + this.dice(900)} g`,
      bed: 'East'
    });
    this.later(
      this.now + 1440,
      async () => void (await this.say('end-pick', { lotId, how: 'cooked', weight: '' }))
    );
  }

  private async make(i: number): Promise<void> {
    const [cropId, styleId, g, trim] = MAKES[this.dice(MAKES.length)]!;
    for (let k = 0; k < 2; k++) {
      const pickedG = g / 2 + this.dice(400);
      const lotId = await this.say('weigh-in', { cropId, weight: `${pickedG} g`, bed: 'West' });
      await this.say('take-to-bench', { lotId, weight: '' });
      const preparedG = Math.round(pickedG * (trim - 0.05 + this.dice(100) / 1000));
      await this.say('weigh-prepared', { lotId, weight: `${preparedG} g` });
    }
    const begun = await this.say('start-batch', {
      styleId,
      fraction: 0.02 + this.dice(8) / 1000,
      saltKindId: 'sea-fine',
      placeId: 'counter',
      opens: true,
      name: `${cropId} ${i}`,
      brineUsed: styleId === 'pieces' && this.dice(3) > 0 ? `${700 + this.dice(200)} ml` : '',
      note: ''
    });
    if (begun) await this.keep(begun);
  }

  /** The care of one batch, up to the last jar. */
  private async keep(batchId: string): Promise<void> {
    const b = (await batches.load(this.trx, batchId))?.state;
    if (!b) return;
    const from = this.now;
    const jars = () => batches.load(this.trx, batchId).then((x) => (x ? standing(x.state) : []));
    const ids = b.fillings.map((f) => f.id);
    const each = (days: number, name: CommandName, input: Record<string, unknown>) =>
      this.later(
        from + days * 1440 + this.dice(600),
        async () => void (await this.say(name, { batchId, fillingIds: ids, ...input }))
      );
    for (let d = 1; d <= 10; d++) {
      each(d, 'care', { kind: 'open', how: 'done', slot: from + d * 1440 });
      if (d % 2 === 0) each(d + 0.4, 'care', { kind: 'look', how: 'done', slot: from + d * 1440 });
    }
    for (const d of [5, 7, 9, 11])
      each(d, 'taste', { sour: Math.min(5, 1 + Math.floor(d / 3)), salt: 3, crunch: 4, note: '' });
    for (const d of [4, 7]) each(d, 'ph', { pH: d === 4 ? 4.4 : 3.8 });
    each(12, 'move', { placeId: 'fridge' });
    for (let month = 1; month < 5; month++)
      each(12 + 30 * month, 'care', { kind: 'level', how: 'done', slot: from + (12 + 30 * month) * 1440 });
    const eaten = 40 + this.dice(120);
    b.fillings.forEach((f, k) => {
      for (let quarter = 0; quarter < 4; quarter++)
        this.later(from + (eaten + 9 * k + 2 * quarter) * 1440, async () => {
          if ((await jars()).some((s) => s.id === f.id))
            await this.say('portion', {
              batchId,
              fillingId: f.id,
              how: 'eaten',
              amount: quarter === 3 ? 'all' : 'quarter'
            });
        });
    });
  }
}

/**
 * Plays in a file up to the last mark; each mark is a copy beside it, `<file>.<years>`, whose stepped clock stands where
 * its playing ended.
 */
export async function playYears(
  filename: string,
  years: Years,
  played?: (year: number) => void
): Promise<void> {
  const db = await openDatabase(filename);
  const player = new Player(years);
  const ends = [
    ...new Set([
      ...years.marks,
      ...Array.from({ length: Math.floor(years.marks.at(-1) ?? 0) }, (_, y) => y + 1)
    ])
  ];
  for (const year of ends.sort((a, b) => a - b)) {
    await db.transaction(async (trx) => {
      await player.playTo(trx, year);
      await trx('clock').insert({ id: 1, now: player.instant() }).onConflict('id').merge();
    });
    if (years.marks.includes(year)) await db.raw('VACUUM INTO ?', [`${filename}.${year}`]);
    played?.(year);
  }
  await db.destroy();
}
