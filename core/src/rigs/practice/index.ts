export * from './room';
export * from './measure';
export * from './trial';
export * from './trialRoom';
export * from './trueOpening';
export * from './tryIn';
