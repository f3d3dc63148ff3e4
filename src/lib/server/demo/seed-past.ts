import { FIRST_BENCH, lyingOn } from '../../core/lot';
import { standing } from '../../core/batch';
import { addDays, wall } from '../../core/calendar';
import { batches, lots } from '../repos';
import { Hand } from './hand';
import {
  PAST_EATING,
  PAST_GIFT,
  PAST_MAKINGS,
  PAST_MISHAPS,
  PAST_PICKS,
  PAST_SOWINGS,
  PAST_YEARS,
  type PastMaking,
  type PastYear
} from './past';

interface Day {
  readonly day: string;
  readonly does: () => Promise<unknown>;
}

/** Plays the seasons before this one, each thing on its day. */
export class Past extends Hand {
  protected override readonly named = 'past';

  async play(): Promise<void> {
    for (const year of PAST_YEARS) {
      const made = new Map<PastMaking, string>();
      const days = [
        ...this.picks(year),
        ...PAST_MAKINGS.flatMap((m) => this.making(year, m, made)),
        ...this.sowings(year)
      ].sort((a, b) => a.day.localeCompare(b.day));
      for (const { does } of days) await does();
    }
  }

  private sowings(year: PastYear): Day[] {
    return PAST_SOWINGS.map(({ day, metres, ...sowing }) => ({
      day: `${year}-${day}`,
      does: () =>
        this.say('sow', wall(`${year}-${day}`, 19), {
          ...{ ...sowing, day: `${year}-${day}`, metres: metres[PAST_YEARS.indexOf(year)] }
        })
    }));
  }

  private picks(year: PastYear): Day[] {
    return PAST_PICKS.map(({ day, cropId, bed, how, kg }) => ({
      day: `${year}-${day}`,
      does: async () => {
        const at = wall(`${year}-${day}`, 18);
        const weight = `${kg[PAST_YEARS.indexOf(year)]} kg`;
        const lotId = await this.weighIn({ cropId, bed, weight }, at);
        await this.say('end-pick', at + 20, { lotId, how, weight: '', note: '' });
      }
    }));
  }

  /** Made, moved to the cold, eaten by quarters of a jar; one jar given, one thrown away. */
  private making(year: PastYear, m: PastMaking, made: Map<PastMaking, string>): Day[] {
    const start = `${year}-${m.day}`;
    const cold = addDays(start, m.days);
    const mishap = PAST_MISHAPS.find((x) => x.year === year && x.day === m.day);
    const of = () => made.get(m)!;
    const last = `${Number(year) + 1}-${PAST_EATING.until}`;
    const meals: Day[] = [];
    for (let day = addDays(cold, 5); day < last; day = addDays(day, PAST_EATING.everyDays))
      meals.push({ day, does: () => this.eaten(of(), day) });
    return [
      { day: start, does: async () => made.set(m, await this.made(m, start, m.kg[year])) },
      { day: cold, does: () => this.toCold(of(), cold) },
      ...(mishap
        ? [
            {
              day: addDays(start, mishap.days),
              does: () => this.gone(of(), addDays(start, mishap.days), 'thrown', mishap.reason, 1)
            }
          ]
        : []),
      ...(m.day === PAST_GIFT.day
        ? [
            {
              day: `${year}-${PAST_GIFT.given}`,
              does: () => this.gone(of(), `${year}-${PAST_GIFT.given}`, 'given', 'to the neighbours', 1)
            }
          ]
        : []),
      ...meals,
      { day: last, does: () => this.gone(of(), last, 'thrown', 'past its best') }
    ];
  }

  private async made(m: PastMaking, day: string, kg: number): Promise<string> {
    const { cropId, bed, styleId, salt, name } = m;
    const lotId = await this.weighIn({ cropId, bed, weight: `${kg} kg` }, wall(day, 8, 45));
    await this.say('take-to-bench', wall(day, 9), { lotId, weight: '' });
    const id = await this.say('start-batch', wall(day, 10, 30), {
      ...{ styleId, way: 'equilibrium', fraction: salt, saltKindId: 'sea-fine', placeId: 'counter' },
      ...{ opens: true, counts: null, brineUsed: '', name, note: '', recipeId: '' }
    });
    for (const lot of lyingOn(await lots.list(this.trx, 'live'), FIRST_BENCH))
      await this.say('end-pick', wall(day, 11), {
        ...{ lotId: lot.id, how: 'cooked', weight: '', from: 'bench', note: 'What did not fit the jars.' }
      });
    return id;
  }

  private async stands(batchId: string) {
    const b = (await batches.load(this.trx, batchId))?.state;
    return b ? standing(b) : [];
  }

  private async toCold(batchId: string, day: string): Promise<void> {
    const fillingIds = (await this.stands(batchId)).map((f) => f.id);
    if (fillingIds.length > 0)
      await this.say('move', wall(day, 9, 20), { batchId, fillingIds, placeId: 'fridge' });
  }

  /** A quarter of the jar that is open, or of the next. */
  private async eaten(batchId: string, day: string): Promise<void> {
    const [jar] = await this.stands(batchId);
    if (jar)
      await this.say('portion', wall(day, 18, 45), {
        ...{ batchId, fillingId: jar.id, how: 'eaten', amount: 'quarter', reason: '' }
      });
  }

  /** What stands of it goes, the last jar first. */
  private async gone(
    batchId: string,
    day: string,
    how: 'given' | 'thrown',
    reason: string,
    most = Infinity
  ): Promise<void> {
    const jars = [...(await this.stands(batchId))].reverse().slice(0, most);
    for (const jar of jars)
      await this.say('portion', wall(day, 19), {
        ...{ batchId, fillingId: jar.id, how, amount: 'all', reason }
      });
  }
}
