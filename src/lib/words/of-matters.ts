import { wall } from '../core/calendar';
import { isMonth, type HowMuch, type Matter, type WishAt } from '../core/season';
import { longMonth, shortDay } from './dates';

const MATTER: Readonly<Record<Matter, string>> = {
  waste: 'What rots',
  work: 'Work',
  variety: 'Many kinds',
  winter: 'The winter’s table'
};
/** What may matter less or more. */
export const matterName = (matter: Matter): string => MATTER[matter];

const HOW: Readonly<Record<HowMuch, string>> = {
  less: 'matters less',
  usual: 'matters as usual',
  more: 'matters more'
};
/** How much it does. Example: "matters less". */
export const mattersHow = (how: HowMuch): string => HOW[how];

/** A month by its number. Example: `monthSays('12')` is "December". */
export const monthSays = (month: string): string => longMonth(wall(`2001-${month}-01`, 12));

/** How much is wanted, for whom and when. Example: "5 servings for Ida a week in December". */
export function wishSays({ when, servings: n, who }: Pick<WishAt, 'when' | 'servings' | 'who'>): string {
  const of = `${n === 0 ? 'none' : `${n} serving${n === 1 ? '' : 's'}`}${who ? ` for ${who}` : ''}`;
  if (when === '') return `${of} a week, as you said`;
  return isMonth(when)
    ? `${of} a week in ${monthSays(when)}`
    : `${of} once, in the week of ${shortDay(wall(when, 12))}`;
}
