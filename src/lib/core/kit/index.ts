export * from './days';
export * from './kit';
export {
  offTheDay,
  placeRead,
  readLately,
  tempsDuring,
  type Place,
  type PlaceKind,
  type PlaceSaid,
  type Reading,
  type TempFrom
} from './places';
export * from './crops';
export * from './decide';
export * from './dishes';
export * from './feasts';
export * from './jars';
export * from './names';
export * from './rounds';
export * from './styles';
export * from './thermometers';
export * from './history';
export * from './water';
