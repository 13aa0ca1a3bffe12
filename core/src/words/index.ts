export * from './render';
export * from './settings';
