export * from './kit';
export * from './crops';
export * from './names';
export * from './styles';
export * from './history';
export * from './water';
