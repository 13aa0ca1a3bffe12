import type { Solver } from '../solve';
import { cheapest, type Effort, type Problem, type Steps } from './generate';
import { tidy } from './tidy';

/** Pieces of one length. */
export interface WantedLength {
  readonly id: string;
  readonly lengthMm: number;
  readonly count: number;
}

/** A length that can be had, bought or from the rack. */
export interface BarKind {
  readonly id: string;
  readonly lengthMm: number;
  readonly price: number;
  /** How many bars one of them gives, where it is ripped into strips first. */
  readonly yields: number;
  /** How many there are; null where as many as wanted. */
  readonly available: number | null;
}

export interface CutBarsInput {
  readonly wanted: readonly WantedLength[];
  readonly kinds: readonly BarKind[];
  readonly kerfMm: number;
  /** What is cut off the first end to have it square. */
  readonly trimMm: number;
  /** What is left over and shorter than this is waste. */
  readonly keepMm: number;
}

/** One bar with what is cut from it, in order; each entry the id of a wanted length. */
export interface CutBar {
  readonly kind: string;
  readonly pieces: readonly string[];
  readonly leftMm: number;
}

export interface CutBars {
  readonly bars: readonly CutBar[];
  readonly price: number;
  /** No way to cut them costs less than this. */
  readonly boundPrice: number;
  /** Whether it is known that nothing cheaper can be had. */
  readonly proven: boolean;
  /** Pieces for which nothing is long enough, or of which there is not enough; by id, one entry for each piece. */
  readonly missing: readonly string[];
}

/** How hard is searched before a way to cut is taken as it is. */
export const USUAL_EFFORT: Effort = { nodes: 2000, seconds: 8, fillings: 40_000, dives: 8 };

/**
 * A cent in points; among equal prices the shorter bar is preferred by a few points, too few ever to come to a cent.
 */
const CENT = 10_000;
const MOST_FOR_LENGTH = 5;

/**
 * Which lengths to buy and what to cut from each, so that it costs least, then takes the least length, then leaves the
 * least too short to keep. Column generation (Gilmore and Gomory, 1961 and 1963)
 * gives the bound; a program in whole numbers over its patterns gives a solution; where the two differ, all patterns
 * that a better one could use are enumerated by their reduced cost, which settles it, unless they are too many. Lengths
 * in millimetres; a piece takes its length and a kerf, a bar gives one kerf more than it is long, for its last cut.
 */
export function cutBars(input: CutBarsInput, solver: Solver, effort: Effort = USUAL_EFFORT): CutBars {
  const { kerfMm, trimMm } = input;
  const kinds = input.kinds.filter((kind) => kind.available !== 0 && kind.yields > 0);
  const roomOf = (barKind: BarKind) => barKind.lengthMm - trimMm + kerfMm;
  const longest = Math.max(0, ...kinds.map(roomOf));
  const cuttable = input.wanted.filter(
    (wantedLength) => wantedLength.count > 0 && wantedLength.lengthMm + kerfMm <= longest + 1e-6,
  );
  const tooLong = input.wanted.filter((wantedLength) => wantedLength.count > 0 && !cuttable.includes(wantedLength));
  const missing = tooLong.flatMap((wantedLength) => Array<string>(wantedLength.count).fill(wantedLength.id));
  if (cuttable.length === 0) return { bars: [], price: 0, boundPrice: 0, proven: true, missing };

  const pieces = cuttable.reduce((sum, wantedLength) => sum + wantedLength.count, 0);
  const steps = inSteps(kinds, pieces);
  const problem: Problem = {
    demand: cuttable.map((wantedLength) => wantedLength.count),
    costs: steps.costs,
    yields: kinds.map((kind) => kind.yields),
    available: kinds.map((kind) => kind.available),
    fills: kinds.map((kind) => ({
      takes: cuttable.map((wanted) => wanted.lengthMm + kerfMm),
      most: cuttable.map((wanted) => wanted.count),
      room: roomOf(kind),
    })),
  };
  const solved = cheapest(problem, steps, solver, effort);
  const bars = solved.patterns.flatMap(({ kind, counts, times }) =>
    Array.from({ length: times }, () => ({ kind, counts: [...counts] })),
  );
  const tidied = tidy({
    bars,
    takes: cuttable.map((wantedLength) => wantedLength.lengthMm + kerfMm),
    demand: problem.demand,
    rooms: problem.fills.map((fill) => fill.room),
    kerfMm,
    keepMm: input.keepMm,
  });
  const bought = solved.bought;
  const price = bought.reduce((sum, count, kind) => sum + count * kinds[kind]!.price, 0);
  const made = cuttable.map((_, i) => tidied.reduce((sum, bar) => sum + bar.counts[i]!, 0));
  cuttable.forEach((wantedLength, i) =>
    missing.push(...Array<string>(Math.max(wantedLength.count - made[i]!, 0)).fill(wantedLength.id)),
  );
  const longestFirst = cuttable.map((_, i) => i).sort((a, b) => cuttable[b]!.lengthMm - cuttable[a]!.lengthMm);
  return {
    bars: tidied.map(({ kind, counts, leftMm }) => ({
      kind: kinds[kind]!.id,
      pieces: longestFirst.flatMap((i) => Array<string>(counts[i]!).fill(cuttable[i]!.id)),
      leftMm,
    })),
    price,
    boundPrice: solved.proven ? price : Math.min(price, steps.priced ? steps.price(solved.bound) : 0),
    proven: solved.proven,
    missing,
  };
}

/**
 * Prices as the cost of a program: the dearest bar 1, the shorter of two at one price a little less; and their common
 * step.
 */
function inSteps(kinds: readonly BarKind[], pieces: number): Steps & { costs: number[]; priced: boolean } {
  const cents = kinds.map((kind) => Math.round(kind.price * 100));
  const priced = cents.some((cent) => cent > 0);
  // Where nothing has a price, length is what is saved.
  const worth = priced ? cents : kinds.map((kind) => Math.max(1, Math.round(kind.lengthMm)));
  const longest = Math.max(...kinds.map((kind) => kind.lengthMm));
  const points = kinds.map(
    (kind, i) => worth[i]! * CENT + Math.max(1, Math.round((MOST_FOR_LENGTH * kind.lengthMm) / longest)),
  );
  const scale = Math.max(...points);
  const step = worth.filter((one) => one > 0).reduce(gcd);
  // No more bars are used than there are pieces.
  const most = Math.min(pieces * MOST_FOR_LENGTH, 0.9 * CENT);
  const whole = (cost: number) => Math.floor((cost * scale) / CENT + 1e-6);
  return {
    costs: points.map((point) => point / scale),
    priced,
    step: (step * CENT) / scale,
    slack: most / scale,
    up: (cost) => (Math.ceil(Math.max(0, (cost * scale - most) / CENT - 1e-4) / step) * step * CENT) / scale,
    down: (cost) => (whole(cost) * CENT) / scale,
    price: (cost) => whole(cost) / 100,
  };
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
