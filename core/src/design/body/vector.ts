/** A point or a direction in the frame of the opening, or in that of a piece: millimetres, or no unit. */
export type Vector = readonly [x: number, y: number, z: number];

/** The sum of two vectors. */
export const add = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];

/** The way from `b` to `a`. */
export const minus = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];

/** A vector so many times as long. */
export const times = (a: Vector, by: number): Vector => [a[0] * by, a[1] * by, a[2] * by];

/** The inner product. */
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** The vector product: square to both. */
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** How long a vector is. */
export const norm = (a: Vector): number => Math.sqrt(dot(a, a));

/** The vector of length 1 in the same direction; unchanged where it has no length. */
export const unit = (a: Vector): Vector => {
  const long = norm(a);
  return long > 0 ? times(a, 1 / long) : a;
};

/** A point between two others: `share` 0 is the first, 1 the second. */
export const between = (a: Vector, b: Vector, share: number): Vector => add(a, times(minus(b, a), share));
