import type { StepPlace } from '../../job';
import { networkOf, withoutLimit, type Lag, type Network, type Ordered, type Travel } from './network';
import { searchOrder, type Searched } from './search';

/** How many states are looked at at the most: enough for a usual job, over in a fraction of a second. */
export const USUAL_NODES = 4000;

export interface OrderInput {
  readonly steps: readonly Ordered[];
  readonly travel: Travel;
  /** Where one is; null where one may begin anywhere. */
  readonly at?: StepPlace | null;
  /** Lags that run already from steps that are done: from now on. Negative: they have passed. */
  readonly running?: readonly (Lag & { readonly to: string })[];
  readonly nodes?: number;
}

/** A step in its place in the order. Minutes from now. */
export interface Timed {
  readonly step: string;
  readonly startMin: number;
  readonly endMin: number;
}

/** A wait that cannot be as short as it must be, and how long it takes at least; minutes. */
export interface TooShort {
  readonly from: string;
  readonly to: string;
  readonly mostMin: number;
  readonly neededMin: number;
}

/** The best order that was found; plain data. */
export interface Ordering {
  readonly steps: readonly Timed[];
  readonly changes: number;
  readonly elapsedMin: number;
  /** No order has fewer changes of place; none with as few changes is over sooner. */
  readonly boundChanges: number;
  readonly boundElapsedMin: number;
  /** It is the best there is. */
  readonly proven: boolean;
  /** Limits that no order can hold; the order does without them. */
  readonly tooShort: readonly TooShort[];
}

const NOW = 'now:';

/**
 * The order with the fewest changes of place, and among those the one that is over first. Every step comes after what must
 * come before it and within the limits of its waits; a limit that cannot be held is named and left out of account.
 * @throws Error where steps go round in a circle
 */
export function orderSteps({ steps, travel, at = null, running = [], nodes = USUAL_NODES }: OrderInput): Ordering {
  const started = begun(steps, at, running);
  const way: Travel = (from, to) => (from === to ? 0 : travel(from, to));
  const impossible = impossibleIn(started, way);
  let tooShort = impossible;
  let network = networkOf(relaxed(started, tooShort));
  let searched = searchOrder(network, way, nodes);
  if (!searched.best) {
    const one = guilty(started, tooShort, way, nodes);
    tooShort = [...tooShort, ...one];
    network = networkOf(relaxed(started, tooShort));
    searched = searchOrder(network, way, nodes);
  }
  return told(network, searched, tooShort);
}

/** What has been begun hangs on a step that is over now, where one is. */
function begun(steps: readonly Ordered[], at: StepPlace | null, running: readonly (Lag & { readonly to: string })[]): Ordered[] {
  if (at === null && running.length === 0) return [...steps];
  const first = at ?? steps.find((one) => running.some((lag) => lag.to === one.id))?.place ?? 'site';
  const now: Ordered = { id: NOW, place: first, minutes: 0, after: [] };
  return [
    now,
    ...steps.map((one) => ({
      ...one,
      after: [
        ...one.after,
        { step: NOW, leastMin: 0, mostMin: null },
        ...running.filter((lag) => lag.to === one.id).map((lag) => ({ step: NOW, leastMin: Math.max(lag.leastMin, 0), mostMin: lag.mostMin })),
      ],
    })),
  ];
} // prettier-ignore

const relaxed = (steps: readonly Ordered[], all: readonly TooShort[]): Ordered[] =>
  withoutLimit(steps, (from, to) => all.some((one) => one.from === from && one.to === to));

/** Limits that cannot be held whatever the order: what must lie between takes longer. */
function impossibleIn(steps: readonly Ordered[], travel: Travel): TooShort[] {
  const network = networkOf(steps);
  const { ids, into } = network;
  return ids.flatMap((to, k) =>
    into[k]!.flatMap(({ from, mostMin }): TooShort[] => {
      if (mostMin === Infinity) return [];
      const neededMin = between(network, from, k, travel);
      return neededMin > mostMin + 1e-6 ? [{ from: ids[from]!, to, mostMin, neededMin }] : [];
    }),
  );
}

/** The least time from the end of one step to the beginning of another: the longest path, and all that must lie between. */
function between(network: Network, from: number, to: number, travel: Travel): number {
  const { minutes, into, places, sorted } = network;
  const reached = sorted.map(() => -Infinity);
  reached[from] = 0;
  for (const i of sorted) {
    for (const arc of into[i]!) {
      const start = arc.from === from ? 0 : reached[arc.from]! + minutes[arc.from]!;
      reached[i] = Math.max(reached[i]!, start + arc.leastMin);
    }
  }
  const after = reachable(network, from, 'outOf');
  const before = reachable(network, to, 'into');
  const inside = sorted.filter((i) => i !== from && i !== to && after.has(i) && before.has(i));
  const hands = inside.reduce((sum, i) => sum + minutes[i]!, 0);
  const elsewhere = inside.filter((i) => places[i] !== places[from]);
  const way = elsewhere.length > 0 ? Math.min(...elsewhere.map((i) => travel(places[from]!, places[i]!))) : travel(places[from]!, places[to]!);
  return Math.max(reached[to]!, hands + way);
} // prettier-ignore

function reachable({ outOf, into }: Network, start: number, way: 'outOf' | 'into'): Set<number> {
  const found = new Set<number>();
  const stack = [start];
  while (stack.length > 0) {
    const one = stack.pop()!;
    for (const arc of way === 'outOf' ? outOf[one]! : into[one]!) {
      const next = way === 'outOf' ? arc.to : arc.from;
      if (!found.has(next)) stack.push(next);
      found.add(next);
    }
  }
  return found;
}

/** Limits that together cannot be held: the first whose being left out lets an order be found, or all of them. */
function guilty(steps: readonly Ordered[], known: readonly TooShort[], travel: Travel, nodes: number): TooShort[] {
  const limits = steps.flatMap((one) =>
    one.after.flatMap((lag): TooShort[] =>
      lag.mostMin === null || known.some((other) => other.from === lag.step && other.to === one.id)
        ? []
        : [{ from: lag.step, to: one.id, mostMin: lag.mostMin, neededMin: lag.mostMin }],
    ),
  );
  for (const limit of limits) {
    const network = networkOf(relaxed(steps, [...known, limit]));
    const { best } = searchOrder(network, travel, nodes);
    if (!best) continue;
    const [from, to] = [limit.from, limit.to].map((id) => best.order.findIndex((i) => network.ids[i] === id));
    const neededMin = best.starts[to!]! - best.starts[from!]! - network.minutes[best.order[from!]!]!;
    return [{ ...limit, neededMin }];
  }
  return limits;
}

function told({ ids, minutes }: Network, { best, boundChanges, boundElapsedMin, complete }: Searched, tooShort: readonly TooShort[]): Ordering {
  const { order, starts, changes, elapsedMin } = best ?? { order: [], starts: [], changes: 0, elapsedMin: 0 };
  const timed = order.map((i, k): Timed => ({ step: ids[i]!, startMin: starts[k]!, endMin: starts[k]! + minutes[i]! }));

  const proven = complete || (changes === boundChanges && elapsedMin <= boundElapsedMin + 1e-6);
  return {
    steps: timed.filter((one) => one.step !== NOW),
    changes,
    elapsedMin,
    boundChanges: complete ? changes : boundChanges,
    boundElapsedMin: proven ? elapsedMin : boundElapsedMin,
    proven,
    tooShort,
  };
} // prettier-ignore
