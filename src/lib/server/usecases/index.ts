import type { UseCase } from './act';
import {
  correctPortion,
  correctTaste,
  enterStanding,
  logCare,
  logTaste,
  measurePH,
  moveJars,
  takePortion
} from './batches';
import { startBatch } from './bench';
import {
  countGoods,
  measureJar,
  ownJars,
  resetLearning,
  setPlace,
  setTare,
  settle,
  weighSpoon
} from './household';
import { correctPick, endPick, putBack, takeToBench, weighIn, weighPrepared } from './lots';
import { undo } from './undo';

export type { House, Result, UseCase } from './act';
export { benchDraft, benchItems, computeWorksheet, freeJars, saveBenchDraft, trimsOf } from './bench';
export { stepClock } from './step-clock';

/** Everything a person does, by the name it has in the API and in the rooms' forms. */
export const USE_CASES = {
  'weigh-in': weighIn,
  'correct-pick': correctPick,
  'end-pick': endPick,
  'take-to-bench': takeToBench,
  'put-back': putBack,
  'weigh-prepared': weighPrepared,
  'start-batch': startBatch,
  care: logCare,
  taste: logTaste,
  'correct-taste': correctTaste,
  ph: measurePH,
  move: moveJars,
  portion: takePortion,
  'correct-portion': correctPortion,
  'enter-standing': enterStanding,
  settle,
  'own-jars': ownJars,
  'measure-jar': measureJar,
  'set-place': setPlace,
  'set-tare': setTare,
  'weigh-spoon': weighSpoon,
  'reset-learning': resetLearning,
  'count-goods': countGoods,
  undo
} as const satisfies Record<string, UseCase<unknown>>;

export type UseCaseName = keyof typeof USE_CASES;
