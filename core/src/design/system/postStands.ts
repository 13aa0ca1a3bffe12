import { stations } from '../../place/kinds';
import { floorAt } from '../../place/opening/floorAt';
import { choice, message } from '../../base/message';
import { snapToTape } from '../../base/quantity';
import { alongLine, upSide, type Band } from '../../place/opening';
import * as pieces from './pieces';
import { TOP_LEFT_ON_MM } from './postProblems';
import type { Beside, SystemInput } from './system';

type Input = SystemInput<'housed-posts'>;
type Shelf = Input['shelves'][number];
type Side = 'left' | 'right';

/** Heights posts reach from and to. */
export function reachOf(input: Input): { readonly fromMm: number; readonly toMm: number } {
  return { fromMm: 0, toMm: (input.shelves.at(-1)?.top.mm ?? 0) + TOP_LEFT_ON_MM };
}

/** Ranges out from the back that the posts of a side take up: one in the middle of a shallow shelf, else two. */
export function standsOf(input: Input): readonly Band['outFrom'][][] {
  const { asked } = input;
  const depth = deepest(input);
  const wide = asked.postWidth.mm;
  if (depth < TWO_FROM * wide) return [[Math.max((depth - wide) / 2, 0), Math.min((depth + wide) / 2, depth)]];
  return [
    [0, wide],
    [depth - wide - SET_BACK_MM, depth - SET_BACK_MM],
  ];
}
/** A front post stands so far behind the boards' front, that a lipping lies on them and not on it. Millimetres. */
const SET_BACK_MM = 2;
const TWO_FROM = 2.5;

const deepest = ({ shelves, depthOf, asked }: Input) =>
  Math.max(0, ...shelves.map(({ number }) => pieces.boardDepth(depthOf(number), pieces.nosingOf(asked)).mm));

/**
 * How high the floor lies where a post stands, above the floor mark, millimetres: on a mark of the tape, so that its
 * housings are too.
 */
export const footOf = ({ opening, job }: Input, side: Side, out: number): number =>
  snapToTape(floorAt(opening, { across: opening.extent[side], out }), job.tape, 'up');

/**
 * What the posts of each side stand off their wall at a shelf: a straight post bridges a hollow of the wall, and the
 * board between the posts is so much shorter there. Millimetres.
 */
export const offWalls = (shelf: Shelf, input: Input): Beside[] =>
  (['left', 'right'] as const).flatMap((side): Beside[] => {
    const offMm = Math.max(...standsOf(input).map((outs) => offWall(input, side, outs, [shelf.underside.mm])));
    return offMm > OFF_MM ? [{ label: message('term.postsOffWall', { side: choice(side) }), mm: -offMm, side }] : [];
  });

/** The most a post that follows its wall stands off it at some heights, millimetres. */
function offWall(input: Input, side: Side, outs: readonly number[], ups: readonly number[]): number {
  const { opening } = input;
  if (!opening.surfaces.includes(side)) return 0;
  const inward = side === 'left' ? 1 : -1;
  const { toMm } = reachOf(input);
  const [from = 0, to = 0] = outs;
  const post = upSide(opening, side, { from: footOf(input, side, (from + to) / 2), to: toMm }, outs);
  // A board's end follows its wall in depth, too: the edge of the post that the wall falls away from counts.
  const wall = (up: number) => Math.min(...outs.map((out) => inward * opening.likely({ surface: side, out, up })));
  return Math.max(0, ...ups.map((up) => inward * alongLine(post, up) - wall(up)));
}
/** A post that stands off its wall by less is against it, millimetres. */
const OFF_MM = 0.5;
const UPS = 9;

/** What the longest gap behind such a post adds to its screws, whole millimetres. */
export function gapBehind(input: Input, side: Side, outs: readonly number[]): number {
  const { fromMm, toMm } = reachOf(input);
  return Math.max(Math.ceil(offWall(input, side, outs, stations(fromMm, toMm, UPS)) - OFF_MM), 0);
}
