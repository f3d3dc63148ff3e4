export * from './larder';
export * from './decide';
