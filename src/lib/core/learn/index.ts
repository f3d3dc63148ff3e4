export * from './update';
