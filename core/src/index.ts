export * from './result';
export * from './message';
export * from './quantity';
export * from './figure';
export * from './problem';
export * from './job';
export * from './plan';
export * from './words';
