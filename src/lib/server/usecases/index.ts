import type { CommandName, DoorCommandName } from '../../schema/commands';
import type { UseCase } from './act';
import { cookDish, dropDish, dropPlanned, planDish, setDish } from './dishes';
import { dropFeast, planFeast } from './feasts';
import {
  correctPH,
  correctPortion,
  correctTaste,
  enterStanding,
  logCare,
  logTaste,
  measurePH,
  seeGas,
  titrate,
  addPhoto,
  deletePhoto,
  seeSign,
  takeBackSign,
  takePortion,
  visit,
  goneJars
} from './batches';
import { keepPlan, sayHands, sayStart, sayMatter, sayWish } from './season';
import { dropSowing, sayFrost, sow } from './sowing';
import { bringHome, countGoods, strikeLine, tickLine, writeLine } from './shopping';
import { changeLids, heatJars, letWait, moveJars } from './moves';
import { keepBrine, takeBrine } from './brines';
import { addPick, startBatch } from './start-batch';
import {
  breakJar,
  washJars,
  dropAway,
  dropCrop,
  dropStyle,
  measureJar,
  ownJars,
  planAway,
  calibrateMeter,
  takePlace,
  readThermometer,
  resetLearning,
  setCrop,
  setPlace,
  setStyle,
  setPortion,
  setTare,
  settle,
  setWeight,
  shapeJar,
  weighSpoon
} from './household';
import { correctPick, endPick, putBack, sortPick, takeToBench, weighIn, weighPrepared } from './lots';
import { dropGuests, makeFeed, makeToken, setPassphrase, signOutEverywhere, takeBackPass } from './people';
import { bottleSauce, finishJars, leaveFinish } from './finish';
import { countShelf, eatMeal } from './meal';
import { decantJar, pourTogether } from './pour';
import { putRightJars, sourSauce } from './put-right';
import { changeRecipe, retireRecipe, settleWish, wishNext, writeRecipe } from './recipes';
import {
  answerGate,
  beginBeside,
  beginMaking,
  doStep,
  giveUp,
  layJar,
  putIn,
  putOffMaking,
  skipStep,
  tickKit
} from './runs';
import { changeTimer, endTimer, hearTimer, startTimer } from './timers';
import { undo } from './undo';

export { refusalsOf, type House, type Result, type UseCase } from './act';
export {
  benchDraft,
  computeWorksheet,
  kitchenFor,
  learntOf,
  makingsOf,
  saveBenchDraft,
  type BenchMaking
} from './bench';
export { stepClock } from './step-clock';

/** Everything a person does that the log keeps, by its name in the registry. */
export const USE_CASES = {
  'set-crop': setCrop,
  'drop-crop': dropCrop,
  'set-style': setStyle,
  'drop-style': dropStyle,
  'weigh-in': weighIn,
  'correct-pick': correctPick,
  'end-pick': endPick,
  'take-to-bench': takeToBench,
  'put-back': putBack,
  'weigh-prepared': weighPrepared,
  'sort-pick': sortPick,
  'start-batch': startBatch,
  'begin-making': beginMaking,
  'begin-beside': beginBeside,
  'do-step': doStep,
  'skip-step': skipStep,
  'answer-gate': answerGate,
  'tick-kit': tickKit,
  'put-in': putIn,
  'lay-jar': layJar,
  'put-off': putOffMaking,
  'give-up': giveUp,
  'add-pick': addPick,
  decant: decantJar,
  'pour-together': pourTogether,
  'eat-meal': eatMeal,
  'count-shelf': countShelf,
  finish: finishJars,
  'leave-finish': leaveFinish,
  bottle: bottleSauce,
  'put-right': putRightJars,
  'sour-sauce': sourSauce,
  'write-recipe': writeRecipe,
  'change-recipe': changeRecipe,
  'wish-next': wishNext,
  'settle-wish': settleWish,
  'retire-recipe': retireRecipe,
  'keep-brine': keepBrine,
  'take-brine': takeBrine,
  care: logCare,
  visit,
  taste: logTaste,
  'correct-taste': correctTaste,
  ph: measurePH,
  'correct-ph': correctPH,
  titrate,
  'add-photo': addPhoto,
  'delete-photo': deletePhoto,
  'see-gas': seeGas,
  'see-sign': seeSign,
  'take-back-sign': takeBackSign,
  move: moveJars,
  'heat-jars': heatJars,
  'change-lid': changeLids,
  'let-wait': letWait,
  portion: takePortion,
  gone: goneJars,
  'correct-portion': correctPortion,
  'enter-standing': enterStanding,
  settle,
  'own-jars': ownJars,
  'measure-jar': measureJar,
  'shape-jar': shapeJar,
  'set-weight': setWeight,
  'plan-away': planAway,
  'calibrate-meter': calibrateMeter,
  'take-place': takePlace,
  'drop-away': dropAway,
  'set-dish': setDish,
  'drop-dish': dropDish,
  'plan-dish': planDish,
  'drop-planned': dropPlanned,
  'cook-dish': cookDish,
  'plan-feast': planFeast,
  'drop-feast': dropFeast,
  'break-jar': breakJar,
  'wash-jars': washJars,
  'start-timer': startTimer,
  'change-timer': changeTimer,
  'hear-timer': hearTimer,
  'end-timer': endTimer,
  'set-place': setPlace,
  'read-thermometer': readThermometer,
  'set-portion': setPortion,
  'set-tare': setTare,
  'weigh-spoon': weighSpoon,
  'reset-learning': resetLearning,
  ...{ sow, 'drop-sowing': dropSowing, 'say-frost': sayFrost },
  ...{
    'say-hands': sayHands,
    'say-wish': sayWish,
    'say-matter': sayMatter,
    'say-start': sayStart,
    'keep-plan': keepPlan
  },
  'count-goods': countGoods,
  'write-line': writeLine,
  'strike-line': strikeLine,
  'tick-line': tickLine,
  'bring-home': bringHome,
  undo
} as const satisfies { readonly [N in CommandName]: UseCase<N> };

/** Who may come in: from the pages only. */
export const DOOR_CASES = {
  'set-passphrase': setPassphrase,
  'drop-guests': dropGuests,
  'sign-out-everywhere': signOutEverywhere,
  'take-back-pass': takeBackPass,
  'make-token': makeToken,
  'make-feed': makeFeed
} as const satisfies { readonly [N in DoorCommandName]: UseCase<N> };
