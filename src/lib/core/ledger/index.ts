export * from './book';
export * from './picks';
