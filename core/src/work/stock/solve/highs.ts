import type { Highs, Model, ModelData } from 'highs';
import type { Column, Effort, Growing, Program, Relaxed, Solver, Whole } from './program';

/**
 * HiGHS (Huangfu and Hall, "Parallelizing the dual revised simplex method", 2018) as a solver. Loading it, which is
 * done differently in a browser, in a worker and in Node, is its caller's.
 */
export function solverOf(highs: Highs): Solver {
  return {
    grow: (program) => growing(highs, program),
    whole: (program, effort) => wholeOf(highs, program, effort),
  };
}

/** One seed: the same answer every time. */
const QUIET = { output_flag: false, random_seed: 0 } as const;

function growing(highs: Highs, program: Program): Growing {
  const model = highs.createModel(dataOf(highs, program, false));
  model.options.set({ ...QUIET, presolve: 'off' });
  return {
    add: (columns) => {
      if (columns.length === 0) return;
      model.addCols({
        cost: Float64Array.from(columns, (column) => column.cost),
        lower: new Float64Array(columns.length),
        upper: Float64Array.from(columns, (column) => column.most ?? highs.infinity),
        matrix: { format: 'csc', numRows: program.rows.length, numCols: columns.length, ...sparse(columns) },
      });
    },
    solve: () => relaxed(highs, model),
    done: () => void model.dispose(),
  };
}

function relaxed(highs: Highs, model: Model): Relaxed | null {
  model.run();
  if (model.getModelStatus() !== highs.constants.modelStatus.optimal) return null;
  const { colValue, rowDual } = model.getSolution();
  return { cost: model.getObjectiveValue(), values: colValue, duals: rowDual };
}

function wholeOf(highs: Highs, program: Program, { nodes, seconds, start, gap = 1e-6 }: Effort): Whole | null {
  if (program.columns.length === 0) return null;
  return highs.withModel(dataOf(highs, program, true), (model): Whole | null => {
    model.options.set({ ...QUIET, mip_max_nodes: nodes, time_limit: seconds, mip_rel_gap: 0, mip_abs_gap: gap });
    if (start) model.setSolution({ colValue: Float64Array.from(start) });
    model.run();
    const { optimal, infeasible } = highs.constants.modelStatus;
    const status = model.getModelStatus();
    if (status === infeasible) return null;
    const { colValue } = model.getSolution();
    // No solution was found where it does not satisfy the rows.
    if (model.info.get('primal_solution_status') !== 2) return null;
    return {
      cost: model.getObjectiveValue(),
      values: Array.from(colValue, (value) => Math.round(value)),
      bound: Number(model.info.get('mip_dual_bound')),
      proven: status === optimal,
    };
  });
}

function dataOf(highs: Highs, { rows, columns }: Program, whole: boolean): ModelData {
  const limit = (value: number) =>
    value === Infinity ? highs.infinity : value === -Infinity ? -highs.infinity : value;
  return {
    numCols: columns.length,
    numRows: rows.length,
    colCost: Float64Array.from(columns, (column) => column.cost),
    colLower: new Float64Array(columns.length),
    colUpper: Float64Array.from(columns, (column) => column.most ?? highs.infinity),
    rowLower: Float64Array.from(rows, (row) => limit(row.least)),
    rowUpper: Float64Array.from(rows, (row) => limit(row.most)),
    matrix: { format: 'csc', numRows: rows.length, numCols: columns.length, ...sparse(columns) },
    ...(whole ? { integrality: columns.map(() => highs.constants.variableType.integer) } : {}),
  };
}

function sparse(columns: readonly Column[]) {
  const starts = new Int32Array(columns.length + 1);
  columns.forEach((column, index) => (starts[index + 1] = (starts[index] ?? 0) + column.entries.length));
  const all = columns.flatMap((column) => column.entries);
  return {
    starts,
    indices: Int32Array.from(all, ([row]) => row),
    values: Float64Array.from(all, ([, amount]) => amount),
  };
}
