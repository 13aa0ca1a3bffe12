import type { Network, Travel } from './network';

/**
 * The earliest beginnings of steps done one after another in a given order: none before the one before it is over and
 * the way is gone, none before its least lags have passed, and where a lag would get too long the step it starts from
 * is begun later. The least solution of a system of difference constraints (Bellman 1958); every other solution is
 * later at each step. Minutes from the beginning.
 * @param order indices, each after all that must come before it
 * @returns beginnings in that order; null where the limits cannot be held
 */
export function earliestTimes(
  order: readonly number[],
  { places, minutes, into }: Network,
  travel: Travel,
): number[] | null {
  const rank = new Map(order.map((step, k) => [step, k]));
  const starts = order.map(() => 0);
  // Each pass settles one more limit for good; more passes than limits mean that none of them can be held.
  for (let pass = 0; pass <= order.length; pass += 1) {
    let later = false;
    for (let k = 0; k < order.length; k += 1) {
      const step = order[k]!;
      let start = starts[k]!;
      if (k > 0) {
        const before = order[k - 1]!;
        start = Math.max(start, starts[k - 1]! + minutes[before]! + travel(places[before]!, places[step]!));
      }
      for (const arc of into[step]!) {
        const from = rank.get(arc.from);
        if (from !== undefined) start = Math.max(start, starts[from]! + minutes[arc.from]! + arc.leastMin);
      }
      starts[k] = start;
    }
    for (let k = 0; k < order.length; k += 1) {
      for (const arc of into[order[k]!]!) {
        const from = rank.get(arc.from);
        if (from === undefined || arc.mostMin === Infinity) continue;
        const least = starts[k]! - arc.mostMin - minutes[arc.from]!;
        if (least > starts[from]! + 1e-9) {
          starts[from] = least;
          later = true;
        }
      }
    }
    if (!later) return starts;
  }
  return null;
}

/**
 * How often the place changes along an order.
 * @param order indices of steps
 * @returns a whole number
 */
export function changesIn(order: readonly number[], { places }: Pick<Network, 'places'>): number {
  return order.filter((step, k) => k > 0 && places[step] !== places[order[k - 1]!]).length;
}
