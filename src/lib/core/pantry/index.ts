export * from './brines';
export * from './goods';
export * from './shopping';
export * from './history';
export * from './decide';
