import type { PieceFit } from './piece';

/**
 * A piece that does not reach the walls themselves: its ends are moved by what is taken off (negative) or put on, the
 * walls beside it staying where they are. Millimetres.
 * @param leftMm of that, at its left end; half where left away
 * @returns null where nothing is left of it
 */
export function drawnIn(fit: PieceFit, byMm: number, leftMm = byMm / 2): PieceFit | null {
  if (byMm === 0 && leftMm === 0) return fit;
  const { backMm, left, right } = fit;
  if (Math.min(backMm, fit.frontMm) + byMm <= 0) return null;
  // What belongs to an end moves with it; what lies along the back stays at its wall.
  const end =
    Math.max(Math.abs(left.outMm), Math.abs(right.outMm)) +
    Math.max(Math.abs(byMm), Math.abs(leftMm)) +
    left.allowanceMm +
    right.allowanceMm;
  return {
    ...fit,
    backMm: backMm + byMm,
    frontMm: fit.frontMm + byMm,
    longMm: fit.longMm + byMm,
    outline: fit.outline.map(([x, y]) => [x <= end ? x : x >= backMm - end ? x + byMm : x + leftMm, y]),
    seat: { ...fit.seat, acrossMm: fit.seat.acrossMm - leftMm },
  };
}
