import type { Reading } from '../job';
import type { Estimate, Nominal, Opening } from './opening';

/** A side wall at one height: where it stands at the back and at the front line. */
export interface WallStation {
  readonly upMm: number;
  readonly back: Estimate;
  readonly front: Estimate;
}

/** Floor and ceiling at one place across, at the front line. */
export interface LevelStation {
  readonly acrossMm: number;
  readonly floor: Estimate;
  readonly ceiling: Estimate;
}

/** The opening as plain data for drawings: walls at their stations, bottom to top and left to right. */
export interface Outline {
  readonly nominal: Nominal;
  readonly left: readonly WallStation[];
  readonly right: readonly WallStation[];
  readonly levels: readonly LevelStation[];
}

const STATION_EVERY_MM = 200;

/** Asks the opening for its walls at even heights and at every height that was read. */
export function outlineOf(opening: Opening, readings: readonly Reading[]): Outline {
  const { nominal } = opening;
  const read = readings.flatMap((one) => ('up' in one ? [one.up.mm] : [])).filter((up) => up < nominal.heightMm);
  const even = Array.from({ length: Math.ceil(nominal.heightMm / STATION_EVERY_MM) }, (_, i) => i * STATION_EVERY_MM);
  const ups = [...new Set([...even, ...read, nominal.heightMm])].sort((a, b) => a - b);
  const wall = (surface: 'left' | 'right') =>
    ups.map((up) => ({
      upMm: up,
      back: opening.position({ surface, out: 0, up }),
      front: opening.position({ surface, out: nominal.depthMm, up }),
    }));
  const half = nominal.widthMm / 2;
  const levels = [-half, -half / 2, 0, half / 2, half].map((across) => ({
    acrossMm: across,
    floor: opening.position({ surface: 'floor', across, out: nominal.depthMm }),
    ceiling: opening.position({ surface: 'ceiling', across, out: nominal.depthMm }),
  }));
  return { nominal, left: wall('left'), right: wall('right'), levels };
}
