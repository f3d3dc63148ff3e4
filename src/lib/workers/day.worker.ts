import { expose } from 'comlink';
import { dayOrder } from '../core/day';

/** The day's order, laid anew whenever a step took longer, beside the page. */
const work = { dayOrder };
export type DayWorker = typeof work;
expose(work);
