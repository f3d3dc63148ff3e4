export * from './days';
export * from './wall';
