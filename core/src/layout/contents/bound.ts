import type { Kind } from './kinds';
import { effortAt } from './reach';
import { HEADROOM, type Ground } from './settle';

/** Prices are found with heights in about so many bands; what they are good for is then told with finer ones. */
const BANDS = 50;
const FINE_BANDS = 240;
/** Beyond this a gap is as good as any larger one, millimetres. */
const LARGE_MM = 700;

/** A kind that would stand in a space of a layout that prices lead to, and by how much that is worth its price. */
export interface Pick {
  readonly kind: number;
  readonly stance: number;
  readonly space: number;
  readonly gain: number;
}

/**
 * What no layout can cost less than. Every kind has a price that is paid for standing somewhere; with prices given,
 * shelves are laid for the most gain by dynamic programming, each space taking what pays best per length of it (a
 * knapsack that may be cut: Dantzig 1957). What is true for any prices is a bound for all layouts; prices are raised
 * for kinds that stand nowhere and lowered for those that stand twice (Lagrangian relaxation with subgradient steps:
 * Held, Wolfe and Crowder 1974). Heights are taken in bands, always to the better end, so that the bound holds for
 * every mark. The layouts that prices lead to are good ones to begin a search with.
 */
export class Bound {
  /** Kinds that can stand here at all, and which they are. */
  private readonly able: readonly Kind[];
  private readonly standing: readonly number[];
  private readonly relaxed: Relaxed;
  private readonly price: Float64Array;
  private readonly good: Float64Array;
  /** What no layout costs less than, as far as it is known. */
  best = -Infinity;
  private reach = 1.2;
  private since = 0;

  constructor(
    private readonly ground: Ground,
    kinds: readonly Kind[],
    private readonly widthMm: number,
  ) {
    this.standing = kinds.flatMap((one, index) => (one.stances.length > 0 ? [index] : []));
    this.able = this.standing.map((index) => kinds[index] as Kind);
    this.relaxed = new Relaxed(ground, this.able, widthMm, BANDS);
    this.price = Float64Array.from(this.able, (kind) => leastEffort(ground, kind));
    this.good = Float64Array.from(this.price);
  }

  /**
   * One step of the prices.
   * @param goal a cost that has been reached, or is hoped for, which the step is measured against
   * @returns what stands where in the layout that the prices led to; nothing where so many shelves do not fit
   */
  step(goal: number): Pick[] {
    const { price, relaxed } = this;
    if (this.standing.length === 0 || this.ground.tops.length === 0) return [];
    const { bound, share, picks } = relaxed.solve(price);
    if (bound === -Infinity) return [];
    if (bound > this.best + 1e-6) {
      [this.best, this.since] = [bound, 0];
      this.good.set(price);
    } else this.since += 1;
    if (this.since === 4) [this.reach, this.since] = [this.reach / 2, 0];
    const steep = share.reduce((sum, one) => sum + (1 - one) ** 2, 0);
    if (steep > 1e-9) {
      const step = (this.reach * Math.max(goal - bound, 0)) / steep;
      for (let k = 0; k < price.length; k += 1) price[k] = (price[k] as number) + step * (1 - (share[k] as number));
    }
    return picks.map((one) => ({ ...one, kind: this.standing[one.kind] as number }));
  }

  /** No layout costs less. @param cost one that has been reached */
  atLeast(cost: number): number {
    if (this.standing.length === 0 || this.ground.tops.length === 0) return 0;
    const fine =
      this.best < cost
        ? new Relaxed(this.ground, this.able, this.widthMm, FINE_BANDS).solve(this.good).bound
        : -Infinity;
    return Math.min(Math.max(this.best, fine, 0), cost);
  }
}

/** One kind standing one way; the lowest first. */
interface Way {
  readonly kind: number;
  readonly stance: number;
  readonly needMm: number;
  /** Length all of the kind take up. */
  readonly runMm: number;
}

/** Shelves in bands of height, with what things gain by prices. */
class Relaxed {
  private readonly low: number[] = [];
  /** Which band each of them is. */
  private readonly band: Int32Array;
  private readonly bandMm: number;
  private readonly ways: readonly Way[];
  private readonly effort: Float64Array[];
  private readonly floorEffort: Float64Array;
  private readonly gain: Float64Array;
  private readonly run: Float64Array;
  private readonly chosen: Float64Array;
  private readonly stance: Int32Array;
  /** Kinds that pay in a space, and what they pay for their length. */
  private readonly open: Int32Array;
  private readonly rate: Float64Array;

