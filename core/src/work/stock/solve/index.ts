export * from './program';
export { solverOf } from './highs';
