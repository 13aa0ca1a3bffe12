/** How many times departures from square and plumb may be drawn too large. */
export const EXAGGERATIONS = [1, 5, 20] as const;
export type Exaggeration = (typeof EXAGGERATIONS)[number];

/**
 * Moves a point near a wall away from the nominal wall by so many times its true departure. Points more than
 * a quarter of the width from either wall keep their place.
 * @param across true position from the middle, millimetres
 * @param halfMm half of the nominal width, millimetres
 */
export function exaggerateAcross(across: number, halfMm: number, factor: number): number {
  if (Math.abs(across) < halfMm / 2) return across;
  const wall = Math.sign(across) * halfMm;
  return wall + (across - wall) * factor;
}
