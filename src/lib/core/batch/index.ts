export * from './batch';
export * from './care-kinds';
export * from './decide';
export * from './numbers';
export * from './label';
export * from './learnt';
export * from './salinity';
export * from './correction';
