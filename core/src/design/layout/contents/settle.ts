/** A height at which a shelf must lie: some shelf's top between the two. Millimetres; the two may be one. */
export interface Must {
  readonly fromMm: number;
  readonly toMm: number;
}

/** What shelves are laid into. Heights are those of tops, above the floor mark, millimetres. */
export interface Ground {
  /** The heights a top may have, rising: marks of the tape, without those in a keep-clear. */
  readonly tops: Float64Array;
  readonly count: number;
  readonly bottomMm: number;
  readonly topMm: number;
  readonly thicknessMm: number;
  /** What hangs below a shelf into the space under it. */
  readonly hangsMm: number;
  /** The least clear space between two shelves, and above the highest. */
  readonly leastGapMm: number;
  /** Whether things may stand on the bottom boundary, below the lowest shelf. */
  readonly stands: boolean;
  readonly musts: readonly Must[];
  /** Depth of what things stand on, by space: all as deep as any thing is where left away. */
  readonly depthsMm?: readonly number[];
}

/** What stands in each space: index 0 on the bottom boundary, i on shelf i. */
export interface Load {
  /** Height each space must leave, without what hangs into it, millimetres; 0 for an empty one. */
  readonly needMm: Float64Array;
  /** Share of each shelf's running length that is taken, 0 to 1. */
  readonly share: Float64Array;
  /** Effort of what stands in a space, for each height a top may have; null for an empty one. Index 0 is not asked. */
  readonly effort: readonly (Float64Array | null)[];
  /** Effort of what stands on the bottom boundary, and whatever else does not hang on heights. */
  readonly fixed: number;
}

/** What one millimetre of empty height above a thing counts, over the whole length of a shelf. */
export const HEADROOM = 0.5;

/** One space as it would be with something put into it. */
export interface Tried {
  readonly space: number;
  readonly needMm: number;
  readonly share: number;
  readonly effort: Float64Array | null;
  readonly fixed: number;
}

/**
 * Lays shelves as well as can be for what stands on them: the least sum of effort and of empty height above things.
 * Exact over the heights a top may have, by dynamic programming from the bottom up: the cost is a sum over shelves,
 * and a shelf is bound by its neighbours alone (Bellman, "Dynamic Programming", 1957). The least over the heights
 * allowed to a neighbour is kept while it grows, so that the work is shelves times heights. With the
 * sums from the bottom up and from the top down at hand, another load of one space costs the work of one shelf.
 */
export class Settler {
  /** From the bottom: what all below a shelf cost with its top at a height, without what stands on it. */
  private readonly below: Float64Array[];
  /** From the top: what a shelf with its top at a height and all above cost. */
  private readonly above: Float64Array[];
  private readonly before: Int32Array[];
  private readonly from: Float64Array;
  private readonly apartMm: number;
  /** The lowest and the highest index a neighbour may have, so that no height where a shelf must lie is passed over. */
  private readonly least: Int32Array;
  private readonly most: Int32Array;
  private last = -1;

  constructor(readonly ground: Ground) {
    const { tops, count, musts } = ground;
    const table = () => Array.from({ length: count + 1 }, () => new Float64Array(tops.length));
    [this.below, this.above] = [table(), table()];
    this.before = Array.from({ length: count + 1 }, () => new Int32Array(tops.length));
    this.from = new Float64Array(tops.length);
    this.apartMm = this.ground.thicknessMm - CLOSE;
    const reach = (of: (top: number) => number) => Int32Array.from(tops, of);
    this.least = reach((top) => {
      const low = musts.reduce((most, must) => (must.toMm < top ? Math.max(most, must.fromMm) : most), -Infinity);
      return low === -Infinity ? -1 : firstAt(tops, low);
    });
    this.most = reach((top) => {
      const high = musts.reduce((least, must) => (must.fromMm > top ? Math.min(least, must.toMm) : least), Infinity);
      return high === Infinity ? tops.length : firstAt(tops, high + CLOSE) - 1;
    });
  }

