import { EigenvalueDecomposition, CholeskyDecomposition, Matrix } from 'ml-matrix';
import { normalsFrom } from '../../base/random';
import type { Joint } from './opening';

// Rounding may leave a covariance that is only just singular; this much of its scale on the diagonal mends that.
const MEND = 1e-9;

/**
 * Draws from a joint normal: mean + L z with the covariance's Cholesky factor L (its eigenvectors, where points lie
 * so close that there is no factor).
 * @returns `count` samples of n positions each, millimetres; the same for the same seed
 */
export function drawSamples({ meanMm, covarianceMm2 }: Joint, count: number, seed: number): Float64Array[] {
  const n = meanMm.length;
  const z = normalsFrom(seed, count * n);
  const { rows, lower } = rootOf(covarianceMm2);
  const all: Float64Array[] = [];
  for (let k = 0; k < count; k += 1) {
    const drawn = Float64Array.from(meanMm);
    const own = z.subarray(k * n, (k + 1) * n);
    for (let i = 0; i < n; i += 1)
      drawn[i] = (drawn[i] as number) + dot(rows[i] as Float64Array, own, lower ? i + 1 : n);
    all.push(drawn);
  }
  return all;
}

function dot(a: Float64Array, b: Float64Array, n: number): number {
  let sum = 0;
  for (let i = 0; i < n; i += 1) sum += (a[i] as number) * (b[i] as number);
  return sum;
}

/** A square root of a covariance, R Rᵀ, by rows; whether nothing stands above its diagonal. */
function rootOf(covariance: readonly (readonly number[])[]): { rows: Float64Array[]; lower: boolean } {
  const n = covariance.length;
  if (n === 0) return { rows: [], lower: true };
  const byRows = (matrix: Matrix) => matrix.to2DArray().map((row) => Float64Array.from(row));
  const matrix = new Matrix(covariance.map((row) => [...row]));
  const scale = Math.max(...matrix.diagonal(), 1e-12);
  const mended = Matrix.add(matrix, Matrix.eye(n).mul(MEND * scale));
  const cholesky = new CholeskyDecomposition(mended);
  if (cholesky.isPositiveDefinite()) return { rows: byRows(cholesky.lowerTriangularMatrix), lower: true };
  const { realEigenvalues, eigenvectorMatrix } = new EigenvalueDecomposition(matrix, { assumeSymmetric: true });
  const roots = realEigenvalues.map((realEigenvalue) => Math.sqrt(Math.max(realEigenvalue, 0)));
  return { rows: byRows(eigenvectorMatrix.mmul(Matrix.diag(roots))), lower: false };
}
