export * from './scene';
export * from './exaggerate';
export * from './elevation';
export * from './section';
