export * from './appetite';
export * from './eat-down';
export * from './eaten';
export * from './jars-back';
export * from './kinds';
export * from './shown';
export * from './table';
