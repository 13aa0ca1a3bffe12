export * from './fit';
