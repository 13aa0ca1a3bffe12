import loadHighs from 'highs';
import { solverOf, type Solver } from '@dormer/core/work/stock';

let loaded: Promise<Solver> | null = null;

/** The solver of linear programs, fetched when it is first needed; it lies beside the app. */
export function solver(): Promise<Solver> {
  loaded ??= loadHighs({ locateFile: (file) => `/${file}` }).then(solverOf);
  // One that could not be fetched is fetched again the next time.
  loaded.catch(() => (loaded = null));
  return loaded;
}
