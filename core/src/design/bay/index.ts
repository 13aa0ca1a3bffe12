export * from './bayJob';
export * from './stretches';
