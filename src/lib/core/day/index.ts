export * from './day';
export { dayPlan, heldBack } from './held-back';
export { dayOrder } from './order';
