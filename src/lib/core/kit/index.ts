export * from './kit';
export * from './crops';
export * from './names';
export * from './history';
export * from './water';
