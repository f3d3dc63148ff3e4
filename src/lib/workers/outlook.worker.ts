import { expose } from 'comlink';
import { outlookOf } from '../core/outlook';

/** What each jar will do, reckoned beside the page. */
const work = { outlookOf };
export type OutlookWorker = typeof work;
expose(work);
