export * from './types';
export * from './steps';
export * from './gates';
export * from './kit-list';
export * from './layers';
export * from './run';
export * from './decide';
export * from './history';
