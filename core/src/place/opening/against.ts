import { stations } from '../kinds';
import { lineOver, type Line } from './line';
import type { Opening } from './opening';

/** Where the surfaces of an opening most likely are. */
export type LikelyWalls = Pick<Opening, 'surfaces' | 'extent' | 'likely'>;

/** A stretch between two places, millimetres. */
export interface Range {
  readonly from: number;
  readonly to: number;
}

/** A straight piece is laid against a wall by so many points along it, and at the two edges of its height. */
const ALONG = 7;

/**
 * The line along which a straight piece lies against the back wall: it touches where the wall stands out the farthest,
 * over all of the heights the piece takes up.
 * @returns y at x = 0, and how far it runs out for each millimetre to the right; 0 where there is no back
 */
export function alongBack(opening: LikelyWalls, across: Range, ups: readonly number[]): Line {
  if (!opening.surfaces.includes('back')) return { at: 0, slope: 0 };
  const xs = stations(across.from, across.to, ALONG);
  const ys = xs.map((x) => Math.max(...ups.map((up) => opening.likely({ surface: 'back', across: x, up }))));
  return lineOver(xs, ys);
}

/**
 * The line along which a straight piece lies against a side wall, from the back out.
 * @returns x at y = 0, and how far it runs to the right for each millimetre out
 */
export function alongSide(opening: LikelyWalls, side: 'left' | 'right', out: Range, ups: readonly number[]): Line {
  if (!opening.surfaces.includes(side)) return { at: opening.extent[side], slope: 0 };
  const inward = side === 'left' ? 1 : -1;
  const ys = stations(out.from, out.to, ALONG);
  const reach = ys.map((y) => Math.max(...ups.map((up) => inward * opening.likely({ surface: side, out: y, up }))));
  const line = lineOver(ys, reach);
  return { at: inward * line.at, slope: inward * line.slope };
}

/**
 * The line along which an upright piece lies against a side wall, from its foot up.
 * @returns x at z = 0, and how far it runs to the right for each millimetre up
 */
export function upSide(opening: LikelyWalls, side: 'left' | 'right', up: Range, outs: readonly number[]): Line {
  if (!opening.surfaces.includes(side)) return { at: opening.extent[side], slope: 0 };
  const inward = side === 'left' ? 1 : -1;
  const zs = stations(up.from, up.to, ALONG);
  const reach = zs.map((z) => Math.max(...outs.map((out) => inward * opening.likely({ surface: side, out, up: z }))));
  const line = lineOver(zs, reach);
  return { at: inward * line.at, slope: inward * line.slope };
}
