export * from './types';
export { acidityOf, AcidTable, sourIndex, undissociated } from './acidity';
export { courseOf } from './course';
export { evenHours, paceOf, sugarIn, type Pace } from './pace';
export { byWarmth, EARLY, LATE } from './flora';
export { gasOf, GasState, holdsGas, type Gas, type GasVessel } from './gas';
export {
  forecast,
  gasHoursOf,
  gridOf,
  type Forecast,
  type ForecastJar,
  type Grid,
  type RatePrior,
  type Window
} from './filter';
export { tasteOf, type Reading } from './read';
export { crosses, EVENTS, marksOf, timesOf, type ForecastEvent, type Times } from './windows';
export { phasesOf, PHASES, type Phase, type PhaseFrom } from './phases';
export { burpPlan, LIMIT, type BurpPlan } from './burps';
export { alone, priorFrom, type Finished } from './household';
export { rateRead, sketch } from './sketch';
