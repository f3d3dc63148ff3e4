export * from './data';
export * from './expected';
export * from './metre';
export * from './sowing';
