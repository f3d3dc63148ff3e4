export * from './brand';
export * from './draws';
export * from './spread';
export * from './table';
export * from './units';
export * from './write';
