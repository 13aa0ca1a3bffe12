import type { StepPlace } from '../../job';
import type { Network } from './network';

/** The fewest changes of place that what is left still takes, from where one is. */
export type FewestChanges = (done: Uint8Array, place: StepPlace | null) => number;

/**
 * Without limits to waiting, whoever is at a place loses nothing by doing all that can be done there before leaving: the
 * rest can be done in the order it would have been done in. So only the places need to be chosen, one after another; with
 * limits the figure is a bound from below. Answers are kept.
 */
export function fewestChanges({ places, into, outOf }: Network): FewestChanges {
  const known = new Map<string, number>();
  const n = places.length;

  /** Everything that can be done at a place, done. */
  const exhaust = (done: Uint8Array, place: StepPlace): Uint8Array => {
    const all = done.slice();
    const waiting = into.map((arcs) => arcs.reduce((sum, arc) => sum + (all[arc.from] ? 0 : 1), 0));
    const queue: number[] = [];
    for (let i = 0; i < n; i += 1) if (!all[i] && waiting[i] === 0 && places[i] === place) queue.push(i);
    while (queue.length > 0) {
      const step = queue.pop()!;
      all[step] = 1;
      for (const { to } of outOf[step]!) {
        waiting[to]! -= 1;
        if (waiting[to] === 0 && !all[to] && places[to] === place) queue.push(to);
      }
    }
    return all;
  };

  const from = (done: Uint8Array, place: StepPlace): number => {
    const all = exhaust(done, place);
    const key = `${keyOf(all)}${place}`;
    const answer = known.get(key);
    if (answer !== undefined) return answer;
    const others = nextPlaces(all);
    const least = others.length === 0 ? 0 : 1 + Math.min(...others.map((other) => from(all, other)));
    known.set(key, least);
    return least;
  };

  /** Places, other than the one that is exhausted, at which something can be done now. */
  const nextPlaces = (done: Uint8Array): StepPlace[] => {
    const found = new Set<StepPlace>();
    for (let i = 0; i < n; i += 1) if (!done[i] && into[i]!.every((arc) => done[arc.from])) found.add(places[i]!);
    return [...found];
  };

  return (done, place) => {
    if (place !== null) return from(done, place);
    const first = nextPlaces(done);
    return first.length === 0 ? 0 : Math.min(...first.map((one) => from(done, one)));
  };
}

/** A set of steps as a short text. */
export function keyOf(done: Uint8Array): string {
  let key = '';
  for (let i = 0; i < done.length; i += 15) {
    let word = 0;
    for (let k = i; k < Math.min(i + 15, done.length); k += 1) word = word * 2 + done[k]!;
    key += String.fromCharCode(word + 1);
  }
  return key;
}
