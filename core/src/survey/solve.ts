import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import type { FieldName, Functional, Term } from './functional';
import { auxPrior, covariance, type Prior } from './prior';
import type { Aux, Statement, Where } from './statements';

/** One statement with what was read for it. */
export interface Observation {
  readonly statement: Statement;
  /** In the statement's own unit. */
  readonly said: number;
  readonly sd: number;
  /** Which reading it belongs to; null for what fixes the frame. */
  readonly reading: string | null;
  /** The note of a trial fit it comes from. */
  readonly trial?: string;
}

export interface SolveInput {
  readonly priors: ReadonlyMap<FieldName, Prior>;
  readonly aux: readonly Aux[];
  readonly observations: readonly Observation[];
}

/** The position of a weighted sum of points, with its standard deviation. */
export interface Answer {
  readonly mean: number;
  readonly sd: number;
}

/** What is left of an observation when the others are asked: leave-one-out. */
export interface LeftOut {
  readonly reading: string | null;
  readonly trial: string | null;
  /** Said less expected by the others, in the statement's own unit. */
  readonly off: number;
  /** Standard deviation of that difference. */
  readonly sd: number;
}

/** A solved survey: asks of it are answered from one factorisation. */
export interface Solved {
  /** False when the linearised statements did not settle. */
  readonly settled: boolean;
  mean(one: Functional): number;
  ask(one: Functional): Answer;
  /** Forward-solved covariances with the observations: what `between` takes, so that each is worked out once. */
  prepare(one: Functional): Prepared;
  /** Posterior covariance of two prepared functionals, mm² (or the product of their units). */
  between(a: Prepared, b: Prepared): number;
  /** Posterior covariance matrix of several, n by n. */
  jointly(all: readonly Functional[]): { mean: number[]; covariance: number[][] };
  /** How much each reading moves a functional: its weight in the answer, by reading. */
  weights(one: Functional): Map<string, number>;
  /** A statement as it would read now, linearised: its terms and its expected value. */
  linearise(statement: Statement): { terms: Functional; expected: number };
  leftOut(): LeftOut[];
}

export interface Prepared {
  readonly row: Row;
  readonly solved: Float64Array;
}

/** A functional with the priors of its surfaces at hand. */
type Row = readonly { readonly prior: Prior; readonly s: number; readonly z: number; readonly weight: number }[];

interface Linear {
  readonly terms: Functional;
  readonly expected: number;
}

/** Why a survey cannot be solved. */
export class NotSolvable extends Error {}

const SETTLED_MM = 0.01;
const MOST_ROUNDS = 12;
const STEP_MM = 0.05;

/**
 * Least-squares adjustment with a prior (Gaussian-process regression on linear functionals). With K the prior
 * covariance of the observations plus their noise and y what they said less what the prior expects:
 *
 *     mean(f) = prior(f) + k(f)ᵀ K⁻¹ y,   var(f) = k(f, f) - k(f)ᵀ K⁻¹ k(f)
 *
 * Rasmussen & Williams (2006), algorithm 2.1; Ghilani, Adjustment Computations, ch. 11 (linearised observations).
 * Curved statements are linearised where the walls are held to be and solved again until nothing moves by 0.01 mm.
 * @throws NotSolvable when K has no Cholesky factor
 */
