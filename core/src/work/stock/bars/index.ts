export * from './cutBars';
export type { Effort } from './generate';
