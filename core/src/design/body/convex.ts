import { add, between, cross, dot, minus, times, unit, type Vector } from './vector';

/** A half-space: every point p with normal · p ≤ offset. The normal has length 1, the offset is in millimetres. */
export interface Plane {
  readonly normal: Vector;
  readonly offset: number;
}

/** One flat side of a convex body: its plane, which looks outwards, and its corners in order round it. */
export interface Face extends Plane {
  readonly corners: readonly Vector[];
}

/** A convex body with flat sides. Millimetres. */
export interface Convex {
  readonly faces: readonly Face[];
}

/** Axis-parallel bounds, millimetres. */
export interface Bounds {
  readonly least: Vector;
  readonly most: Vector;
}

/** Corners nearer to one another than this are one corner, millimetres. */
const SAME_MM = 1e-6;

/** The plane through a point, with a normal of any length. */
export function planeAt(point: Vector, normal: Vector): Plane {
  const straight = unit(normal);
  return { normal: straight, offset: dot(straight, point) };
}

/** The same plane, looking the other way. */
export const turned = ({ normal, offset }: Plane): Plane => ({ normal: times(normal, -1), offset: -offset });

/**
 * An upright prism over a convex polygon.
 * @param base corners in order, in either direction round, all in one plane
 * @param through from each corner of the base to the same corner of the other end
 */
export function prism(base: readonly Vector[], through: Vector): Convex {
  const other = base.map((corner) => add(corner, through));
  const middle = times([...base, ...other].reduce(add), 1 / (2 * base.length));
  const sides = base.map((corner, i) => {
    const k = (i + 1) % base.length;
    return [corner, base[k], other[k], other[i]] as Vector[];
  });
  return { faces: [[...base], other, ...sides].map((corners) => faceOf(corners, middle)) };
}

/** A face through its corners that looks away from a point inside the body. */
function faceOf(corners: readonly Vector[], inside: Vector): Face {
  const [a, b] = [corners[0] as Vector, corners[1] as Vector];
  // Of all corners the one that makes the surest plane: short edges turn a normal.
  const third = corners.slice(2).reduce((best, corner) => {
    const size = (one: Vector) => normSquared(cross(minus(b, a), minus(one, a)));
    return size(corner) > size(best) ? corner : best;
  });
  const plane = planeAt(a, cross(minus(b, a), minus(third, a)));
  const outward = dot(plane.normal, inside) > plane.offset ? turned(plane) : plane;
  return { ...outward, corners };
}

const normSquared = (a: Vector) => dot(a, a);

/**
 * What of a convex body lies on the inner side of a plane.
 * @returns null where nothing of it does
 */
export function clip(body: Convex, plane: Plane): Convex | null {
  const { normal, offset } = plane;
  let [least, most] = [Infinity, -Infinity];
  const heights = body.faces.map(({ corners }) =>
    corners.map((corner) => {
      const height = dot(normal, corner) - offset;
      least = Math.min(least, height);
      most = Math.max(most, height);
      return height;
    }),
  );
  if (most <= SAME_MM) return body;
  if (least >= -SAME_MM) return null;
  const cut: Vector[] = [];
  const faces: Face[] = [];
  body.faces.forEach((face, i) => {
    const clipped = clipFace(face, heights[i] as number[], cut);
    if (clipped) faces.push(clipped);
  });
  const corners = inOrder(cut, normal);
  if (corners.length >= 3) faces.push({ normal, offset, corners });
  return { faces };
}

/** A face on the inner side of a plane, by the heights of its corners over it; its corners in the plane go to `cut`. */
function clipFace(face: Face, heights: readonly number[], cut: Vector[]): Face | null {
  const kept: Vector[] = [];
  let inside = false;
  face.corners.forEach((corner, i) => {
    const k = (i + 1) % face.corners.length;
    const [here, there] = [heights[i] as number, heights[k] as number];
    if (here <= SAME_MM) kept.push(corner);
    if (Math.abs(here) <= SAME_MM) cut.push(corner);
    if (here < -SAME_MM) inside = true;
    if ((here < -SAME_MM && there > SAME_MM) || (here > SAME_MM && there < -SAME_MM)) {
      const crossing = between(corner, face.corners[k] as Vector, here / (here - there));
      kept.push(crossing);
      cut.push(crossing);
    }
  });
  return inside && kept.length >= 3 ? { ...face, corners: kept } : null;
}

