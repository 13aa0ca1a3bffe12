import { keyOf } from './fewestChanges';
import type { Network, Travel } from './network';
import { statesOf, type State, type States } from './state';

/** An order with its beginnings: how often the place changes, and when all is over. Minutes. */
export interface Found {
  readonly order: readonly number[];
  readonly starts: readonly number[];
  readonly changes: number;
  readonly elapsedMin: number;
}

export interface Searched {
  /** Null where no order keeps within the limits, or none was found. */
  readonly best: Found | null;
  /** No order has fewer changes; none with as few is over sooner. */
  readonly boundChanges: number;
  readonly boundElapsedMin: number;
  /** All was looked at: `best` is the best there is, or there is none. */
  readonly complete: boolean;
}

const EPS = 1e-6;
/** How many ways are followed side by side for a first answer. */
const BEAM = 10;
/** Of ways to the same steps, how many are remembered. */
const ROWS = 12;

/**
 * The order of steps with the fewest changes of place, and among those the one that is over first. A first answer comes
 * from a few promising ways followed side by side (beam search), then depth first with branch and bound: bounds from
 * `fewestChanges` and from one worker with heads and tails; of two ways to the same set of done steps the one that is
 * nowhere earlier is dropped, unless a limit is still open.
 * @param nodes how many states are gone on from at the most
 */
export function searchOrder(network: Network, travel: Travel, nodes: number): Searched {
  const n = network.ids.length;
  const states = statesOf(network, travel);
  const known = new Map<string, number[][]>();
  const { begin, least, bound } = states;
  let looked = 0;
  let complete = true;
  let best: Found | null = null;

  const boundChanges = least(begin.done, null);
  const boundElapsedMin = bound(begin, boundChanges, Infinity);
  for (const one of beam(states, n)) take(one);
  visit(begin);
  return { best, boundChanges, boundElapsedMin, complete };

  function take({ order, starts, now, changes }: State): void {
    if (best === null || changes < best.changes || (changes === best.changes && now < best.elapsedMin - EPS)) {
      best = { order, starts, changes, elapsedMin: now };
    }
  }

  /** Nothing is left to look for. */
  function atBound(): boolean {
    return best !== null && best.changes === boundChanges && best.elapsedMin <= boundElapsedMin + EPS;
  }

  function visit(state: State): void {
    if (state.order.length === n) return take(state);
    if (atBound()) return;
    if (looked >= nodes) {
      complete = false;
      return;
    }
    looked += 1;
    for (const { state: then, changes } of states.next(state)) {
      if (best !== null && changes > best.changes) continue;
      const enough = best !== null && changes === best.changes ? best.elapsedMin - EPS : Infinity;
      if (enough < Infinity && bound(then, changes - then.changes, enough) >= enough) continue;
      if (isDominated(then)) continue;
      visit(then);
    }
  }

  /** Whether the same steps have been done before in a way that is nowhere later; if not, this one is remembered. */
  function isDominated(state: State): boolean {
    const { limited, readyAt } = states.pending(state);
    if (limited) return false;
    const values = [state.changes, state.now, ...readyAt];
    const key = `${keyOf(state.done)}${state.place}`;
    const rows = known.get(key);
    if (!rows) {
      known.set(key, [values]);
      return false;
    }
    if (rows.some((other) => other.every((value, i) => value <= values[i]! + EPS))) return true;
    if (rows.length < ROWS) rows.push(values);
    return false;
  }
}

/**
 * A few ways followed side by side, those that can still be over soonest with the fewest changes. @returns whole ones
 */
function beam({ begin, next, bound, pending }: States, n: number): State[] {
  let front: State[] = [begin];
  for (let count = 0; count < n; count += 1) {
    const seen = new Set<string>();
    const found = front
      .flatMap((one) => next(one))
      .map((one) => ({
        ...one,
        bound: bound(one.state, one.changes - one.state.changes, Infinity),
        open: pending(one.state).limited ? 1 : 0,
      }))
      .sort((a, b) => a.changes - b.changes || a.bound - b.bound || a.open - b.open || a.state.now - b.state.now)
      .filter(({ state }) => {
        const key = `${keyOf(state.done)}${state.place}`;
        return seen.has(key) ? false : Boolean(seen.add(key));
      });
    // One that has no limit open is always kept: it cannot run into one.
    const kept = found.slice(0, BEAM);
    const safe = found.find((one) => one.open === 0);
    front = (safe && !kept.includes(safe) ? [...kept.slice(0, -1), safe] : kept).map((one) => one.state);
  }
  return front;
}
