export * from './kit';
export * from './history';
export * from './pantry';
export * from './brines';
export * from './water';
