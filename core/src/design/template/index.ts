export * from './template';
export * from './offsets';
export * from './tiles';
