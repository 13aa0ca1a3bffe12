import { costAtLeast, leastEffort } from './bound';
import { searchAll } from './exact';
import { Filling, OUT } from './filling';
import { leastFront, runningMm, type Kind, type Stance } from './kinds';
import { search, type Found } from './search';
import type { Ground } from './settle';

/** Things of one kind on one shelf. */
export interface Standing {
  readonly kind: string;
  /** 0 is the bottom boundary. */
  readonly shelf: number;
  readonly count: number;
  readonly stance: Stance;
  readonly runsMm: number;
}

/** Shelves and what stands on them. */
export interface Placing {
  /** Rising; none where the shelves themselves do not fit. */
  readonly tops: readonly number[];
  readonly standing: readonly Standing[];
  /** How many of each kind that is not all in are out. */
  readonly out: readonly { readonly kind: string; readonly count: number }[];
  /** Effort and empty height, in millimetres as `effortAt` and `HEADROOM` count them. */
  readonly cost: number;
  /** No layout of so many shelves costs less; the cost itself where every one was looked through. */
  readonly atLeast: number;
  readonly proved: boolean;
}

export interface Effort {
  /** How often shelves may be laid in the coarse search, and in the fine one. */
  readonly coarse: number;
  readonly fine: number;
  /** How often it is tried again, with twice the effort, where something is left out that might have room. */
  readonly again: number;
}

export const USUAL_EFFORT: Effort = { coarse: 1500, fine: 20, again: 2 };
/** Enough to see whether everything goes in. */
export const LITTLE_EFFORT: Effort = { coarse: 250, fine: 10, again: 0 };

/**
 * Places shelves and decides what stands on them: everything in if it can be, then the least effort and empty height.
 * Small jobs are looked through whole; larger ones are searched on coarse heights, then on every mark of the tape, and
 * how far from the best they can be at the most is told by a bound.
 * @param coarse the same ground with fewer heights; the fine one itself where that has few
 * @param widthMm running length of a shelf
 */
export function placeThings(fine: Ground, coarse: Ground, kinds: readonly Kind[], widthMm: number, effort: Effort = USUAL_EFFORT): Placing {
  const rough = new Filling(coarse, kinds, widthMm);
  let sketch = search(rough, { layings: effort.coarse, seed: SEED });
  // What is out may have room after all: it is looked for harder before anyone is told that it has none.
  for (let again = 1; again <= effort.again && sketch.cost >= OUT && couldFit(fine, kinds, widthMm); again += 1) {
    const other = search(new Filling(coarse, kinds, widthMm), { layings: 2 * effort.coarse, seed: SEED + 100 * again });
    if (other.cost < sketch.cost) sketch = other;
  }
  const filling = new Filling(fine, kinds, widthMm);
  const searched = search(filling, { layings: effort.fine, seed: SEED + 1 }, sketch.filled);
  const all = searchAll(filling, searched, (kind) => leastEffort(fine, kind));
  return told(filling, all ?? searched, all !== null);
} // prettier-ignore

const SEED = 20_461;

/** Whether the fronts of everything, at the least, are no more than all the front there is. */
function couldFit({ count, thicknessMm, bottomMm, topMm }: Ground, kinds: readonly Kind[], widthMm: number): boolean {
  const front = kinds.reduce((sum, kind) => sum + leastFront(kind), 0);
  return front <= widthMm * (topMm - bottomMm - count * thicknessMm);
}

function told(filling: Filling, { filled, cost }: Found, proved: boolean): Placing {
  const { kinds, ground, widthMm } = filling;
  filling.fill(filled);
  const fits = filling.cost() < Infinity;
  const tops = fits ? filling.tops() : [];
  const out = kinds.flatMap(({ id }, kind) => {
    const count = filling.outOf(kind);
    return count > 0 ? [{ kind: id, count }] : [];
  });
  const standing = kinds.flatMap(({ id }, kind) =>
    (filled.counts[kind] ?? []).flatMap((count, shelf): Standing[] => {
      const stance = filling.stanceOf(kind);
      return count > 0 && stance ? [{ kind: id, shelf, count, stance, runsMm: runningMm(stance, count) }] : [];
    }),
  );
  const atLeast = proved || out.length > 0 || !fits ? cost : costAtLeast(ground, kinds, widthMm, cost);
  return { tops, standing, out, cost, atLeast, proved };
}
