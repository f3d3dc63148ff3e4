import type { BeforeAway, LeftAlone } from '../core/care';
import { shortDay, weekdayName } from './dates';

const times = (n: number): string => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

/** What some jars would want while nobody is here. Example: `Its lid would want opening 8 times.` */
export function aloneWords({ openings, stirs, last, misses, lidNumbers }: LeftAlone): readonly string[] {
  const [its, it] = lidNumbers.length > 1 ? ['Their lids', 'They'] : ['Its lid', 'It'];
  const pH = misses.find((m) => m.kind === 'pH');
  const said = [
    openings > 0 ? `${its} would want opening ${times(openings)}.` : '',
    stirs > 0 ? `${it} would want stirring ${times(stirs)}.` : '',
    last === null ? '' : `The last sensible day on the counter is ${weekdayName(last)} ${shortDay(last)}.`,
    pH ? 'The pH falls due meanwhile: measure it before you leave, or first of all when you are back.' : ''
  ].filter((s) => s !== '');
  return said.length > 0 ? said : [`${it} would only want looking at.`];
}

const WAYS: Record<BeforeAway, readonly [does: string, more: string]> = {
  cold: ['Into the cold', 'sour enough to stop there; it sours on slowly, and keeps'],
  lid: [
    'Another lid',
    'an airlock or a valve lets the gas out by itself; a loose lid too, and a little air in'
  ],
  neighbour: ['Somebody comes by', 'the sheet below says when, and what to do'],
  stays: ['Leave it as it is', 'full, pressed under, on a tray; look at it first when you are back']
};
/** What may be done with it before. Example: `wayWords('cold')` begins with `Into the cold`. */
export const wayWords = (way: BeforeAway): { readonly does: string; readonly more: string } => ({
  does: WAYS[way][0],
  more: WAYS[way][1]
});
