import type { HowMuch, Matter } from '../core/season';

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
