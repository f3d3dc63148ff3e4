export * from './types';
export * from './worksheet';
export * from './zones';
export * from './questions';
export * from './reverse';
export * from './text';
