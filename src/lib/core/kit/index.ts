export * from './kit';
export * from './pantry';
