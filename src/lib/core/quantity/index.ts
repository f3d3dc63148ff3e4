export * from './brand';
export * from './spread';
export * from './units';
export * from './write';
