import type { Kind } from './kinds';
import { effortAt } from './reach';
import { Relaxed, type Pick } from './relaxed';
import type { Ground } from './settle';

export type { Pick };

/** Prices are found with heights in about so many bands; what they are good for is then told with finer ones. */
const BANDS = 50;
const FINE_BANDS = 240;

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
    this.standing = kinds.flatMap((kind, index) => (kind.stances.length > 0 ? [index] : []));
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
    return picks.map((pick) => ({ ...pick, kind: this.standing[pick.kind] as number }));
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

/**
 * The least effort of a kind of thing over all heights it may stand at.
 * @returns the effort of one fetch, as `effortAt` counts it; no unit
 */
export function leastEffort({ tops, bottomMm, stands }: Ground, { stances, fetched }: Kind): number {
  if (stances.length === 0) return 0;
  let least = stands ? effortAt(bottomMm, bottomMm, fetched) : Infinity;
  for (const top of tops) least = Math.min(least, effortAt(top, top, fetched));
  return least === Infinity ? 0 : least;
}
