export * from './place';
export * from './table';
export * from './point';
export * from './extent';
export * from './studs';
export * from './stations';
export * from './margins';
