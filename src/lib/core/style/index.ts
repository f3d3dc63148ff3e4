export * from './data';
export * from './propose';
export * from './styles';
export * from './types';
