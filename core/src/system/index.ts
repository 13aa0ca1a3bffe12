export * from './system';
export * from './table';
export { threeSideCleats } from './threeSideCleats';
export { bareBoards } from './bareBoards';
export { boxAndTrim } from './boxAndTrim';
