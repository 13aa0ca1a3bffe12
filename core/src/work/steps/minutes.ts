/** Working time of a step: fixed part, and part per item. Minutes. */
interface Takes {
  readonly begin: number;
  readonly each: number;
}

const fixed = (begin: number): Takes => ({ begin, each: 0 });

/**
 * Working time of each step, minutes; waits are in `waits.ts`. All assumed: an experienced person without hurry. The
 * person's own times replace them as jobs teach them.
 */
export const MINUTES = {
  clearOut: fixed(45),
  checkWall: fixed(20),
  openWall: fixed(90),
  /** For each old hole. */
  fill: { begin: 5, each: 0.6 },
  fillAgain: { begin: 5, each: 0.4 },
  sandPlace: { begin: 5, each: 0.4 },
  primePlace: fixed(30),
  paintPlaceFirst: fixed(40),
  paintPlaceSecond: fixed(35),
  levelLine: fixed(20),
  studs: fixed(20),
  /** For each shelf. */
  marks: { begin: 8, each: 4 },
  measureBehind: fixed(20),
  measureBoards: { begin: 5, each: 4 },
  buy: fixed(45),
  /** For each panel. */
  gluePanels: { begin: 20, each: 20 },
  /** For each piece; an end or a back that follows the wall comes on top. */
  cutSheets: { begin: 15, each: 6 },
  cutBoards: { begin: 10, each: 6 },
  cutSticks: { begin: 10, each: 3 },
  scribe: { begin: 0, each: 20 },
  plane: { begin: 10, each: 8 },
  joints: { begin: 10, each: 12 },
  /** For each hole that is drilled and countersunk. */
  drill: { begin: 8, each: 0.8 },
  boreAtWall: { begin: 0, each: 0.8 },
  pins: fixed(30),
  cleanPins: fixed(10),
  /** For each piece. */
  brackets: { begin: 10, each: 5 },
  dryFit: { begin: 10, each: 2 },
  assemble: { begin: 25, each: 3 },
  /** For each square metre. */
  sand: { begin: 8, each: 5 },
  prime: { begin: 10, each: 6 },
  paint: { begin: 10, each: 7 },
  condition: { begin: 10, each: 4 },
  stain: { begin: 10, each: 6 },
  clear: { begin: 10, each: 6 },
  oil: { begin: 10, each: 6 },
  wipe: { begin: 10, each: 4 },
  boxIn: fixed(45),
  stand: fixed(30),
  /** For each post, each piece, each bracket. */
  posts: { begin: 20, each: 15 },
  support: { begin: 8, each: 5 },
  bracket: { begin: 0, each: 6 },
  /** For each screw. */
  shelf: { begin: 8, each: 1 },
  propped: fixed(15),
  triedDry: fixed(6),
  /** For each piece. */
  dividers: { begin: 0, each: 8 },
  tilted: { begin: 8, each: 6 },
  rod: fixed(15),
  fronts: { begin: 6, each: 7 },
  trim: { begin: 10, each: 12 },
  /** For each screw head. */
  fillHeads: { begin: 5, each: 0.3 },
  sandHeads: { begin: 5, each: 0.3 },
  /** For each shelf. */
  caulk: { begin: 6, each: 4 },
  touchUp: { begin: 10, each: 3 },
  load: fixed(20),
  lookBack: fixed(10),
} as const satisfies Readonly<Record<string, Takes>>;

export type Timed = keyof typeof MINUTES;

/** Working time of a step for `count` items, minutes, not rounded. */
export const minutesFor = (step: Timed, count = 0): number => MINUTES[step].begin + count * MINUTES[step].each;

/** Whole minutes, in fives above a quarter of an hour. */
export const wholeMinutes = (minutes: number): number =>
  minutes <= 15 ? Math.max(1, Math.round(minutes)) : Math.round(minutes / 5) * 5;

/** Working time of a step for `count` items, rounded as shown to the person. */
export const usualMinutes = (step: Timed, count = 0): number => wholeMinutes(minutesFor(step, count));
