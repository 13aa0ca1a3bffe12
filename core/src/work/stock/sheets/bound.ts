import type { Solver } from '../solve';

interface Sized {
  readonly lengthMm: number;
  readonly widthMm: number;
}

interface BoundInput {
  readonly panels: readonly (Sized & { readonly count: number; readonly turn: boolean })[];
  readonly sheets: readonly (Sized & { readonly price: number; readonly available: number | null })[];
  readonly kerfMm: number;
}

/**
 * What the sheets for some panels cost at the least: by area, in whole sheets; and where there is one kind of sheet, by
 * dual feasible functions (Fekete and Schepers, "A general framework for bounds for higher-dimensional orthogonal
 * packing problems", 2004), which know that two wide panels do not lie side by side. A panel counts with its kerf.
 */
export function sheetBound({ panels, sheets, kerfMm }: BoundInput, solver: Solver): number {
  if (panels.length === 0 || sheets.length === 0) return 0;
  const area = panels.reduce(
    (sum, panel) => sum + panel.count * (panel.lengthMm + kerfMm) * (panel.widthMm + kerfMm),
    0,
  );
  const gives = sheets.map((sheet) => (sheet.lengthMm + kerfMm) * (sheet.widthMm + kerfMm));
  const whole = solver.whole(
    {
      rows: [{ least: 1, most: Infinity }],
      columns: sheets.map((sheet, i) => ({
        cost: sheet.price,
        entries: [[0, gives[i]! / area]],
        ...(sheet.available === null ? {} : { most: sheet.available }),
      })),
    },
    { nodes: 1000, seconds: 2 },
  );
  const byArea = whole?.bound ?? 0;
  const [only] = sheets;
  if (sheets.length > 1 || !only) return byArea;
  return Math.max(byArea, sheetsByFunctions(panels, only, kerfMm) * only.price);
}

/** How many sheets of one kind are needed at the least, by pairs of dual feasible functions. */
export function sheetsByFunctions(panels: BoundInput['panels'], sheet: Sized, kerfMm: number): number {
  const sizes = panels.map((panel) => ({
    along: (panel.lengthMm + kerfMm) / (sheet.lengthMm + kerfMm),
    across: (panel.widthMm + kerfMm) / (sheet.widthMm + kerfMm),
    alongTurned: (panel.widthMm + kerfMm) / (sheet.lengthMm + kerfMm),
    acrossTurned: (panel.lengthMm + kerfMm) / (sheet.widthMm + kerfMm),
    ...panel,
  }));
  const functions = (values: readonly number[]) => {
    const cuts = [...new Set(values.filter((x) => x > 0 && x <= 0.5).map((x) => Math.round(x * 1e6) / 1e6))].slice(
      0,
      40,
    );
    return [(x: number) => x, ...[1, 2, 3, 4].map(rounding), ...cuts.map(threshold), ...cuts.map(stepped)];
  };
  const along = functions(sizes.flatMap((size) => (size.turn ? [size.along, size.alongTurned] : [size.along])));
  const across = functions(sizes.flatMap((size) => (size.turn ? [size.across, size.acrossTurned] : [size.across])));
  let most = 0;
  for (const f of along)
    for (const g of across) {
      const sum = sizes.reduce((total, size) => {
        const straight =
          size.along > 1 + EPSILON || size.across > 1 + EPSILON ? Infinity : f(size.along) * g(size.across);
        const turned =
          !size.turn || size.alongTurned > 1 + EPSILON || size.acrossTurned > 1 + EPSILON
            ? Infinity
            : f(size.alongTurned) * g(size.acrossTurned);
        const least = Math.min(straight, turned);
        return total + (least === Infinity ? 0 : least * size.count);
      }, 0);
      most = Math.max(most, sum);
    }
  return Math.ceil(most - 1e-6);
}

const EPSILON = 1e-9;

/** u(k): with (k+1)x whole it is x, else the next whole multiple of 1/k below. */
const rounding = (k: number) => (x: number) => {
  const times = (k + 1) * x;
  return Math.abs(times - Math.round(times)) < 1e-9 ? x : Math.floor(times) / k;
};

/** U(e): what is longer than all but e is all, what is shorter than e is nothing. */
const threshold = (e: number) => (x: number) => (x > 1 - e + 1e-9 ? 1 : x < e - 1e-9 ? 0 : x);

/** phi(e): more than a half is all but what e still goes into, the others count how often e goes into them. */
const stepped = (e: number) => {
  const whole = Math.floor(1 / e + 1e-9);
  return (x: number) => {
    if (x < e - 1e-9) return 0;
    if (Math.abs(x - 0.5) < 1e-9) return 0.5;
    if (x > 0.5) return 1 - Math.floor((1 - x) / e + 1e-9) / whole;
    return Math.floor(x / e + 1e-9) / whole;
  };
};
