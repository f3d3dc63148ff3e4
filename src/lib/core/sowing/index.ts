export * from './data';
export * from './expected';
export * from './sowing';
