export * from './types';
export * from './worksheet';
export * from './zones';
