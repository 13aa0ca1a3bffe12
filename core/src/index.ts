export * from './base/result';
export * from './base/message';
export * from './base/quantity';
export * from './base/figure';
export * from './base/problem';
export * from './job';
export * from './plan';
export * from './say/words';
