import type { Part } from '../../design/fit';
import { coatsFor, finishOf } from '../../job';
import { coatedLots, finishFor } from '../stock/finish';
import { standUnit } from './kinds/assemble';
import { caulkSeams } from './kinds/caulk';
import { putOnExtras } from './kinds/extras';
import { fillHeads } from './kinds/fill';
import { finishSteps } from './kinds/finish';
import { load } from './kinds/load';
import { lookBack } from './kinds/lookBack';
import { touchUp } from './kinds/paint';
import { sandHeads } from './kinds/sand';
import { putInShelf } from './kinds/shelf';
import { putUpSupports, standPosts, standUprights } from './kinds/support';
import type { Made } from './make';
import type { Prepared } from './prepare';
import type { Step } from './step';
import { unitParts } from './unit';
import { throughOf, type Work } from './work';
import { stepWriter, type After, type Put } from './writer';

/** Pieces whose screw heads are seen. */
const FACES: ReadonlySet<Part['role']> = new Set([
  'board',
  'nosing',
  'tilted-board',
  'stop-strip',
  'box-side',
  'trim',
  'slat',
]);

/** Supports as they are put up: what boards that are measured in place wait for. */
export interface Supported {
  readonly steps: readonly Step[];
  readonly last: readonly After[];
}

/**
 * What is fixed to the walls or stood up before any board: a unit or a cavity’s box, posts, then the supports one after
 * another.
 */
export function support(work: Work, ready: Prepared['ready'], made: Pick<Made, 'supports' | 'unit'>): Supported {
  const { job, shelves } = work;
  const { steps, put } = stepWriter(job.build);
  const base: After[] = [...ready, ...made.supports];
  let last: After[] = [];
  if (made.unit && unitParts(work).length > 0) last = [put(standUnit(work, [...ready, ...made.unit]))];
  const uprights = standUprights(work, [...base, ...last]);
  if (uprights) last = [put(uprights)];
  const posts = standPosts(work, [...base, ...last]);
  if (posts) last = [put(posts)];
  const order = job.build.supports === 'top-down' ? [...shelves].reverse() : shelves;
  for (const shelf of order) {
    const supports = putUpSupports(work, shelf, [...base, ...last]);
    if (supports) last = [put(supports)];
  }
  return { steps, last };
}

/**
 * Boards into their places, what hides and divides them, and all that comes after: fillers, seams, the last coat, the
 * cure, the load.
 */
export function install(work: Work, ready: Prepared['ready'], made: Made, supported: Supported['last']): Step[] {
  const { steps, put } = stepWriter(work.job.build);
  if (work.parts.length === 0) return steps;
  const up: After[] = [...ready, ...made.boards, ...supported];
  const placed = boardsIn(work, put, up);
  const extras = putOnExtras(work, [...placed, ...made.fronts]);
  extras.steps.forEach(put);
  const smooth = headsFilled(work, put, [...placed, ...extras.done]);
  const coated = finishedLast(work, put, smooth);
  const seamed = seamsClosed(work, put, coated);
  const touched = touchedUp(work, put, seamed);
  const coats = steps.filter((step) => step.kind === 'paint').map((step) => step.id);
  const loaded = put(load(cured(work, { touched, coats, after: seamed, boards: [...made.boards, ...made.fronts] })));
  put(lookBack([loaded]));
  return steps;
}

/** Puts boards in, in the order in which they fit past each other. */
function boardsIn(work: Work, put: Put, up: readonly After[]): readonly After[] {
  const order = work.waysIn.order === 'bottom-up' ? work.shelves : [...work.shelves].reverse();
  let last: After[] = [];
  for (const shelf of order) {
    const step = putInShelf(work, shelf, { after: [...up, ...last], first: last.length === 0 });
    if (step) last = [put(step)];
  }
  return last.length > 0 ? last : up;
}

/** Fills and sands visible screw heads before paint. */
function headsFilled({ job, parts, fixings }: Work, put: Put, after: readonly After[]): readonly After[] {
  const painted = parts.filter((part) => FACES.has(part.role) && finishFor(part, job) === 'paint');
  const faces = new Set<string | null>(painted.map((part) => part.id));
  const heads = fixings.reduce((sum, fixing) => sum + (faces.has(throughOf(fixing)) ? fixing.holes.length : 0), 0);
  if (heads === 0) return after;
  const filled = put(fillHeads(heads, after));
  return [put(sandHeads(heads, [{ step: filled, wait: 'filler' }]))];
}

/** Whether any piece is finished at all, and whether any is painted. */
function finishesOf({ job, parts }: Pick<Work, 'job' | 'parts'>): { readonly any: boolean; readonly paint: boolean } {
  const coats = coatedLots(parts, job).map((lot) => lot.coats);
  return {
    any: coats.some((list) => list.length > 0),
    paint: coats.some((list) => finishOf(list) === 'paint'),
  };
}

/** Puts the finish on last, where the job says so. */
function finishedLast({ job, parts }: Work, put: Put, after: readonly After[]): readonly After[] {
  if (job.build.finish !== 'after' || !finishesOf({ job, parts }).any) return after;
  const { steps, ready } = finishSteps({ job, lot: 'last-', place: 'site', parts, after, named: false });
  steps.forEach(put);
  return ready;
}

/** Caulks the seams of painted, fitted boards. */
function seamsClosed({ job, takes, parts, shelves }: Work, put: Put, after: readonly After[]): readonly After[] {
  const fitted = parts.some(({ role, fit, corner }) => role === 'board' && (fit !== null || corner !== null));
  const seams =
    finishOf(coatsFor(job, 'shelves')) === 'paint' && job.fit.habit !== 'loose' && takes === 'boards' && fitted;
  return seams ? [{ step: put(caulkSeams(shelves.length, after)), wait: 'caulk' }] : after;
}

/**
 * Paints over fillers and seams of boards painted before they went in.
 * @returns the step, or null
 */
function touchedUp({ job, parts, shelves }: Work, put: Put, after: readonly After[]): string | null {
  const seamed = after.some((before) => typeof before !== 'string' && before.wait === 'caulk');
  if (!finishesOf({ job, parts }).paint || !(seamed || job.build.finish === 'before')) return null;
  return put(touchUp(shelves.length, after));
}

interface Curing {
  readonly touched: string | null;
  /** Ids of steps that put on a coat at the place. */
  readonly coats: readonly string[];
  readonly after: readonly After[];
  readonly boards: readonly After[];
}

/** Lags before loading: the last coat must cure. */
function cured({ job, parts }: Work, { touched, coats, after, boards }: Curing): After[] {
  if (touched !== null) return [{ step: touched, wait: 'cure' }];
  if (!finishesOf({ job, parts }).any) return [...after];
  const last = coats.slice(-1).map((step) => ({ step, wait: 'cure' as const }));
  const workshop = boards.flatMap((before) =>
    job.build.finish === 'before' && typeof before !== 'string' ? [{ step: before.step, wait: 'cure' as const }] : [],
  );
  return [...last, ...after, ...workshop];
}
