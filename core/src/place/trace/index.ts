export * from './edges';
export * from './trace';
