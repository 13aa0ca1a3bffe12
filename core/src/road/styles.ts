import { considered, type Considered } from './consider';
import { stylesSideBySide, type StyleOutcome } from '../design/fit';
import type { Job } from '../job';
import { roadsOf } from './bays';

/**
 * One shelf's board in every end style, side by side, from more drawn walls than the plan takes. Yields how much of the
 * work is done, 0 to 1, so that whoever runs it can show it or stop.
 * @returns null where the shelf has no board
 */
export function* compareStyles(job: Job, shelf: number): Generator<number, readonly StyleOutcome[] | null> {
  for (const { opening, specs, job: bay } of roadsOf(job).all) {
    const board = specs.find((spec) => spec.shelf === shelf && spec.role === 'board');
    if (board) return yield* stylesSideBySide({ spec: board, opening, job: bay });
  }
  return null;
}

/**
 * Every support system for the shelves of a job's bay, side by side: what one chooses by.
 * @param id the bay; the main one where there is none of that id
 */
export function considerSystems(job: Job, id: string | null = null): Considered[] {
  const { all } = roadsOf(job);
  const { job: bay, opening, layout, box } = all.find((road) => road.bay.id === id) ?? all[0];
  return considered({ ...job, ...bay }, opening, layout, box);
}
