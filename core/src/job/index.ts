export * from './document';
export * from './schema';
export * from './faults';
export * from './readJob';
export * from './upgrade';
