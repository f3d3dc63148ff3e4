export * from './weighing';
