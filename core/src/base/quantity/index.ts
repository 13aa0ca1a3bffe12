export * from './units';
export * from './tape';
export * from './parseLength';
export * from './formatLength';
export * from './asTyped';
export * from './angle';
export * from './mass';
export { plainCharacters } from './tokens';
