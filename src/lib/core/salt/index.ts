export * from './brine';
export * from './data';
export * from './density';
export * from './dose';
export * from './kinds';
export * from './spoons';
export * from './types';
