import type { Job } from './schema';
import { shelvesWanted } from './shelvesWanted';

export * from './shelvesWanted';

/** One bay of a job with what it is to hold. */
export interface BayWish {
  /** `main` for the bay of a job that has no others. */
  readonly id: string;
  readonly main: boolean;
  /** Its place from the left, from 1. */
  readonly position: number;
  readonly name: string;
  readonly widthMm: number | null;
  readonly shelves: Job['shelves'];
  readonly support: Job['support'];
  /** The number of its lowest shelf. Those of the main bay come first, then those of the others from left to right. */
  readonly firstShelf: number;
}

/**
 * The bays of a job from left to right; one for a job that is not parted. What was said of a support system for the
 * whole job goes for a bay that says nothing else of it.
 */
export function baysOf({ bays, shelves, support }: Pick<Job, 'bays' | 'shelves' | 'support'>): BayWish[] {
  const main = { main: true, name: '', shelves, support, firstShelf: 1 } as const;
  if (!bays) return [{ ...main, id: 'main', position: 1, widthMm: null }];
  let next = 1 + shelvesWanted(shelves);
  return bays.map((bay, i): BayWish => {
    const { id, width } = bay;
    const alike = { id, position: i + 1, widthMm: width?.mm ?? null };
    if (bay.kind === 'main') return { ...main, ...alike };
    const firstShelf = next;
    next += shelvesWanted(bay.shelves);
    const own = { ...support.own, ...bay.support.own };
    const ofShelves = bay.support.shelves?.map((one) => ({ ...one, shelf: one.shelf + firstShelf - 1 }));
    return {
      ...alike,
      main: false,
      name: bay.name,
      shelves: bay.shelves,
      support: { system: bay.support.system, own, ...(ofShelves ? { shelves: ofShelves } : {}) },
      firstShelf,
    };
  });
}
