export * from './schema';
export * from './faults';
export * from './readJob';
export * from './upgrade';
export * from './newJob';
export * from './edit';
