export * from './lot';
export * from './history';
export * from './learnt';
export * from './decide';
