import loadHighs from 'highs';
import { solverOf, type Solver } from './solve';

let loaded: Promise<Solver> | null = null;

/** The solver, for tests: loaded once. */
export const loadedSolver = (): Promise<Solver> => (loaded ??= loadHighs().then(solverOf));

/** Work that is done step by step, done at once. */
export function atOnce<T>(work: Generator<number, T>): T {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}
