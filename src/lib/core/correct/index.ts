export * from './balance';
export * from './put-right';
export * from './sour';
export * from './types';
