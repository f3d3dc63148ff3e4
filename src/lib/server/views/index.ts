import { placeOf, standing, type Batch } from '../../core/batch';
import type { WallMinute } from '../../core/calendar';
import type { CareTask } from '../../core/care';
import type { Household } from '../../core/kit';
import { isShown, type Timer } from '../../core/timer';
import { wallOf } from '../clock';
import { versionOf } from '../db/log';
import type { MeterDevice, ThermometerDevice } from '../devices';
import { batches, timers } from '../repos';
import type { Pass } from '../people';
import type { House } from '../usecases';
import { care } from './care';
import { living, type Living } from './living';
import type { ToBuy } from '../../core/pantry';
import { shoppingShown } from './pantry';

/** What every page knows: the household, the time, and what is in each room now. */
export interface Overview {
  readonly household: Household;
  readonly now: WallMinute;
  readonly stepped: boolean;
  /** How far the log went, and the news' beat: what a page had seen. */
  readonly version: number;
  readonly beat: string;
  /** When something falls due next; null: nothing ever will. */
  readonly next: WallMinute | null;
  /** Stops of the round of now. */
  readonly due: number;
  readonly gardenG: number;
  readonly benchG: number;
  readonly counterJars: number;
  readonly coldJars: number;
  readonly toBuy: number;
  /** What runs or has rung; its times are of the house's elapsed clock. */
  readonly timers: readonly Timer[];
  readonly elapsed: number;
  /** What is on the line, each null where none is. */
  readonly thermometers: { readonly name: string; readonly playable: boolean } | null;
  readonly meter: { readonly name: string; readonly playable: boolean } | null;
  readonly scale: { readonly name: string; readonly stepG: number; readonly playable: boolean } | null;
}

/** What the command box finds: living batches with their jars, and picks. */
export interface Findable {
  readonly label: string;
  readonly more: string;
  readonly href: string;
}

/** What stands around every room: its figures. */
export async function shell(house: House): Promise<{ overview: Overview }> {
  // Before anything is read: what is stored meanwhile is news.
  const beat = house.news?.beat ?? '';
  const version = await versionOf(house.db);
  const all = await living(house);
  return {
    overview: {
      ...overviewOf(house, all, await care(house), await shoppingShown(house)),
      version,
      beat,
      timers: await running(house),
      elapsed: house.clock.elapsed()
    }
  };
}

/** The timers that are shown, the next to ring first. */
export async function running(house: House): Promise<readonly Timer[]> {
  const now = house.clock.elapsed();
  const all = (await timers.list(house.db, 'live')).filter((t) => isShown(t, now));
  return all.sort((a, b) => a.endsAt - b.endsAt);
}

function overviewOf(
  house: House,
  all: Living,
  tasks: readonly CareTask[],
  toBuy: readonly ToBuy[]
): Omit<Overview, 'version' | 'beat' | 'timers' | 'elapsed'> {
  const kindOf = new Map(all.household.places.map((p) => [p.id, p.kind]));
  const jars = all.batches.flatMap(standing);
  const at = (kind: string) => jars.filter((f) => kindOf.get(placeOf(f)) === kind).length;
  return {
    household: all.household,
    now: all.now,
    stepped: house.clock.stepped,
    next: nextOf(tasks, all.now),
    due: new Set(tasks.flatMap((t) => (t.due <= all.now ? [`${t.placeId}/${t.batchId}`] : []))).size,
    gardenG: all.lots.reduce((a, l) => a + l.gardenG, 0),
    benchG: all.lots.reduce((a, l) => a + l.benchG, 0),
    counterJars: at('counter'),
    coldJars: at('cold'),
    toBuy: toBuy.filter((l) => !l.inBasket).length,
    thermometers: onLine(house.thermometers),
    meter: onLine(house.meter),
    scale: house.scale
      ? { name: house.scale.name, stepG: house.scale.stepG, playable: house.scale.play !== undefined }
      : null
  };
}

/** What a page is told of a device. */
const onLine = (device: MeterDevice | ThermometerDevice | null | undefined) =>
  device ? { name: device.name, playable: device.play !== undefined } : null;

/** When something falls due after now; null: nothing. */
export function nextOf(tasks: readonly CareTask[], now: WallMinute): WallMinute | null {
  const ahead = tasks.flatMap((t) => (t.due > now ? [t.due] : []));
  return ahead.length > 0 ? Math.min(...ahead) : null;
}

/** Eaten batches stay findable for a while. */
const EATEN_FINDABLE = 50;

/** What the command box finds: living batches with their jars, and the last that were eaten. */
export async function findable(house: House): Promise<Findable[]> {
  const { batches: live } = await living(house);
  const eaten = await batches.briefs(house.db, { live: false, most: EATEN_FINDABLE });
  const lids = (b: Batch) =>
    standing(b)
      .map((f) => f.lidNumber)
      .join(', ');
  return [
    ...live.map((b) => ({ label: b.name, more: `jars ${lids(b)}`, href: `/notebook/${b.id}` })),
    ...eaten.map((b) => ({ label: b.name, more: 'eaten', href: `/notebook/${b.id}` })).reverse()
  ];
}

/** Who may come in, for Kit: never a secret, and nothing for guests. */
export interface Door {
  readonly asks: boolean;
  readonly isSet: boolean;
  readonly guests: boolean;
  /** The pass of who looks; null where nobody is asked. */
  readonly mine: string | null;
  /** Its times are the wall's. */
  readonly passes: readonly Pass[];
}

/** How the house's door stands; null: that is not for who asks. */
export async function door(house: House): Promise<Door | null> {
  const { keys, hand, zone } = house;
  if (!keys || hand?.role === 'guest' || hand?.kind === 'token') return null;
  const passes = await keys.passes();
  return {
    asks: keys.asks,
    isSet: await keys.isSet('hand'),
    guests: await keys.isSet('guest'),
    mine: hand?.pass ?? null,
    passes: passes.map((p) => ({
      ...p,
      begun: wallOf(p.begun, zone),
      seen: wallOf(p.seen, zone),
      ends: wallOf(p.ends, zone)
    }))
  };
}
