export * from './rules';
export * from './checks';
export * from './signs';
export * from './triage';
