import type { Column, Solver } from '../solve';
import { areaInside, usedArea, type Candidate, type SheetWork } from './candidates';
import type { SheetEffort } from './wanted';

/** What is as good in price is told apart by this much for each setting. */
const BY_SETTING = 1e-5;
const MISSING = 50;

interface Choosing {
  readonly work: SheetWork;
  /** Every candidate found. */
  readonly pool: Iterable<Candidate>;
  /** The best round, from which the search begins. */
  readonly best: { readonly price: number; readonly sheets: readonly Candidate[] };
  readonly effort: SheetEffort;
}

/** The cheapest choice among the layouts that were made; what was laid out in one go where none is cheaper. */
export function chooseSheets({ work, pool, best, effort }: Choosing, solver: Solver): readonly Candidate[] {
  const { wanted, kinds, inside, costs, areas } = work;
  // Best-used candidates, and those of the best round.
  const share = ({ kind, counts }: Candidate) =>
    usedArea({ counts }, areas) / areaInside(inside[kind]!) / Math.max(costs[kind]!, 1e-6);
  const bestUsed = [...pool].sort((a, b) => share(b) - share(a)).slice(0, effort.layouts);
  const all = [...new Set([...best.sheets, ...bestUsed])];
  const rows = [
    ...wanted.map(({ count }) => ({ least: count, most: Infinity })),
    ...kinds.map(({ available }) => ({ least: 0, most: available ?? Infinity })),
  ];
  const uncut = wanted.map((_, i): Column => ({ cost: MISSING, entries: [[i, 1]] }));
  const columns = all.map(({ kind, counts, settings }): Column => ({
    cost: costs[kind]! + BY_SETTING * settings,
    entries: [
      ...counts.flatMap((count, i): [number, number][] => (count > 0 ? [[i, count]] : [])),
      [wanted.length + kind, 1],
    ],
  }));
  const cut = wanted.map((_, i) => best.sheets.reduce((sum, sheet) => sum + sheet.counts[i]!, 0));
  const start = [
    ...wanted.map(({ count }, i) => Math.max(count - cut[i]!, 0)),
    ...all.map((sheet) => best.sheets.filter((other) => other === sheet).length),
  ];
  const { nodes, seconds } = effort;
  const program = { rows, columns: [...uncut, ...columns] };
  const whole = solver.whole(program, { nodes, seconds, gap: 10 * BY_SETTING, start });
  const chosen = all.flatMap((sheet, i) => Array.from({ length: whole?.values[wanted.length + i] ?? 0 }, () => sheet));
  const priceOf = (sheets: readonly Candidate[]) => sheets.reduce((sum, { kind }) => sum + kinds[kind]!.price, 0);
  const complete = wanted.every(({ count }, i) => chosen.reduce((sum, sheet) => sum + sheet.counts[i]!, 0) >= count);
  const cheaper = best.price === Infinity || priceOf(chosen) < priceOf(best.sheets) - 1e-9;
  return complete && cheaper ? chosen : best.sheets;
}
