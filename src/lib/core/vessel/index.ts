export * from './data';
export * from './fit';
export * from './geometry';
export * from './packing';
export * from './profile';
export * from './share';
export * from './types';
export * from './weights';
