export * from './layout';
export * from './equalGaps';
