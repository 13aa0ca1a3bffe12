import { considered, type Considered } from './consider';
import { stylesSideBySide, type StyleOutcome } from '../design/fit';
import type { Job } from '../job';
import { asFarAsParts } from './parts';

/**
 * One shelf's board in every end style, side by side, from more drawn walls than the plan takes. Yields how much of the
 * work is done, 0 to 1, so that whoever runs it can show it or stop.
 * @returns null where the shelf has no board
 */
export function* compareStyles(job: Job, shelf: number): Generator<number, readonly StyleOutcome[] | null> {
  const { opening, specs } = asFarAsParts(job);
  const board = specs.find((spec) => spec.shelf === shelf && spec.role === 'board');
  if (!board) return null;
  return yield* stylesSideBySide({ spec: board, opening, job });
}

/** Every support system for the shelves of a job, side by side: what one chooses by. */
export function considerSystems(job: Job): Considered[] {
  const { opening, layout, box } = asFarAsParts(job);
  return considered(job, opening, layout, box);
}
