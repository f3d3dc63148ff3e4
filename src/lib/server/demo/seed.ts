import { FIRST_BENCH, lyingOn } from '../../core/lot';
import type { Knex } from 'knex';
import { standing, type Batch } from '../../core/batch';
import { addDays, MINUTES_PER_DAY, wall, type WallMinute } from '../../core/calendar';
import { careBy, careTasks, type CareCourse, type CareTask, type Courses } from '../../core/care';
import { stock } from '../../core/larder';
import { knowsOf } from '../../core/outlook';
import { crop } from '../../core/produce';
import { wallOf } from '../clock';
import { batches, household, lots } from '../repos';
import { computeWorksheet } from '../usecases';
import { Hand } from './hand';
import * as bank from './osier-bank';
import { Past } from './seed-past';
import {
  AFTERWARDS,
  MAKINGS,
  MISHAP,
  OTHER_PICKS,
  RECIPE_OF,
  TOO_SALTY,
  type Making,
  type OtherPick,
  type Pick
} from './season';

/** Plays the season at Osier Bank through the use cases, day by day, up to the demo's first morning. Deterministic. */
export async function seedDemo(db: Knex, zone: string, opens: number): Promise<void> {
  await db.transaction(async (trx) => {
    const season = new Season(trx, zone);
    await season.settle();
    await new Past(trx, zone).play();
    await season.begins();
    const lastWall = wallOf(opens, zone);
    for (let day = bank.FIRST_DAY; wall(day, 8, 10) <= lastWall; day = addDays(day, 1))
      await season.day(day, lastWall);
    for (const [name, input] of bank.SAID_AT_LAST) await season.say(name, lastWall, input);
  });
}

/** Plays the household's season: what was picked and made, and the jars kept as the care list asks. */
class Season extends Hand {
  private readonly courses: Courses = new Map();
  private readonly started = new Map<Making, string>();

  async settle(): Promise<void> {
    const at = wall(bank.SETTLED, 7);
    for (const [name, input] of bank.SETTLES) await this.say(name, at, input);
  }

  /** The first of June: what is in the pantry, and what stands from the winter. */
  async begins(): Promise<void> {
    const at = wall(bank.FIRST_DAY, 7);
    for (const goods of bank.GOODS) await this.say('count-goods', at, goods);
    for (const { day, ...input } of bank.STANDING) await this.say('enter-standing', wall(day, 7, 30), input);
  }

  async day(day: string, lastWall: WallMinute): Promise<void> {
    const lastMorning = wall(day, 8, 10) === lastWall;
    if (!lastMorning) await this.care(wall(day, 8, 5));
    await this.picks(day, lastMorning);
    for (const { day: on, ...brine } of bank.BRINES.filter((b) => b.day === day))
      await this.say('keep-brine', wall(on, 8, 15), brine);
    for (const making of MAKINGS.filter((m) => m.day === day)) await this.make(making);
    for (const [making, id] of this.started) await this.moveOn(making, id, day);
    if (lastMorning) return;
    await this.eat(day);
    // Friday's last round was cut short: that is what the demo's Saturday begins with.
    if (wall(day, 20) < lastWall - 13 * 60) await this.care(wall(day, 20, 15));
  }

  private async picks(day: string, lastMorning: boolean): Promise<void> {
    for (const pick of OTHER_PICKS.filter((o) => o.day === day && !lastMorning)) {
      const lotId = await this.weighIn(pick, wall(day, 18, 20), pick.kept, pick.note);
      if (pick.end)
        await this.say('end-pick', wall(day, 18, 40), {
          lotId,
          how: pick.end[0],
          weight: '',
          note: pick.note ?? ''
        });
      if (pick.prepared) await this.prepareLater(pick, lotId, day);
    }
  }

  private async prepareLater(pick: OtherPick, lotId: string, day: string): Promise<void> {
    await this.say('take-to-bench', wall(day, 21, 10), { lotId, weight: '' });
    await this.say('weigh-prepared', wall(day, 21, 30), { lotId, weight: pick.prepared });
  }

