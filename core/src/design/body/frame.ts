import { add, dot, minus, times, type Vector } from './vector';

/**
 * Where a piece lies in the opening: the corner its sizes are counted from, and the directions of its length, its width
 * and its thickness, each of length 1 and square to the others. The three need not make a right hand.
 */
export interface Frame {
  readonly origin: Vector;
  readonly along: Vector;
  readonly across: Vector;
  readonly through: Vector;
}

/** A point of a piece, by its own coordinates, in the frame of the opening. */
export function pointOf({ origin, along, across, through }: Frame, [l, w, t]: Vector): Vector {
  return add(add(origin, times(along, l)), add(times(across, w), times(through, t)));
}

/** A direction of a piece in the frame of the opening. */
export const directionOf = ({ along, across, through }: Frame, [l, w, t]: Vector): Vector =>
  add(add(times(along, l), times(across, w)), times(through, t));

/** A point of the opening in the coordinates of a piece. */
export function inFrame({ origin, along, across, through }: Frame, point: Vector): Vector {
  const from = minus(point, origin);
  return [dot(from, along), dot(from, across), dot(from, through)];
}
