export * from './day';
export { dayOrder } from './order';
