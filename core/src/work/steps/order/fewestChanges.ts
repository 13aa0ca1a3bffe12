import type { StepPlace } from '../../../job';
import type { Network } from './network';

/** No order of what is left takes fewer changes of place, from where one is. */
export type FewestChanges = (done: Uint8Array, place: StepPlace | null) => number;

/** How many sets of done steps are looked into before the longest chain alone has to do as a bound. */
const MOST_KNOWN = 6000;

/**
 * Without limits to waiting, whoever is at a place loses nothing by doing all that can be done there before leaving:
 * the rest can be done in the order it would have been done in. So only the places need to be chosen, one after
 * another; with limits the figure is a bound from below. Answers are kept; where there are too many, the chain of steps
 * with the most changes along it is the bound.
 */
export function fewestChanges({ places, into, outOf, sorted }: Network): FewestChanges {
  const known = new Map<string, number>();
  const n = places.length;
  const chain = places.map(() => 0);
  for (const i of [...sorted].reverse()) {
    for (const { to } of outOf[i]!) chain[i] = Math.max(chain[i]!, chain[to]! + (places[to] === places[i] ? 0 : 1));
  }

  /** Everything that can be done at a place, done. */
  const exhaust = (done: Uint8Array, place: StepPlace): Uint8Array => {
    const all = done.slice();
    // Steps come after what they wait for: one pass over them in that order finds all.
    for (const i of sorted) {
      if (all[i] || places[i] !== place) continue;
      if (into[i]!.every((arc) => all[arc.from])) all[i] = 1;
    }
    return all;
  };

  const from = (done: Uint8Array, place: StepPlace): number => {
    const all = exhaust(done, place);
    const key = `${keyOf(all)}${place}`;
    const answer = known.get(key);
    if (answer !== undefined) return answer;
    const others = nextPlaces(all);
    if (known.size >= MOST_KNOWN) return byChain(all, place);
    const least = others.length === 0 ? 0 : 1 + Math.min(...others.map((other) => from(all, other)));
    known.set(key, least);
    return least;
  };

  const byChain = (done: Uint8Array, place: StepPlace): number => {
    let least = 0;
    for (let i = 0; i < n; i += 1) {
      if (!done[i]) least = Math.max(least, chain[i]! + (places[i] === place ? 0 : 1));
    }
    return least;
  };

  /** Places at which something can be done now. */
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
