import type { FloorPoint, Point3 } from '../kinds/point';
import type { Figure } from '../../base/figure';
import type { Instrument, SurfaceName } from '../../job';
import type { Message } from '../../base/message';
import type { Extent } from '../kinds';
import type { Spot } from '../reading';

/**
 * What a solved opening answers. Everything behind it (the survey, and what is held of walls beforehand) hides
 * behind this interface, so that no later stage knows how the walls were found.
 *
 * Frame, millimetres: x (`across`) right along the back wall with 0 in the middle of the opening (in the corner,
 * where there is one side wall only), y (`out`) from the back wall towards the person, z (`up`) from the datum: the
 * level plane through the floor mark. Seen from inside the room.
 */
export interface Opening {
  readonly nominal: Nominal;
  readonly extent: Extent;
  /** The surfaces this place has. Asking for another is a programmer's error. */
  readonly surfaces: readonly SurfaceName[];
  /** Where a surface is at a point, with its standard deviation. */
  position(point: SurfacePoint): Estimate;
  /** Where a surface most likely is at a point, millimetres: what `position` says, without how surely. */
  likely(point: SurfacePoint): number;
  /** Where several surfaces are at several points, jointly: what samples of the whole opening are drawn from. */
  jointly(points: readonly SurfacePoint[]): Joint;
  /** How far one point lies beyond another across the opening, as a figure with the readings that weigh in it. */
  between(from: SurfacePoint, to: SurfacePoint, label: Message): Figure;
  /**
   * The same opening once one more reading has been taken at a spot: where walls most likely are is not known before
   * it is taken, how well they will be known is.
   */
  ahead(spot: Spot, instrument: Instrument): Pick<Opening, 'extent' | 'surfaces' | 'jointly'>;
  /** The clear depth, back wall to the front line; null where there is none, or nothing is known of it. */
  clearDepth(): Clear | null;
  /** How high the ceiling is above the floor mark at its lowest; null where nothing is known of it. */
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
  | ({ readonly surface: 'left' | 'right' } & Pick<Point3, 'out' | 'up'>)
  | ({ readonly surface: 'back' | 'front' } & Pick<Point3, 'across' | 'up'>)
  | ({ readonly surface: 'floor' | 'ceiling' } & FloorPoint);

/** The third coordinate of a surface at a point: x of a side wall, y of back and front, z of floor and ceiling. */
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
}
