/** How long a step really took against what was usual for it. Minutes. */
export interface Took {
  readonly kind: string;
  readonly usualMin: number;
  readonly tookMin: number;
}

/** A person's own time for a kind of step, as a factor of the usual, and of how many steps that is known. */
export interface OwnTime {
  readonly kind: string;
  readonly factor: number;
  readonly of: number;
}

/**
 * How far people’s own speed is from the usual, and how far single steps are from that: standard deviations of the
 * natural logarithm. Someone is seldom more than half again as slow or fast; a single step may well be.
 */
const BETWEEN_PEOPLE = 0.4;
const BETWEEN_STEPS = 0.5;
/** A step that took ten times as long was a mistake or a break: it counts as this at the most. */
const MOST_RATIO = 5;

/**
 * Own times by kind of step: the mean of the logarithms of took over usual, drawn towards the usual by as much as so
 * few steps say (the posterior mean of a normal with known variances; e.g. Gelman et al., Bayesian Data Analysis, 2.5).
 * All steps together first say how fast the person is; each kind is then drawn towards that.
 */
export function ownTimes(all: readonly Took[]): OwnTime[] {
  const logs = all
    .filter((one) => one.usualMin > 0 && one.tookMin > 0)
    .map((one) => ({
      kind: one.kind,
      log: Math.log(Math.min(Math.max(one.tookMin / one.usualMin, 1 / MOST_RATIO), MOST_RATIO)),
    }));
  const person = drawn(
    logs.map((log) => log.log),
    0,
    BETWEEN_PEOPLE,
  );
  const kinds = [...new Set(logs.map((log) => log.kind))].sort();
  return kinds.map((kind) => {
    const own = logs.filter((log) => log.kind === kind).map((log) => log.log);
    return { kind, factor: Math.exp(drawn(own, person, BETWEEN_PEOPLE / 2)), of: own.length };
  });
}

/** A mean drawn towards what was believed before: so much variance between, so much within. */
function drawn(values: readonly number[], towards: number, sd: number): number {
  const [between, within] = [sd ** 2, BETWEEN_STEPS ** 2];
  const sum = values.reduce((total, value) => total + value, 0);
  return (between * sum + within * towards) / (between * values.length + within);
}