  constructor(
    private readonly ground: Ground,
    kinds: readonly Kind[],
    private readonly widthMm: number,
    bands: number,
  ) {
    const { tops, bottomMm, topMm } = ground;
    this.bandMm = Math.max((topMm - bottomMm) / bands, 1);
    for (const top of tops) {
      const from = bottomMm + Math.floor((top - bottomMm) / this.bandMm) * this.bandMm;
      if (this.low.at(-1) !== from) this.low.push(from);
    }
    this.band = Int32Array.from(this.low, (from) => Math.round((from - bottomMm) / this.bandMm));
    this.ways = kinds
      .flatMap(({ stances, count }, kind) =>
        stances.map((one, stance) => ({ kind, stance, needMm: one.needMm, runMm: (count / one.layers) * one.widthMm })),
      )
      .sort((a, b) => a.needMm - b.needMm);
    this.effort = this.low.map((from) =>
      Float64Array.from(kinds, ({ fetched }) => effortAt(from, from + this.bandMm, fetched)),
    );
    this.floorEffort = Float64Array.from(kinds, ({ fetched }) => effortAt(bottomMm, bottomMm, fetched));
    this.gain = new Float64Array(kinds.length);
    this.run = new Float64Array(kinds.length);
    this.chosen = new Float64Array(kinds.length);
    this.stance = new Int32Array(kinds.length);
    this.open = new Int32Array(kinds.length);
    this.rate = new Float64Array(kinds.length);
  }

  /** @returns the bound for prices, and how much of each kind stands in the layout that gives it */
  solve(price: Float64Array): { readonly bound: number; readonly share: Float64Array; readonly picks: Pick[] } {
    const picks: Pick[] = [];
    const note = (space: number) =>
      this.chosen.forEach((part, kind) => {
        if (part > 0.5)
          picks.push({ kind, stance: this.stance[kind] as number, space, gain: this.gain[kind] as number });
      });
    const { count, bottomMm, topMm, thicknessMm, hangsMm, leastGapMm, stands } = this.ground;
    const { low, band, bandMm } = this;
    const size = low.length;
    const bands = Math.ceil(LARGE_MM / bandMm);
    // Clear at the most and at the least between two bands, and from the bottom.
    const clear = (i: number, j: number) => (low[j] as number) - thicknessMm - (i < 0 ? bottomMm : (low[i] as number));
    const value = new Float64Array(size * (bands + 2));
    const apartOf = (i: number, j: number) => Math.min((band[j] as number) - (band[i] as number), bands + 1);
    for (let i = 0; i < size; i += 1) {
      let large = false;
      for (let j = i; j < size && !large; j += 1) {
        const apart = apartOf(i, j);
        large = apart > bands;
        const most = large ? topMm - (low[i] as number) : clear(i, j) + bandMm;
        value[i * (bands + 2) + apart] =
          most < leastGapMm
            ? Infinity
            : this.space(
                this.effort[i] as Float64Array,
                price,
                most - hangsMm,
                (large ? bands * bandMm : clear(i, j)) - bandMm - hangsMm,
                null,
              );
      }
    }
    const first = low.map((_, j) => {
      const most = clear(-1, j) + bandMm;
      if (!stands) return most < 0 ? Infinity : 0;
      return most < hangsMm
        ? Infinity
        : this.space(this.floorEffort, price, most - hangsMm, clear(-1, j) - hangsMm, null);
    });
    const last = low.map((from, i) =>
      topMm - from < leastGapMm
        ? Infinity
        : this.space(this.effort[i] as Float64Array, price, topMm - from, topMm - from - bandMm, null),
    );
    const before: Int32Array[] = [];
    let sums = Float64Array.from(first);
    for (let n = 2; n <= count; n += 1) {
      const next = new Float64Array(size).fill(Infinity);
      const from = new Int32Array(size).fill(-1);
      for (let i = 0; i < size; i += 1) {
        const sum = sums[i] as number;
        if (sum === Infinity) continue;
        const row = i * (bands + 2);
        for (let j = i; j < size; j += 1) {
          const all = sum + (value[row + apartOf(i, j)] as number);
          if (all < (next[j] as number)) [next[j], from[j]] = [all, i];
        }
      }
      before.push(from);
      sums = next;
    }
    let [bound, end] = [Infinity, -1];
    for (let j = 0; j < size; j += 1) {
      const all = (sums[j] as number) + (last[j] as number);
      if (all < bound) [bound, end] = [all, j];
    }
    const share = new Float64Array(price.length);
    if (end === -1) return { bound: -Infinity, share, picks };
    this.space(
      this.effort[end] as Float64Array,
      price,
      topMm - (low[end] as number),
      topMm - (low[end] as number) - bandMm,
      share,
    );
    note(count);
    for (let n = before.length - 1; n >= 0; n -= 1) {
      const i = (before[n] as Int32Array)[end] as number;
      const large = apartOf(i, end) > bands;
      const most = large ? topMm - (low[i] as number) : clear(i, end) + bandMm;
      this.space(
        this.effort[i] as Float64Array,
        price,
        most - hangsMm,
        (large ? bands * bandMm : clear(i, end)) - bandMm - hangsMm,
        share,
      );
      note(n + 1);
      end = i;
    }
    if (stands) {
      this.space(this.floorEffort, price, clear(-1, end) + bandMm - hangsMm, clear(-1, end) - hangsMm, share);
      note(0);
    }
    return { bound: bound + price.reduce((sum, one) => sum + one, 0), share, picks };
  }

