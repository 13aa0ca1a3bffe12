import type { TypedLength } from '../base/quantity';
import { baysOf } from './bays';
import type { Bay, Job } from './schema';

type BayBeside = Extract<Bay, { kind: 'beside' }>;

/** Kinds of places that may be parted into bays. */
export const mayBeParted = ({ place }: Pick<Job, 'place'>): boolean =>
  place.kind === 'alcove' || place.kind === 'span' || place.kind === 'run';

/** The job as someone sees it who works on one of its bays: shelves and support are those of the bay. */
export function viewOfBay(job: Job, id: string | null): Job {
  const bay = baysOf(job).find((one) => one.id === id);
  if (!bay || bay.main) return job;
  const { tilted: _tilted, otherShelves: _other, ...rest } = job;
  return { ...rest, shelves: bay.shelves, support: bay.support, things: [] };
}

/**
 * Changes a job as seen from one of its bays. Shelves and support go into that bay, anything else into the job.
 * @param how changes what `viewOfBay` shows
 */
export function inBay(job: Job, id: string | null, how: (seen: Job) => Job): Job {
  const bay = baysOf(job).find((one) => one.id === id);
  if (!bay || bay.main) return how(job);
  const { shelves, support, things, tilted, otherShelves } = job;
  const seen = viewOfBay(job, id);
  const after = how(seen);
  const bays = (after.bays ?? []).map((one) =>
    one.id === id && one.kind === 'beside' ? changed(one, seen, after, bay.firstShelf) : one,
  );
  return {
    ...after,
    shelves,
    support,
    things,
    ...(tilted ? { tilted } : {}),
    ...(otherShelves ? { otherShelves } : {}),
    bays,
  };
}

/** A bay with what was changed of it; of a support system it says only what was said here. */
function changed(bay: BayBeside, seen: Job, { shelves, support }: Job, firstShelf: number): BayBeside {
  const said = Object.entries(support.own).filter(
    ([name, own]) => own !== seen.support.own[name as keyof typeof seen.support.own],
  );
  const ofShelves = support.shelves?.map((one) => ({ ...one, shelf: one.shelf - firstShelf + 1 }));
  return {
    ...bay,
    shelves,
    support: {
      system: support.system,
      own: { ...bay.support.own, ...Object.fromEntries(said) },
      ...(ofShelves ? { shelves: ofShelves } : {}),
    },
  };
}

/** A new bay has so many shelves. */
export const NEW_SHELVES = 2;

/** The job with one bay more at its left or right end: two shelves as those of the main bay, on battens. */
export function withBayAdded(job: Job, side: 'left' | 'right', newId: () => string): Job {
  const { aligned: _aligned, ...shelves } = job.shelves;
  const way = shelves.way === 'typed' || shelves.way === 'contents' ? 'equal-gaps' : shelves.way;
  const bottom = shelves.bottom.kind === 'height' ? shelves.bottom : ({ kind: 'floor' } as const);
  const bay: Bay = {
    kind: 'beside',
    id: newId(),
    name: '',
    shelves: { ...shelves, way, bottom, count: NEW_SHELVES, heights: [] },
    support: { system: 'three-side-cleats', own: {} },
  };
  const before: readonly Bay[] = job.bays ?? [{ kind: 'main', id: newId() }];
  return { ...job, bays: side === 'left' ? [bay, ...before] : [...before, bay] };
}

/** The job without one of the bays beside its main one; with none of them it is not parted. */
export function withoutBay(job: Job, id: string): Job {
  const { bays = [], ...whole } = job;
  const left = bays.filter((bay) => bay.id !== id || bay.kind === 'main');
  return left.length > 1 ? { ...whole, bays: left } : whole;
}

/** The job with the width of a bay; with none it has its share of what is left. */
export function withBayWidth(job: Job, id: string, width: TypedLength | undefined): Job {
  return {
    ...job,
    bays: (job.bays ?? []).map((bay) => {
      if (bay.id !== id) return bay;
      const { width: _before, ...rest } = bay;
      return (width ? { ...rest, width } : rest) as Bay;
    }),
  };
}

/** The job with the name of one of the bays beside its main one. */
export function withBayName(job: Job, id: string, name: string): Job {
  const named = (bay: Bay): Bay => (bay.id === id && bay.kind === 'beside' ? { ...bay, name: name.trim() } : bay);
  return { ...job, bays: (job.bays ?? []).map(named) };
}
