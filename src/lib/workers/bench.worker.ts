import { expose } from 'comlink';
import { alternatives } from '../core/worksheet';

/** What the Bench leaves to a worker, so that a keystroke never waits for it. */
const work = { alternatives };
export type BenchWorker = typeof work;
expose(work);
