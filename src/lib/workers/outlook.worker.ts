import { expose } from 'comlink';
import { eachPlace, outlookOf } from '../core/outlook';

/** What each jar will do, reckoned beside the page. */
const work = { outlookOf, eachPlace };
export type OutlookWorker = typeof work;
expose(work);
