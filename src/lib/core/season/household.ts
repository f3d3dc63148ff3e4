import { appetiteOf, eatenOf, eatersFrom, jarsToEat, type TaughtByEating } from '../appetite/index';
import { addDays, type Day } from '../calendar/index';
import type { CareHouse } from '../care/index';
import type { Batch } from '../batch/index';
import { cropsOf, plannedUses, type Household, type OwnedJar } from '../kit/index';
import type { Learned } from '../learn/index';
import { rawLife, type Lot } from '../lot/index';
import { crop, keepsRaw, type Crop } from '../produce/index';
import { frostAfter, growsAs, mondayOf, weekOf, type CropAhead } from '../sowing/index';
import { styleLike } from '../style/index';
import { isBottle, jarGeometry, usableMl } from '../vessel/index';
import { seasonStyles, SERVING_G, stores } from './household-styles';
import { dearInWinter, pointsFor } from './matters';
import { boundBy } from './kept';
import { startOf, type Hands, type SeasonSaid } from './said';
import { onceIn, wantedIn } from './wishes';
import {
  type SeasonCrop,
  type SeasonGroup,
  type SeasonInput,
  type SeasonSize,
  type SeasonWeek
} from './types';
import { warmthAhead } from './warmth';

/** Weeks that are planned: this one to next summer's first picks. Our judgement. */
export const WEEKS_AHEAD = 40;

/** In whole jars. */
const FIRM_WEEKS = 6;
/** Jars that come back are counted every second week: every week brings little more, and takes twice the time. */
const COUNT_EVERY = 2;

/** What one person eats fresh of a crop in a week where there is as much as one likes, kg. Our judgement; nobody measured it. */
const FRESH_KG = 0.2;
/** A week's hands until the household says: hours, the share of them that comes easily, batches. Our judgement. */
export const USUAL_HANDS: Hands = { hours: 5, batches: 3 };
const EASY = 0.7;
/** Nobody said how much room there is: more than anybody fills, litres. */
const NO_LIMIT = 2000;
/** A cellar that is warmer than this in a week keeps nothing in it, °C. Our judgement. */
const CELLAR_TO_C = 16;
/** A week is away when so many of its days are. */
const AWAY_DAYS = 4;
/** Who says of some kinds how they are eaten, and has eaten nothing of another, wants so much of a first guess of it. Our judgement. */
const UNTRIED = 0.25;
/** A serving that is missed on a feast is worth so many others. Our judgement. */
const FEAST = 1.5;

/** Everything that is known of a household's season. */
export interface SeasonKnown {
  readonly household: Household;
  readonly ahead: readonly CropAhead[];
  /** The first frost as it usually is, `MM-DD`; null: nobody said. */
  readonly frost: string | null;
  readonly lots: readonly Lot[];
  readonly batches: readonly Batch[];
  readonly taught: readonly TaughtByEating[];
  readonly care: Pick<CareHouse, 'places' | 'courseOf'>;
  readonly today: Day;
  readonly said: SeasonSaid;
  /** What its own trimming and makings taught. */
  readonly learnt: {
    readonly trims: Readonly<Record<string, Learned>>;
    readonly paces: Readonly<Record<string, Learned>>;
  };
}

/** The season of a household from this week on: what comes and lies there, what is eaten, what there is to make it in. */
export function seasonAhead(known: SeasonKnown): SeasonInput {
  const crops = seasonCrops(known);
  const sizes = seasonSizes(known.household);
  const styles = seasonStyles(known.household, crops, sizes, {
    ...{ today: known.today, weeks: WEEKS_AHEAD, paces: known.learnt.paces }
  });
  const stands = standsNow(known, styles, sizes);
  const begun = known.batches.map(startOf);
  return {
    weeks: seasonWeeks(known, stands.shelf),
    ...{ crops, styles, sizes, bottles: seasonBottles(known.household, stands.bottled) },
    groups: seasonGroups(known, styles),
    ...{ standing: stands.standing, stored: stands.stored, opened: stands.opened },
    ...boundBy(known.said, known.today, begun),
    ...{ firmWeeks: FIRM_WEEKS, countEvery: COUNT_EVERY, points: pointsFor(known.said.matters) }
  };
}

