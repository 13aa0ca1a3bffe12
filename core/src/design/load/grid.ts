import { deflectionWeights } from './element';
import type { PlateModel, Rest } from './plateModel';

/** The lines of a mesh. Millimetres. */
export interface Grid {
  readonly xs: readonly number[];
  readonly ys: readonly number[];
  /** Nodes on a rest, by the numbers of their lines. */
  on(rest: Pick<Rest, 'from' | 'to'>): (readonly [i: number, j: number])[];
  /** The element a point lies in, and what a push there is at its corners: w, ∂w/∂x, ∂w/∂y of each. */
  within(x: number, y: number): { readonly i: number; readonly j: number; readonly weights: number[] };
}

// Lines nearer than this to one another are one: an element must not be a splinter.
const SAME_MM = 1;

/** A mesh with a line through every rest and along every rib, no element longer than its share of the plate. */
export function gridLines({ lengthMm, depthMm, rests, ribs }: PlateModel, across: number): Grid {
  const most = Math.max(lengthMm, depthMm) / across;
  const all = rests.flatMap((one) => [one.from, one.to]);
  const xs = divided(
    [0, lengthMm, ...all.map(([x]) => x), ...ribs.flatMap((rib) => [rib.fromMm, rib.toMm])],
    lengthMm,
    most,
  );
  const ys = divided(
    [0, depthMm, ...all.map(([, y]) => y), ...ribs.map((rib) => rib.outMm)],
    depthMm,
    Math.min(most, depthMm / 4),
  );
  const near = (lines: readonly number[], from: number, to: number) =>
    lines.flatMap((at, i) => (at >= Math.min(from, to) - SAME_MM && at <= Math.max(from, to) + SAME_MM ? [i] : []));
  return {
    xs,
    ys,
    on: ({ from, to }) => near(xs, from[0], to[0]).flatMap((i) => near(ys, from[1], to[1]).map((j) => [i, j] as const)),
    within: (x, y) => {
      const [i, j] = [slot(xs, x), slot(ys, y)];
      const [a, b] = [((xs[i + 1] as number) - (xs[i] as number)) / 2, ((ys[j + 1] as number) - (ys[j] as number)) / 2];
      const at = (lines: readonly number[], index: number, halfMm: number, mm: number) =>
        Math.min(Math.max((mm - (lines[index] as number)) / halfMm - 1, -1), 1);
      return { i, j, weights: Array.from(deflectionWeights(a, b, at(xs, i, a, x), at(ys, j, b, y))) };
    },
  };
}

/** Which interval of a list of lines a place lies in. */
function slot(lines: readonly number[], at: number): number {
  const next = lines.findIndex((line) => line >= at);
  return Math.min(Math.max(next - 1, 0), lines.length - 2);
}

/** Places that must be lines, with even lines between them. */
function divided(places: readonly number[], end: number, most: number): number[] {
  const must = [...places].sort((a, b) => a - b).filter((place) => place >= -SAME_MM && place <= end + SAME_MM);
  const apart = must.reduce<number[]>(
    (kept, one) => (kept.length > 0 && one - (kept.at(-1) as number) < SAME_MM ? kept : [...kept, one]),
    [],
  );
  apart[0] = 0;
  if (end - (apart.at(-1) as number) < SAME_MM) apart[apart.length - 1] = end;
  return apart.flatMap((from, i) => {
    const to = apart[i + 1];
    if (to === undefined) return [from];
    const parts = Math.max(Math.ceil((to - from) / most - 1e-9), 1);
    return Array.from({ length: parts }, (_, k) => from + ((to - from) * k) / parts);
  });
}
