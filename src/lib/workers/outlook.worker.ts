import { expose } from 'comlink';
import { eachPlace, glanceOf, outlookOf } from '../core/outlook';

/** What each jar will do, reckoned beside the page. */
const work = { outlookOf, glanceOf, eachPlace };
export type OutlookWorker = typeof work;
expose(work);
