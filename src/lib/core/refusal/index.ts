export * from './codes';
export * from './days';
export type { FieldName } from './fields';
export * from './refuse';
