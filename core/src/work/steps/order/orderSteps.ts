import type { StepPlace } from '../../../job';
import { networkOf, withoutLimit, type Lag, type Network, type Ordered, type Travel } from './network';
import { searchOrder, type Found, type Searched } from './search';
import { changesIn, earliestTimes } from './times';

/**
 * How many states are looked at at the most: enough for a usual job, over in a fraction of a second; fewer where each
 * is larger.
 */
export const usualNodes = (steps: number): number => Math.min(20_000, Math.round(60_000 / Math.max(steps, 1)));

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

/** A wait that cannot be as short as it must be, and how long it takes; minutes. */
export interface TooShort {
  readonly from: string;
  readonly to: string;
  readonly mostMin: number;
  readonly neededMin: number;
  /** No order can keep it; otherwise none was found that does. */
  readonly proven: boolean;
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
 * The order with the fewest changes of place, and among those the one that is over first. Every step comes after what
 * must come before it and within the limits of its waits; a limit that cannot be held is named and left out of account.
 * @throws Error where steps go round in a circle
 */
export function orderSteps({
  steps,
  travel,
  at = null,
  running = [],
  nodes = usualNodes(steps.length),
}: OrderInput): Ordering {
  const started = begun(steps, at, running);
  const way: Travel = (from, to) => (from === to ? 0 : travel(from, to));
  const impossible = impossibleIn(started, way);
  let tooShort = impossible;
  let network = networkOf(relaxed(started, tooShort));
  let searched = searchOrder(network, way, nodes);
  if (!searched.best) {
    const more = searched.complete ? guilty(started, tooShort, way, nodes) : notKept(started, tooShort, way, nodes);
    tooShort = [...tooShort, ...more];
    network = networkOf(relaxed(started, tooShort));
    searched = searchOrder(network, way, nodes);
  }
  return told(network, searched, tooShort);
}

/**
 * The order without a plan: each time the first step, as they are written, that can be done; each as soon as it can be,
 * whatever the limits of waits are.
 */
export function asWritten({
  steps,
  travel,
  at = null,
  running = [],
}: Omit<OrderInput, 'nodes'>): Pick<Ordering, 'changes' | 'elapsedMin'> {
  const network = networkOf(withoutLimit(begun(steps, at, running), () => true));
  const left = network.ids.map((_, i) => i);
  const order: number[] = [];
  while (left.length > 0) {
    const k = left.findIndex((i) => network.into[i]!.every((arc) => !left.includes(arc.from)));
    order.push(...left.splice(k, 1));
  }
  const starts = earliestTimes(order, network, (from, to) => (from === to ? 0 : travel(from, to))) ?? [];
  const last = order.at(-1);
  return {
    changes: changesIn(order, network),
    elapsedMin: last === undefined ? 0 : starts.at(-1)! + network.minutes[last]!,
  };
}

/** What has been begun hangs on a step that is over now, where one is. */
function begun(
  steps: readonly Ordered[],
  at: StepPlace | null,
  running: readonly (Lag & { readonly to: string })[],
): Ordered[] {
  if (at === null && running.length === 0) return [...steps];
  const first = at ?? steps.find((step) => running.some((lag) => lag.to === step.id))?.place ?? 'site';
  const now: Ordered = { id: NOW, place: first, minutes: 0, after: [] };
  return [
    now,
    ...steps.map((step) => ({
      ...step,
      after: [
        ...step.after,
        { step: NOW, leastMin: 0, mostMin: null },
        ...running
          .filter((lag) => lag.to === step.id)
          .map((lag) => ({ step: NOW, leastMin: Math.max(lag.leastMin, 0), mostMin: lag.mostMin })),
      ],
    })),
  ];
}

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
      return neededMin > mostMin + 1e-6 ? [{ from: ids[from]!, to, mostMin, neededMin, proven: true }] : [];
    }),
  );
}

/**
 * The least time from the end of one step to the beginning of another: the longest path, and all that must lie between.
 */
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
  const way =
    elsewhere.length > 0
      ? Math.min(...elsewhere.map((i) => travel(places[from]!, places[i]!)))
      : travel(places[from]!, places[to]!);
  return Math.max(reached[to]!, hands + way);
}

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

/** Limits of some steps that are not given up yet. */
const limitsOf = (steps: readonly Ordered[], known: readonly TooShort[]) =>
  steps.flatMap((step) =>
    step.after.flatMap(({ step: from, mostMin }) =>
      mostMin === null || known.some((other) => other.from === from && other.to === step.id)
        ? []
        : [{ from, to: step.id, mostMin }],
    ),
  );

/**
 * Limits that together cannot be held: the first whose being left out lets an order be found, or all that are not kept
 * then.
 */
function guilty(steps: readonly Ordered[], known: readonly TooShort[], travel: Travel, nodes: number): TooShort[] {
  for (const limit of limitsOf(steps, known)) {
    const network = networkOf(relaxed(steps, [...known, { ...limit, neededMin: 0, proven: true }]));
    const { best } = searchOrder(network, travel, nodes);
    if (best) return [{ ...limit, neededMin: waitIn(best, network, limit), proven: true }];
  }
  return notKept(steps, known, travel, nodes);
}

/**
 * Limits that the best order without any of them does not keep; all of them where they have to be left out together.
 */
function notKept(steps: readonly Ordered[], known: readonly TooShort[], travel: Travel, nodes: number): TooShort[] {
  const limits = limitsOf(steps, known);
  const network = networkOf(withoutLimit(steps, () => true));
  const { best } = searchOrder(network, travel, nodes);
  if (!best) return [];
  const waits = limits.map((limit) => ({ ...limit, neededMin: waitIn(best, network, limit), proven: false }));
  const broken = waits.filter((wait) => wait.neededMin > wait.mostMin + 1e-6);
  const again = networkOf(relaxed(steps, [...known, ...broken]));
  return earliestTimes(best.order, again, travel) ? broken : waits;
}

function waitIn(
  { order, starts }: Found,
  { ids, minutes }: Network,
  { from, to }: Pick<TooShort, 'from' | 'to'>,
): number {
  const [first, then] = [from, to].map((id) => order.findIndex((i) => ids[i] === id)) as [number, number];
  return starts[then]! - starts[first]! - minutes[order[first]!]!;
}

function told(
  { ids, minutes }: Network,
  { best, boundChanges, boundElapsedMin, complete }: Searched,
  tooShort: readonly TooShort[],
): Ordering {
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
}
