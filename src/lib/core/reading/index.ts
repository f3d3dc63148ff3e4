export { readQuantity, readTemperature, type Reading, type ReadOptions } from './quantity';
export { PIECE_NAMES, readCount, weightOfCountRead, type CountRead } from './count';
export { cropNamed, saltyNamed } from './names';
export { oneShare, readDose } from './dose';
export * from './weight';
export * from './ways';
export { readNumber } from './tokens';
export * from './line';
export * from './text-line';
