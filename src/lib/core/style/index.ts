export * from './data';
export * from './own';
export * from './propose';
export * from './styles';
export * from './codes';
export * from './types';
