import { randomFrom, type Random } from '../../../base/random';
import type { Pick } from './bound';
import { runningMm } from './kinds';
import { OUT, type Filled, type Filling } from './filling';

export interface Found {
  readonly filled: Filled;
  readonly cost: number;
}

/** How often shelves may be laid while it is searched. */
export interface Budget {
  readonly layings: number;
  /** A whole number: the same one gives the same search. */
  readonly seed: number;
}

// However hard it is tried without gain, this many times is enough for a small job.
const FRUITLESS = 250;
// What costs more than the least by no more than this is not searched further.
const NOTHING = 1e-9;
// So often all that stands in a space is moved, rather than kinds one by one.
const MOVED = 0.4;
// By so much of the best cost it may become worse, at the beginning, to come out of where it is stuck.
const WORSE = 0.01;

/**
 * Searches for a good filling from one that is given: again and again a few kinds are taken out and put back where they
 * cost least (large neighbourhood search: Shaw 1998), or all of one space moves to another. Never worse than it began.
 */
export function search(filling: Filling, { layings, seed }: Budget, start: Filled): Found {
  const { spaces } = filling;
  const random = randomFrom(seed);
  const order = highestFirst(filling);
  filling.fill(start);
  // Where not even the shelves fit there is nothing to search.
  if (filling.cost() === Infinity) return { filled: filling.filled(), cost: Infinity };
  let here = { filled: filling.filled(), cost: filling.cost() };
  let best = here;
  let fruitless = 0;
  const empty = (kind: number) => {
    for (let space = 0; space < spaces; space += 1) if (filling.countIn(kind, space) > 0) filling.put(kind, space, 0);
  };
  const from = filling.asked;
  const least = leastCost(filling);
  const worthwhile = () => best.cost > least + NOTHING && fruitless < FRUITLESS && order.length > 0;
  while (filling.asked - from < layings && worthwhile()) {
    if (random.uniform() < MOVED) move(filling, random);
    else {
      const taken = taking(filling, order, random);
      taken.forEach(empty);
      const again = [...taken, ...order.filter((one) => filling.outOf(one) > 0 && !taken.includes(one))];
      for (const kind of shuffled(again, random)) insert(filling, kind);
    }
    const now = { filled: filling.filled(), cost: filling.cost() };
    fruitless += 1;
    // A little worse is gone on from, so that what is better beyond it can be found; less and less of it.
    const left = 1 - (filling.asked - from) / layings;
    if (now.cost < here.cost + WORSE * left * Math.min(best.cost, OUT) || now.cost <= best.cost) here = now;
    else filling.fill(here.filled);
    if (now.cost < best.cost - 1e-9) {
      best = now;
      fruitless = 0;
    }
  }
  filling.fill(best.filled);
  return { filled: best.filled, cost: filling.cost() };
}

/** What no filling costs less than: kinds that can stand nowhere are out. */
export const leastCost = (filling: Filling): number =>
  filling.kinds.reduce(
    (sum, { stances, count }, kind) => (stances.length === 0 ? sum + filling.outCostOf(kind, count) : sum),
    0,
  );

/** All that stands in a space goes to another: by turns with what is there, or what is between moves on. */
function move(filling: Filling, { uniform }: Random): void {
  const lowest = filling.ground.stands ? 0 : 1;
  const places = filling.spaces - lowest;
  const from = Math.floor(uniform() * places);
  const to = (from + 1 + Math.floor(uniform() * (places - 1))) % places;
  if (uniform() < 0.5) filling.swap(lowest + from, lowest + to);
  else filling.shift(lowest + from, lowest + to);
}

/**
 * Fills after picks that may name a kind twice, or not at all: each where it is worth the most while there is room, the
 * rest where it costs least.
 */
