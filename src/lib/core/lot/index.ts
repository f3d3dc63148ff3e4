export * from './lot';
export * from './may';
export * from './raw';
export * from './history';
export * from './learnt';
export * from './decide';
