import type { Figure } from '../figure';

/**
 * What a solved opening answers. Everything behind it (tape readings taken as they are, or a survey adjusted
 * by least squares) hides behind this interface, so that no later stage knows how the walls were found.
 *
 * Frame, millimetres: x (`across`) right along the back wall with 0 in the middle of the opening, y (`out`)
 * from the back wall towards the person, z (`up`) from the datum: the level plane through the floor mark.
 * Seen from inside the room.
 */
export interface Opening {
  readonly nominal: Nominal;
  /** Where a surface is at a point, with its standard deviation. */
  position(point: SurfacePoint): Estimate;
  /** Where several surfaces are at several points, jointly: what samples of the whole opening are drawn from. */
  jointly(points: readonly SurfacePoint[]): Joint;
  /** The clear width over a band; null when no width was ever read. */
  clearWidth(band: Band): Clear | null;
  /** The clear depth, back wall to the front line; null when no depth was read. */
  clearDepth(): Clear | null;
  /** The clear height, floor to ceiling; null when no height was read. */
  clearHeight(): Clear | null;
}

/** The size of the opening as one would say it, and which of the three were read at all. */
export interface Nominal {
  readonly widthMm: number;
  readonly depthMm: number;
  readonly heightMm: number;
  readonly measured: { readonly width: boolean; readonly depth: boolean; readonly height: boolean };
}

/** A point on a surface by its two own coordinates, millimetres. */
export type SurfacePoint =
  | { readonly surface: 'left' | 'right'; readonly out: number; readonly up: number }
  | { readonly surface: 'back'; readonly across: number; readonly up: number }
  | { readonly surface: 'floor' | 'ceiling'; readonly across: number; readonly out: number };

/** The third coordinate of a surface at a point: x of a side wall, y of the back, z of floor and ceiling. */
export interface Estimate {
  readonly mm: number;
  readonly sdMm: number;
}

/** Means (n) and covariances (n by n, symmetric, positive semidefinite) of the third coordinates of n points. */
export interface Joint {
  readonly meanMm: readonly number[];
  readonly covarianceMm2: readonly (readonly number[])[];
}

/** The part of the opening a piece takes up: a range of heights and of distances from the back. */
export interface Band {
  readonly upFrom: number;
  readonly upTo: number;
  readonly outFrom: number;
  readonly outTo: number;
}

/** A clear dimension over a band. */
export interface Clear {
  /** What a stiff square piece must not exceed. */
  readonly narrowest: Figure;
  /** Where it is widest: what the largest gap is measured against. */
  readonly widest: Figure;
  /** Standard deviation of the narrowest, millimetres. */
  readonly sdMm: number;
  /** How far the nearest reading lies from the band, millimetres; 0 when one lies in it. */
  readonly nearestReadingMm: number;
}
