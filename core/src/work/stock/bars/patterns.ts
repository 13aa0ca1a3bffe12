/** What can be cut from bars: lengths that add up, each taking its share of the saw's kerf. */
export interface Fill {
  /** What each piece takes of a bar, kerf and all. */
  readonly takes: readonly number[];
  /** How many of each there may be in one bar. */
  readonly most: readonly number[];
  /** What a bar has to give. */
  readonly room: number;
}

const EPSILON = 1e-9;

/**
 * The most valuable filling of one bar: a bounded knapsack, by branch and bound over pieces in order of value for
 * length (Gilmore and Gomory, "A linear programming approach to the cutting stock problem, part II", 1963).
 * @param values what one of each piece is worth
 * @returns how many of each, and what they are worth together
 */
export function bestFill({ takes, most, room }: Fill, values: readonly number[]): { counts: number[]; worth: number } {
  const order = takes
    .map((_, i) => i)
    .filter((i) => values[i]! > EPSILON && takes[i]! <= room + EPSILON && most[i]! > 0);
  order.sort((a, b) => values[b]! / takes[b]! - values[a]! / takes[a]!);
  const n = order.length;
  const [w, v, m] = [takes, values, most].map((all) => Float64Array.from(order, (i) => all[i]!)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  // The least that any piece from here on takes: with less left, nothing more goes in.
  const least = new Float64Array(n + 1).fill(Infinity);
  for (let i = n - 1; i >= 0; i -= 1) least[i] = Math.min(least[i + 1]!, w[i]!);
  const now = new Int32Array(n);
  let best = new Int32Array(n);
  let worth = 0;
  const search = (from: number, left: number, sum: number): void => {
    if (sum > worth + EPSILON) {
      worth = sum;
      best = now.slice();
    }
    for (let i = from; i < n; i += 1) {
      if (left < least[i]! - EPSILON) return;
      // Pieces from here on are worth no more for their length than this one.
      if (sum + (left * v[i]!) / w[i]! <= worth + EPSILON) return;
      const fit = Math.min(m[i]!, Math.floor(left / w[i]! + EPSILON));
      for (let count = fit; count > 0; count -= 1) {
        now[i] = count;
        search(i + 1, left - count * w[i]!, sum + count * v[i]!);
      }
      now[i] = 0;
    }
  };
  search(0, room, 0);
  const counts = takes.map(() => 0);
  order.forEach((i, at) => (counts[i] = best[at]!));
  return { counts, worth };
}

/**
 * Every filling of a bar worth at least so much, each as full as it can be.
 * @param values what each piece is worth, by its index
 * @param least the least worth of a filling, in the same measure
 * @param atMost gives up when there are more than this
 * @returns null where there are more
 */
export function fillsWorth(
  { takes, most, room }: Fill,
  values: readonly number[],
  least: number,
  atMost: number,
): number[][] | null {
  // Long pieces first: what is left small decides last, and a filling is seen to be full at once.
  const order = takes
    .map((_, i) => i)
    .filter((i) => takes[i]! <= room + EPSILON && most[i]! > 0)
    .sort((a, b) => takes[b]! - takes[a]!);
  const n = order.length;
  const density = new Float64Array(n + 1);
  for (let i = n - 1; i >= 0; i -= 1)
    density[i] = Math.max(density[i + 1]!, Math.max(values[order[i]!]!, 0) / takes[order[i]!]!);
  const counts = takes.map(() => 0);
  const found: number[][] = [];
  let steps = 0;
  const search = (from: number, left: number, sum: number): boolean => {
    steps += 1;
    if (steps > STEPS) return false;
    if (sum + left * density[from]! < least - 1e-7) return true;
    if (from === n) {
      const full = order.every((i) => counts[i]! >= most[i]! || takes[i]! > left + EPSILON);
      if (full) found.push([...counts]);
      return found.length <= atMost;
    }
    const i = order[from]!;
    const fit = Math.min(most[i]!, Math.floor(left / takes[i]! + EPSILON));
    for (let count = fit; count >= 0; count -= 1) {
      counts[i] = count;
      if (!search(from + 1, left - count * takes[i]!, sum + count * values[i]!)) return false;
    }
    counts[i] = 0;
    return true;
  };
  return search(0, room, 0) ? found : null;
}

/** How far fillings are looked for before there are held to be too many. */
const STEPS = 3_000_000;
