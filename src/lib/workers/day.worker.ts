import { expose } from 'comlink';
import { dayPlan } from '../core/day';

/** The day's order, laid anew whenever a step took longer, beside the page. */
const work = { dayPlan };
export type DayWorker = typeof work;
expose(work);
