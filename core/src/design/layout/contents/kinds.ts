import type { Person, Thing } from '../../../job';
import { reachesFor, type Fetched } from './reach';

/** How a thing lies: as it stands, on its back (what was its depth is its height), on its side (its width is). */
export type Lie = 'upright' | 'back' | 'side';

/** One way for things of a kind to stand on a shelf. Millimetres. */
export interface Stance {
  readonly lie: Lie;
  /** How many stand on one another. */
  readonly layers: number;
  /** Along the shelf, for each pile. */
  readonly widthMm: number;
  readonly depthMm: number;
  /** A pile without the room above it. */
  readonly highMm: number;
  /** With the room above it to take one out. */
  readonly needMm: number;
}

/** A kind of thing with the ways in which it can stand here. */
export interface Kind {
  readonly id: string;
  readonly count: number;
  readonly stances: readonly Stance[];
  readonly fetched: Fetched;
}

/** What a shelf offers at the most, millimetres. */
export interface Most {
  readonly widthMm: number;
  readonly depthMm: number;
  /** The highest clear gap there could be, less what hangs into it. */
  readonly highMm: number;
  /** All shelves are as deep as one another: which way takes less depth does not matter. */
  readonly even?: boolean;
}

/** Every way for a thing to stand, whether there is room for it or not: lowest piles first. */
export function stancesOf(thing: Thing): Stance[] {
  const { width: w, height: h, depth: d, lift, stack, flat } = thing;
  const lies: readonly (readonly [Lie, number, number, number])[] = [
    ['upright', w.mm, h.mm, d.mm],
    ...(flat
      ? ([
          ['back', w.mm, d.mm, h.mm],
          ['side', h.mm, w.mm, d.mm],
        ] as const)
      : []),
  ];
  return lies.flatMap(([lie, widthMm, high, depthMm]) =>
    Array.from({ length: Math.min(stack, thing.count) }, (_, i) => {
      const highMm = (i + 1) * high;
      return { lie, layers: i + 1, widthMm, depthMm, highMm, needMm: highMm + lift.mm };
    }),
  );
}

/** A thing as it can stand where there is so much room; without stances where it cannot. */
export function kindOf(thing: Thing, people: readonly Person[], most: Most): Kind {
  const fits = stancesOf(thing).filter(
    (stance) => stance.widthMm <= most.widthMm && stance.depthMm <= most.depthMm && stance.needMm <= most.highMm,
  );
  return {
    id: thing.id,
    count: thing.count,
    stances: fits.filter(
      (fit) => !fits.some((other) => betterThan(other, fit) && (most.even !== false || other.depthMm <= fit.depthMm)),
    ),
    fetched: {
      often: thing.often,
      reaches: reachesFor(thing.who, people),
      kg: thing.weight.kg * thing.count,
      handMm: thing.height.mm / 2,
    },
  };
}

/** Whether any number of a kind takes no more room one way than another, in height and along the shelf. */
function betterThan(a: Stance, b: Stance): boolean {
  if (a === b || a.needMm > b.needMm || a.widthMm > b.widthMm || a.layers < b.layers) return false;
  return a.needMm < b.needMm || a.widthMm < b.widthMm || a.layers > b.layers || a.lie < b.lie;
}

/** Running length so many take up, millimetres. */
export function runningMm({ layers, widthMm }: Stance, count: number): number {
  return Math.ceil(count / layers) * widthMm;
}

/** Height so many need, with the room above: a pile that is not full is as high as it is. Millimetres. */
export function pileMm({ layers, highMm, needMm }: Stance, count: number): number {
  return count < layers ? needMm - (layers - count) * (highMm / layers) : needMm;
}

/**
 * The front all of a kind take up at the least, however they stand and are spread: length along the shelf times height,
 * mm². A sum of these that is more than all the front there is cannot go in.
 */
export function leastFront({ stances, count }: Pick<Kind, 'stances' | 'count'>): number {
  const fronts = stances.map((stance) => (count / stance.layers) * stance.widthMm * stance.needMm);
  return fronts.length > 0 ? Math.min(...fronts) : 0;
}
