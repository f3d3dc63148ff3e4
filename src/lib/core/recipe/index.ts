export * from './base';
export * from './card';
export * from './recipe';
export * from './scale';
export * from './starting';
export * from './substitutes';
export * from './types';
export * from './words';
