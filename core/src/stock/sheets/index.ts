export * from './layout';
export * from './cutSheets';
export { type CarryLimit } from './fill';
