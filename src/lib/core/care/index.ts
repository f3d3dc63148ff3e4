export { coldSince, jarCase } from './jar-case';
export * from './pace';
export * from './ph';
export { EVENING, MORNING, pHLineDay, slotsOf, type JarCase } from './slots';
export * from './tasks';
export * from './verdict';
export * from './decide';
