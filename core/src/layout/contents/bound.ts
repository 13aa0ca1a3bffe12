import type { Kind } from './kinds';
import { effortAt } from './reach';
import { HEADROOM, type Ground } from './settle';

/** Prices are found with heights in about so many bands; what they are good for is then told with finer ones. */
const BANDS = 50;
const FINE_BANDS = 240;
/** Beyond this a gap is as good as any larger one, millimetres. */
const LARGE_MM = 700;
const ROUNDS = 24;

/**
 * What no layout can cost less than. Every kind has a price that is paid for standing somewhere; with prices given,
 * shelves are laid for the most gain by dynamic programming, each space taking what pays best per length of it (a
 * knapsack that may be cut: Dantzig 1957). What is true for any prices is a bound for all layouts; prices are raised for
 * kinds that stand nowhere and lowered for those that stand twice (Lagrangian relaxation with subgradient steps: Held,
 * Wolfe and Crowder 1974). Heights are taken in bands, always to the better end, so that the bound holds for every mark.
 * @param goal a cost that has been reached, which the steps are measured against
 */
export function costAtLeast(ground: Ground, kinds: readonly Kind[], widthMm: number, goal: number): number {
  const standing = kinds.filter((one) => one.stances.length > 0);
  if (standing.length === 0 || ground.tops.length === 0) return 0;
  const relaxed = new Relaxed(ground, standing, widthMm, BANDS);
  const price = Float64Array.from(standing, (kind) => leastEffort(ground, kind));
  const good = Float64Array.from(price);
  let [best, reach, since] = [-Infinity, 1.2, 0];
  for (let round = 0; round < ROUNDS && best < goal; round += 1) {
    const { bound, share } = relaxed.solve(price);
    if (bound > best + 1e-6) {
      [best, since] = [bound, 0];
      good.set(price);
    } else since += 1;
    if (since === 4) [reach, since] = [reach / 2, 0];
    const steep = share.reduce((sum, one) => sum + (1 - one) ** 2, 0);
    if (steep < 1e-9) break;
    const step = (reach * (goal - bound)) / steep;
    for (let k = 0; k < price.length; k += 1) price[k] = (price[k] as number) + step * (1 - (share[k] as number));
  }
  const fine = best < goal ? new Relaxed(ground, standing, widthMm, FINE_BANDS).solve(good).bound : best;
  return Math.min(Math.max(best, fine, 0), goal);
}

/** One kind standing one way; the lowest first. */
interface Way {
  readonly kind: number;
  readonly needMm: number;
  /** Length all of the kind take up. */
  readonly runMm: number;
}

