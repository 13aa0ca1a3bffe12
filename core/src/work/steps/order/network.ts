import type { StepPlace } from '../../../job';

/**
 * One thing must come before another, and how long lies between the end of the one and the beginning of the other.
 * Minutes.
 */
export interface Lag {
  readonly step: string;
  readonly leastMin: number;
  /** At the latest so long after; null where it may wait. */
  readonly mostMin: number | null;
}

/** A step as far as its order goes. */
export interface Ordered {
  readonly id: string;
  readonly place: StepPlace;
  readonly minutes: number;
  readonly after: readonly Lag[];
}

/** Minutes on the way from one place to another. */
export type Travel = (from: StepPlace, to: StepPlace) => number;

/** An arc of the network: from the end of one step to the beginning of another. Indices; minutes. */
export interface Arc {
  readonly from: number;
  readonly to: number;
  readonly leastMin: number;
  readonly mostMin: number;
}

/**
 * Steps as a network with minimal and maximal time lags (Neumann, Schwindt, Zimmermann: Project Scheduling with Time
 * Windows, ch. 1): arrays by index, arcs by either end, and how long is left after each step.
 */
export interface Network {
  readonly ids: readonly string[];
  readonly places: readonly StepPlace[];
  readonly minutes: readonly number[];
  readonly into: readonly (readonly Arc[])[];
  readonly outOf: readonly (readonly Arc[])[];
  /** Longest path from the end of a step to the end of all, minutes. */
  readonly tails: readonly number[];
  /** Every step before those that come after it. */
  readonly sorted: readonly number[];
}

/**
 * The network of some steps; lags from steps that are not among them are left out.
 * @throws Error where the steps go round in a circle: `cycleIn` finds that out first
 */
export function networkOf(steps: readonly Ordered[]): Network {
  const at = new Map(steps.map((step, index) => [step.id, index]));
  const arcs = steps.flatMap((one, to) =>
    one.after.flatMap(({ step, leastMin, mostMin }): Arc[] => {
      const from = at.get(step);
      return from === undefined ? [] : [{ from, to, leastMin, mostMin: mostMin ?? Infinity }];
    }),
  );
  const into = steps.map((_, i) => arcs.filter((arc) => arc.to === i));
  const outOf = steps.map((_, i) => arcs.filter((arc) => arc.from === i));
  const sorted = sortedBy(into, outOf);
  if (sorted.length < steps.length) throw new Error('steps that go round in a circle cannot be ordered');
  const minutes = steps.map((step) => step.minutes);
  const tails = steps.map(() => 0);
  for (const i of [...sorted].reverse()) {
    tails[i] = Math.max(0, ...outOf[i]!.map((arc) => arc.leastMin + minutes[arc.to]! + tails[arc.to]!));
  }
  return {
    ids: steps.map((step) => step.id),
    places: steps.map((step) => step.place),
    minutes,
    into,
    outOf,
    tails,
    sorted,
  };
}

function sortedBy(into: Network['into'], outOf: Network['outOf']): number[] {
  const waiting = into.map((all) => all.length);
  const sorted = waiting.flatMap((count, i) => (count === 0 ? [i] : []));
  for (let k = 0; k < sorted.length; k += 1) {
    for (const { to } of outOf[sorted[k]!]!) {
      waiting[to]! -= 1;
      if (waiting[to] === 0) sorted.push(to);
    }
  }
  return sorted;
}

/** Steps that go round in a circle, in its order; null where there is none. */
export function cycleIn(steps: readonly Pick<Ordered, 'id' | 'after'>[]): string[] | null {
  const after = new Map(steps.map((step) => [step.id, step.after.map((lag) => lag.step)]));
  const over = new Set<string>();
  for (const { id } of steps) {
    const path: string[] = [];
    const found = walk(id, path);
    if (found) return found;
  }
  return null;

  function walk(id: string, path: string[]): string[] | null {
    const seen = path.indexOf(id);
    if (seen >= 0) return path.slice(seen).reverse();
    if (over.has(id)) return null;
    path.push(id);
    for (const before of after.get(id) ?? []) {
      const found = walk(before, path);
      if (found) return found;
    }
    path.pop();
    over.add(id);
    return null;
  }
}

/** The same steps without the limits to how long some lags may be. */
export function withoutLimit(steps: readonly Ordered[], unlimited: (from: string, to: string) => boolean): Ordered[] {
  return steps.map((step) => ({
    ...step,
    after: step.after.map((lag) => (unlimited(lag.step, step.id) ? { ...lag, mostMin: null } : lag)),
  }));
}
