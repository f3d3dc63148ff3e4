export * from './brines';
export * from './goods';
export * from './history';
export * from './decide';
