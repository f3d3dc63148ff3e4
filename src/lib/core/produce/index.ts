export * from './crops';
export * from './data';
export * from './types';
export * from './count';
export * from './pieces';
export * from './mean';
export * from './own';