/** Shelves in bands of height, with what things gain by prices. */
class Relaxed {
  private readonly low: number[] = [];
  private readonly bandMm: number;
  private readonly ways: readonly Way[];
  private readonly effort: Float64Array[];
  private readonly floorEffort: Float64Array;
  private readonly gain: Float64Array;
  private readonly run: Float64Array;
  private readonly chosen: Float64Array;

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
    this.ways = kinds
      .flatMap(({ stances, count }, kind) =>
        stances.map((one) => ({ kind, needMm: one.needMm, runMm: (count / one.layers) * one.widthMm })),
      )
      .sort((a, b) => a.needMm - b.needMm);
    this.effort = this.low.map((from) => Float64Array.from(kinds, ({ fetched }) => effortAt(from, from + this.bandMm, fetched)));
    this.floorEffort = Float64Array.from(kinds, ({ fetched }) => effortAt(bottomMm, bottomMm, fetched));
    this.gain = new Float64Array(kinds.length);
    this.run = new Float64Array(kinds.length);
    this.chosen = new Float64Array(kinds.length);
  }

  /** @returns the bound for prices, and how much of each kind stands in the layout that gives it */
  solve(price: Float64Array): { readonly bound: number; readonly share: Float64Array } {
    const { count, bottomMm, topMm, thicknessMm, hangsMm, leastGapMm, stands } = this.ground;
    const { low, bandMm } = this;
    const size = low.length;
    const bands = Math.ceil(LARGE_MM / bandMm);
    // Clear at the most and at the least between two bands, and from the bottom.
    const clear = (i: number, j: number) => (low[j] as number) - thicknessMm - (i < 0 ? bottomMm : (low[i] as number));
    const value = new Float64Array(size * (bands + 2));
    const at = (i: number, j: number) => i * (bands + 2) + Math.min(Math.round(((low[j] as number) - (low[i] as number)) / bandMm), bands + 1);
    for (let i = 0; i < size; i += 1) {
      let large = false;
      for (let j = i; j < size && !large; j += 1) {
        const apart = Math.round(((low[j] as number) - (low[i] as number)) / bandMm);
        large = apart > bands;
        const most = large ? topMm - (low[i] as number) : clear(i, j) + bandMm;
        value[at(i, j)] = most < leastGapMm ? Infinity : this.space(this.effort[i] as Float64Array, price, most - hangsMm, (large ? bands * bandMm : clear(i, j)) - bandMm - hangsMm, null);
      }
    }
    const first = low.map((_, j) => {
      const most = clear(-1, j) + bandMm;
      if (!stands) return most < 0 ? Infinity : 0;
      return most < hangsMm ? Infinity : this.space(this.floorEffort, price, most - hangsMm, clear(-1, j) - hangsMm, null);
    });
    const last = low.map((from, i) => (topMm - from < leastGapMm ? Infinity : this.space(this.effort[i] as Float64Array, price, topMm - from, topMm - from - bandMm, null)));
    const before: Int32Array[] = [];
    let sums = Float64Array.from(first);
    for (let n = 2; n <= count; n += 1) {
      const next = new Float64Array(size).fill(Infinity);
      const from = new Int32Array(size).fill(-1);
      for (let i = 0; i < size; i += 1) {
        const sum = sums[i] as number;
        if (sum === Infinity) continue;
        for (let j = i; j < size; j += 1) {
          const all = sum + (value[at(i, j)] as number);
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
    if (end === -1) return { bound: -Infinity, share };
    this.space(this.effort[end] as Float64Array, price, topMm - (low[end] as number), topMm - (low[end] as number) - bandMm, share);
    for (let n = before.length - 1; n >= 0; n -= 1) {
      const i = (before[n] as Int32Array)[end] as number;
      const large = Math.round(((low[end] as number) - (low[i] as number)) / bandMm) > bands;
      const most = large ? topMm - (low[i] as number) : clear(i, end) + bandMm;
      this.space(this.effort[i] as Float64Array, price, most - hangsMm, (large ? bands * bandMm : clear(i, end)) - bandMm - hangsMm, share);
      end = i;
    }
    if (stands) this.space(this.floorEffort, price, clear(-1, end) + bandMm - hangsMm, clear(-1, end) - hangsMm, share);
    return { bound: bound + price.reduce((sum, one) => sum + one, 0), share };
  }

  /** The most that can be gained in one space: what pays best for its length, the last thing cut where it must be. */
  private space(effort: Float64Array, price: Float64Array, mostMm: number, leastMm: number, share: Float64Array | null): number {
    const { gain, run, chosen, ways, widthMm } = this;
    gain.fill(0);
    run.fill(Infinity);
    for (const { kind, needMm, runMm } of ways) {
      if (needMm > mostMm + 1e-6) break;
      const over = leastMm - needMm;
      const cost = (effort[kind] as number) - (price[kind] as number) + (over > 0 ? HEADROOM * (runMm / widthMm) * over : 0);
      if (cost < (gain[kind] as number)) gain[kind] = cost;
      if (runMm < (run[kind] as number)) run[kind] = runMm;
    }
    chosen.fill(0);
    let [sum, left] = [0, widthMm];
    // What pays best for its length goes in first; the last may be cut.
    while (left > 0) {
      let next = -1;
      let pays = 0;
      for (let k = 0; k < gain.length; k += 1) {
        if (chosen[k] !== 0 || (gain[k] as number) >= 0) continue;
        const rate = (gain[k] as number) / (run[k] as number);
        if (rate < pays) [next, pays] = [k, rate];
      }
      if (next === -1) break;
      const part = Math.min(left / (run[next] as number), 1);
      chosen[next] = part;
      sum += (gain[next] as number) * part;
      left -= (run[next] as number) * part;
    }
    if (share) for (let k = 0; k < gain.length; k += 1) share[k] = (share[k] as number) + (chosen[k] as number);
    return sum;
  }
} // prettier-ignore

/** The least effort of a kind over all heights it may stand at. */
export function leastEffort({ tops, bottomMm, stands }: Ground, { stances, fetched }: Kind): number {
  if (stances.length === 0) return 0;
  let least = stands ? effortAt(bottomMm, bottomMm, fetched) : Infinity;
  for (const top of tops) least = Math.min(least, effortAt(top, top, fetched));
  return least === Infinity ? 0 : least;
}
