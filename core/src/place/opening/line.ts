/** A straight line over a range of its own coordinate: `at` + `slope` p. Millimetres, mm per mm. */
export interface Line {
  readonly at: number;
  readonly slope: number;
}

/**
 * Where a line is.
 * @param p place along it, millimetres
 * @returns millimetres
 */
export const alongLine = ({ at, slope }: Line, p: number): number => at + slope * p;

/**
 * The straight line that no point lies beyond and that stands off the points the least on average: the edge of their
 * upper convex hull over the middle of them (the one minimum of a linear programme with two unknowns). Where the hull
 * has a corner just there, the slope between its two edges that is nearest to nought.
 * @param ps stations, ascending, millimetres
 * @param values positions at them, millimetres
 */
export function lineOver(ps: readonly number[], values: ArrayLike<number>): Line {
  const slopeOf = (a: number, b: number) =>
    ((values[b] as number) - (values[a] as number)) / ((ps[b] as number) - (ps[a] as number));
  const turnsDown = (a: number, b: number, c: number) => slopeOf(a, b) > slopeOf(a, c) + 1e-12;
  const hull: number[] = [];
  for (let i = 0; i < ps.length; i += 1) {
    while (hull.length >= 2 && !turnsDown(hull.at(-2) as number, hull.at(-1) as number, i)) hull.pop();
    hull.push(i);
  }
  if (hull.length === 1) return { at: values[0] as number, slope: 0 };
  const middle = ps.reduce((sum, p) => sum + p, 0) / ps.length;
  const edge = Math.max(
    1,
    hull.findIndex((i) => (ps[i] as number) >= middle - 1e-9),
  );
  let slope = slopeOf(hull[edge - 1] as number, hull[edge] as number);
  const after = hull[edge + 1];
  if (after !== undefined && Math.abs((ps[hull[edge] as number] as number) - middle) < 1e-9) {
    const next = slopeOf(hull[edge] as number, after);
    slope = Math.sign(slope) !== Math.sign(next) ? 0 : Math.abs(next) < Math.abs(slope) ? next : slope;
  }
  return supporting(ps, values, slope);
}

/**
 * The line of a given slope that no point lies beyond, and that touches one.
 * @param ps places of the points, millimetres
 * @param values how far out each point lies, millimetres
 * @param slope millimetres out for each millimetre along
 */
export function supporting(ps: readonly number[], values: ArrayLike<number>, slope: number): Line {
  let at = -Infinity;
  for (let i = 0; i < ps.length; i += 1) at = Math.max(at, (values[i] as number) - slope * (ps[i] as number));
  return { at, slope };
}

/** Slope of the least-squares line through points; 0 for fewer than two places. */
export function leastSquaresSlope(ps: readonly number[], values: ArrayLike<number>): number {
  const n = ps.length;
  const mid = ps.reduce((sum, p) => sum + p, 0) / n;
  let [crossed, spread] = [0, 0];
  for (let i = 0; i < n; i += 1) {
    const off = (ps[i] as number) - mid;
    crossed += off * (values[i] as number);
    spread += off * off;
  }
  return spread > 0 ? crossed / spread : 0;
}
