export * from './brand';
export * from './number-words';
export * from './read';
export * from './spread';
export * from './units';
export * from './write';
export * from './spoken';
