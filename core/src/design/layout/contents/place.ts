import { Bound, leastEffort } from './bound';
import { searchAll } from './exact';
import { Filling, OUT } from './filling';
import { leastFront, runningMm, type Kind, type Stance } from './kinds';
import { fillBy, leastCost, search, type Found } from './search';
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
  /** How many fillings are made after prices, to begin the search with the best of them. */
  readonly begun: number;
  /** How often shelves may be laid in the coarse search, and in the fine one. */
  readonly coarse: number;
  readonly fine: number;
  /** How often it is tried again, with twice the effort, where something is left out that might have room. */
  readonly again: number;
}

export const USUAL_EFFORT: Effort = { begun: 24, coarse: 500, fine: 15, again: 1 };
/** Enough to see whether everything goes in. */
export const LITTLE_EFFORT: Effort = { begun: 10, coarse: 150, fine: 10, again: 0 };

/**
 * Places shelves and decides what stands on them: everything in if it can be, then the least effort and empty height.
 * Small jobs are looked through whole; larger ones are begun as the prices of a bound have it and searched on coarse
 * heights, then on every mark of the tape; how far from the best they can be at the most is told by that bound.
 * @param coarse the same ground with fewer heights; the fine one itself where that has few
 * @param widthMm running length of a shelf
 */
export function placeThings(
  fine: Ground,
  coarse: Ground,
  kinds: readonly Kind[],
  widthMm: number,
  effort: Effort = USUAL_EFFORT,
): Placing {
  const rough = new Filling(coarse, kinds, widthMm);
  const bound = new Bound(fine, kinds, widthMm);
  const could = couldFit(fine, kinds, widthMm);
  // Prices say little of what cannot be: where not everything has room the search begins without them.
  const begun = begin(rough, bound, could ? effort.begun : 0);
  let sketch = search(rough, { layings: effort.coarse, seed: SEED }, begun.filled);
  // What is out may have room after all: it is looked for harder before anyone is told that it has none.
  for (let again = 1; again <= effort.again && sketch.cost >= leastCost(rough) + OUT && could; again += 1) {
    const other = search(
      new Filling(coarse, kinds, widthMm),
      { layings: 2 * effort.coarse, seed: SEED + 100 * again },
      sketch.filled,
    );
    if (other.cost < sketch.cost) sketch = other;
  }
  const filling = new Filling(fine, kinds, widthMm);
  const searched = search(filling, { layings: effort.fine, seed: SEED + 1 }, sketch.filled);
  const all = searchAll(filling, searched, (kind) => leastEffort(fine, kind));
  return told(filling, all ?? searched, all === null ? bound : null);
}

const SEED = 20_461;
// Where much finds no room a filling takes long to make: no more layings than these are spent on the beginning.
const BEGINNING = 1200;
// What may be hoped for while nothing is known: so many times what it costs at the least.
const HOPED = 1.3;

/** The best of the fillings that prices lead to, and the one without any. */
function begin(filling: Filling, bound: Bound, rounds: number): Found {
  let best = fillBy(filling, []);
  for (let round = 0; round < rounds && filling.asked < BEGINNING; round += 1) {
    const picks = bound.step(best.cost < OUT ? best.cost : HOPED * Math.max(bound.best, 1));
    if (picks.length === 0) break;
    const found = fillBy(filling, picks);
    if (found.cost < best.cost) best = found;
  }
  return best;
}

/** Whether the fronts of everything, at the least, are no more than all the front there is. */
function couldFit({ count, thicknessMm, bottomMm, topMm }: Ground, kinds: readonly Kind[], widthMm: number): boolean {
  const front = kinds.reduce((sum, kind) => sum + leastFront(kind), 0);
  return front <= widthMm * (topMm - bottomMm - count * thicknessMm);
}

/** @param bound how good it can be at the best; null where everything was looked through */
function told(filling: Filling, { filled, cost }: Found, bound: Bound | null): Placing {
  const { kinds } = filling;
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
  const atLeast = !bound || out.length > 0 || !fits ? cost : bound.atLeast(cost);
  return { tops, standing, out, cost, atLeast, proved: bound === null };
}
