export * from './reading';
export * from './stand-in';
