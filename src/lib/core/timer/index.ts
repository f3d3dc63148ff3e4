export * from './decide';
export * from './history';
export * from './timer';
