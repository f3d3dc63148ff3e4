export * from './contents';
export * from './postings';
