import { isLive, type Batch } from '../../core/batch';
import { addDays, dayOfWall, wall, type WallMinute } from '../../core/calendar';
import { coldSince, counterWindow, type CareHouse } from '../../core/care';
import { cropsOf, type Household } from '../../core/kit';
import { keepUntil } from '../../core/larder';
import { rawLife } from '../../core/lot';
import type { KeptStart } from '../../core/season';
import { stylesIn } from '../../core/style';
import { batches, household, lots } from '../repos';
import type { House } from '../usecases';
import { careHouse } from './care';
import { nowOf, once } from './living';
import { startsAhead } from './planned';

/** A batch as the strip shows it. */
export interface SeasonSpan {
  readonly id: string;
  readonly name: string;
  readonly cropId: string;
  readonly startedAt: WallMinute;
  readonly coldAt: WallMinute | null;
  /** While it stands on the counter: when it is ready. */
  readonly window: { readonly from: WallMinute; readonly to: WallMinute } | null;
  readonly best: WallMinute | null;
  readonly endedAt: WallMinute | null;
}

/** A start of a kept plan as the strip shows it. */
export interface PlannedSpan {
  readonly styleId: string;
  readonly name: string;
  readonly cropId: string;
  readonly at: WallMinute;
  readonly until: WallMinute;
  /** As picked, the most first. */
  readonly picks: readonly { readonly cropId: string; readonly g: number }[];
}

/** A season: what was picked and made of it, and what is ready when. */
export interface Season {
  readonly spans: readonly SeasonSpan[];
  /** Grams picked, by the day. */
  readonly picks: readonly { readonly at: WallMinute; readonly g: number }[];
  readonly waiting: readonly {
    readonly id: string;
    readonly cropId: string;
    readonly g: number;
    readonly useBy: WallMinute;
  }[];
  /** What of a kept plan is still to be begun, and when it will be ready. */
  readonly planned: readonly PlannedSpan[];
  readonly year: string;
  readonly thisYear: string;
  readonly span: { readonly from: WallMinute; readonly before: WallMinute };
  /** Something was made before it. */
  readonly before: boolean;
}

const YEAR = /^(19|20)\d\d$/;

/** The year that is asked for, where it is one before this, else this one; and from when till when it goes. */
export function seasonSpan(house: House, asked: string) {
  const thisYear = dayOfWall(nowOf(house)).slice(0, 4);
  const year = YEAR.test(asked) && asked < thisYear ? asked : thisYear;
  const span = { from: wall(`${year}-01-01`, 0), before: wall(`${Number(year) + 1}-01-01`, 0) };
  return { year, thisYear, span };
}

/** The season of the year that is asked for, or this one. */
export function season(house: House, asked: string): Promise<Season> {
  const { year, thisYear, span } = seasonSpan(house, asked);
  return once(house, `season ${year}`, () => seasonOf(house, { year, thisYear, span }));
}

async function seasonOf(
  house: House,
  { year, thisYear, span }: ReturnType<typeof seasonSpan>
): Promise<Season> {
  const { db } = house;
  const ours = await household(db);
  const now = nowOf(house);
  const around = await careHouse(house);
  // What was begun last year and still stands belongs to this one, too.
  const older = year === thisYear ? await batches.latest(db, { live: true, before: span.from }) : [];
  const all = [...(await batches.latest(db, span)), ...older].reverse();
  const byDay = new Map<WallMinute, number>();
  for (const l of await lots.briefs(db, span)) {
    const at = wall(l.day, 12);
    byDay.set(at, (byDay.get(at) ?? 0) + l.weighedG);
  }
  return {
    spans: all.map((b) => spanOf(b, around)),
    picks: [...byDay].map(([at, g]) => ({ at, g: Math.round(g) })).sort((a, b) => a.at - b.at),
    waiting: (await lots.list(db, 'live'))
      .filter((l) => l.gardenG > 0)
      .map((l) => ({
        id: l.id,
        cropId: l.cropId,
        g: l.gardenG,
        useBy: wall(rawLife(l, dayOfWall(now), cropsOf(ours)).useBy, 12)
      })),
    planned:
      year === thisYear ? (await startsAhead(house, PLANNED_WEEKS)).map((s) => plannedSpan(s, ours)) : [],
    ...{ year, thisYear, span },
    before: await batches.any(db, { before: span.from })
  };
}

/** So far ahead a kept plan is drawn, weeks. */
const PLANNED_WEEKS = 10;

function plannedSpan({ styleId, monday, picks }: KeptStart, ours: Household): PlannedSpan {
  const style = stylesIn(ours.styles).find((s) => s.id === styleId);
  const of = Object.entries(picks)
    .map(([cropId, g]) => ({ cropId, g }))
    .sort((a, b) => b.g - a.g);
  const days = style ? (style.counterDays.from + style.counterDays.to) / 2 : 7;
  return {
    ...{
      styleId,
      picks: of,
      cropId: of[0]?.cropId ?? '',
      name: style?.name ?? styleId,
      at: wall(monday, 12)
    },
    until: wall(addDays(monday, Math.round(days)), 12)
  };
}

function spanOf(b: Batch, around: CareHouse): SeasonSpan {
  const { places } = around;
  const first = b.fillings.find((f) => f.emptiedAt === null) ?? b.fillings[b.fillings.length - 1]!;
  const coldAt = coldSince(first, places);
  const live = isLive(b);
  return {
    id: b.id,
    name: b.name,
    cropId: b.items[0]?.cropId ?? '',
    startedAt: b.startedAt,
    coldAt,
    window: live && coldAt === null ? counterWindow(b, first, around) : null,
    best: keepUntil(b.style, first, places)?.best ?? null,
    endedAt: live ? null : Math.max(...b.fillings.map((f) => f.emptiedAt ?? 0))
  };
}
