import { add, cross, dot, minus, norm, times, type Vector } from './vector';

/** A straight stretch from one point to another. */
export type Segment = readonly [from: Vector, to: Vector];

/** The least distance between two stretches (Ericson, Real-Time Collision Detection, 2005, 5.1.9). Millimetres. */
export function distance([p1, q1]: Segment, [p2, q2]: Segment): number {
  const [d1, d2, r] = [minus(q1, p1), minus(q2, p2), minus(p1, p2)];
  const [a, e, f] = [dot(d1, d1), dot(d2, d2), dot(d2, r)];
  const [c, b] = [dot(d1, r), dot(d1, d2)];
  const held = (share: number) => Math.min(Math.max(share, 0), 1);
  let s = norm(cross(d1, d2)) > PARALLEL ? held((b * f - c * e) / (a * e - b * b)) : 0;
  let t = (b * s + f) / e;
  if (t < 0 || t > 1) {
    t = held(t);
    s = held((b * t - c) / a);
  }
  return norm(minus(add(p1, times(d1, s)), add(p2, times(d2, t))));
}
const PARALLEL = 1e-9;

/** Whether two stretches come nearer to each other than so many millimetres. */
export function comeWithin(one: Segment, other: Segment, mm: number): boolean {
  // Most are far apart along one of the axes already.
  for (let k = 0; k < 3; k += 1) if (gapAlong(one, other, k) >= mm) return false;
  return distance(one, other) < mm;
}

/** The gap between two stretches along one axis, millimetres; negative where they lie beside each other. */
const gapAlong = ([p1, q1]: Segment, [p2, q2]: Segment, k: number): number =>
  Math.max(
    Math.min(p2[k] as number, q2[k] as number) - Math.max(p1[k] as number, q1[k] as number),
    Math.min(p1[k] as number, q1[k] as number) - Math.max(p2[k] as number, q2[k] as number),
  );

/** Wood between two screws, millimetres. */
const BETWEEN_MM = 1;

/** How near two screws may come, millimetres from axis to axis. */
export const needsApart = (one: { readonly diameterMm: number }, other: { readonly diameterMm: number }): number =>
  (one.diameterMm + other.diameterMm) / 2 + BETWEEN_MM;
