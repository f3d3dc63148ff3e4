export * from './data';
export * from './expected';
export * from './metre';
export * from './scored';
export * from './sowing';