  /**
   * @param lowest the lowest space whose load is another than when it was last settled: those below it stand as they
   *   were
   * @returns the least cost; Infinity where the shelves do not fit
   */
  settle(load: Load, lowest = 0): number {
    const { tops, count } = this.ground;
    if (count === 0) return Infinity;
    if (lowest === 0) this.first(load.needMm[0] as number, load.share[0] as number, this.below[1] as Float64Array);
    for (let i = Math.max(lowest, 1); i < count; i += 1) {
      this.standOn(i, load.effort[i] ?? null);
      this.up(
        load.needMm[i] as number,
        load.share[i] as number,
        this.below[i + 1] as Float64Array,
        this.before[i + 1] as Int32Array,
        null,
      );
    }
    const top = this.below[count] as Float64Array;
    const own = load.effort[count] ?? null;
    let best = Infinity;
    this.last = -1;
    for (let j = 0; j < tops.length; j += 1) {
      const all =
        (top[j] as number) +
        (own ? (own[j] as number) : 0) +
        this.roof(j, load.needMm[count] as number, load.share[count] as number);
      if (all < best) [best, this.last] = [all, j];
    }
    return best === Infinity ? Infinity : best + load.fixed;
  }

  /**
   * Works out all that other loads of single spaces are tried against; to be called after `settle` of the same load.
   * @param highest the highest space whose load is another than when it was last prepared
   */
  prepare(load: Load, highest = this.ground.count): void {
    const { tops, count } = this.ground;
    if (count === 0) return;
    if (highest === count) {
      const high = this.above[count] as Float64Array;
      const own = load.effort[count] ?? null;
      for (let j = 0; j < tops.length; j += 1) {
        high[j] =
          (own ? (own[j] as number) : 0) + this.roof(j, load.needMm[count] as number, load.share[count] as number);
      }
    }
    for (let i = Math.min(highest, count - 1); i >= 1; i -= 1) this.down(i, load);
  }

  /** What all would cost with one space loaded otherwise. */
  tried({ space, needMm, share, effort, fixed }: Tried): number {
    const { tops, count } = this.ground;
    const next = this.from;
    let best = Infinity;
    if (space === 0) {
      this.first(needMm, share, next);
      const above = this.above[1] as Float64Array;
      for (let j = 0; j < tops.length; j += 1) best = Math.min(best, (next[j] as number) + (above[j] as number));
    } else if (space === count) {
      const below = this.below[count] as Float64Array;
      for (let j = 0; j < tops.length; j += 1)
        best = Math.min(
          best,
          (below[j] as number) + (effort ? (effort[j] as number) : 0) + this.roof(j, needMm, share),
        );
    } else {
      this.standOn(space, effort);
      best = this.up(needMm, share, null, null, this.above[space + 1] as Float64Array);
    }
    return best === Infinity ? Infinity : best + fixed;
  }

  /** The tops of the shelves as they were settled last, rising; none where they did not fit. */
  tops(): number[] {
    const { tops, count } = this.ground;
    const found: number[] = [];
    let at = this.last;
    for (let i = count; i >= 1 && at >= 0; i -= 1) {
      found.unshift(tops[at] as number);
      at = i > 1 ? ((this.before[i] as Int32Array)[at] as number) : -1;
    }
    return found;
  }

  /** The lowest shelf over what stands on the bottom boundary. */
  private first(needMm: number, share: number, to: Float64Array): void {
    const { tops, bottomMm, thicknessMm, hangsMm, leastGapMm, stands } = this.ground;
    const need = stands ? (needMm > 0 ? Math.max(needMm + hangsMm, leastGapMm) : hangsMm) : 0;
    for (let j = 0; j < tops.length; j += 1) {
      const clear = (tops[j] as number) - thicknessMm - bottomMm;
      to[j] = clear >= need - CLOSE && this.least[j] === -1 ? HEADROOM * share * (clear - hangsMm) : Infinity;
    }
  }

  /** What is above the highest shelf, with its top at an index. */
  private roof(j: number, needMm: number, share: number): number {
    const { tops, topMm, leastGapMm } = this.ground;
    const left = topMm - (tops[j] as number);
    return left < Math.max(needMm, leastGapMm) - CLOSE || this.most[j] !== tops.length
      ? Infinity
      : HEADROOM * share * left;
  }

