export * from './data';
export * from './styles';
export * from './types';
