export * from './larder';
