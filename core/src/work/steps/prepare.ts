import { coatsFor } from '../../job';
import { checkWall } from './kinds/check';
import { clearOut } from './kinds/clear';
import { fillHoles, fillHolesAgain } from './kinds/fill';
import { levelLine, markHeights, markStuds } from './kinds/mark';
import { measureBehind } from './kinds/measure';
import { openWall } from './kinds/open';
import { paintPlace, primePlace } from './kinds/paint';
import { sandPlace } from './kinds/sand';
import type { Step } from './step';
import { intoWall, type Work } from './work';
import { stepWriter, type After, type Put } from './writer';

export interface Prepared {
  readonly steps: readonly Step[];
  /** What everything that is put up waits for. */
  readonly ready: readonly After[];
}

type Waits = readonly (After | null)[];

/**
 * The place before anything is put into it: cleared, looked into, filled, painted, its level line drawn, its heights
 * marked.
 */
export function prepare(work: Work): Prepared {
  const { job, takes, parts } = work;
  const { clear, open } = job.build.prepare;
  const { steps, put } = stepWriter(job.build);
  const cleared = clear ? put(clearOut()) : null;
  if (cleared !== null) put(measureBehind([cleared]));
  const looked = takes === 'box' ? put(checkWall([cleared])) : null;
  const opened = takes === 'box' && open ? put(openWall([cleared, looked])) : null;
  const walls = painted(work, put, filled(work, put, [cleared, opened ?? looked]));
  if (takes === 'box' || parts.length === 0) return { steps, ready: walls.filter((before) => before !== null) };
  return { steps, ready: marked(work, put, walls) };
}

/**
 * Fills old holes twice and sands them.
 * @returns lags for the steps that follow
 */
function filled({ job }: Work, put: Put, after: Waits): Waits {
  const { holes } = job.build.prepare;
  if (holes === 0) return after;
  const first = put(fillHoles(holes, after));
  const second = put(fillHolesAgain(holes, [{ step: first, wait: 'filler' }]));
  return [put(sandPlace(holes, [{ step: second, wait: 'filler' }]))];
}

/** Primes and paints the walls, coat by coat. */
function painted({ job }: Work, put: Put, after: Waits): Waits {
  if (!job.build.prepare.paint) return after;
  const coats = coatsFor(job, 'wall');
  return coats.reduce<Waits>((last, coat, i) => {
    const number = coats.slice(0, i + 1).filter((other) => other === coat).length;
    const place = coat === 'primer' ? primePlace : paintPlace;
    return [{ step: put(place(number, last)), wait: coat === 'primer' ? 'primer' : 'paint' }];
  }, after);
}

/** Marks the level line, the studs if fixings need them, and the heights. */
function marked({ job, fixings, shelves }: Work, put: Put, after: Waits): After[] {
  const { walls } = job.place;
  const line = put(levelLine(job, after));
  const hollow = walls === 'lined' || walls === 'studs';
  const studs = hollow && fixings.some(intoWall) ? put(markStuds(after)) : null;
  const marks = put(markHeights(shelves.length, [line]));
  return [marks, studs].filter((before) => before !== null);
}
