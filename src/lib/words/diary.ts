import type { CareAhead, WindowAhead } from '../core/care';
import { careDoes } from './kitchen';
import { jarsSaid } from './said';

/** Example: `Round: Kitchen counter, about 6 minutes`. */
export const roundTitle = (place: string, minutes: number): string =>
  `Round: ${place}, about ${minutes} minute${minutes === 1 ? '' : 's'}`;

/** In the midst of a sentence. Example: `look and press down, measure pH`. */
export const kindsSaid = (kinds: CareAhead['kinds']): string =>
  kinds.map((k) => careDoes(k).replace(/^./, (c) => c.toLowerCase())).join(', ');

/** Example: `Dill kohlrabi, jars 3 and 4: open, taste`. */
export const careAheadWords = ({ batchName, lidNumbers, kinds }: CareAhead): string =>
  `${batchName}, ${jarsSaid(lidNumbers)}: ${kindsSaid(kinds)}`;

const WINDOW: Record<WindowAhead['what'], readonly [title: string, more: string]> = {
  firstTaste: [
    'First taste',
    'The likely day, by the forecast; it moves with what you read. A forecast never says that a jar is safe.'
  ],
  last: [
    'Last sensible day on the counter',
    'The likely day, by the forecast; it moves with what you read. Then it goes to the cold.'
  ]
};
/** Example: `First taste: Dill kohlrabi, jars 3 and 4`. */
export const windowTitle = ({ what, batchName, lidNumbers }: WindowAhead): string =>
  `${WINDOW[what][0]}: ${batchName}, ${jarsSaid(lidNumbers)}`;
export const windowMore = ({ what }: WindowAhead): string => WINDOW[what][1];