/** The Monday of a week of the plan. */
export const mondayAhead = (today: Day, week: number): Day => mondayOf(weekOf(today) + week);

function seasonCrops({ household, ahead, frost, lots, today, learnt }: SeasonKnown): SeasonCrop[] {
  const own = cropsOf(household);
  const now = weekOf(today);
  const freezes = frost === null ? null : weekOf(frostAfter(today, frost)) - now;
  const ids = new Set([
    ...ahead.map((a) => a.cropId),
    ...lots.filter((l) => l.gardenG > 0).map((l) => l.cropId)
  ]);
  return [...ids].flatMap((id): SeasonCrop[] => {
    const row = crop(id, own);
    if (!row) return [];
    const weeks = ahead.find((a) => a.cropId === id)?.weeks ?? [];
    const picks = Array.from({ length: WEEKS_AHEAD }, (_, t) => {
      const w = weeks.find((x) => x.monday === mondayOf(now + t));
      // What this week gave already lies there, or went.
      return w ? Math.max(0, w.expectedG - w.pickedG) / 1000 : 0;
    });
    const lying = lots.filter((l) => l.cropId === id && l.gardenG > 0);
    if (lying.length === 0 && picks.every((kg) => kg === 0)) return [];
    return [
      {
        ...{ id, picks, rawWeeks: rawWeeks(row), trim: learnt.trims[id]?.mean ?? row.trim },
        fresh: FRESH_KG * household.people,
        ...(freezes !== null && growsAs(id)?.tender ? { frost: freezes } : {}),
        lots: lying.map((l) => ({ kg: l.gardenG / 1000, last: lastWeek(rawLife(l, today, own).useBy, now) }))
      }
    ];
  });
}

/** Whole weeks that a pick may be used, kept cold, its own among them. */
const rawWeeks = (row: Crop): number => Math.max(1, Math.round(keepsRaw(row, 'cold', 'sound') / 7));
/** The week of a day; what is past it is to be used at once. */
const lastWeek = (day: Day, now: number): number => Math.max(0, weekOf(day) - now);

function seasonSizes({ jars }: Household): SeasonSize[] {
  // Bottles are for what is finished.
  return jars.filter((j) => !isBottleKind(j)).flatMap(sizeOf);
}
const isBottleKind = (j: OwnedJar): boolean => isBottle({ id: j.geometryId });

function sizeOf(j: OwnedJar): SeasonSize[] {
  const shape = jarGeometry(j.geometryId);
  if (!shape || j.owned === 0) return [];
  const measured = j.brimMl === null ? shape : { ...shape, brimMl: j.brimMl };
  const ml = usableMl(measured, j.headspaceMm ?? undefined, j.weightMl ?? 0);
  return ml > 0 ? [{ id: j.id, litres: ml / 1000, owned: j.owned }] : [];
}

/** Bottles, l; who owns none fills whatever is at hand. What is in bottles is, however many are said to be there. */
function seasonBottles({ jars }: Household, filled: number): number {
  const all = jars.filter(isBottleKind).flatMap(sizeOf);
  return all.length === 0
    ? NO_LIMIT
    : Math.max(
        filled,
        all.reduce((a, j) => a + j.litres * j.owned, 0)
      );
}

function seasonWeeks(
  { household, today, said }: SeasonKnown,
  shelf: ReadonlyMap<string, number>
): SeasonWeek[] {
  const room = (of: readonly { readonly shelfLitres: number | null }[], taken: number) =>
    // What stands there stands, whatever was said of the room.
    Math.max(
      taken,
      of.some((p) => p.shelfLitres === null) ? NO_LIMIT : of.reduce((a, p) => a + (p.shelfLitres ?? 0), 0)
    );
  const hands = said.hands ?? USUAL_HANDS;
  const { counter, cold, cellar } = stores(household.places);
  const cellars = cellar.map((place) => ({ place, warmth: warmthAhead(place, today, WEEKS_AHEAD) }));
  const cool = (t: number) => cellars.filter((c) => c.warmth[t]! <= CELLAR_TO_C).map((c) => c.place);
  return Array.from({ length: WEEKS_AHEAD }, (_, t) => ({
    ...{ hours: hands.hours, easy: EASY, batches: hands.batches, water: hands.waterL ?? NO_LIMIT },
    away: eatersFrom(household, mondayAhead(today, t), 7).filter((n) => n === 0).length >= AWAY_DAYS,
    counter: room(counter, shelf.get('counter') ?? 0),
    cold: cold.length > 0 ? room(cold, shelf.get('cold') ?? 0) : 0,
    cellar: cool(t).length > 0 ? room(cool(t), 0) : 0
  }));
}

