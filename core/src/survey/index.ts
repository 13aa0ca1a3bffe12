export * from './describe';
export * from './check';
export * from './next';
