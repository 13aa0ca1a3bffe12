import earcut from 'earcut';
import { near, testedOf, type Tested } from './apart';
import { boundsOf, clip, planeAt, prism, turned, volumeOf, without, type Bounds, type Convex } from './convex';
import { directionOf, pointOf, type Frame } from './frame';
import { dot, type Vector } from './vector';

export * from './frame';

/**
 * A plane that cuts off one end of a piece: where it crosses the edge its width and thickness are counted from, and how
 * far it runs along the piece for each millimetre across and through it. Both 0 for a square end.
 */
export interface EndPlane {
  readonly atMm: number;
  readonly acrossSlope: number;
  readonly throughSlope: number;
}

/** A point of a piece's face: along its length and across its width, millimetres. */
export type FacePoint = readonly [along: number, across: number];

/** The three directions of a piece, in order. */
export const AXES = ['along', 'across', 'through'] as const;
export type Axis = (typeof AXES)[number];

/**
 * What is cut out of a piece: a prism along one of its axes, over a convex polygon in the other two (in the order of
 * `AXES`). Millimetres in the piece's own coordinates.
 */
export interface Cut {
  readonly kind: 'housing' | 'rebate' | 'slot' | 'notch' | 'hole';
  readonly axis: Axis;
  readonly fromMm: number;
  readonly toMm: number;
  readonly outline: readonly (readonly [number, number])[];
  /** Id of the piece or fitting it makes room for, `skirting`, or `back-panel`. */
  readonly room?: string;
}

/** The shape of a piece and where it is. Plain data; millimetres. */
export interface Solid {
  readonly frame: Frame;
  /** Long point to long point. */
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly thicknessMm: number;
  readonly ends: { readonly start: EndPlane; readonly finish: EndPlane };
  /** Its face where that is no rectangle, in order round; null where it is one. */
  readonly outline: readonly FacePoint[] | null;
  readonly cuts: readonly Cut[];
  /** A round bar: as wide as it is thick. */
  readonly section?: 'round';
}

/** A square end so far along a piece. */
export const squareAt = (atMm: number): EndPlane => ({ atMm, acrossSlope: 0, throughSlope: 0 });

const SIDES = 16;
const FLAT = 1e-9;

/**
 * The convex bodies a solid is made of, in its own coordinates: its face in convex polygons, cut off by both end
 * planes, less everything that is cut into it. Together they fill it and share no space.
 */
export function convexParts(solid: Solid): Convex[] {
  const { start, finish } = solid.ends;
  // Along the piece: beyond the one, and not beyond the other.
  const plane = ({ atMm, acrossSlope, throughSlope }: EndPlane) =>
    planeAt([atMm, 0, 0], [1, -acrossSlope, -throughSlope]);
  const square = ({ acrossSlope, throughSlope }: EndPlane) => acrossSlope === 0 && throughSlope === 0;
  const whole = square(start) && square(finish) && start.atMm <= 0 && finish.atMm >= solid.lengthMm;
  const base = baseOf(solid);
  const ended = whole
    ? base
    : base.flatMap((body): Convex[] => {
        const kept = clip(body, turned(plane(start)));
        const both = kept && clip(kept, plane(finish));
        return both ? [both] : [];
      });
  return solid.cuts.reduce((bodies, cut) => {
    const taken = prismOf(cut);
    const bounds = boundsOf([taken]);
    return bodies.flatMap((body) => (near(boundsOf([body]), bounds, 0) ? without(body, taken) : [body]));
  }, ended);
}

function baseOf({ lengthMm, widthMm, thicknessMm, outline, section }: Solid): Convex[] {
  if (section === 'round') {
    const [half, turn] = [widthMm / 2, (2 * Math.PI) / SIDES];
    // A flat side is at the bottom, where the rod lies in its cup; flat to flat is the diameter.
    const out = half / Math.cos(turn / 2);
    const round = Array.from({ length: SIDES }, (_, i): Vector => {
      const at = turn * (i + 1 / 2);
      return [0, half + out * Math.cos(at), half + out * Math.sin(at)];
    });
    return [prism(round, [lengthMm, 0, 0])];
  }
  const face: readonly FacePoint[] = outline ?? [
    [0, 0],
    [lengthMm, 0],
    [lengthMm, widthMm],
    [0, widthMm],
  ];
  return convexPolygons(face).map((polygon) =>
    prism(
      polygon.map(([l, w]): Vector => [l, w, 0]),
      [0, 0, thicknessMm],
    ),
  );
}

