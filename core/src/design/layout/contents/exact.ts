import type { Filled, Filling } from './filling';
import type { Kind } from './kinds';
import type { Found } from './search';

// A search through all there is must stay within what a person waits for.
const MOST_FILLINGS = 60_000;
const MOST_LAYINGS = 4_000;

/**
 * Looks through every filling there is, passing over what cannot become better than what is known (branch and bound:
 * Land and Doig 1960). Things that are yet to come only cost more, so that what stands already is a bound.
 * @param known the best so far, and what each kind costs at the least wherever it stands
 * @returns the best of all; null where there are too many to look through
 */
export function searchAll(filling: Filling, known: Found, leastEffort: (kind: Kind) => number): Found | null {
  const { kinds, spaces, ground } = filling;
  const used = ground.stands ? spaces : spaces - 1;
  let size = 1;
  for (const kind of kinds)
    size *= Math.max(kind.stances.length, 1) * (kind.stances.length === 0 ? 1 : ways(kind.count, used + 1));
  if (size > MOST_FILLINGS) return null;
  let best = known;
  const from = filling.asked;
  const empty: Filled = {
    stance: kinds.map(() => 0),
    counts: kinds.map(() => Array.from({ length: spaces }, () => 0)),
  };
  filling.fill(empty);
  const order = kinds.map((_, index) => index).sort((a, b) => most(b) - most(a));
  function most(kind: number): number {
    const stances = kinds[kind]?.stances ?? [];
    return stances.length === 0 ? 0 : Math.min(...stances.map((stance) => stance.needMm));
  }
  // What is still to come costs at least this.
  const rest: number[] = Array.from({ length: order.length + 1 }, () => 0);
  for (let i = order.length - 1; i >= 0; i -= 1)
    rest[i] = (rest[i + 1] as number) + leastEffort(kinds[order[i] as number] as Kind);
  let stopped = false;
  const place = (depth: number, out: number): void => {
    if (stopped) return;
    const inside = filling.laidCost();
    if (filling.asked - from > MOST_LAYINGS) {
      stopped = true;
      return;
    }
    if (inside === Infinity || inside + out + (rest[depth] as number) >= best.cost - 1e-9) return;
    if (depth === order.length) {
      best = { filled: filling.filled(), cost: inside + out };
      return;
    }
    const kind = order[depth] as number;
    const { count, stances } = kinds[kind] as (typeof kinds)[number];
    const spread = (space: number, left: number): void => {
      if (stopped) return;
      if (space === spaces) {
        // What is left out counts as what is out of this kind alone, the others being yet to come.
        place(depth + 1, out + filling.outCostOf(kind, left));
        return;
      }
      const way = filling.stanceOf(kind);
      const room = way ? Math.min(left, filling.room(way, space)) : 0;
      for (let here = room; here >= 0; here -= 1) {
        filling.put(kind, space, here);
        spread(space + 1, left - here);
      }
      filling.put(kind, space, 0);
    };
    for (let stance = 0; stance < Math.max(stances.length, 1); stance += 1) {
      filling.turn(kind, stance);
      spread(0, count);
    }
    filling.turn(kind, 0);
  };
  place(0, 0);
  filling.fill(best.filled);
  return stopped ? null : best;
}

/** Ways to spread so many over so many places: n + k - 1 over k - 1. */
function ways(count: number, places: number): number {
  let all = 1;
  for (let i = 1; i < places; i += 1) all = (all * (count + i)) / i;
  return all;
}
