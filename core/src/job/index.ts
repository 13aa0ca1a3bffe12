export * from './limits';
export * from './newJob';
export * from './edit';
export * from './writeJob';
export * from './schema';
export * from './faults';
export * from './readJob';
export * from './upgrade';
export type * from './wire';
