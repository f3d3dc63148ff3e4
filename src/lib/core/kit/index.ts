export * from './kit';
export * from './history';
export * from './water';
