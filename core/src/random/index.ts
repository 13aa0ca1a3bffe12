export * from './random';
