import { placeOf, salinityOf, type BatchInHand, type BatchItem, type Filling } from '../batch/index';
import type { WallMinute } from '../calendar/index';
import { massOf, solidsOf } from '../contents/index';
import type { Inside, RatePrior } from '../forecast/index';
import { tempsDuring, upBy, type Place, type Rounds } from '../kit/index';
import { cutFor, styleMade, type Style } from '../style/index';
import { jarGeometry } from '../vessel/index';
import { daysAhead, NO_PLACE_C, type Air } from './air';
import { guideSpan } from './guides';
import { insideOf, wayOf, type FilledAs, type PartIn } from './inside';
import type { Ahead, Noted } from './types';

/** What a household adds to a jar's outlook. */
export interface HouseKnows {
  readonly places: readonly Place[];
  /** When it goes round its jars. */
  readonly rounds: Rounds;
  /** Sugar of its own crops, share. */
  readonly sugars: Readonly<Record<string, number>>;
  /** How fast its batches of a style go against the table. */
  readonly rateOf: (styleId: string) => RateKnown;
}

/** How fast a style goes here, and from how many own batches that is known. */
export interface RateKnown {
  readonly prior: RatePrior;
  readonly batches: number;
}

/** The air that a jar stood in and will stand in, as far as is known: each place as it was read or said, and stays. */
export function airsOf(stays: Filling['stays'], places: readonly Place[], until: WallMinute): Air[] {
  return stays.flatMap((s, i) => {
    const place = places.find((p) => p.id === s.placeId);
    const to = stays[i + 1]?.from ?? until;
    if (!place) return [{ from: s.from, tempC: NO_PLACE_C, swingC: 0 }];
    return tempsDuring(place, s.from, to).map((t) => ({ ...t, swingC: place.swingC ?? 0 }));
  });
}

/**
 * A standing jar as its outlook is reckoned from; null where nobody knows its salt or style: it stood there already on the
 * first day.
 * @param unknown salt to take where nobody knows it, share
 */
export function aheadOf(
  b: BatchInHand,
  f: Filling,
  house: HouseKnows,
  now: WallMinute,
  unknown: number | null = null
): Ahead | null {
  const style = styleMade(b);
  const geometry = jarGeometry(f.geometryId);
  const salt = b.equilibrium ?? salinityOf(b, f) ?? unknown;
  if (!style || !geometry || salt === null || b.items.length === 0) return null;
  const { begun, parts } = partsOf(b, f, style);
  const allG = massOf(f.full);
  const { brineG, saltG } = f.full;
  const filled = {
    ...{ styleId: b.styleId, parts, vegetableG: solidsOf(f.full), allG, settles: salt, sugars: house.sugars },
    poured: style.salting === 'brine' && brineG > 0 ? saltG / (brineG + saltG) : null,
    starter: f.starterG ? { g: f.starterG, months: 0 } : null
  };
  const days = daysAhead(b.startedAt, now, style.counterDays.to);
  const most = parts.reduce((a, p) => (p.g > a.g ? p : a));
  return {
    // By the hour: what is asked again within it has been answered.
    ...{ from: b.startedAt, now: now - (now % 60), days },
    airs: airsOf(f.stays, house.places, b.startedAt + days * 1440),
    inside: { ...insideOf(filled), ...changedSince(filled, begun, b, f) },
    style: wayOf(filled),
    vessel: {
      massKg: allG / 1000,
      headspaceL: Math.max(0.02, (geometry.brimMl - Math.min(f.usableMl, allG)) / 1000),
      lid: f.lid
    },
    ...house.rateOf(b.styleId),
    ...{ noted: notedOf(b, f), up: upBy(house.rounds) },
    guide: guideSpan(b.styleId, most.cropId, isWhole(most), warmthNow(f, house.places))
  };
}

/** What is in a jar, as it was cut: as it began, and with the second picks that came to it. */
function partsOf(b: BatchInHand, f: Filling, style: Style): { begun: PartIn[]; parts: PartIn[] } {
  const cut = (i: BatchItem): PartIn => ({
    cropId: i.cropId,
    cut: cutFor(style, { ...i, id: i.cropId }),
    g: i.preparedG
  });
  const begun = b.items.filter((i) => i.into === undefined).map(cut);
  // Decanted, it holds what came to the jar before it, too.
  const came = (f.mixed ?? []).flatMap((m) => m.came);
  const own = b.items.filter((i) => i.into !== undefined && came.some((c) => c.cropId === i.cropId)).map(cut);
  const all = begun.reduce((a, p) => a + p.g, 0);
  const first = f.mixed?.[0]?.was.solidsG;
  if (own.length === 0 || first === undefined || all === 0) return { begun, parts: begun };
  // What all jars of the batch had, this one had its part of.
  return { begun, parts: [...begun.map((p) => ({ ...p, g: (p.g * first) / all })), ...own] };
}

/**
 * What was done to it since it was filled, hours from its start: what it had of sugar then, and what came. Its buffer is that
 * of what it holds now.
 */
function changedSince(
  now: FilledAs,
  begun: readonly PartIn[],
  b: BatchInHand,
  f: Filling
): Pick<Inside, 'later'> & Partial<Pick<Inside, 'sugar'>> {
  const mixed = f.mixed ?? [];
  const first = mixed[0];
  if (!first) return {};
  const { solidsG: vegetableG, allG } = first.was;
  const sugarOf = (parts: readonly PartIn[], of: { vegetableG: number; allG: number }) =>
    insideOf({ ...now, ...of, parts }).sugar;
  const later = mixed.map((m) => {
    const part = 1 - m.keeps;
    if (m.sour)
      return {
        hours: (m.at - b.startedAt) / 60,
        settles: m.settles ?? now.settles,
        keeps: m.keeps,
        sugar: part * m.sour.sugar,
        sour: { acid: part * m.sour.acid, late: m.sour.late }
      };
    const parts = m.came.map(({ cropId, g }): PartIn => ({ cropId, cut: 'shred', g }));
    const came = parts.reduce((a, p) => a + p.g, 0);
    return {
      hours: (m.at - b.startedAt) / 60,
      settles: m.settles ?? now.settles,
      keeps: m.keeps,
      ...(came > 0 ? { sugar: sugarOf(parts, { vegetableG: came, allG: m.allG }) } : {})
    };
  });
  return { sugar: sugarOf(begun, { vegetableG, allG }), later };
}

const isWhole = ({ cut }: PartIn): boolean => cut === 'whole' || cut === 'upright';
const warmthNow = (f: Filling, places: readonly Place[]): number =>
  places.find((p) => p.id === placeOf(f))?.tempC ?? NO_PLACE_C;

/** What was read of a jar, as it was noted: pH, its acid, how sour it tasted, how much gas was seen. */
export function notedOf(
  b: Pick<BatchInHand, 'readings' | 'titrations' | 'tastes' | 'gas'>,
  f: Pick<Filling, 'id'>
): Noted[] {
  const mine = (x: { fillingIds: readonly string[] }) => x.fillingIds.includes(f.id);
  return [
    ...b.readings
      .filter(mine)
      .map((r): Noted => ({ id: r.id, when: r.at, of: 'pH', pH: r.pH, by: r.by ?? 'strip' })),
    ...b.titrations
      .filter(mine)
      .map((t): Noted => ({ id: t.id, when: t.at, of: 'acidity', percent: t.percent })),
    ...b.gas.filter(mine).map((g): Noted => ({ id: g.id, when: g.at, of: 'gas', seen: g.seen })),
    ...b.tastes.filter(mine).map((t): Noted => ({ id: t.id, when: t.at, of: 'taste', sour: t.sour }))
  ];
}
