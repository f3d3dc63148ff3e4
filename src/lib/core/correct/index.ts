export * from './balance';
export { putRight, STANDARD_TOP_UP } from './put-right';
export * from './bowl';
export * from './sour';
export * from './types';
