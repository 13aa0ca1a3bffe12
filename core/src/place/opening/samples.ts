import { EigenvalueDecomposition, Matrix } from 'ml-matrix';
import { normalsFrom } from '../../base/random';
import { factorOf } from '../survey/cholesky';
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
  // One block for all of them: hundreds of small arrays cost more than what is in them.
  const all = new Float64Array(count * n);
  for (let i = 0; i < n; i += 1) {
    const row = rows[i] as Float64Array;
    const mean = meanMm[i] as number;
    const last = lower ? i : n - 1;
    // Two samples at a time: neither sum waits for itself.
    for (let from = 0; from < all.length; from += 2 * n) {
      const next = from + n < all.length ? from + n : from;
      let one = mean;
      let other = mean;
      for (let j = 0; j <= last; j += 1) {
        const weight = row[j] as number;
        one += weight * (z[from + j] as number);
        other += weight * (z[next + j] as number);
      }
      all[from + i] = one;
      all[next + i] = other;
    }
  }
  return Array.from({ length: count }, (_, k) => all.subarray(k * n, (k + 1) * n));
}

/** A square root of a covariance, R Rᵀ, by rows; whether nothing stands above its diagonal. */
function rootOf(covariance: readonly (readonly number[])[]): { rows: readonly Float64Array[]; lower: boolean } {
  const n = covariance.length;
  if (n === 0) return { rows: [], lower: true };
  const scale = covariance.reduce((most, row, i) => Math.max(most, row[i] as number), 1e-12);
  const mended = new Matrix(covariance.map((row, i) => row.map((one, j) => (i === j ? one + MEND * scale : one))));
  const factor = factorOf(mended);
  if (factor) return { rows: factor, lower: true };
  const matrix = new Matrix(covariance.map((row) => [...row]));
  const { realEigenvalues, eigenvectorMatrix } = new EigenvalueDecomposition(matrix, { assumeSymmetric: true });
  const roots = realEigenvalues.map((realEigenvalue) => Math.sqrt(Math.max(realEigenvalue, 0)));
  const rows = eigenvectorMatrix.mmul(Matrix.diag(roots)).to2DArray();
  return { rows: rows.map((row) => Float64Array.from(row)), lower: false };
}