  private async make(m: Making): Promise<void> {
    const kept = lyingOn(await lots.list(this.trx, 'live'), FIRST_BENCH);
    for (const lot of kept) await this.say('put-back', wall(m.day, 8, 40), { lotId: lot.id });
    for (const pick of m.picks) await this.toBench(pick, m);
    const draft = {
      styleId: m.styleId,
      way: 'equilibrium',
      fraction: m.salt,
      saltKindId: 'sea-fine',
      placeId: m.placeId,
      opens: true,
      counts: m.counts ?? null,
      ...(m.rinsed ? { rinsed: m.rinsed } : {})
    };
    const id = await this.say('start-batch', wall(m.day, 10, 30), {
      ...draft,
      brineUsed: m.pours === undefined ? '' : await this.poured(draft, m.pours),
      name: m.name,
      note: m.note ?? '',
      recipeId: RECIPE_OF[m.name] ?? ''
    });
    this.started.set(m, id);
    for (const lot of lyingOn(await lots.list(this.trx, 'live'), FIRST_BENCH))
      await this.say('end-pick', wall(m.day, 11), {
        lotId: lot.id,
        how: 'cooked',
        weight: '',
        from: 'bench',
        note: 'What did not fit the jars.'
      });
    for (const lot of kept) await this.toBenchAgain(lot.id, lot.prepared?.said, m.day);
  }

  /** What was really poured, for a share of what the worksheet plans. */
  private async poured(draft: Record<string, unknown>, share: number): Promise<string> {
    const items = lyingOn(await lots.list(this.trx, 'live'), FIRST_BENCH).map((l) => ({
      cropId: l.cropId,
      picked: `${l.benchG} g`,
      prepared: `${l.prepared?.g ?? 0} g`
    }));
    const made = await computeWorksheet(this.house, { ...draft, items });
    return made.ok && made.value.brine ? `${Math.round(made.value.brine.inJarsMl * share)} ml` : '';
  }

  private async toBenchAgain(lotId: string, said: string | undefined, day: string): Promise<void> {
    await this.say('take-to-bench', wall(day, 11, 10), { lotId, weight: '' });
    if (said) await this.say('weigh-prepared', wall(day, 11, 15), { lotId, weight: said });
  }

  private async toBench(pick: Pick, m: Making): Promise<void> {
    const lotId = await this.weighIn(pick, wall(m.day, 8, 45));
    await this.say('take-to-bench', wall(m.day, 9), { lotId, weight: '' });
    const lot = await lots.load(this.trx, lotId);
    const c = crop(pick.cropId, []);
    if (!lot || !c) return;
    const trim =
      (pick.withTops && c.trimWithTops !== null ? c.trimWithTops : c.trim) +
      c.trimSd * (this.wobble(this.said) - 0.5);
    await this.say('weigh-prepared', wall(m.day, 9, 40), {
      lotId,
      weight: `${Math.round(lot.state.benchG * trim)} g`
    });
  }

  private async moveOn(m: Making, id: string, day: string): Promise<void> {
    const b = (await batches.load(this.trx, id))?.state;
    if (!b) return;
    const fillingIds = standing(b).map((f) => f.id);
    const jars = { batchId: id, fillingIds };
    const after = (days: number) => day === addDays(m.day, days);
    if (MAKINGS[MISHAP.making] === m && after(MISHAP.days) && fillingIds[0])
      await this.say('portion', wall(day, 9), {
        batchId: id,
        fillingId: fillingIds[0],
        how: 'thrown',
        amount: 'all',
        reason: MISHAP.reason
      });
    const told = AFTERWARDS.find((a) => a.name === m.name && after(a.days));
    if (told)
      await this.say('wish-next', wall(day, 19), { ...told.wish, recipeId: RECIPE_OF[m.name], batchId: id });
    if (m.name === TOO_SALTY.name && m.day === TOO_SALTY.day && after(TOO_SALTY.days))
      await this.say('put-right', wall(day, 9, 15), { ...jars, ...TOO_SALTY.right });
    // A tomato starts near the line: its first reading is what the later ones must have fallen from.
    if (after(1) && m.picks.some((pick) => pick.cropId.startsWith('tomato')))
      await this.say('ph', wall(day, 9, 30), { ...jars, pH: 4.5 });
    if (!m.cold || !after(m.cold[0])) return;
    const left = standing((await batches.load(this.trx, id))?.state ?? b).map((f) => f.id);
    const right = { sour: 4, salt: 3, crunch: 4, liked: true, note: 'Right. To the cold.' };
    await this.say('taste', wall(day, 9, 10), { batchId: id, fillingIds: left, ...right });
    await this.say('move', wall(day, 9, 20), { batchId: id, fillingIds: left, placeId: m.cold[1] });
  }

