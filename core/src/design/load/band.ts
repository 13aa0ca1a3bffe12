/**
 * A symmetric matrix of which only a band about the diagonal is not nothing, kept row by row: entry (i, j) with
 * i − half ≤ j ≤ i. Stiffness matrices of a mesh that is numbered across its shorter way are such.
 */
export class BandMatrix {
  private readonly rows: Float64Array;

  /** @param size rows; @param half how far from the diagonal entries may lie */
  constructor(
    readonly size: number,
    readonly half: number,
  ) {
    this.rows = new Float64Array(size * (half + 1));
  }

  /** Adds to the entry (i, j); the other triangle is understood. */
  add(i: number, j: number, value: number): void {
    if (j > i) return;
    const index = i * (this.half + 1) + (j - i + this.half);
    this.rows[index] = (this.rows[index] as number) + value;
  }

  /** The same matrix once more, to be changed on its own. */
  copy(): BandMatrix {
    const other = new BandMatrix(this.size, this.half);
    other.rows.set(this.rows);
    return other;
  }

  /** Ties an unknown to nothing: its row and column are cleared and its diagonal set to 1. */
  tie(at: number): void {
    const { half, size, rows } = this;
    const width = half + 1;
    rows.fill(0, at * width, (at + 1) * width);
    rows[at * width + half] = 1;
    for (let i = at + 1; i <= Math.min(at + half, size - 1); i += 1) rows[i * width + (at - i + half)] = 0;
  }

  /** The product with a vector. */
  times(x: Float64Array): Float64Array {
    const { size, half, rows } = this;
    const out = new Float64Array(size);
    for (let i = 0; i < size; i += 1) {
      const row = i * (half + 1) + half - i;
      for (let j = Math.max(0, i - half); j <= i; j += 1) {
        const value = rows[row + j] as number;
        out[i] = (out[i] as number) + value * (x[j] as number);
        if (j < i) out[j] = (out[j] as number) + value * (x[i] as number);
      }
    }
    return out;
  }

  /**
   * Factors the matrix in place as L·Lᵀ (Cholesky within the band; Golub & Van Loan, Matrix Computations, 4.3.5).
   * @returns what solves for a right-hand side; null where the matrix is not positive definite: something can move
   *   freely
   */
  factor(): ((right: Float64Array) => Float64Array) | null {
    const { size, half, rows } = this;
    const width = half + 1;
    let largest = 0;
    for (let i = 0; i < size; i += 1) largest = Math.max(largest, rows[i * width + half] as number);
    // Nothing stands before the first entry of a row: what is not there is not multiplied.
    const firsts = new Int32Array(size);
    for (let i = 0; i < size; i += 1) {
      const ri = i * width + half - i;
      let first = Math.max(0, i - half);
      while (first < i && rows[ri + first] === 0) first += 1;
      firsts[i] = first;
      for (let j = first; j <= i; j += 1) {
        const rj = j * width + half - j;
        let sum = rows[ri + j] as number;
        // Two by two: what is added up does not wait for itself.
        let k = Math.max(first, firsts[j] as number);
        let other = 0;
        for (; k + 1 < j; k += 2) {
          sum -= (rows[ri + k] as number) * (rows[rj + k] as number);
          other += (rows[ri + k + 1] as number) * (rows[rj + k + 1] as number);
        }
        if (k < j) sum -= (rows[ri + k] as number) * (rows[rj + k] as number);
        sum -= other;
        if (j < i) rows[ri + j] = sum / (rows[rj + j] as number);
        else if (sum <= largest * 1e-14) return null;
        else rows[ri + i] = Math.sqrt(sum);
      }
    }
    return (right) => this.substitute(right, firsts);
  }

  /** Forward along the rows of L, and back along them again: a row's unknown is taken out of all before it. */
  private substitute(right: Float64Array, firsts: Int32Array): Float64Array {
    const { size, half, rows } = this;
    const width = half + 1;
    const x = right.slice();
    for (let i = 0; i < size; i += 1) {
      const ri = i * width + half - i;
      let sum = x[i] as number;
      for (let k = firsts[i] as number; k < i; k += 1) sum -= (rows[ri + k] as number) * (x[k] as number);
      x[i] = sum / (rows[ri + i] as number);
    }
    for (let i = size - 1; i >= 0; i -= 1) {
      const ri = i * width + half - i;
      const found = (x[i] as number) / (rows[ri + i] as number);
      x[i] = found;
      for (let k = firsts[i] as number; k < i; k += 1) x[k] = (x[k] as number) - (rows[ri + k] as number) * found;
    }
    return x;
  }
}
