import type { Highs, Model, ModelData } from 'highs';
import type {
  Columns,
  LinearProgram,
  LinearSolution,
  LiveProgram,
  Solver,
} from '../../core/cutting/solver.ts';

/** Status codes of the solver. */
const OPTIMAL = 7;
const INFEASIBLE = 8;
const FEASIBLE = 2;
const PRIMAL_SIMPLEX = 4;
/** A relaxed program of this kind takes milliseconds; one that takes longer has gone astray. */
const LP_SECONDS = 5;

/** The solver of linear and whole-number programs, behind the core's own interface. Every model is closed again: the memory of the solver never shrinks. */
export function highsSolver(highs: Pick<Highs, 'createModel'>): Solver {
  let isInfeasible = false;
  return {
    isExhausted: () => isInfeasible,
    open: (program) => live(highs, program),
    solve: (program, seconds) => {
      if (program.columns.length === 0) return undefined;
      const model = highs.createModel(dataOf(program));
      try {
        model.options.set({
          output_flag: false,
          time_limit: seconds,
          ...(program.isInteger ? { mip_rel_gap: 0 } : { presolve: 'off' }),
        });
        const { modelStatus } = model.run();
        isInfeasible = Number(modelStatus) === INFEASIBLE;
        // A whole-number program that ran out of time may still have found something; it is checked afterwards.
        const isFound =
          Number(modelStatus) === OPTIMAL ||
          (program.isInteger && Number(model.info.get('primal_solution_status')) === FEASIBLE);
        return isFound ? solutionOf(model, program.costs) : undefined;
      } finally {
        model.dispose();
      }
    },
  };
}

function live(highs: Pick<Highs, 'createModel'>, program: LinearProgram): LiveProgram {
  const model = highs.createModel(dataOf(program));
  model.options.set({
    output_flag: false,
    presolve: 'off',
    solver: 'simplex',
    simplex_strategy: PRIMAL_SIMPLEX,
    time_limit: LP_SECONDS,
  });
  const costs = [...program.costs];
  return {
    add: (more) => {
      if (more.costs.length === 0) return;
      costs.push(...more.costs);
      model.addCols({
        cost: Float64Array.from(more.costs),
        lower: new Float64Array(more.costs.length),
        upper: new Float64Array(more.costs.length).fill(Number.POSITIVE_INFINITY),
        matrix: matrixOf(more, program.rows.length),
      });
    },
    solve: () => {
      model.zeroAllClocks();
      return Number(model.run().modelStatus) === OPTIMAL ? solutionOf(model, costs) : undefined;
    },
    close: () => model.dispose(),
  };
}

function solutionOf(model: Pick<Model, 'getSolution'>, costs: readonly number[]): LinearSolution {
  const { colValue, rowDual } = model.getSolution();
  return {
    value: costs.reduce((sum, c, i) => sum + c * colValue[i]!, 0),
    x: [...colValue],
    duals: [...rowDual],
  };
}

function dataOf(program: LinearProgram): ModelData {
  const { costs, rows, isInteger } = program;
  const infinite = Number.POSITIVE_INFINITY;
  return {
    numCols: costs.length,
    numRows: rows.length,
    colCost: costs,
    colLower: costs.map(() => 0),
    colUpper: costs.map(() => infinite),
    rowLower: rows.map((r) => (r.sense === '<=' ? -infinite : r.rhs)),
    rowUpper: rows.map((r) => (r.sense === '>=' ? infinite : r.rhs)),
    matrix: matrixOf(program, rows.length),
    ...(isInteger ? { integrality: costs.map(() => 1) } : {}),
  } as unknown as ModelData;
}

/** Columns one after the other, each with its rows (compressed sparse columns). */
function matrixOf({ columns }: Columns, numRows: number) {
  const starts = new Int32Array(columns.length + 1);
  for (const [i, column] of columns.entries()) starts[i + 1] = starts[i]! + column.length;
  const entries = columns.flat();
  return {
    format: 'csc' as const,
    numRows,
    numCols: columns.length,
    starts,
    indices: Int32Array.from(entries, ([row]) => row),
    values: Float64Array.from(entries, ([, value]) => value),
  };
}
