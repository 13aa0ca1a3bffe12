/** How many times departures from square and plumb may be drawn too large. */
export const EXAGGERATIONS = [1, 5, 20] as const;
export type Exaggeration = (typeof EXAGGERATIONS)[number];

/**
 * A value held between two bounds, in whatever unit the three share.
 * @returns the nearest value from `least` to `most`
 */
export const clamp = (value: number, least: number, most: number): number => Math.min(Math.max(value, least), most);

/**
 * Moves a point near one of two nominal walls away from it by so many times its true departure. Points more than a
 * quarter of the width from either keep their place.
 * @param across true position, millimetres
 * @param left nominal position of the left wall, millimetres
 * @param right nominal position of the right wall, millimetres
 */
export function exaggerateAcross(across: number, left: number, right: number, factor: number): number {
  const quarter = (right - left) / 4;
  if (across > left + quarter && across < right - quarter) return across;
  const wall = across <= left + quarter ? left : right;
  return wall + (across - wall) * factor;
}
