import type { Place, SurfaceName, WallKind } from '../../job';
import { nominalOf, specOf, wallKindOf, type Extent } from '../kinds';
import type { FieldName, Point } from './functional';

/**
 * What is held of a surface before anything is read: a plane of uncertain place and tilt, a twist, a bow and
 * roughness. Covariance of its positions at (s, z) and (s', z'), with s and z from the middle of the surface:
 *
 *     k = place² + square² s s' + plumb² z z' + twist² s s' z z' + bow² exp(-d²/2 bowOver²) + rough² exp(-d²/2
 * roughOver²)
 *
 * A Gaussian process with a linear trend (universal kriging): Rasmussen & Williams, Gaussian Processes for Machine
 * Learning (2006), ch. 2; Chilès & Delfiner, Geostatistics, ch. 3. Millimetres and mm per mm.
 */
export interface Prior {
  readonly meanMm: number;
  /** The middle of the surface, in its own coordinates. */
  readonly s0: number;
  readonly z0: number;
  readonly placeMm: number;
  readonly square: number;
  readonly plumb: number;
  readonly twist: number;
  readonly bowMm: number;
  readonly bowOverMm: number;
  readonly roughMm: number;
  readonly roughOverMm: number;
}

type Shape = Omit<Prior, 'meanMm' | 's0' | 'z0' | 'placeMm'>;

const LINED: Shape = {
  square: 0.02,
  plumb: 0.005,
  twist: 4e-6,
  bowMm: 2.7,
  bowOverMm: 700,
  roughMm: 0.45,
  roughOverMm: 100,
};

/** How crooked each kind of wall is held to be. */
const SHAPES: Readonly<Record<WallKind, Shape>> = {
  lined: LINED,
  plaster: { ...LINED, bowMm: 5, roughMm: 1 },
  panel: { ...LINED, bowMm: 0.5, roughMm: 0.1, twist: 2e-6 },
  studs: { ...LINED, bowMm: 2, roughMm: 0.4, twist: 1.2e-5 },
};

/** Where a wall is, before the tape: anywhere. */
const ANYWHERE_MM = 400;
/** Floors and ceilings are out of level about as much as walls are out of plumb. */
const OUT_OF_LEVEL = 0.006;
/** Where a corner may be of any angle: the tangent of what it may depart from square by. */
const ANY_CORNER = 0.2;
/** The front line is an edge, not a wall: straighter, and nearly plumb. */
const FRONT_LINE: Partial<Shape> = { square: 0.012, plumb: 0.005, bowMm: 1.2, roughMm: 0.3, twist: 2e-6 };

/** The prior of every surface a place has. */
export function priorsOf(place: Place, extent: Extent): Map<FieldName, Prior> {
  const spec = specOf(place);
  const { left, right, depth, height } = extent;
  const acrossMid = (left + right) / 2;
  const reference = spec.reference(place);
  const anyCorner = spec.nearlySquare ? {} : { square: ANY_CORNER };
  const nominal = nominalOf(extent);
  const upright = (surface: SurfaceName): Prior => ({
    ...SHAPES[wallKindOf(place, surface)],
    meanMm: nominal[surface],
    s0: surface === 'left' || surface === 'right' ? depth / 2 : acrossMid,
    z0: height / 2,
    placeMm: ANYWHERE_MM,
    ...(surface === 'front' ? FRONT_LINE : {}),
    ...(surface === 'left' || surface === 'right' ? anyCorner : {}),
    // The frame hangs on this face: it lies in its plane on average, unturned.
    ...(surface === reference ? { placeMm: 0, square: 0 } : {}),
  });
  const flat = (surface: SurfaceName): Prior => ({
    ...SHAPES[wallKindOf(place, surface)],
    meanMm: nominal[surface],
    s0: acrossMid,
    z0: depth / 2,
    placeMm: ANYWHERE_MM,
    square: OUT_OF_LEVEL,
    plumb: OUT_OF_LEVEL,
    twist: 2e-6,
  });
  const isFlat = (surface: SurfaceName) => surface === 'floor' || surface === 'ceiling';
  return new Map(spec.surfaces(place).map((surface) => [surface, isFlat(surface) ? flat(surface) : upright(surface)]));
}

/** An unknown of a reading's own: a number known to about this much. */
export function auxPrior(meanMm: number, sdMm: number): Prior {
  const none = { square: 0, plumb: 0, twist: 0, bowMm: 0, bowOverMm: 1, roughMm: 0, roughOverMm: 1 };
  return { meanMm, s0: 0, z0: 0, placeMm: sdMm, ...none };
}

/** A prior whose plane and bow are so many times as wide: what is left is nearly ordinary least squares. */
export function widened(prior: Prior, factor: number): Prior {
  const { placeMm, square, plumb, twist } = prior;
  return { ...prior, placeMm: placeMm * factor, square: square * factor, plumb: plumb * factor, twist: twist * factor };
}

// Beyond this many of its lengths, roughness at two places has nothing to do with one another (e^-12.5).
const FAR = 5;

/** Prior covariance of a surface's positions at two of its points, mm². */
export function covariance(prior: Prior, a: Pick<Point, 's' | 'z'>, b: Pick<Point, 's' | 'z'>): number {
  const as = a.s - prior.s0;
  const az = a.z - prior.z0;
  const bs = b.s - prior.s0;
  const bz = b.z - prior.z0;
  const ss = as * bs;
  const zz = az * bz;
  const square = (as - bs) ** 2 + (az - bz) ** 2;
  const { placeMm, plumb, twist, bowMm, bowOverMm, roughMm, roughOverMm } = prior;
  let k = placeMm * placeMm + prior.square * prior.square * ss + plumb * plumb * zz + twist * twist * ss * zz;
  k += bowMm * bowMm * Math.exp(-square / (2 * bowOverMm * bowOverMm));
  if (square < (FAR * roughOverMm) ** 2) k += roughMm * roughMm * Math.exp(-square / (2 * roughOverMm * roughOverMm));
  return k;
}
