import { less, plus, toTape, type Figure } from '../../base/figure';
import { message } from '../../base/message';
import type { Band, Opening, SurfacePoint } from '../../place/opening';
import { acrossAt } from '../../place/kinds';
import type { Tape } from '../../base/quantity';
import type { Joint, LengthRule } from '../system';

const DEGREES = 180 / Math.PI;
/** An end that is off square by less than this is sawn square: paint hides it. */
const WORTH_MM = 0.5;

/**
 * A cleat on edge along a side wall, whose inner end meets the back cleat: that end follows the corner's angle at the
 * cleat's own height, and it is as long along the wall as the depth asks for square out from the back.
 *
 * With the corner at 90° + e and the cleat t thick, one edge is t tan e longer than the other: in a corner that opens
 * the edge towards the room, in one that closes the edge on the wall. The longer is (depth) / cos e.
 * @param thickMm how far the cleat stands off the wall
 */
export function besideCleat(
  rule: Extract<LengthRule, { kind: 'along-side' }>,
  thickMm: number,
  opening: Opening,
  tape: Tape,
): { length: Figure; joint: Joint | null } {
  const opens = settable(opensAt(rule.side, rule.band, opening));
  const outMm = thickMm * Math.tan(Math.abs(opens));
  const alongMm = rule.figure.mm / Math.cos(opens);
  const whole = plus(rule.figure, message('term.alongWall'), alongMm - rule.figure.mm);
  // Where a corner opens, a square front end reaches farther out towards the room than along the wall; both cleats of a
  // shelf are as much shorter, so that they are cut in one go.
  const sides = (['left', 'right'] as const).filter((side) => opening.surfaces.includes(side));
  const most = Math.max(0, ...sides.map((side) => settable(opensAt(side, rule.band, opening))));
  const front = less(whole, message('term.frontCorner'), thickMm * Math.tan(most));
  const square = outMm < WORTH_MM;
  // Sawn square in a corner that closes, its inner end meets the back cleat with its face towards the room.
  const long = square && opens < 0 ? less(front, message('term.innerCorner'), outMm) : front;
  const length = toTape(long, tape, 'down');
  if (square) return { length, joint: null };
  return {
    length,
    joint: { kind: 'corner', degrees: Math.abs(opens) * DEGREES, outMm, longer: opens > 0 ? 'room' : 'wall' },
  };
}

/** To half a degree, as saws are set for so short an end: pieces that agree in that are cut in one go. Radians. */
const settable = (radians: number): number => Math.round(2 * radians * DEGREES) / 2 / DEGREES;

/** By how much the corner between the back and a side is more than square at a height, radians. */
function opensAt(side: 'left' | 'right', band: Band, opening: Opening): number {
  const up = (band.upFrom + band.upTo) / 2;
  const { extent } = opening;
  const at = (point: SurfacePoint) => (opening.surfaces.includes(point.surface) ? opening.position(point).mm : 0);
  const run = band.outTo - band.outFrom;
  const ofSide = (at({ surface: side, out: band.outTo, up }) - at({ surface: side, out: band.outFrom, up })) / run;
  const [left, right] = [acrossAt('left', extent), acrossAt('right', extent)];
  const ofBack =
    (at({ surface: 'back', across: right, up }) - at({ surface: 'back', across: left, up })) / (right - left);
  const inward = side === 'left' ? 1 : -1;
  return -inward * (Math.atan(ofSide) + Math.atan(ofBack));
}
