export * from './calibration';
export * from './electrode';
export * from './stand-in';
