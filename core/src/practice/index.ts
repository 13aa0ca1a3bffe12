export * from './room';
export * from './measure';
export * from './trial';
