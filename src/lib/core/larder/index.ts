export * from './brine-origin';
export * from './larder';
export * from './count';
export * from './shelves';
export * from './dishes';
export * from './decide';
