import type { Kind } from './kinds';
import { effortAt } from './reach';
import { HEADROOM, type Ground } from './settle';

/** Beyond this a gap is as good as any larger one, millimetres. */
const LARGE_MM = 700;

/** A kind that would stand in a space of a layout that prices lead to, and by how much that is worth its price. */
export interface Pick {
  readonly kind: number;
  readonly stance: number;
  readonly space: number;
  readonly gain: number;
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
export class Relaxed {
  private readonly low: number[] = [];
  /** Which band each of them is. */
  private readonly band: Int32Array;
  private readonly bandMm: number;
  /** Number of bands told apart; a larger gap counts the same. */
  private readonly bands: number;
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
    bandCount: number,
  ) {
    const { tops, bottomMm, topMm } = ground;
    this.bandMm = Math.max((topMm - bottomMm) / bandCount, 1);
    this.bands = Math.ceil(LARGE_MM / this.bandMm);
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
    const values = this.valuesOf(price);
    const { before, sums } = this.cheapest(values);
    const share = new Float64Array(price.length);
    const picks: Pick[] = [];
    let [bound, end] = [Infinity, -1];
    for (let j = 0; j < this.low.length; j += 1) {
      const all = (sums[j] as number) + (values.last[j] as number);
      if (all < bound) [bound, end] = [all, j];
    }
    if (end === -1) return { bound: -Infinity, share, picks };
    this.walkBack(price, before, end, share, picks);
    return { bound: bound + price.reduce((sum, one) => sum + one, 0), share, picks };
  }

  /** Least clear height between two bands, or from the bottom when i < 0; the most is one band more. Millimetres. */
  private clear(i: number, j: number): number {
    const from = i < 0 ? this.ground.bottomMm : (this.low[i] as number);
    return (this.low[j] as number) - this.ground.thicknessMm - from;
  }

  private apart(i: number, j: number): number {
    return Math.min((this.band[j] as number) - (this.band[i] as number), this.bands + 1);
  }

  /** Most and least clear height of the space between two bands. */
  private clearance(i: number, j: number): { mostMm: number; leastMm: number } {
    const large = this.apart(i, j) > this.bands;
    const mostMm = large ? this.ground.topMm - (this.low[i] as number) : this.clear(i, j) + this.bandMm;
    const leastMm = (large ? this.bands * this.bandMm : this.clear(i, j)) - this.bandMm - this.ground.hangsMm;
    return { mostMm, leastMm };
  }

  /** Largest gain of each space: between bands, below the first shelf, above the last. */
  private valuesOf(price: Float64Array) {
    const { topMm, hangsMm, leastGapMm, stands } = this.ground;
    const { low, bandMm, bands } = this;
    const size = low.length;
    const between = new Float64Array(size * (bands + 2));
    for (let i = 0; i < size; i += 1) {
      for (let j = i; j < size; j += 1) {
        const apart = this.apart(i, j);
        const { mostMm, leastMm } = this.clearance(i, j);
        const effort = this.effort[i] as Float64Array;
        between[i * (bands + 2) + apart] =
          mostMm < leastGapMm ? Infinity : this.space(effort, price, mostMm - hangsMm, leastMm, null);
        if (apart > bands) break;
      }
    }
    const first = low.map((_, j) => {
      const most = this.clear(-1, j) + bandMm;
      if (!stands) return most < 0 ? Infinity : 0;
      if (most < hangsMm) return Infinity;
      return this.space(this.floorEffort, price, most - hangsMm, this.clear(-1, j) - hangsMm, null);
    });
    const last = low.map((from, i) => {
      if (topMm - from < leastGapMm) return Infinity;
      return this.space(this.effort[i] as Float64Array, price, topMm - from, topMm - from - bandMm, null);
    });
    return { between, first, last };
  }

  /** Dynamic program: least cost of each band as the last of n shelves, and the band before. */
  private cheapest({ between, first }: ReturnType<Relaxed['valuesOf']>) {
    const size = this.low.length;
    const before: Int32Array[] = [];
    let sums = Float64Array.from(first);
    for (let n = 2; n <= this.ground.count; n += 1) {
      const next = new Float64Array(size).fill(Infinity);
      const from = new Int32Array(size).fill(-1);
      for (let i = 0; i < size; i += 1) {
        const sum = sums[i] as number;
        if (sum === Infinity) continue;
        const row = i * (this.bands + 2);
        for (let j = i; j < size; j += 1) {
          const all = sum + (between[row + this.apart(i, j)] as number);
          if (all < (next[j] as number)) [next[j], from[j]] = [all, i];
        }
      }
      before.push(from);
      sums = next;
    }
    return { before, sums };
  }

  /** Walks the found layout from the top down; records the share and the picks of each space. */
  private walkBack(
    price: Float64Array,
    before: readonly Int32Array[],
    top: number,
    share: Float64Array,
    picks: Pick[],
  ): void {
    const { count, topMm, hangsMm, stands } = this.ground;
    const note = (space: number) =>
      this.chosen.forEach((part, kind) => {
        if (part > 0.5)
          picks.push({ kind, stance: this.stance[kind] as number, space, gain: this.gain[kind] as number });
      });
    let end = top;
    const aboveMm = topMm - (this.low[end] as number);
    this.space(this.effort[end] as Float64Array, price, aboveMm, aboveMm - this.bandMm, share);
    note(count);
    for (let n = before.length - 1; n >= 0; n -= 1) {
      const i = (before[n] as Int32Array)[end] as number;
      const { mostMm, leastMm } = this.clearance(i, end);
      this.space(this.effort[i] as Float64Array, price, mostMm - hangsMm, leastMm, share);
      note(n + 1);
      end = i;
    }
    if (!stands) return;
    const below = this.clear(-1, end);
    this.space(this.floorEffort, price, below + this.bandMm - hangsMm, below - hangsMm, share);
    note(0);
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
