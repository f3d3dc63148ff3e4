export * from './batch';
export * from './care-kinds';
export * from './decide';
export * from './numbers';