/** The prism of a cut, in the coordinates of its piece. */
export function prismOf({ axis, fromMm, toMm, outline }: Cut): Convex {
  const at = ([a, b]: readonly [number, number]): Vector =>
    axis === 'along' ? [fromMm, a, b] : axis === 'across' ? [a, fromMm, b] : [a, b, fromMm];
  const through = AXES.map((one) => (one === axis ? toMm - fromMm : 0)) as unknown as Vector;
  return prism(outline.map(at), through);
}

/** A polygon in convex ones: triangles, joined again where they stay convex (Hertel and Mehlhorn, 1983). */
export function convexPolygons(outline: readonly FacePoint[]): (readonly FacePoint[])[] {
  if (isConvex(outline)) return [outline];
  const corners = earcut(outline.flat());
  const polygons: number[][] = [];
  for (let i = 0; i < corners.length; i += 3) polygons.push(corners.slice(i, i + 3));
  for (let i = 0; i < polygons.length; i += 1) {
    for (let k = i + 1; k < polygons.length; k += 1) {
      const joined = join(polygons[i] as number[], polygons[k] as number[]);
      if (!joined || !isConvex(joined.map((at) => outline[at] as FacePoint))) continue;
      polygons[i] = joined;
      polygons.splice(k, 1);
      k = i;
    }
  }
  return polygons.map((polygon) => polygon.map((at) => outline[at] as FacePoint));
}

/** Two polygons that share an edge, as one; null where they share none. */
function join(a: readonly number[], b: readonly number[]): number[] | null {
  for (let i = 0; i < a.length; i += 1) {
    const [from, to] = [a[i] as number, a[(i + 1) % a.length] as number];
    const k = b.findIndex((corner, at) => corner === to && b[(at + 1) % b.length] === from);
    if (k < 0) continue;
    const around = Array.from({ length: b.length - 2 }, (_, n) => b[(k + 2 + n) % b.length] as number);
    return [...a.slice(0, i + 1), ...around, ...a.slice(i + 1)];
  }
  return null;
}

function isConvex(points: readonly FacePoint[]): boolean {
  let [left, right] = [false, false];
  points.forEach(([x1, y1], i) => {
    const [x2, y2] = points[(i + 1) % points.length] as FacePoint;
    const [x3, y3] = points[(i + 2) % points.length] as FacePoint;
    const turn = (x2 - x1) * (y3 - y2) - (y2 - y1) * (x3 - x2);
    if (turn > FLAT) left = true;
    if (turn < -FLAT) right = true;
  });
  return !(left && right);
}

/** A body moved from a piece's coordinates into the frame of the opening. */
export function inOpening({ faces }: Convex, frame: Frame): Convex {
  const moved = new Map<Vector, Vector>();
  const move = (corner: Vector): Vector => {
    const known = moved.get(corner);
    if (known) return known;
    const point = pointOf(frame, corner);
    moved.set(corner, point);
    return point;
  };
  return {
    faces: faces.map((face) => {
      const normal = directionOf(frame, face.normal);
      const corners = face.corners.map(move);
      return { normal, offset: dot(normal, corners[0] as Vector), corners };
    }),
  };
}

/** A solid made ready for tests: its convex bodies in the frame of the opening, and the bounds of them all. */
export interface Placed {
  readonly parts: readonly Tested[];
  readonly each: readonly Bounds[];
  readonly bounds: Bounds;
}

/** A solid's convex bodies where it lies in the opening. */
export function placedOf(solid: Solid): Placed {
  const bodies = convexParts(solid).map((body) => inOpening(body, solid.frame));
  return { parts: bodies.map(testedOf), each: bodies.map((body) => boundsOf([body])), bounds: boundsOf(bodies) };
}

/** Volume of a solid, cubic millimetres. */
export const volumeOfSolid = (solid: Solid): number =>
  convexParts(solid).reduce((sum, body) => sum + volumeOf(body), 0);

/** All corners of a solid in the frame of the opening. */
export const cornersOfSolid = ({ parts }: Placed): Vector[] => parts.flatMap(({ corners }) => corners);