export function solve({ priors: walls, aux, observations }: SolveInput): Solved {
  const priors = new Map(walls);
  for (const { name, meanMm, sdMm } of aux) priors.set(name, auxPrior(meanMm, sdMm));
  const compile = (terms: Functional): Row =>
    terms.flatMap(({ surface, s, z, weight }) => {
      const prior = priors.get(surface);
      return prior && weight !== 0 ? [{ prior, s, z, weight }] : [];
    });
  const n = observations.length;
  const said = Float64Array.from(observations, (one) => one.said);
  const sds = Float64Array.from(observations, (one) => one.sd);
  const curved = observations.some((one) => one.statement.is === 'curved');

  let rows: Row[] = [];
  let factor: Float64Array[] = [];
  let alpha = new Float64Array(n);
  let settled = !curved;
  let rounds = 0;

  const prior = (row: Row) => row.reduce((sum, term) => sum + term.weight * term.prior.meanMm, 0);
  const mean = (terms: Functional) => {
    const row = compile(terms);
    let sum = prior(row);
    for (let i = 0; i < rows.length; i += 1) sum += (alpha[i] as number) * crossed(rows[i] as Row, row);
    return sum;
  };
  const where: Where = (surface, s, z) => mean([{ surface, s, z, weight: 1 }]);
  const linearise = (statement: Statement): Linear => {
    if (statement.is === 'linear') return { terms: statement.terms, expected: mean(statement.terms) + statement.plus };
    return linearised(statement, where);
  };

  // Rows of linear statements stay what they are; the others are made anew each round.
  const fixed = observations.map(({ statement }) => (statement.is === 'linear' ? compile(statement.terms) : null));
  const K = Matrix.zeros(n, n);
  let before: number[] = [];
  do {
    rounds += 1;
    const next: Row[] = [];
    const residual = new Float64Array(n);
    const here: number[] = [];
    observations.forEach(({ statement }, i) => {
      // Said less expected, as a statement about positions less their prior means.
      if (statement.is === 'linear') {
        next[i] = fixed[i] as Row;
        residual[i] = (said[i] as number) - statement.plus - prior(next[i] as Row);
      } else {
        const { terms, expected, positions } = linearised(statement, where);
        next[i] = compile(terms);
        const held = terms.reduce((sum, term, j) => sum + term.weight * (positions[j] as number), 0);
        residual[i] = (said[i] as number) - expected + held - prior(next[i] as Row);
        here.push(...positions);
      }
    });
    fillGram(K, next, sds, rounds === 1 ? null : fixed);
    factor = factorOf(K);
    rows = next;
    alpha = Float64Array.from(backward(factor, forward(factor, residual)));
    const moved = Math.max(0, ...here.map((one, i) => Math.abs(one - (before[i] ?? Infinity))));
    settled = moved < SETTLED_MM;
    before = here;
  } while (!settled && rounds < MOST_ROUNDS);
  if (!alpha.every(Number.isFinite)) throw new NotSolvable('positions that are no numbers');

  const prepare = (terms: Functional): Prepared => {
    const row = compile(terms);
    return {
      row,
      solved: forward(
        factor,
        Float64Array.from(rows, (one) => crossed(one, row)),
      ),
    };
  };
  const between = (a: Prepared, b: Prepared) => crossed(a.row, b.row) - dot(a.solved, b.solved);
  const ask = (terms: Functional): Answer => {
    const row = compile(terms);
    const k = Float64Array.from(rows, (one) => crossed(one, row));
    const forwarded = forward(factor, k);
    return {
      mean: prior(row) + dot(k, alpha),
      sd: Math.sqrt(Math.max(crossed(row, row) - dot(forwarded, forwarded), 0)),
    };
  };

  return {
    settled,
    mean,
    ask,
    prepare,
    between,
    linearise,
    jointly: (all) => {
      const prepared = all.map(prepare);
      const covariance = prepared.map((a, i) => prepared.map((b, j) => (j < i ? 0 : between(a, b))));
      for (let i = 0; i < all.length; i += 1) {
        for (let j = 0; j < i; j += 1) (covariance[i] as number[])[j] = (covariance[j] as number[])[i] as number;
      }
      return { mean: all.map(mean), covariance };
    },
    weights: (terms) => {
      const gain = backward(factor, prepare(terms).solved);
      const byReading = new Map<string, number>();
      observations.forEach(({ reading }, i) => {
        if (reading) byReading.set(reading, (byReading.get(reading) ?? 0) + (gain[i] as number));
      });
      return byReading;
    },
    leftOut: () => {
      const diagonal = inverseDiagonal(factor);
      return observations.map(({ reading, trial = null }, i) => ({
        reading,
        trial,
        off: (alpha[i] as number) / (diagonal[i] as number),
        sd: 1 / Math.sqrt(diagonal[i] as number),
      }));
    },
  };
}

/** A curved statement where the walls are held to be: its derivative by each position, and what it would read. */
function linearised(
  statement: Extract<Statement, { is: 'curved' }>,
  where: Where,
): Linear & { readonly positions: readonly number[] } {
  const points = statement.points(where);
  const positions = points.map((point) => where(point.surface, point.s, point.z));
  const terms = points.map((point, i): Term => {
    const moved = (by: number) => statement.value(positions.map((one, j) => (i === j ? one + by : one)));
    return { ...point, weight: (moved(STEP_MM) - moved(-STEP_MM)) / (2 * STEP_MM) };
  });
  return { terms, expected: statement.value(positions), positions };
}

/** Prior covariance of two functionals; different surfaces have nothing to do with one another. */
function crossed(a: Row, b: Row): number {
  let sum = 0;
  for (const one of a) {
    for (const other of b) {
      if (one.prior === other.prior) sum += one.weight * other.weight * covariance(one.prior, one, other);
    }
  }
  return sum;
}

/** Covariance of the observations with their noise; between rows that are `done` already it stands. */
function fillGram(K: Matrix, rows: readonly Row[], sds: Float64Array, done: readonly (Row | null)[] | null): void {
  for (let i = 0; i < rows.length; i += 1) {
    for (let j = 0; j <= i; j += 1) {
      if (done?.[i] && done[j]) continue;
      const k = crossed(rows[i] as Row, rows[j] as Row) + (i === j ? (sds[i] as number) ** 2 : 0);
      K.set(i, j, k);
      K.set(j, i, k);
    }
  }
}

/** Rows of the lower Cholesky factor. */
function factorOf(K: Matrix): Float64Array[] {
  if (K.rows === 0) return [];
  const cholesky = new CholeskyDecomposition(K);
  if (!cholesky.isPositiveDefinite()) throw new NotSolvable('the covariance of the readings is not positive definite');
  const L = cholesky.lowerTriangularMatrix;
  return Array.from({ length: K.rows }, (_, i) => Float64Array.from(L.getRow(i)));
}

/** x of L x = b. */
function forward(L: readonly Float64Array[], b: ArrayLike<number>): Float64Array {
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
function backward(L: readonly Float64Array[], b: ArrayLike<number>): Float64Array {
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
function inverseDiagonal(L: readonly Float64Array[]): Float64Array {
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

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) sum += (a[i] as number) * (b[i] as number);
  return sum;
}
