import type { Highs, ModelData } from "highs";
import type { Programme, ProgrammeSolver, Solved } from "./programme.ts";

/** The programme as HiGHS takes it: row after row. */
function dataOf({ columns, rows }: Programme, highs: Highs): ModelData {
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const { terms } of rows) {
    const sums = new Map<number, number>();
    for (const [column, factor] of terms) sums.set(column, (sums.get(column) ?? 0) + factor);
    indices.push(...sums.keys());
    values.push(...sums.values());
    starts.push(indices.length);
  }
  const finite = (bound: number): number =>
    Number.isFinite(bound) ? bound : Math.sign(bound) * highs.infinity;
  const { variableType, objectiveSense } = highs.constants;
  return {
    ...{ numCols: columns.length, numRows: rows.length, sense: objectiveSense.maximize },
    colCost: columns.map((one) => one.value),
    colLower: columns.map((one) => finite(one.low)),
    colUpper: columns.map((one) => finite(one.high)),
    rowLower: rows.map((one) => finite(one.low)),
    rowUpper: rows.map((one) => finite(one.high)),
    integrality: columns.map((one) => (one.isWhole ? variableType.integer : variableType.continuous)),
    matrix: { format: "csr", numRows: rows.length, numCols: columns.length, starts, indices, values },
  };
}

/** What the search begins with: the same problem, seed and time for as many steps give the same plan. */
export const searchSeed = 0;

/**
 * With so many whole numbers or fewer a search from nothing is soon done. Begun with a solution, and without presolve, HiGHS
 * (1.15.3 of the registry's WASM build) called a plan the best that was not, in 6 of 20 plans of a small kitchen
 * with a dish kept on its day; begun with nothing, or with presolve, in none. So a start is only given with presolve.
 */
const fewWholes = 160;

/** HiGHS as a solver of programmes. It blocks its thread: in a browser it runs in a worker. */
export const highsSolver =
  (highs: Highs): ProgrammeSolver =>
  (programme, { seconds, start }): Solved => {
    const model = highs.createModel(dataOf(programme, highs));
    try {
      const isStarted =
        start !== undefined && programme.columns.filter((one) => one.isWhole).length > fewWholes;
      // Whatever its presolve could find, our own pruning has: without it small kitchens take half the time.
      model.options.set({
        ...{ output_flag: false, presolve: isStarted ? "on" : "off", time_limit: seconds, mip_rel_gap: 1e-6 },
        random_seed: searchSeed,
      });
      if (isStarted) model.setSolution({ colValue: [...start] });
      const { modelStatus } = model.run();
      const isWhole = programme.columns.some((column) => column.isWhole);
      const hasSolution = Number(model.info.get("primal_solution_status")) === 2;
      const objective = hasSolution ? model.getObjectiveValue() : -Infinity;
      const { optimal, infeasible } = highs.constants.modelStatus;
      const isProven = modelStatus === optimal;
      const bound = isProven ? objective : isWhole ? Number(model.info.get("mip_dual_bound")) : Infinity;
      return {
        values: hasSolution ? [...model.getSolution().colValue] : null,
        objective,
        bound: modelStatus === infeasible ? -Infinity : bound,
        isProven,
      };
    } finally {
      model.dispose();
    }
  };