/** The different ones of some points of one plane, in order round their middle. */
function inOrder(points: readonly Vector[], normal: Vector): Vector[] {
  const apart: Vector[] = [];
  for (const point of points) {
    if (apart.every((other) => normSquared(minus(point, other)) > SAME_MM ** 2)) apart.push(point);
  }
  if (apart.length < 3) return apart;
  const middle = times(apart.reduce(add), 1 / apart.length);
  const u = unit(minus(apart[0] as Vector, middle));
  const v = cross(normal, u);
  const angle = (point: Vector) => Math.atan2(dot(minus(point, middle), v), dot(minus(point, middle), u));
  return apart.sort((a, b) => angle(a) - angle(b));
}

/** What is left of a convex body when another is taken out of it: convex bodies that share no space. */
export function without(body: Convex, taken: Convex): Convex[] {
  const left: Convex[] = [];
  let rest: Convex | null = body;
  for (const face of taken.faces) {
    const outside: Convex | null = rest && clip(rest, turned(face));
    if (outside) left.push(outside);
    rest = rest && clip(rest, face);
    if (!rest) break;
  }
  // Nothing of it was inside: it is whole, not in pieces.
  return rest ? left : [body];
}

/** The corners of a body, each once. */
export function cornersOf({ faces }: Convex): Vector[] {
  return [...new Set(faces.flatMap((face) => face.corners))];
}

/** Volume of a convex body, cubic millimetres: pyramids from one corner over every face. */
export function volumeOf({ faces }: Convex): number {
  const apex = faces[0]?.corners[0];
  if (!apex) return 0;
  return faces.reduce((sum, face) => sum + (areaOf(face) * (face.offset - dot(face.normal, apex))) / 3, 0);
}

/** Area of a face, square millimetres. */
export function areaOf({ corners, normal }: Face): number {
  const [first] = corners as [Vector];
  let twice = 0;
  for (let i = 1; i + 1 < corners.length; i += 1) {
    const [a, b] = [corners[i] as Vector, corners[i + 1] as Vector];
    twice += dot(cross(minus(a, first), minus(b, first)), normal);
  }
  return Math.abs(twice) / 2;
}

/** Axis-parallel bounds of some bodies together. */
export function boundsOf(bodies: readonly Convex[]): Bounds {
  const least: [number, number, number] = [Infinity, Infinity, Infinity];
  const most: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (const { faces } of bodies)
    for (const { corners } of faces)
      for (const corner of corners)
        for (let k = 0; k < 3; k += 1) {
          least[k] = Math.min(least[k] as number, corner[k] as number);
          most[k] = Math.max(most[k] as number, corner[k] as number);
        }
  return { least, most };
}

/** The stretch of a line within a body. Millimetres along it from its start. */
export interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
}

/**
 * Where a line goes into a convex body and out of it again.
 * @param along its direction, of length 1
 * @returns null where it passes beside it
 */
export function lineThrough({ faces }: Convex, start: Vector, along: Vector): Stretch | null {
  let [fromMm, toMm] = [-Infinity, Infinity];
  for (const { normal, offset } of faces) {
    const slope = dot(normal, along);
    const room = offset - dot(normal, start);
    if (Math.abs(slope) < 1e-12) {
      if (room < 0) return null;
    } else if (slope > 0) toMm = Math.min(toMm, room / slope);
    else fromMm = Math.max(fromMm, room / slope);
  }
  return toMm > fromMm ? { fromMm, toMm } : null;
}