export function fillBy(filling: Filling, picks: readonly Pick[]): Found {
  const { kinds, spaces, widthMm } = filling;
  const stance = kinds.map(() => 0);
  const counts = kinds.map(() => Array.from({ length: spaces }, () => 0));
  const usedMm = Array.from({ length: spaces }, () => 0);
  const put = new Map<number, number>();
  for (const pick of [...picks].sort((a, b) => a.gain - b.gain)) {
    const kind = kinds[pick.kind];
    const way = kind?.stances[pick.stance];
    if (!kind || !way || put.has(pick.kind)) continue;
    const used = (usedMm[pick.space] as number) + runningMm(way, kind.count);
    if (used > widthMm || way.depthMm > filling.depthAt(pick.space)) continue;
    usedMm[pick.space] = used;
    stance[pick.kind] = pick.stance;
    (counts[pick.kind] as number[])[pick.space] = kind.count;
    put.set(pick.kind, pick.space);
  }
  filling.fill({ stance, counts });
  // Heights in bands are a little too good to be true: what is worth the least goes out until the shelves can be laid.
  for (const [kind, space] of [...put].reverse()) {
    if (filling.cost() < Infinity) break;
    filling.put(kind, space, 0);
    put.delete(kind);
  }
  for (const kind of highestFirst(filling)) if (!put.has(kind)) insert(filling, kind);
  return { filled: filling.filled(), cost: filling.cost() };
}

/** Kinds that can stand here at all, the highest first: they find it hardest to have room. */
function highestFirst({ kinds }: Filling): number[] {
  return kinds
    .map((kind, index) => ({ index, high: Math.min(...kind.stances.map((stance) => stance.needMm), Infinity) }))
    .filter((one) => (kinds[one.index]?.stances.length ?? 0) > 0)
    .sort((a, b) => b.high - a.high || a.index - b.index)
    .map((one) => one.index);
}

/** A few kinds: all of one space or of two, or such as are next to one another in height, or any. */
function taking(filling: Filling, order: readonly number[], { uniform }: Random): number[] {
  const { spaces } = filling;
  const any = (most: number) => Math.floor(uniform() * most);
  const which = uniform();
  if (which < 0.5) {
    const chosen = which < 0.25 ? [any(spaces)] : [any(spaces), any(spaces)];
    const there = order.filter((kind) => chosen.some((space) => filling.countIn(kind, space) > 0));
    if (there.length > 0) return there;
  }
  const size = Math.min(2 + any(3), order.length);
  const from = any(order.length);
  // By strides, so that kinds of unlike height come together too.
  const stride = which < 0.75 ? 1 : 1 + any(order.length);
  return [...new Set(Array.from({ length: size }, (_, i) => order[(from + i * stride) % order.length] as number))];
}

/** In an order of chance (Fisher and Yates 1938). */
function shuffled(kinds: readonly number[], { uniform }: Random): number[] {
  const all = [...kinds];
  for (let i = all.length - 1; i > 0; i -= 1) {
    const j = Math.floor(uniform() * (i + 1));
    [all[i], all[j]] = [all[j] as number, all[i] as number];
  }
  return all;
}

/** Puts what is out of a kind where it costs least: all in one space, or spread over several where none takes all. */
function insert(filling: Filling, kind: number): void {
  const { kinds, spaces } = filling;
  const { count: all, stances } = kinds[kind] as (typeof kinds)[number];
  for (let out = filling.outOf(kind); out > 0; out = filling.outOf(kind)) {
    filling.prepare();
    const first = out === all;
    let best = { worth: 0, stance: -1, space: -1, count: 0 };
    for (let stance = 0; stance < stances.length; stance += 1) {
      const way = stances[stance];
      if (!way || (!first && stance !== filling.stance[kind])) continue;
      for (let space = 0; space < spaces; space += 1) {
        if (filling.countIn(kind, space) > 0) continue;
        const count = Math.min(out, filling.room(way, space));
        if (count === 0) continue;
        const cost = filling.tried(kind, way, space, count);
        if (cost === Infinity) continue;
        // As many as can be, then the least cost.
        const worth = count * OUT - cost;
        if (best.stance === -1 || worth > best.worth) best = { worth, stance, space, count };
      }
    }
    if (best.stance === -1) return;
    filling.stance[kind] = best.stance;
    filling.put(kind, best.space, best.count);
  }
}
