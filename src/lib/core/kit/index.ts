export * from './kit';
export * from './pantry';
export * from './brines';
export * from './water';
