import type { Day } from '../calendar/index';
import { USUAL_POINTS, type Points } from './types';

/** What a household may care about more or less than is usual: what rots, its own work, many kinds, something for the winter. */
export const MATTERS = ['waste', 'work', 'variety', 'winter'] as const;
export type Matter = (typeof MATTERS)[number];
export const HOW_MUCH = ['less', 'usual', 'more'] as const;
export type HowMuch = (typeof HOW_MUCH)[number];

/** What matters otherwise than is usual. */
export type Mattering = Readonly<Partial<Record<Matter, HowMuch>>>;

/**
 * So much it is worth, less and more than usual: so much that a plan of a household feels it, and all else is not drowned. Our
 * judgement, tried on made-up seasons: with half and twice of each hardly a start moved.
 */
const FACTOR: Readonly<Record<Exclude<Matter, 'winter'>, Readonly<Record<HowMuch, number>>>> = {
  waste: { less: 0.25, usual: 1, more: 4 },
  work: { less: 0.25, usual: 1, more: 5 },
  variety: { less: 0, usual: 1, more: 4 }
};
/** A serving of the winter: the winter is wanted by itself already, so this moves it less. Our judgement. */
const WINTER: Readonly<Record<HowMuch, number>> = { less: 0.75, usual: 1, more: 1.4 };
/** Months in which nothing grows: what is on the table then was made before. Our judgement, for a temperate garden. */
const WINTER_MONTHS: readonly string[] = ['12', '01', '02', '03'];

/** What things are worth to a household by what it says that matters. */
export function pointsFor(matters: Mattering): Points {
  const { lost, thrown, hour, overtime, batch, made, ...others } = USUAL_POINTS;
  const of = (matter: keyof typeof FACTOR) => FACTOR[matter][matters[matter] ?? 'usual'];
  return {
    ...others,
    ...{ lost: lost * of('waste'), thrown: thrown * of('waste'), made: made * of('variety') },
    ...{ hour: hour * of('work'), overtime: overtime * of('work'), batch: batch * of('work') }
  };
}

/** How much dearer than usual a serving is that is missed in the week of a Monday. */
export const dearInWinter = (matters: Mattering, monday: Day): number =>
  WINTER_MONTHS.includes(monday.slice(5, 7)) ? WINTER[matters.winter ?? 'usual'] : 1;

/** The same with one of them said; as usual is not kept. */
export function withMatter(matters: Mattering, matter: Matter, how: HowMuch): Mattering {
  const { [matter]: _, ...others } = matters;
  return how === 'usual' ? others : { ...others, [matter]: how };
}