/** What a household likes of each style, by who sits at the table in each week. */
function seasonGroups(
  { household, taught, today, said }: SeasonKnown,
  styles: SeasonInput['styles']
): SeasonGroup[] {
  const appetites = styles.map(({ group }) => appetiteOf(eatenOf(taught, group, household, today)));
  const knows = appetites.some((a) => a.learntFromG > 0);
  const dishes = plannedUses(household, today);
  const cookedG = (group: string, monday: Day) =>
    dishes.reduce(
      (a, u) => (styleLike(u.styleId) === group && mondayOf(weekOf(u.day)) === monday ? a + u.g : a),
      0
    );
  return styles.map(({ group }, i) => {
    const { personWeekG: likes, learntFromG } = appetites[i]!;
    const learnt = knows && learntFromG === 0 ? UNTRIED * likes : likes;
    const people = Math.max(1, household.people);
    // What is said goes before what was eaten.
    const usual = said.wishes[group] ?? (learnt * people) / SERVING_G;
    const weeks = Array.from({ length: WEEKS_AHEAD }, (_, t) => mondayAhead(today, t));
    return {
      id: group,
      wanted: weeks.map((monday) => {
        const eaters = eatersFrom(household, monday, 7).reduce((a, n) => a + n, 0) / 7;
        const wanted = wantedIn(usual, said.wishesAt, { styleId: group, monday, people });
        const once = onceIn(said.wishesAt, group, monday);
        return (eaters * wanted) / people + cookedG(group, monday) / SERVING_G + once;
      }),
      dear: weeks.map((monday) => {
        const sunday = addDays(monday, 6);
        const feast = household.feasts.some((f) => f.from <= sunday && f.to >= monday) ? FEAST : 1;
        return feast * dearInWinter(said.matters, monday);
      })
    };
  });
}

/** What stands already: on the counter till it is sour, or stored; what of its jars was eaten; and the room that it takes, l. */
function standsNow(
  { batches, care, today }: SeasonKnown,
  styles: SeasonInput['styles'],
  sizes: readonly SeasonSize[]
) {
  const standing: SeasonInput['standing'][number][] = [];
  const stored: SeasonInput['stored'][number][] = [];
  const opened: Record<string, number> = {};
  const shelf = new Map<string, number>();
  let bottled = 0;
  const inWeeks = (days: number) => Math.max(0, weekOf(addDays(today, days)) - weekOf(today));
  for (const b of batches)
    for (const jar of jarsToEat(b, care, today)) {
      const styleId = styleLike(b.styleId);
      const style = styles.find((s) => s.id === styleId);
      const kg = jar.g / 1000;
      const jars = sizes.some((s) => s.id === jar.jarId) ? [{ sizeId: jar.jarId, n: 1 }] : [];
      const where = jar.from > 0 ? 'counter' : 'cold';
      shelf.set(where, (shelf.get(where) ?? 0) + kg * (style?.shelfPerKg ?? 0));
      if (!style) continue;
      if (style.bottled) bottled += kg / style.kgPerLitre;
      if (jar.from > 0) standing.push({ styleId, kg, ready: inWeeks(jar.from), jars });
      else stored.push({ styleId, place: 'cold', kg, last: inWeeks(jar.latest), jars });
      // A jar comes back when what it holds now is eaten: what it lacks of a full one was.
      const full = style.kgPerLitre * (sizes.find((s) => s.id === jar.jarId)?.litres ?? 0);
      opened[styleId] = (opened[styleId] ?? 0) + Math.max(0, full - kg);
    }
  return { standing, stored, opened, shelf, bottled };
}
