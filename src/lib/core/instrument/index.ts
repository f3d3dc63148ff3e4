export * from './calibration';
export * from './electrode';
export * from './hydrometer';
export * from './stand-in';
export * from './titration';
