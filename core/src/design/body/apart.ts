import type { Bounds, Convex, Face } from './convex';
import { cornersOf } from './convex';
import { add, cross, dot, minus, norm, times, unit, type Vector } from './vector';

/** A convex body with what is asked of it again and again: its corners, and directions of its faces and edges. */
export interface Tested {
  readonly body: Convex;
  readonly corners: readonly Vector[];
  readonly normals: readonly Vector[];
  readonly edges: readonly Vector[];
}

/** Directions that differ by less than this are one, as the sine of the angle between them. */
const PARALLEL = 1e-6;

/** Adds a direction to a list where none of it is parallel. */
function addDirection(all: Vector[], direction: Vector): void {
  if (all.every((other) => norm(cross(other, direction)) > PARALLEL)) all.push(direction);
}

/** A body made ready to be tested against others. */
export function testedOf(body: Convex): Tested {
  const normals: Vector[] = [];
  const edges: Vector[] = [];
  for (const { normal, corners } of body.faces) {
    addDirection(normals, normal);
    corners.forEach((corner, i) => {
      addDirection(edges, unit(minus(corners[(i + 1) % corners.length] as Vector, corner)));
    });
  }
  return { body, corners: cornersOf(body), normals, edges };
}

/** How two convex bodies lie to one another. */
export interface Apart {
  /** How far apart, along the direction in which they are farthest apart; negative: so deep in one another. */
  readonly mm: number;
  /** That direction, from the first to the second. */
  readonly normal: Vector;
}

/**
 * How far two convex bodies are apart, or how deep they lie in one another, by the separating axis theorem: of all
 * normals of their faces and all vector products of their edges the one along which they are farthest apart
 * (Gottschalk, Lin, Manocha: OBBTree, 1996). Where they are apart past a corner, that is less than their distance.
 * Millimetres.
 * @param enoughMm edges are asked only where the faces leave them deeper in one another than this, millimetres
 */
export function apart(a: Tested, b: Tested, enoughMm = 0): Apart {
  let best: Apart = { mm: -Infinity, normal: [0, 0, 1] };
  const test = (axis: Vector) => {
    const [first, second] = [reach(a.corners, axis), reach(b.corners, axis)];
    const [after, before] = [second.least - first.most, first.least - second.most];
    if (Math.max(after, before) > best.mm + NO_MATTER_MM)
      best = after >= before ? { mm: after, normal: axis } : { mm: before, normal: times(axis, -1) };
  };
  for (const axis of a.normals) test(axis);
  for (const axis of b.normals) test(axis);
  if (best.mm >= -enoughMm) return best;
  for (const one of a.edges)
    for (const other of b.edges) {
      const axis = cross(one, other);
      if (norm(axis) > PARALLEL) test(unit(axis));
      if (best.mm >= -enoughMm) return best;
    }
  return best;
}

/** Of two directions that differ by less than this the first is told, millimetres. */
const NO_MATTER_MM = 1e-9;

function reach(corners: readonly Vector[], axis: Vector): { least: number; most: number } {
  let [least, most] = [Infinity, -Infinity];
  for (const corner of corners) {
    const at = dot(corner, axis);
    if (at < least) least = at;
    if (at > most) most = at;
  }
  return { least, most };
}

/** Whether two bounds come within so many millimetres of one another; negative: are so deep in one another. */
export const near = (a: Bounds, b: Bounds, withinMm: number): boolean =>
  [0, 1, 2].every(
    (k) =>
      (a.least[k] as number) <= (b.most[k] as number) + withinMm &&
      (b.least[k] as number) <= (a.most[k] as number) + withinMm,
  );

/** Where two bodies touch. */
export interface Touch {
  /** Square to the faces that touch, from the first to the second. */
  readonly normal: Vector;
  /** Its middle, in the frame of the opening. */
  readonly at: Vector;
  readonly areaMm2: number;
}

/** Faces whose normals differ by less than this look at one another, as a cosine. */
const FACING = 0.9995;

/**
 * Where two convex bodies that lie flat on one another touch.
 * @param normal from the first to the second, square to their faces
 * @returns null where no face of one lies on a face of the other
 */
export function touch(a: Convex, b: Convex, normal: Vector): Touch | null {
  const facing = (faces: readonly Face[], way: Vector) => faces.filter((face) => dot(face.normal, way) > FACING);
  const [u, v] = squareTo(normal);
  let [areaMm2, at] = [0, [0, 0, 0] as Vector];
  for (const face of facing(a.faces, normal))
    for (const other of facing(b.faces, times(normal, -1))) {
      const flat = (corners: readonly Vector[]) => corners.map((corner) => [dot(corner, u), dot(corner, v)] as const);
      const shared = common(flat(face.corners), flat(other.corners));
      const { area, middle } = polygon(shared);
      if (area <= 0) continue;
      const point = add(add(times(u, middle[0]), times(v, middle[1])), times(normal, dot(normal, face.corners[0]!)));
      at = add(at, times(point, area));
      areaMm2 += area;
    }
  return areaMm2 > 0 ? { normal, at: times(at, 1 / areaMm2), areaMm2 } : null;
}

/** Two directions square to a third and to one another. */
function squareTo(normal: Vector): readonly [Vector, Vector] {
  const u = unit(cross(normal, Math.abs(normal[2]) < 0.9 ? [0, 0, 1] : [1, 0, 0]));
  return [u, cross(normal, u)];
}

type Flat = readonly (readonly [number, number])[];

/** What two convex polygons share (Sutherland and Hodgman, 1974). */
function common(subject: Flat, against: Flat): Flat {
  const turn = Math.sign(polygon(against).signed);
  let left = subject;
  against.forEach(([x1, y1], i) => {
    const [x2, y2] = against[(i + 1) % against.length] as readonly [number, number];
    const inside = ([x, y]: readonly [number, number]) => turn * ((x2 - x1) * (y - y1) - (y2 - y1) * (x - x1));
    left = left.flatMap((here, k) => {
      const there = left[(k + 1) % left.length] as readonly [number, number];
      const [a, b] = [inside(here), inside(there)];
      const crossing: Flat =
        a * b < 0
          ? [[here[0] + ((there[0] - here[0]) * a) / (a - b), here[1] + ((there[1] - here[1]) * a) / (a - b)]]
          : [];
      return a >= 0 ? [here, ...crossing] : crossing;
    });
  });
  return left;
}

function polygon(points: Flat): { area: number; signed: number; middle: readonly [number, number] } {
  let [twice, mx, my] = [0, 0, 0];
  const [ox, oy] = points[0] ?? [0, 0];
  points.forEach(([px, py], i) => {
    const [qx, qy] = points[(i + 1) % points.length] as readonly [number, number];
    const [x1, y1, x2, y2] = [px - ox, py - oy, qx - ox, qy - oy];
    const crossed = x1 * y2 - x2 * y1;
    twice += crossed;
    mx += (x1 + x2) * crossed;
    my += (y1 + y2) * crossed;
  });
  const middle = twice === 0 ? ([ox, oy] as const) : ([ox + mx / (3 * twice), oy + my / (3 * twice)] as const);
  return { area: Math.abs(twice) / 2, signed: twice, middle };
}
