import type { StepPlace } from '../../../job';
import { fewestChanges, type FewestChanges } from './fewestChanges';
import type { Arc, Network, Travel } from './network';
import { oneWorkerBound } from './oneWorker';
import { earliestTimes } from './times';

/** Some steps done, in an order: when each began, and where one is. Minutes. */
export interface State {
  readonly done: Uint8Array;
  readonly order: readonly number[];
  readonly starts: readonly number[];
  readonly now: number;
  readonly place: StepPlace | null;
  readonly changes: number;
}

/** A step done next, and the fewest changes of place the whole then takes. */
export interface Next {
  readonly step: number;
  readonly state: State;
  readonly changes: number;
}

export interface States {
  readonly begin: State;
  readonly least: FewestChanges;
  /** What can be done next, the most promising first; what runs past a limit is left out. */
  readonly next: (state: State) => Next[];
  /** Nothing that begins so is over sooner. Minutes; it may stop counting as soon as that is not below `enough`. */
  readonly bound: (state: State, changes: number, enough: number) => number;
  /** Waits and limits that are under way, by what must follow. */
  readonly pending: (state: State) => { readonly limited: boolean; readonly readyAt: readonly number[] };
}

const EPS = 1e-6;

/** Ways through a network, step by step. */
export function statesOf(network: Network, travel: Travel): States {
  const { places, into, tails } = network;
  const least = fewestChanges(network);
  const shortestWay = shortest(new Set(places), travel);
  const limits = limitsOf(network);

  const next = (state: State): Next[] => {
    const found: (Next & { readonly start: number; readonly off: number })[] = [];
    for (let step = 0; step < places.length; step += 1) {
      if (state.done[step] || into[step]!.some((arc) => !state.done[arc.from])) continue;
      const then = withStep(state, step, network, travel);
      if (!then || pastLimit(then, limits, network)) continue;
      const off = state.place !== null && places[step] !== state.place ? 1 : 0;
      const changes = then.changes + least(then.done, then.place);
      found.push({ step, state: then, changes, start: then.starts.at(-1)!, off });
    }
    return found.sort(
      (a, b) =>
        a.changes - b.changes ||
        a.off - b.off ||
        a.start - b.start ||
        tails[b.step]! - tails[a.step]! ||
        a.step - b.step,
    );
  };

  return {
    begin: { done: new Uint8Array(places.length), order: [], starts: [], now: 0, place: null, changes: 0 },
    least,
    next,
    bound: (state, changes, enough) => boundOf(state, changes * shortestWay, enough, network),
    pending: (state) => pendingIn(state, network),
  };
}

/** Appends a step; null when a limit cannot be kept. */
function withStep(state: State, step: number, network: Network, travel: Travel): State | null {
  const { places, minutes, into } = network;
  const done = state.done.slice();
  done[step] = 1;
  const order = [...state.order, step];
  const moved = state.place !== null && state.place !== places[step];
  const endOf = (before: number) => state.starts[state.order.indexOf(before)]! + minutes[before]!;
  let start = state.order.length === 0 ? 0 : state.now + (moved ? travel(state.place!, places[step]!) : 0);
  for (const arc of into[step]!) start = Math.max(start, endOf(arc.from) + arc.leastMin);
  let late = false;
  for (const arc of into[step]!) if (arc.mostMin < Infinity && start > endOf(arc.from) + arc.mostMin + EPS) late = true;
  // A step that comes too late is mended by starting earlier steps later.
  const starts = late ? earliestTimes(order, network, travel) : [...state.starts, start];
  if (!starts) return null;
  return {
    done,
    order,
    starts,
    now: starts.at(-1)! + minutes[step]!,
    place: places[step]!,
    changes: state.changes + (moved ? 1 : 0),
  };
}

/** A lag with a maximum, and all steps that must come before its end. */
interface Limit {
  readonly arc: Arc;
  readonly before: readonly number[];
}

function limitsOf(network: Network): Limit[] {
  const arcs = network.into.flatMap((into) => into.filter((arc) => arc.mostMin < Infinity));
  return arcs.map((arc) => ({ arc, before: ancestors(network, arc.to) }));
}

/**
 * Whether a limit that runs cannot be held any more: what lies between by now, and what must still come, takes longer.
 */
function pastLimit({ done, order }: State, limits: readonly Limit[], { minutes }: Network): boolean {
  for (const { arc, before } of limits) {
    if (!done[arc.from] || done[arc.to]) continue;
    let between = 0;
    for (let k = order.indexOf(arc.from) + 1; k < order.length; k += 1) between += minutes[order[k]!]!;
    for (const i of before) if (!done[i]) between += minutes[i]!;
    if (between > arc.mostMin + EPS) return true;
  }
  return false;
}

/**
 * Lower bound on the end of any order that begins so, minutes: remaining work and travel, then the one-worker bound.
 */
function boundOf({ done, starts, order, now }: State, waysMin: number, enough: number, network: Network): number {
  const { minutes, into, tails, sorted } = network;
  let hands = 0;
  for (let i = 0; i < minutes.length; i += 1) if (!done[i]) hands += minutes[i]!;
  const simple = now + hands + waysMin;
  if (simple >= enough) return simple;
  const ends = new Float64Array(minutes.length);
  for (let k = 0; k < order.length; k += 1) ends[order[k]!] = starts[k]! + minutes[order[k]!]!;
  const pieces = [];
  for (const i of sorted) {
    if (done[i]) continue;
    let head = now;
    for (const arc of into[i]!) head = Math.max(head, ends[arc.from]! + arc.leastMin);
    ends[i] = head + minutes[i]!;
    pieces.push({ head, minutes: minutes[i]!, tail: tails[i]! });
  }
  return Math.max(simple, oneWorkerBound(pieces));
}

function pendingIn({ done, order, starts, now }: State, { minutes, outOf }: Network): ReturnType<States['pending']> {
  const readyAt: number[] = [];
  let limited = false;
  // By the arcs' own order, whatever the order of the steps was.
  for (let i = 0; i < minutes.length; i += 1) {
    if (!done[i]) continue;
    for (const arc of outOf[i]!) {
      if (done[arc.to]) continue;
      if (arc.mostMin < Infinity) limited = true;
      if (arc.leastMin > 0) readyAt.push(Math.max(now, starts[order.indexOf(i)]! + minutes[i]! + arc.leastMin));
    }
  }
  return { limited, readyAt };
}

function ancestors({ into }: Network, i: number): number[] {
  const found = new Set<number>();
  const stack = [i];
  while (stack.length > 0) {
    for (const { from } of into[stack.pop()!]!) {
      if (found.has(from)) continue;
      found.add(from);
      stack.push(from);
    }
  }
  return [...found];
}

/** The shortest way between two different places that occur; 0 where there is only one. */
function shortest(all: ReadonlySet<StepPlace>, travel: Travel): number {
  const list = [...all];
  const ways = list.flatMap((from) => list.flatMap((to) => (from === to ? [] : [travel(from, to)])));
  return ways.length === 0 ? 0 : Math.min(...ways);
}
