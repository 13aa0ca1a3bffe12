export * from './fields';
export * from './spot';
export * from './instruments';
export * from './describe';
