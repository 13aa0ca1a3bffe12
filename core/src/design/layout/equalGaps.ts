/**
 * The clear gap when N shelves of one thickness share a clear height evenly: gap = (H - N t) / (N + 1).
 * Negative when the boards alone are higher than the space.
 * @param clearMm clear height between the boundaries, millimetres
 * @param thicknessMm thickness of a shelf, millimetres
 */
export function equalGapMm(clearMm: number, count: number, thicknessMm: number): number {
  return (clearMm - count * thicknessMm) / (count + 1);
}

/**
 * The most shelves whose boards alone still leave some gap in a clear height.
 * @returns a whole number, 0 or more
 * @example mostShelves(100, 18) // 5
 */
export function mostShelves(clearMm: number, thicknessMm: number): number {
  return Math.max(0, Math.ceil(clearMm / thicknessMm) - 1);
}
