export * from './system';
export * from './table';
export * from './apply';
export * from './zones';
export { dividersOf } from './dividers';
export { bareBoards } from './bareBoards';
export { boxAndTrim, boxScrews } from './boxAndTrim';
export { shelfMarks } from './pieces';
export { railExtras, tiltedExtras } from './extras';
