import type { BandMatrix } from './band';
import type { Grid } from './grid';
import type { Rib } from './plateModel';

/** Torsion constant of a rectangle, mm⁴ (Roark's Formulas, table 10.1, shortened). */
export function torsionConstant(one: number, other: number): number {
  const [thin, wide] = [Math.min(one, other), Math.max(one, other)];
  return wide * thin ** 3 * (1 / 3 - 0.21 * (thin / wide) * (1 - (thin / wide) ** 4 / 12));
}

/**
 * Unknowns of a segment of a rib from one node to the next: w and ∂w/∂x, and u at its own middle by u − offset·∂w/∂x.
 */
interface Segment {
  readonly h: number;
  readonly start: number;
  readonly end: number;
}

function segments(
  { fromMm, toMm, outMm }: Rib,
  { xs, ys }: Grid,
  unknown: (i: number, j: number) => number,
): Segment[] {
  const j = nearest(ys, outMm);
  return xs.slice(1).flatMap((x, i): Segment[] => {
    const before = xs[i] as number;
    const middle = (x + before) / 2;
    return middle > fromMm && middle < toMm ? [{ h: x - before, start: unknown(i, j), end: unknown(i + 1, j) }] : [];
  });
}

const nearest = (lines: readonly number[], at: number) =>
  lines.reduce((best, line, i) => (Math.abs(line - at) < Math.abs((lines[best] as number) - at) ? i : best), 0);

/**
 * Adds a rib to a plate's stiffness: cubic in bending, its stretch taken as even over each segment, so that a rib
 * beside the middle plane is not stiffer than it is (Zienkiewicz & Taylor, vol. 2, on eccentric stiffeners).
 */
export function addRib(
  k: BandMatrix,
  rib: Rib,
  grid: Grid,
  unknown: (i: number, j: number) => number,
  stretched: boolean,
): void {
  const { thicknessMm: t, heightMm: d, modulusMpa, shearMpa, offsetMm } = rib;
  const [ei, ea, gj] = [(modulusMpa * t * d ** 3) / 12, modulusMpa * t * d, shearMpa * torsionConstant(t, d)];
  for (const { h, start, end } of segments(rib, grid, unknown)) {
    const bent = [start, start + 1, end, end + 1];
    const beam = [
      [12, 6 * h, -12, 6 * h],
      [6 * h, 4 * h * h, -6 * h, 2 * h * h],
      [-12, -6 * h, 12, -6 * h],
      [6 * h, 2 * h * h, -6 * h, 4 * h * h],
    ];
    bent.forEach((row, r) => bent.forEach((column, c) => k.add(row, column, (ei / h ** 3) * (beam[r]?.[c] as number))));
    const [pulled, by] = [
      [start + 3, start + 1, end + 3, end + 1],
      [-1, offsetMm, 1, -offsetMm],
    ];
    if (stretched)
      pulled.forEach((row, r) =>
        pulled.forEach((column, c) => k.add(row, column, (ea / h) * (by[r] as number) * (by[c] as number))),
      );
    const twisted = [start + 2, end + 2];
    twisted.forEach((row, r) => twisted.forEach((column, c) => k.add(row, column, (gj / h) * (r === c ? 1 : -1))));
  }
}

/** The largest stress at the upper and lower edge of a rib, N/mm². */
export function ribStress(
  rib: Rib,
  grid: Grid,
  unknown: (i: number, j: number) => number,
  moved: Float64Array,
  stretched: boolean,
): number {
  const at = (index: number) => moved[index] as number;
  const most = segments(rib, grid, unknown).map(({ h, start, end }) => {
    const axial = !stretched ? 0 : (at(end + 3) - at(start + 3) - rib.offsetMm * (at(end + 1) - at(start + 1))) / h;
    // Curvature halfway along a cubic: where it is truest.
    const bend = (at(end + 1) - at(start + 1)) / h;
    return rib.modulusMpa * (Math.abs(axial) + (Math.abs(bend) * rib.heightMm) / 2);
  });
  return Math.max(0, ...most);
}
