import { writeMass, type WrittenUnits } from '../core/quantity';
import {
  ONE_MORE,
  WHAT_IF,
  type CameOf,
  type OneMore,
  type OtherYears,
  type PlanFacts,
  type Stops,
  type Sureness,
  type ToSow,
  type WhatIf,
  type Worth
} from '../core/season';

/** Under so many kg, or servings, nothing is said of it. */
const LITTLE = { kg: 0.05, servings: 0.5 };

/** How the household writes a mass, and which day a week of the plan begins with. */
export interface PlanWays {
  readonly mass: (g: number) => string;
  readonly week: (week: number) => string;
}

/** Nobody knows it finer: two figures. */
export const roughly = (g: number): number => Number(g.toPrecision(2));

const servings = (n: number): string => `${Math.round(n)} serving${Math.round(n) === 1 ? '' : 's'}`;
const joined = (parts: readonly string[]): string => parts.filter(Boolean).join(' and ');

/** What of it rots, raw or stored, kg. */
export const rotsKg = (f: PlanFacts): number => f.thrownKg + f.lost.reduce((a, l) => a + l.kg, 0);
const missedOf = (f: PlanFacts): number => f.missed.reduce((a, m) => a + m.servings, 0);

/** What a plan comes to. Example: "14 batches. 1.2 kg rots. 340 servings are on the table, 41 are missed." */
export function planSays(f: PlanFacts, batches: number, { mass }: PlanWays): string {
  const rots = rotsKg(f);
  return [
    batches === 0 ? 'Nothing to begin.' : `${batches} batch${batches === 1 ? '' : 'es'}.`,
    rots < LITTLE.kg ? 'Nothing rots.' : `About ${mass(roughly(rots * 1000))} rots.`,
    `${servings(f.servings)} on the table${missedOf(f) < LITTLE.servings ? ', none missed' : `, ${Math.round(missedOf(f))} missed`}.`
  ].join(' ');
}

/** What got better against another plan. Example: "11 kg less rots and 60 servings more are on the table". Empty: nothing to speak of. */
export function betterSays(than: PlanFacts, now: PlanFacts, { mass }: PlanWays): string {
  const rots = rotsKg(than) - rotsKg(now);
  const more = now.servings - than.servings;
  return joined([
    rots >= LITTLE.kg ? `${mass(roughly(rots * 1000))} less rots` : '',
    more >= LITTLE.servings ? `${servings(more)} more are on the table` : ''
  ]);
}

/** How far the best plan may be better, in words; empty: nobody knows. Example: "No plan can be more than 0.7 % better." */
export function provenSays(points: number, bound: number): string {
  if (!Number.isFinite(bound) || bound <= 0) return '';
  const share = Math.max(0, (100 * (bound - points)) / bound);
  return share < 0.05 ? 'No plan can be better.' : `No plan can be more than ${share.toFixed(1)} % better.`;
}

/** Why something is begun: what is lost without it. */
export function whySays(worth: Worth, { mass, week }: PlanWays): string {
  const from = worth.missedFrom === null ? '' : `, from the week of ${week(worth.missedFrom)} on`;
  const said = joined([
    worth.rotsKg >= LITTLE.kg ? `about ${mass(roughly(worth.rotsKg * 1000))} more would rot` : '',
    worth.missed >= LITTLE.servings ? `${servings(worth.missed)} would be missed${from}` : ''
  ]);
  return said ? `Without it ${said}.` : 'It fits in well; leaving it out costs little.';
}

/** What comes of it when something is done otherwise; `of`: of what it rots. Example: "about 400 g more rots, 12 servings are missed". */
export function otherwiseSays(worth: Worth, { mass, week }: PlanWays, of = ''): string {
  const from = worth.missedFrom === null ? '' : `, from the week of ${week(worth.missedFrom)} on`;
  const said = joined([
    worth.rotsKg >= LITTLE.kg
      ? `about ${mass(roughly(worth.rotsKg * 1000))} more ${of ? `${of} ` : ''}rots`
      : '',
    worth.missed >= LITTLE.servings ? `${servings(worth.missed)} more are missed${from}` : ''
  ]);
  return said || 'that costs little';
}