  /** Sets `from` to what all below a shelf and what stands on it cost. */
  private standOn(i: number, effort: Float64Array | null): void {
    const { from, below } = this;
    const sum = below[i] as Float64Array;
    if (!effort) from.set(sum);
    else for (let j = 0; j < from.length; j += 1) from[j] = (sum[j] as number) + (effort[j] as number);
  }

  /**
   * From a shelf to the one above it, over a space with a load. @returns the least together with what is above, where
   * that is given
   */
  private up(
    needMm: number,
    share: number,
    to: Float64Array | null,
    before: Int32Array | null,
    above: Float64Array | null,
  ): number {
    const { from, least, apartMm } = this;
    const { tops, thicknessMm, hangsMm, leastGapMm } = this.ground;
    const need = needMm > 0 ? needMm + hangsMm : 0;
    const apart = apartMm + (need > leastGapMm ? need : leastGapMm);
    const slope = HEADROOM * share;
    const off = slope * (thicknessMm + hangsMm);
    const size = tops.length;
    // The least over all heights from `floor` that are low enough so far, and where it is.
    let [reached, floor, low, at, best] = [0, -1, Infinity, -1, Infinity];
    for (let j = 0; j < size; j += 1) {
      const top = tops[j] as number;
      const under = least[j] as number;
      if (under > floor) {
        floor = under;
        [low, at] = [Infinity, -1];
        for (let i = floor; i < reached; i += 1) {
          const value = (from[i] as number) - slope * (tops[i] as number);
          if (value < low) [low, at] = [value, i];
        }
      }
      const limit = top - apart;
      while ((tops[reached] as number) <= limit) {
        const value = (from[reached] as number) - slope * (tops[reached] as number);
        if (value < low && reached >= floor) {
          low = value;
          at = reached;
        }
        reached += 1;
      }
      const cost = low + slope * top - off;
      if (to) to[j] = cost;
      if (before) before[j] = at;
      if (above) {
        const all = cost + (above[j] as number);
        if (all < best) best = all;
      }
    }
    return best;
  }

  /** From a shelf to the one below it: what that and all above it cost. */
  private down(i: number, { needMm, share, effort }: Load): void {
    const { most, apartMm } = this;
    const { tops, thicknessMm, hangsMm, leastGapMm } = this.ground;
    const need = (needMm[i] as number) > 0 ? (needMm[i] as number) + hangsMm : 0;
    const apart = apartMm + (need > leastGapMm ? need : leastGapMm);
    const slope = HEADROOM * (share[i] as number);
    const off = slope * (thicknessMm + hangsMm);
    const above = this.above[i + 1] as Float64Array;
    const to = this.above[i] as Float64Array;
    const own = effort[i] ?? null;
    const size = tops.length;
    let [reached, ceiling, low] = [size - 1, size, Infinity];
    for (let j = size - 1; j >= 0; j -= 1) {
      const top = tops[j] as number;
      const over = most[j] as number;
      if (over < ceiling) {
        ceiling = over;
        low = Infinity;
        for (let k = ceiling; k > reached; k -= 1) {
          const value = (above[k] as number) + slope * (tops[k] as number);
          if (value < low) low = value;
        }
      }
      const limit = top + apart;
      while ((tops[reached] as number) >= limit) {
        const value = (above[reached] as number) + slope * (tops[reached] as number);
        if (value < low && reached <= ceiling) low = value;
        reached -= 1;
      }
      to[j] = low - slope * top - off + (own ? (own[j] as number) : 0);
    }
  }
}

// A gap that is as wide as what stands in it takes it: sums of lengths are off by this at the most.
const CLOSE = 1e-6;

/** The index of the first of rising values that is not below one. */
function firstAt(rising: Float64Array, value: number): number {
  let [low, high] = [0, rising.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((rising[middle] as number) < value) low = middle + 1;
    else high = middle;
  }
  return low;
}
