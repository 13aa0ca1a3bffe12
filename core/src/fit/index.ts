export * from './fit';
export * from './line';
export * from './moves';
export * from './pocket';
export * from './ends';
export * from './between';
