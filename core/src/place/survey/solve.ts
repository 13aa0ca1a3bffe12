import { Matrix } from 'ml-matrix';
import { backward, dot, factorOf, forward, inverseDiagonal } from './cholesky';
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
  const adjustment = new Adjustment(priors, observations);
  adjustment.run();
  return adjustment;
}

/** Observations with their covariance, factored. */
class Adjustment implements Solved {
  settled = true;
  private rows: readonly Row[] = [];
  private factor: readonly Float64Array[] = [];
  private alpha: Float64Array;

  constructor(
    private readonly priors: ReadonlyMap<FieldName, Prior>,
    private readonly observations: readonly Observation[],
  ) {
    this.alpha = new Float64Array(observations.length);
  }

  /** Solves; repeats with curved statements until nothing moves. */
  run(): void {
    const { observations } = this;
    const n = observations.length;
    const sds = Float64Array.from(observations, ({ sd }) => sd);
    // Rows of linear statements stay what they are; the others are made anew each round.
    const fixed = observations.map(({ statement }) =>
      statement.kind === 'linear' ? this.compile(statement.terms) : null,
    );
    const K = Matrix.zeros(n, n);
    let before: readonly number[] = [];
    let rounds = 0;
    do {
      rounds += 1;
      const { rows, residual, positions } = this.round(fixed);
      fillGram(K, rows, sds, rounds === 1 ? null : fixed);
      const factor = factorOf(K);
      if (!factor) throw new NotSolvable('the covariance of the readings is not positive definite');
      this.factor = factor;
      this.rows = rows;
      this.alpha = Float64Array.from(backward(factor, forward(factor, residual)));
      const moved = Math.max(0, ...positions.map((mm, i) => Math.abs(mm - (before[i] ?? Infinity))));
      this.settled = moved < SETTLED_MM;
      before = positions;
    } while (!this.settled && rounds < MOST_ROUNDS);
    if (!this.alpha.every(Number.isFinite)) throw new NotSolvable('positions that are no numbers');
  }

  /** Linearises every statement at the current walls; returns rows and residuals against the prior. */
  private round(fixed: readonly (Row | null)[]) {
    const rows: Row[] = [];
    const residual = new Float64Array(this.observations.length);
    const positions: number[] = [];
    this.observations.forEach(({ statement, said }, i) => {
      // Said less expected, as a statement about positions less their prior means.
      if (statement.kind === 'linear') {
        const row = fixed[i] as Row;
        rows.push(row);
        residual[i] = said - statement.plus - priorMean(row);
        return;
      }
      const { terms, expected, positions: here } = linearised(statement, this.where);
      const row = this.compile(terms);
      rows.push(row);
      const held = terms.reduce((sum, term, j) => sum + term.weight * (here[j] as number), 0);
      residual[i] = said - expected + held - priorMean(row);
      positions.push(...here);
    });
    return { rows, residual, positions };
  }

  private compile(terms: Functional): Row {
    const row: Row[number][] = [];
    for (const { surface, s, z, weight } of terms) {
      const prior = this.priors.get(surface);
      if (prior && weight !== 0) row.push({ prior, s, z, weight });
    }
    return row;
  }

  private readonly where: Where = (surface, s, z) => this.mean([{ surface, s, z, weight: 1 }]);

  readonly mean = (terms: Functional): number => {
    const row = this.compile(terms);
    let sum = priorMean(row);
    for (let i = 0; i < this.rows.length; i += 1) sum += (this.alpha[i] as number) * crossed(this.rows[i] as Row, row);
    return sum;
  };

  readonly ask = (terms: Functional): Answer => {
    const row = this.compile(terms);
    const k = this.crossedWith(row);
    const forwarded = forward(this.factor, k);
    return {
      mean: priorMean(row) + dot(k, this.alpha),
      sd: Math.sqrt(Math.max(crossed(row, row) - dot(forwarded, forwarded), 0)),
    };
  };

  readonly linearise = (statement: Statement): Linear => {
    if (statement.kind !== 'linear') return linearised(statement, this.where);
    return { terms: statement.terms, expected: this.mean(statement.terms) + statement.plus };
  };

  readonly prepare = (terms: Functional): Prepared => {
    const row = this.compile(terms);
    return { row, solved: forward(this.factor, this.crossedWith(row)) };
  };

  readonly between = (a: Prepared, b: Prepared): number => crossed(a.row, b.row) - dot(a.solved, b.solved);

  readonly jointly = (all: readonly Functional[]) => {
    const mean: number[] = [];
    const prepared = all.map((terms) => {
      const row = this.compile(terms);
      const k = this.crossedWith(row);
      mean.push(priorMean(row) + dot(k, this.alpha));
      return { row, solved: forward(this.factor, k) };
    });
    const covariance = prepared.map(() => new Array<number>(all.length).fill(0));
    for (let i = 0; i < all.length; i += 1) {
      const [own, a] = [covariance[i] as number[], prepared[i] as Prepared];
      for (let j = 0; j <= i; j += 1) {
        const value = this.between(prepared[j] as Prepared, a);
        own[j] = value;
        (covariance[j] as number[])[i] = value;
      }
    }
    return { mean, covariance };
  };

  /** Prior covariances of a functional with each of the observations. */
  private crossedWith(row: Row): Float64Array {
    const { rows } = this;
    const k = new Float64Array(rows.length);
    for (let i = 0; i < rows.length; i += 1) k[i] = crossed(rows[i] as Row, row);
    return k;
  }

  readonly weights = (terms: Functional): Map<string, number> => {
    const gain = backward(this.factor, this.prepare(terms).solved);
    const byReading = new Map<string, number>();
    this.observations.forEach(({ reading }, i) => {
      if (reading) byReading.set(reading, (byReading.get(reading) ?? 0) + (gain[i] as number));
    });
    return byReading;
  };

  readonly leftOut = (): LeftOut[] => {
    const diagonal = inverseDiagonal(this.factor);
    return this.observations.map(({ reading, trial = null }, i) => ({
      reading,
      trial,
      off: (this.alpha[i] as number) / (diagonal[i] as number),
      sd: 1 / Math.sqrt(diagonal[i] as number),
    }));
  };
}

const priorMean = (row: Row): number => row.reduce((sum, term) => sum + term.weight * term.prior.meanMm, 0);

/** A curved statement where the walls are held to be: its derivative by each position, and what it would read. */
function linearised(
  statement: Extract<Statement, { kind: 'curved' }>,
  where: Where,
): Linear & { readonly positions: readonly number[] } {
  const points = statement.points(where);
  const positions = points.map((point) => where(point.surface, point.s, point.z));
  const terms = points.map((point, i): Term => {
    const moved = (by: number) => statement.value(positions.map((position, j) => (i === j ? position + by : position)));
    return { ...point, weight: (moved(STEP_MM) - moved(-STEP_MM)) / (2 * STEP_MM) };
  });
  return { terms, expected: statement.value(positions), positions };
}

/** Prior covariance of two functionals; different surfaces have nothing to do with one another. */
function crossed(a: Row, b: Row): number {
  let sum = 0;
  for (let i = 0; i < a.length; i += 1) {
    const one = a[i] as Row[number];
    for (let j = 0; j < b.length; j += 1) {
      const other = b[j] as Row[number];
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
