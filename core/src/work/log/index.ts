export * from './learn';
export * from './odds';
export * from './times';
