import type { Knex } from 'knex';
import type { WallMinute } from '../../core/calendar';
import type { CommandName } from '../../schema/commands';
import { instantOf } from '../clock';
import { USE_CASES, type House } from '../usecases';
import type { Pick } from './season';

/** A hand that says things at a time, by the use cases; the clock stands where it was said last. */
export class Hand {
  private at = 0;
  protected said = 0;
  protected readonly house: House;
  /** What its commands are called by. */
  protected readonly named: string = 'demo';

  constructor(
    protected readonly trx: Knex,
    private readonly zone: string
  ) {
    this.house = { db: trx, zone, clock: { now: () => this.at, elapsed: () => this.at, stepped: false } };
  }

  /** Evenly spread numbers 0-1 without randomness: the golden-ratio sequence. */
  protected wobble = (n: number) => (n * 0.6180339887) % 1;

  async say(name: CommandName, at: WallMinute, input: Record<string, unknown>): Promise<string> {
    this.at = instantOf(at, this.zone);
    const commandId = `${this.named}${++this.said}`;
    const result = await USE_CASES[name](this.house, { commandId, ...input });
    if (!result.ok)
      throw new Error(
        `the demo's ${name} was refused: ${JSON.stringify(result.refusals)} ${JSON.stringify(input)}`
      );
    return commandId;
  }

  protected weighIn(pick: Pick, at: WallMinute, kept = 'room', note = ''): Promise<string> {
    const { cropId, bed, weight, variety = '', withTops = false, quality = 'sound' } = pick;
    return this.say('weigh-in', at, { cropId, bed, weight, variety, withTops, quality, kept, note });
  }
}