  /** The most that can be gained in one space: what pays best for its length, the last thing cut where it must be. */
  private space(
    effort: Float64Array,
    price: Float64Array,
    mostMm: number,
    leastMm: number,
    share: Float64Array | null,
  ): number {
    const { gain, run, chosen, ways, widthMm } = this;
    gain.fill(0);
    run.fill(Infinity);
    for (const { kind, stance, needMm, runMm } of ways) {
      if (needMm > mostMm + 1e-6) break;
      const over = leastMm - needMm;
      const cost =
        (effort[kind] as number) - (price[kind] as number) + (over > 0 ? HEADROOM * (runMm / widthMm) * over : 0);
      if (cost < (gain[kind] as number)) {
        gain[kind] = cost;
        this.stance[kind] = stance;
      }
      if (runMm < (run[kind] as number)) run[kind] = runMm;
    }
    const { open, rate } = this;
    let [size, runs, sum] = [0, 0, 0];
    for (let k = 0; k < gain.length; k += 1) {
      const pays = gain[k] as number;
      if (pays >= 0) continue;
      open[size] = k;
      rate[size] = pays / (run[k] as number);
      runs += run[k] as number;
      sum += pays;
      size += 1;
    }
    if (share) chosen.fill(0);
    if (runs <= widthMm) {
      if (share) for (let n = 0; n < size; n += 1) chosen[open[n] as number] = 1;
    } else {
      // What pays best for its length goes in first; the last may be cut.
      let left = widthMm;
      sum = 0;
      while (left > 0 && size > 0) {
        let best = 0;
        for (let n = 1; n < size; n += 1) if ((rate[n] as number) < (rate[best] as number)) best = n;
        const next = open[best] as number;
        const part = Math.min(left / (run[next] as number), 1);
        if (share) chosen[next] = part;
        sum += (gain[next] as number) * part;
        left -= (run[next] as number) * part;
        size -= 1;
        open[best] = open[size] as number;
        rate[best] = rate[size] as number;
      }
    }
    if (share) for (let k = 0; k < gain.length; k += 1) share[k] = (share[k] as number) + (chosen[k] as number);
    return sum;
  }
}

/** The least effort of a kind over all heights it may stand at. */
export function leastEffort({ tops, bottomMm, stands }: Ground, { stances, fetched }: Kind): number {
  if (stances.length === 0) return 0;
  let least = stands ? effortAt(bottomMm, bottomMm, fetched) : Infinity;
  for (const top of tops) least = Math.min(least, effortAt(top, top, fetched));
  return least === Infinity ? 0 : least;
}