/** What a little more of something would bring at least; empty: nothing to speak of. Example: "One more 1 l jar would keep about 400 g from rotting." */
export function oneMoreSays(
  what: OneMore,
  worth: Worth,
  { mass, volume }: PlanWays & { readonly volume: (ml: number) => string },
  jarName: (id: string) => string
): string {
  const brings = joined([
    worth.rotsKg >= LITTLE.kg ? `keep about ${mass(roughly(worth.rotsKg * 1000))} from rotting` : '',
    worth.missed >= LITTLE.servings ? `bring ${servings(worth.missed)} to the table` : ''
  ]);
  if (!brings) return '';
  const more = (litres: number) => `${volume(litres * 1000)} more`;
  const says = {
    jar: () => `One more ${jarName(what.is === 'jar' ? what.sizeId : '')}`,
    room: () => `${more(ONE_MORE.room)} ${what.is === 'room' ? PLACE[what.place] : ''}`,
    hour: () => 'An hour more in every week',
    water: () => `${more(ONE_MORE.water)} water for brine in every week`,
    bottles: () => `${more(ONE_MORE.bottles)} in bottles`
  }[what.is]();
  return `${says} would ${brings}.`;
}
const PLACE: Readonly<Record<'counter' | 'cold' | 'cellar', string>> = {
  counter: 'on the counter',
  cold: 'in the cold',
  cellar: 'in the cellar'
};

