/**
 * Rectangular elements of a thin plate, in the natural coordinates ξ, η from −1 to 1 of an element 2a by 2b.
 *
 * Bending: the twelve-term rectangle (w, ∂w/∂x, ∂w/∂y at each corner; Melosh 1963; Zienkiewicz & Taylor, The Finite
 * Element Method, vol. 2, 4.3). Stretching in its own plane: the bilinear rectangle (u, v at each corner). Orthotropic
 * throughout, with the axes of the material along the edges.
 */

/** Corners in the order that all element matrices have: (−1, −1), (1, −1), (1, 1), (−1, 1). */
const CORNERS = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const;

type Matrix = readonly Float64Array[];
const matrix = (rows: number, columns: number): Float64Array[] =>
  Array.from({ length: rows }, () => new Float64Array(columns));

/** Powers (of ξ, of η) of the twelve terms of w. */
const TERMS = [
  [0, 0],
  [1, 0],
  [0, 1],
  [2, 0],
  [1, 1],
  [0, 2],
  [3, 0],
  [2, 1],
  [1, 2],
  [0, 3],
  [3, 1],
  [1, 3],
] as const;

/** A term's value, or a derivative of it, at a point. */
function term([p, q]: readonly [number, number], [dp, dq]: readonly [number, number], x: number, y: number): number {
  const one = (power: number, times: number, at: number) => {
    let factor = 1;
    for (let k = 0; k < times; k += 1) factor *= power - k;
    return factor === 0 ? 0 : factor * at ** (power - times);
  };
  return one(p, dp, x) * one(q, dq, y);
}

/** Inverse of a small matrix by Gauss and Jordan. */
function inverse(of: Matrix): Float64Array[] {
  const n = of.length;
  const work = of.map((row, i) =>
    Float64Array.from([...row, ...Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))]),
  );
  for (let c = 0; c < n; c += 1) {
    let pivot = c;
    for (let r = c + 1; r < n; r += 1) if (Math.abs(work[r]![c]!) > Math.abs(work[pivot]![c]!)) pivot = r;
    [work[c], work[pivot]] = [work[pivot]!, work[c]!];
    const by = work[c]![c]!;
    for (let k = 0; k < 2 * n; k += 1) work[c]![k] = work[c]![k]! / by;
    for (let r = 0; r < n; r += 1) {
      const times = work[r]![c]!;
      if (r === c || times === 0) continue;
      for (let k = 0; k < 2 * n; k += 1) work[r]![k] = work[r]![k]! - times * work[c]![k]!;
    }
  }
  return work.map((row) => row.slice(n));
}

const GAUSS = [
  [-Math.sqrt(0.6), 5 / 9],
  [0, 8 / 9],
  [Math.sqrt(0.6), 5 / 9],
] as const;

/**
 * Shape functions' terms from corner values (w, w_ξ, w_η of each corner in turn): the inverse of what they are there.
 */
const SHAPES = inverse(
  CORNERS.flatMap(([x, y]) =>
    (
      [
        [0, 0],
        [1, 0],
        [0, 1],
      ] as const
    ).map((by) => Float64Array.from(TERMS, (one) => term(one, by, x, y))),
  ),
);

/** A derivative of w at a point as weights of the twelve corner values. */
function weights(by: readonly [number, number], x: number, y: number): Float64Array {
  const out = new Float64Array(12);
  TERMS.forEach((one, t) => {
    const value = term(one, by, x, y);
    if (value !== 0) for (let k = 0; k < 12; k += 1) out[k] = out[k]! + value * SHAPES[t]![k]!;
  });
  return out;
}

/** ∫∫ of the product of two derivatives of w over the natural square, as a matrix of corner values. */
function integral(one: readonly [number, number], other: readonly [number, number]): Matrix {
  const out = matrix(12, 12);
  for (const [x, wx] of GAUSS) {
    for (const [y, wy] of GAUSS) {
      const [a, b] = [weights(one, x, y), weights(other, x, y)];
      for (let i = 0; i < 12; i += 1)
        for (let j = 0; j < 12; j += 1) out[i]![j] = out[i]![j]! + wx * wy * a[i]! * b[j]!;
    }
  }
  return out;
}

const XX = integral([2, 0], [2, 0]);
const YY = integral([0, 2], [0, 2]);
const XY = integral([2, 0], [0, 2]);
const TWIST = integral([1, 1], [1, 1]);
/** ∫∫ w over the natural square. */
const LOAD = (() => {
  const out = new Float64Array(12);
  for (const [x, wx] of GAUSS)
    for (const [y, wy] of GAUSS) weights([0, 0], x, y).forEach((weight, k) => (out[k] = out[k]! + wx * wy * weight));
  return out;
})();

/** Bending stiffnesses of an orthotropic plate, N·mm: along x, along y, coupling, twist. */
export interface Flexural {
  readonly x: number;
  readonly y: number;
  readonly xy: number;
  readonly twist: number;
}

