export * from './larder';
export * from './count';
export * from './decide';