/** What a change by hand did to a plan. Example: "12 servings fewer, 400 g more rots". */
export function changeSays(before: PlanFacts, now: PlanFacts, { mass }: PlanWays): string {
  const rots = rotsKg(now) - rotsKg(before);
  const more = now.servings - before.servings;
  const parts = [
    Math.abs(more) >= LITTLE.servings ? `${servings(Math.abs(more))} ${more > 0 ? 'more' : 'fewer'}` : '',
    Math.abs(rots) >= LITTLE.kg
      ? `${mass(roughly(1000 * Math.abs(rots)))} ${rots > 0 ? 'more' : 'less'} rots`
      : ''
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'as much on the table, and no more rots';
}

const STOPS: Readonly<Record<Stops, string>> = {
  away: 'nobody is here to look after it',
  produce: 'not enough of it is there in that week',
  hands: 'there are too few hours in that week',
  jars: 'no jar that it may stand in is owned',
  counter: 'there is no room on the counter',
  water: 'there is too little water for its brine in that week',
  bottles: 'there are too few bottles for it',
  store: 'there is nowhere to put it when it is ready',
  others: 'there is not enough for it beside the others'
};
/** Why a start that is held to is not in the plan. */
export const stopsSays = (why: Stops): string => STOPS[why];

const SURE: Readonly<Record<Sureness, string>> = {
  firm: 'firm',
  likely: 'likely',
  maybe: 'maybe: it goes by how the picks come'
};
/** How sure a start of a plan is. */
export const sureSays = (sure: Sureness): string => SURE[sure];

const CAME: Readonly<Record<CameOf, string>> = {
  begun: 'as planned',
  earlier: 'a week earlier',
  later: 'a week later',
  not: 'not begun'
};
/** What came of a planned start. */
export const cameSays = (came: CameOf): string => CAME[came];

/** How far a plan was kept to. Example: "3 of 4 begun; of what they were to take, 86 % went in." */
export function keptSays(
  all: readonly { readonly came: CameOf; readonly plannedG: number; readonly madeG: number }[]
): string {
  const begun = all.filter((s) => s.came !== 'not');
  const planned = begun.reduce((a, s) => a + s.plannedG, 0);
  const made = begun.reduce((a, s) => a + s.madeG, 0);
  const share =
    planned > 0 ? `; of what they were to take, ${Math.round((100 * made) / planned)} % went in` : '';
  return `${begun.length} of ${all.length} begun${share}.`;
}

/** How what was expected of the beds held. Example: "5 of 6 crops came as near to what was expected as nine in ten should." */
export function scoredSays(all: readonly { readonly isNear: boolean }[]): string {
  const near = all.filter((s) => s.isNear).length;
  return `${near} of ${all.length} crop${all.length === 1 ? '' : 's'} came as near to what was expected as nine in ten should.`;
}

/** Another season beside this one, as one chooses it. */
export const whatIfSays = (what: WhatIf, jarName: (id: string) => string): string => {
  switch (what.is) {
    case 'nobody-away':
      return 'nobody goes away';
    case 'more-hands':
      return 'half as many hours and batches again';
    case 'more-cold':
      return `${WHAT_IF.coldLitres} l more in the cold`;
    case 'fewer-picks':
      return 'three tenths less is picked';
    case 'more-picks':
      return 'three tenths more is picked';
    case 'early-frost':
      return `frost comes ${WHAT_IF.frostWeeks} weeks early`;
    case 'more-jars':
      return `${WHAT_IF.jars} more: ${jarName(what.sizeId)}`;
  }
};

const metres = (n: number): string => (n < 10 ? String(Number(n.toFixed(1))) : String(Math.round(n)));

/** What to sow of a crop. Example: "about 9 m (5.4 to 15 m), for 22 kg; 6 m this year". */
export function sowSays(
  { wantedG, metres: m, perMetre: by }: ToSow,
  { mass }: Pick<PlanWays, 'mass'>
): string {
  const wants = `for ${mass(roughly(wantedG))}`;
  if (!m || !by) return `${wants}; nobody knows what a metre of it gives`;
  const now = by.metres > 0 ? `; ${metres(by.metres)} m this year` : '';
  return `about ${metres(m.likely)} m (${metres(m.least)} to ${metres(m.most)} m), ${wants}${now}`;
}

/** A start of a kept plan, in a calendar. Example: "Planned this week: Brined short cucumbers". */
export const plannedTitle = (name: string): string => `Planned this week: ${name}`;
/** Of what. Example: "About 4 kg white cabbage. It moves with what is picked." */
export const plannedMore = (
  picks: readonly { readonly name: string; readonly g: number }[],
  units: WrittenUnits
): string => {
  const of = picks.map((p) => `${writeMass(roughly(p.g), units)} ${p.name}`);
  return `${of.length > 0 ? `About ${of.join(', ')}. ` : ''}It moves with what is picked.`;
};

/** How other years go with a plan. Example: "430 to 560 servings come to the table nine times in ten, and 5 kg to 17 kg rot." */
export function yearsSay({ servings: s, rotsKg }: OtherYears, { mass }: PlanWays): string {
  const kg = (n: number) => mass(roughly(n * 1000));
  const rots =
    rotsKg.high < LITTLE.kg
      ? 'nothing rots'
      : rotsKg.low < LITTLE.kg
        ? `up to ${kg(rotsKg.high)} rots`
        : `${kg(rotsKg.low)} to ${kg(rotsKg.high)} rots`;
  return `${Math.round(s.low)} to ${Math.round(s.high)} servings come to the table nine times in ten, and ${rots}.`;
}

/** Under this share of the years nothing is said of it. */
const SELDOM = 0.1;

/** What is full at some time, and how often. Example: "Full at some time: the cold in 9 years of 10." Empty: hardly anything. */
export function fullSays({ full }: OtherYears, name: (id: string) => string): string {
  const often = (share: number) =>
    share > 0.95 ? 'nearly every year' : `${Math.max(1, Math.round(10 * share))} years of 10`;
  const said = full.filter((f) => f.share >= SELDOM).map((f) => `${name(f.id)} in ${often(f.share)}`);
  return said.length > 0 ? `Full at some time: ${said.join('; ')}.` : '';
}
