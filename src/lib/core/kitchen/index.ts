export * from './input';
export * from './jars';
export * from './said';
