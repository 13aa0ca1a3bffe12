export * from './all';
