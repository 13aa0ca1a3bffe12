export * from './cutListSheet';