/** What corner values are scaled by: slopes in natural coordinates are a (b) times those in millimetres. */
const scales = (a: number, b: number) => new Float64Array([1, a, b, 1, a, b, 1, a, b, 1, a, b]);

/** Stiffness of a bending element 2a by 2b (mm), 12 by 12: w, ∂w/∂x, ∂w/∂y of each corner; N and mm. */
export function bendingStiffness(a: number, b: number, { x, y, xy, twist }: Flexural): Matrix {
  const out = matrix(12, 12);
  const scale = scales(a, b);
  const [px, py, pxy] = [(x * b) / a ** 3, (y * a) / b ** 3, 1 / (a * b)];
  for (let i = 0; i < 12; i += 1) {
    for (let j = 0; j < 12; j += 1) {
      const value =
        px * XX[i]![j]! + py * YY[i]![j]! + pxy * (xy * (XY[i]![j]! + XY[j]![i]!) + 4 * twist * TWIST[i]![j]!);
      out[i]![j] = value * scale[i]! * scale[j]!;
    }
  }
  return out;
}

/** Loads at the corners of a bending element under an even pressure of 1 N/mm²: 12 values. */
export function pressureLoad(a: number, b: number): Float64Array {
  const scale = scales(a, b);
  return LOAD.map((one, k) => one * a * b * scale[k]!);
}

/**
 * Deflection at a natural point, as weights of the twelve corner values: what a push there is at the corners.
 * @param a half the element's length, millimetres
 * @param b half its breadth, millimetres
 * @param x natural place along, from -1 to 1
 * @param y natural place across, from -1 to 1
 */
export function deflectionWeights(a: number, b: number, x: number, y: number): Float64Array {
  const scale = scales(a, b);
  return weights([0, 0], x, y).map((weight, k) => weight * scale[k]!);
}

const TRUEST = [-1 / Math.sqrt(3), 1 / Math.sqrt(3)];

/** Natural points where a rectangle's stresses are truest, with the second derivatives of w there. */
const POINTS = TRUEST.flatMap((x) =>
  TRUEST.map((y) => ({ x, y, xx: weights([2, 0], x, y), yy: weights([0, 2], x, y) })),
);

/** What stresses at a point of an element are made of, as weights of its corner values. */
export interface StressPoint {
  /** ∂²w/∂x² and ∂²w/∂y² by w, ∂w/∂x, ∂w/∂y of each corner, 1/mm. */
  readonly curves: readonly [Float64Array, Float64Array];
  /** ε_x, ε_y and γ by u, v of each corner. */
  readonly strained: readonly [Float64Array, Float64Array, Float64Array];
}

/**
 * The four points of an element where its stresses are truest (Barlow points; 2 by 2 Gauss).
 * @param a half the element's length, millimetres
 * @param b half its breadth, millimetres
 */
export function stressPoints(a: number, b: number): readonly StressPoint[] {
  const scale = scales(a, b);
  const over = (by: Float64Array, square: number) => by.map((weight, k) => (weight * scale[k]!) / square);
  return POINTS.map(({ x, y, xx, yy }) => ({
    curves: [over(xx, a * a), over(yy, b * b)],
    strained: strains(a, b, x, y),
  }));
}

/** Stiffnesses of a plate in its own plane, N/mm: along x, along y, coupling, shear. */
export type Membrane = Flexural;

/**
 * Strains (ε_x, ε_y, γ) at a natural point of a bilinear rectangle, as weights of u, v of each corner.
 * @param a half the element's length, millimetres
 * @param b half its breadth, millimetres
 * @param x natural place along, from -1 to 1
 * @param y natural place across, from -1 to 1
 */
function strains(a: number, b: number, x: number, y: number): readonly [Float64Array, Float64Array, Float64Array] {
  const [ex, ey, g] = [new Float64Array(8), new Float64Array(8), new Float64Array(8)];
  CORNERS.forEach(([cx, cy], k) => {
    const dx = (cx * (1 + cy * y)) / (4 * a);
    const dy = (cy * (1 + cx * x)) / (4 * b);
    ex[2 * k] = dx;
    ey[2 * k + 1] = dy;
    g[2 * k] = dy;
    g[2 * k + 1] = dx;
  });
  return [ex, ey, g];
}

/** Stiffness of a bilinear rectangle 2a by 2b (mm), 8 by 8: u, v of each corner. */
export function membraneStiffness(a: number, b: number, { x, y, xy, twist: shear }: Membrane): Matrix {
  const out = matrix(8, 8);
  const at = 1 / Math.sqrt(3);
  for (const px of [-at, at]) {
    for (const py of [-at, at]) {
      const [ex, ey, g] = strains(a, b, px, py);
      for (let i = 0; i < 8; i += 1) {
        for (let j = 0; j < 8; j += 1) {
          const value =
            x * ex[i]! * ex[j]! +
            y * ey[i]! * ey[j]! +
            xy * (ex[i]! * ey[j]! + ey[i]! * ex[j]!) +
            shear * g[i]! * g[j]!;
          out[i]![j] = out[i]![j]! + a * b * value;
        }
      }
    }
  }
  return out;
}
