import type { StepPlace } from '../../job';
import { fewestChanges, keyOf } from './fewestChanges';
import type { Network, Travel } from './network';
import { oneWorkerBound } from './oneWorker';
import { earliestTimes } from './times';

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

interface State {
  readonly done: Uint8Array;
  readonly count: number;
  readonly order: readonly number[];
  readonly starts: readonly number[];
  readonly now: number;
  readonly place: StepPlace | null;
  readonly changes: number;
}

const EPS = 1e-6;

/**
 * The order of steps with the fewest changes of place, and among those the one that is over first, by branch and bound:
 * depth first, the most urgent step first; bounds from `fewestChanges` and from one worker with heads and tails; of two
 * ways to the same set of done steps the one that is nowhere earlier is dropped, unless a limit is still open.
 * @param nodes how many states are looked at at the most
 */
export function searchOrder(network: Network, travel: Travel, nodes: number): Searched {
  const { places, minutes, into, outOf, tails, sorted } = network;
  const n = places.length;
  const least = fewestChanges(network);
  const shortestWay = shortest(new Set(places), travel);
  const begin: State = { done: new Uint8Array(n), count: 0, order: [], starts: [], now: 0, place: null, changes: 0 };
  const known = new Map<string, number[][]>();
  let best: Found | null = null;
  let looked = 0;
  let complete = true;

  const boundChanges = least(begin.done, null);
  const boundElapsedMin = elapsedBound(begin, boundChanges, Infinity);
  greedy();
  visit(begin);
  return { best, boundChanges, boundElapsedMin, complete };

  /** Nothing that begins as `state` is over sooner. Gives up as soon as it is not better than `enough`. */
  function elapsedBound({ done, starts, order, now }: State, changes: number, enough: number): number {
    let hands = 0;
    for (let i = 0; i < n; i += 1) if (!done[i]) hands += minutes[i]!;
    const simple = now + hands + changes * shortestWay;
    if (simple >= enough) return simple;
    const heads = headsFrom(done, order, starts, now);
    const pieces = [];
    for (let i = 0; i < n; i += 1) if (!done[i]) pieces.push({ head: heads[i]!, minutes: minutes[i]!, tail: tails[i]! });
    return Math.max(simple, now, oneWorkerBound(pieces));
  }

  function headsFrom(done: Uint8Array, order: readonly number[], starts: readonly number[], now: number): number[] {
    const ends = new Array<number>(n).fill(now);
    order.forEach((step, k) => (ends[step] = starts[k]! + minutes[step]!));
    const heads = new Array<number>(n).fill(now);
    for (const i of sorted) {
      if (done[i]) continue;
      for (const arc of into[i]!) heads[i] = Math.max(heads[i]!, ends[arc.from]! + arc.leastMin);
      ends[i] = heads[i]! + minutes[i]!;
    }
    return heads;
  }

  /** What can be done next, the most promising first. */
  function candidates(state: State): { next: State; step: number; left: number }[] {
    const { done } = state;
    const found: { next: State; step: number; left: number; start: number }[] = [];
    for (let i = 0; i < n; i += 1) {
      if (done[i] || into[i]!.some((arc) => !done[arc.from])) continue;
      const next = withStep(state, i);
      if (next) found.push({ next, step: i, left: next.changes + least(next.done, next.place), start: next.starts.at(-1)! });
    }
    const wayOff = (one: { step: number }) => (state.place !== null && places[one.step] !== state.place ? 1 : 0);
    return found.sort((a, b) => a.left - b.left || wayOff(a) - wayOff(b) || a.start - b.start || tails[b.step]! - tails[a.step]! || a.step - b.step);
  }

  function withStep(state: State, step: number): State | null {
    const done = state.done.slice();
    done[step] = 1;
    const order = [...state.order, step];
    const moved = state.place !== null && state.place !== places[step];
    let start = state.order.length === 0 ? 0 : state.now + (moved ? travel(state.place!, places[step]!) : 0);
    const ends = new Map<number, number>();
    if (into[step]!.length > 0) state.order.forEach((one, k) => ends.set(one, state.starts[k]! + minutes[one]!));
    for (const arc of into[step]!) start = Math.max(start, ends.get(arc.from)! + arc.leastMin);
    let starts: readonly number[] = [...state.starts, start];
    if (into[step]!.some((arc) => start > ends.get(arc.from)! + arc.mostMin + EPS)) {
      // Something before it is begun later, so that this comes in time.
      const again = earliestTimes(order, network, travel);
      if (!again) return null;
      starts = again;
    }
    const now = starts.at(-1)! + minutes[step]!;
    return { done, count: state.count + 1, order, starts, now, place: places[step]!, changes: state.changes + (moved ? 1 : 0) };
  }

  function better(changes: number, elapsed: number): boolean {
    return best === null || changes < best.changes || (changes === best.changes && elapsed < best.elapsedMin - EPS);
  }

  function take({ order, starts, now, changes }: State): void {
    const elapsedMin = Math.max(now, 0);
    if (better(changes, elapsedMin)) best = { order, starts, changes, elapsedMin };
  }

  /** The most promising step each time: a first answer. Where it runs into a limit, there is none yet. */
  function greedy(): void {
    let state: State = begin;
    while (state.count < n) {
      const [first] = candidates(state);
      if (!first) return;
      state = first.next;
    }
    take(state);
  }

  function visit(state: State): void {
    if (state.count === n) return take(state);
    if (looked >= nodes) {
      complete = false;
      return;
    }
    looked += 1;
    for (const { next, left } of candidates(state)) {
      if (looked >= nodes) {
        complete = false;
        return;
      }
      if (best !== null && left > best.changes) continue;
      const enough: number = best !== null && left === best.changes ? best.elapsedMin - EPS : Infinity;
      if (enough < Infinity && elapsedBound(next, left - next.changes, enough) >= enough) continue;
      if (isDominated(next)) continue;
      visit(next);
      // As good as can be: nothing is left to look for.
      if (best !== null && best.changes === boundChanges && best.elapsedMin <= boundElapsedMin + EPS) return;
    }
  }

  /** Whether the same steps have been done before in a way that is nowhere later; if not, this one is remembered. */
  function isDominated(state: State): boolean {
    const { done, order, starts, now, place, changes } = state;
    const row = [changes, now];
    for (let k = 0; k < order.length; k += 1) {
      const step = order[k]!;
      for (const arc of outOf[step]!) {
        if (done[arc.to]) continue;
        if (arc.mostMin < Infinity) return false;
        if (arc.leastMin > 0) row.push(starts[k]! + minutes[step]! + arc.leastMin, arc.from, arc.to);
      }
    }
    // The same arcs in the same order, whatever the order of steps was.
    const arcs: [number, number, number][] = [];
    for (let i = 2; i < row.length; i += 3) arcs.push([row[i + 1]!, row[i + 2]!, row[i]!]);
    arcs.sort((a, b) => a[0] - b[0] || a[1] - b[1]);
    const values = [changes, now, ...arcs.map((one) => Math.max(one[2], now))];
    const key = `${keyOf(done)}${place}`;
    const rows = known.get(key);
    if (!rows) {
      known.set(key, [values]);
      return false;
    }
    if (rows.some((other) => other.every((value, i) => value <= values[i]! + EPS))) return true;
    if (rows.length < 12) rows.push(values);
    return false;
  }
} // prettier-ignore

/** The shortest way between two different places that occur; 0 where there is only one. */
function shortest(all: ReadonlySet<StepPlace>, travel: Travel): number {
  const list = [...all];
  const ways = list.flatMap((from) => list.flatMap((to) => (from === to ? [] : [travel(from, to)])));
  return ways.length === 0 ? 0 : Math.min(...ways);
}
