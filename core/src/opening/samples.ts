import { EigenvalueDecomposition, CholeskyDecomposition, Matrix } from 'ml-matrix';
import { randomFrom } from '../random';
import type { Joint } from './opening';

// Rounding may leave a covariance that is only just singular; this much of its scale on the diagonal mends that.
const MEND = 1e-9;

/**
 * Draws from a joint normal: mean + L z with the covariance's Cholesky factor L (its eigenvectors, where points lie
 * so close that there is no factor).
 * @returns `count` samples of n positions each, millimetres; the same for the same seed
 */
export function drawSamples({ meanMm, covarianceMm2 }: Joint, count: number, seed: number): number[][] {
  const n = meanMm.length;
  const random = randomFrom(seed);
  const root = rootOf(covarianceMm2).map((row) => Float64Array.from(row));
  const z = new Float64Array(n);
  return Array.from({ length: count }, () => {
    for (let i = 0; i < n; i += 1) z[i] = random.normal();
    return meanMm.map((mean, i) => {
      const row = root[i] as Float64Array;
      let sum = mean;
      for (let j = 0; j < n; j += 1) sum += (row[j] as number) * (z[j] as number);
      return sum;
    });
  });
}

/** A square root of a covariance: R Rᵀ. */
function rootOf(covariance: readonly (readonly number[])[]): number[][] {
  const n = covariance.length;
  if (n === 0) return [];
  const matrix = new Matrix(covariance.map((row) => [...row]));
  const scale = Math.max(...matrix.diagonal(), 1e-12);
  const mended = Matrix.add(matrix, Matrix.eye(n).mul(MEND * scale));
  const cholesky = new CholeskyDecomposition(mended);
  if (cholesky.isPositiveDefinite()) return cholesky.lowerTriangularMatrix.to2DArray();
  const { realEigenvalues, eigenvectorMatrix } = new EigenvalueDecomposition(matrix, { assumeSymmetric: true });
  const roots = realEigenvalues.map((one) => Math.sqrt(Math.max(one, 0)));
  return eigenvectorMatrix.mmul(Matrix.diag(roots)).to2DArray();
}
