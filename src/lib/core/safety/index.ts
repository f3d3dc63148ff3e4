export * from './rules';
export * from './signs';
