export * from './layout';
export * from './cutSheets';
export * from './wanted';
export { type CarryLimit } from './fill';