  /** Does what the care list asks; now and then nobody is home. */
  private async care(at: WallMinute): Promise<void> {
    const house = careBy(knowsOf(await household(this.trx), []), at, this.courses);
    // By the first guess, whatever was read since: a season of it is seeded in seconds.
    const unread = { readings: [], titrations: [], tastes: [], gas: [] };
    const around: typeof house = { ...house, courseOf: (b, f) => house.courseOf({ ...b, ...unread }, f) };
    for (const b of await batches.list(this.trx, 'live')) {
      const due = careTasks(b, around, at).filter((t) => t.due <= at);
      // Opening answers the look: who does both, looks first.
      for (const task of due.sort((x, y) => Number(y.kind === 'look') - Number(x.kind === 'look'))) {
        if (this.wobble(Math.floor(at / 700) + task.lidNumbers[0]!) > 0.93) continue;
        const jar = b.fillings.find((f) => f.id === task.fillingIds[0])!;
        await this.answer(b, task, at, around.courseOf(b, jar));
      }
    }
  }

  /** It sours as it most likely would. */
  private async answer(b: Batch, task: CareTask, at: WallMinute, course: CareCourse): Promise<void> {
    const { batchId, fillingIds } = task;
    const after = (mark: WallMinute | null) => Number(mark !== null && at >= mark);
    if (task.kind === 'toCold') return;
    if (task.kind === 'taste') {
      const sour = 1 + after(course.firstTaste) + after(course.tangy) + after(course.fullySour);
      await this.say('taste', at, {
        batchId,
        fillingIds,
        sour,
        salt: 3,
        crunch: sour > 3 ? 3 : 4,
        note: sour < 3 ? 'Still young.' : ''
      });
    } else if (task.kind === 'pH') {
      const shares = (at - b.startedAt) / ((course.firstTaste ?? Infinity) - b.startedAt);
      const pH = Math.round((3.5 + 2.5 * Math.exp(-1.05 * shares)) * 10) / 10;
      await this.say('ph', at, { batchId, fillingIds, pH });
    } else {
      await this.say('care', at, { batchId, kind: task.kind, how: 'done', slot: task.due, fillingIds });
    }
  }

  /** A quarter of a jar on most days; a jar given away now and then. */
  private async eat(day: string): Promise<void> {
    const at = wall(day, 18, 45);
    const n = at / MINUTES_PER_DAY;
    const { places } = await household(this.trx);
    const jars = stock(await batches.list(this.trx, 'live'), places);
    const gift = Math.floor(n) % 23 === 0;
    const first = gift
      ? jars.find((s) => !s.opened)
      : (jars.find((s) => s.opened) ??
        jars[Math.floor(this.wobble(Math.floor(n)) * Math.min(4, jars.length))]);
    if (!first || (!gift && this.wobble(Math.floor(n)) < 0.38)) return;
    const { batch, filling } = first;
    await this.say('portion', at, {
      batchId: batch.id,
      fillingId: filling.id,
      how: gift ? 'given' : 'eaten',
      amount: gift ? 'all' : 'quarter',
      reason: gift ? 'to the neighbours' : ''
    });
  }
}
