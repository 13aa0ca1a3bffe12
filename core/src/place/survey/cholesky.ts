import { CholeskyDecomposition, type Matrix } from 'ml-matrix';

/** Rows of the lower Cholesky factor; null where there is none: the matrix is not positive definite. */
export function factorOf(K: Matrix): Float64Array[] | null {
  if (K.rows === 0) return [];
  const cholesky = new CholeskyDecomposition(K);
  if (!cholesky.isPositiveDefinite()) return null;
  const L = cholesky.lowerTriangularMatrix;
  return Array.from({ length: K.rows }, (_, i) => Float64Array.from(L.getRow(i)));
}

/** x of L x = b. */
export function forward(L: readonly Float64Array[], b: ArrayLike<number>): Float64Array {
  const x = new Float64Array(L.length);
  for (let i = 0; i < L.length; i += 1) {
    const row = L[i] as Float64Array;
    let sum = b[i] as number;
    for (let j = 0; j < i; j += 1) sum -= (row[j] as number) * (x[j] as number);
    x[i] = sum / (row[i] as number);
  }
  return x;
}

/** x of Lᵀ x = b. */
export function backward(L: readonly Float64Array[], b: ArrayLike<number>): Float64Array {
  const x = Float64Array.from(b);
  for (let i = L.length - 1; i >= 0; i -= 1) {
    const row = L[i] as Float64Array;
    const xi = (x[i] as number) / (row[i] as number);
    x[i] = xi;
    for (let j = 0; j < i; j += 1) x[j] = (x[j] as number) - (row[j] as number) * xi;
  }
  return x;
}

/** Diagonal of (L Lᵀ)⁻¹: the squared columns of L⁻¹. */
export function inverseDiagonal(L: readonly Float64Array[]): Float64Array {
  const n = L.length;
  const diagonal = new Float64Array(n);
  const unit = new Float64Array(n);
  for (let i = 0; i < n; i += 1) {
    // Column i of L⁻¹ begins at its own row.
    unit.fill(0);
    for (let r = i; r < n; r += 1) {
      const row = L[r] as Float64Array;
      let sum = r === i ? 1 : 0;
      for (let j = i; j < r; j += 1) sum -= (row[j] as number) * (unit[j] as number);
      const value = sum / (row[r] as number);
      unit[r] = value;
      diagonal[i] = (diagonal[i] as number) + value * value;
    }
  }
  return diagonal;
}

/**
 * The scalar product of two vectors of the same size, Σ aᵢ bᵢ.
 * @returns a plain number, in the units of a times those of b
 */
export function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) sum += (a[i] as number) * (b[i] as number);
  return sum;
}
