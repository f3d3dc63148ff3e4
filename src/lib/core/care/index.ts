export * from './course';
export { coldSince, jarCase, type JarCase } from './jar-case';
export * from './ph';
export { EVENING, MORNING, pHLineDay } from './slots';
export * from './tasks';
export * from './round';
export * from './verdict';
export * from './decide';
