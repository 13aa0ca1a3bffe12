import type { WallZone } from '../system';

/** A stretch of a piece within which screws may go, millimetres along it. */
export interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
}

/**
 * A screw keeps from the ends of what it passes: 25 mm, or a quarter of a short piece. Pre-drilled (EN 1995-1-1,
 * 8.3.1).
 */
export function usable(lengthMm: number, shortMm = 0): Stretch {
  const end = Math.min(END_MM, lengthMm / 4);
  return { fromMm: end, toMm: Math.max(lengthMm - end - shortMm, end) };
}
const END_MM = 25;

/**
 * Even places over a stretch, both its ends included: as few as lie no further apart than asked.
 * @param least how many there are at the least
 * @returns millimetres, rising; the middle alone for one
 */
export function evenly({ fromMm, toMm }: Stretch, everyMm: number, least: number): number[] {
  const count = Math.max(least, Math.ceil((toMm - fromMm) / everyMm - 1e-9) + 1);
  if (count === 1) return [(fromMm + toMm) / 2];
  return Array.from({ length: count }, (_, i) => fromMm + ((toMm - fromMm) * i) / (count - 1));
}

const STEP_MM = 2;

/** The nearest place of a stretch that is free, to a wanted one; null where the whole stretch is taken. */
export function nearestFreeSpot(
  wantedMm: number,
  { fromMm, toMm }: Stretch,
  free: (mm: number) => boolean,
): number | null {
  for (let off = 0; off <= toMm - fromMm + STEP_MM; off += STEP_MM) {
    const found = [wantedMm - off, wantedMm + off].find(
      (one) => one >= fromMm - 1e-9 && one <= toMm + 1e-9 && free(one),
    );
    if (found !== undefined) return found;
  }
  return null;
}

/** Whether a point of a wall lies in nothing that must stay clear. */
export const clearOfAll = (zones: readonly WallZone[], alongMm: number, upMm: number): boolean =>
  zones.every((zone) => alongMm <= zone.fromMm || alongMm >= zone.toMm || upMm <= zone.lowMm || upMm >= zone.highMm);
