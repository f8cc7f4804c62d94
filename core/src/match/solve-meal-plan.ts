import { mealPlanModel, type MealPlanModel } from "./meal-plan-model.ts";
import { readMealPlan, type Chosen, type MealPlan } from "./meal-plan.ts";
import { worthOfStored, type MealPlanProblem } from "./meal-plan-problem.ts";
import type { Programme, ProgrammeSolver, Solved } from "./programme.ts";
import { quickMealPlan, quickWholePlan } from "./quick-meal-plan.ts";
import { verifyMealPlan } from "./verify-meal-plan.ts";

export type SolvedMealPlan = {
  readonly plan: MealPlan;
  /** What the plan is worth, in usable grams on their last day; no plan is worth more than `bound`. */
  readonly value: number;
  readonly bound: number;
  readonly isProven: boolean;
  /** Usable grams that spoil within these days: there are, the plan uses, and any plan could use at most. */
  readonly spoils: { readonly thereG: number; readonly usedG: number; readonly atMostG: number };
};

/** What all there is would be worth, were it all used. */
const worthOfAll = ({ lots, stored }: MealPlanProblem): number =>
  lots.reduce((sum, lot) => sum + lot.grams * lot.urgencyWeight, 0) +
  stored.reduce((sum, batch) => sum + batch.portions * worthOfStored(batch), 0);

/**
 * A plan by the quick rule alone, in milliseconds and without a solver: to be shown while the search goes on. Its bound is
 * what all there is would be worth. Undefined where the rule finds none that holds.
 */
export function quickSolvedPlan(problem: MealPlanProblem): SolvedMealPlan | undefined {
  const quick = quickWholePlan(problem);
  if (!quick) return undefined;
  const { plan, value } = quick;
  const thereG = spoiling(problem).reduce((sum, lot) => sum + lot.usableG, 0);
  const usedG = usedOfSpoiling(problem, plan);
  return {
    ...{ plan, value, bound: Math.max(worthOfAll(problem), value), isProven: false },
    spoils: { thereG, usedG, atMostG: Math.max(thereG, usedG) },
  };
}

export type SearchOptions = {
  /** For each of its searches. */
  readonly seconds: number;
  /** Choices of dishes to begin with, beside the quick rule's: the plan is not worse than any of them that is possible. */
  readonly starts?: readonly (readonly Chosen[])[];
};

/** Nothing can be cooked, eaten or kept. */
const isEmpty = ({ columns, rows }: Programme): boolean =>
  columns.length === 0 && rows.every((row) => row.low <= 0);
const nothingToDecide: Solved = { values: [], objective: 0, bound: 0, isProven: true };

/** The best plan found within a time, checked by code that did not make it, with what no plan can beat. */
export function solveMealPlan(
  problem: MealPlanProblem,
  solve: ProgrammeSolver,
  { seconds, starts = [] }: SearchOptions,
): SolvedMealPlan | undefined {
  const model = mealPlanModel(problem);
  const found = isEmpty(model.programme)
    ? nothingToDecide
    : searched(model, solve, { seconds, starts: [quickMealPlan(problem), ...starts] });
  if (!found.values) return undefined;
  // Whole numbers are made whole, and the grams worked out once more for them.
  const exact = isEmpty(model.programme) ? found : solve(fixed(model.programme, found.values), { seconds });
  const values = exact.values ?? found.values;
  const plan = readMealPlan(model, values);
  if (verifyMealPlan(problem, plan).length > 0) return undefined;
  const value = exact.values ? exact.objective : found.objective;
  const relaxed = isEmpty(model.programme) ? found : solve(spoilingOnly(problem, model), { seconds });
  const usedG = usedOfSpoiling(problem, plan);
  const thereG = spoiling(problem).reduce((sum, lot) => sum + lot.usableG, 0);
  return {
    plan,
    value,
    // A search that ended before it knew anything, or that was wrong: no more than there is.
    bound: Math.max(Number.isFinite(found.bound) ? found.bound : worthOfAll(problem), value),
    isProven: found.isProven,
    // Where there was no time for the second programme: no more than there is.
    spoils: { thereG, usedG, atMostG: Math.max(usedG, Math.min(thereG, relaxed.bound)) },
  };
}

/** Grams of worth that two searches of one plan may differ by. */
const sameWorth = 1e-3;

/**
 * Searches from the best of some choices of dishes, and never ends with less than it. Where a plan that was there before is
 * worth more than what the search called the best, its proof is none.
 */
function searched(
  model: MealPlanModel,
  solve: ProgrammeSolver,
  { seconds, starts }: { readonly seconds: number; readonly starts: readonly (readonly Chosen[])[] },
): Solved {
  const begun = bestStart(starts, model, solve);
  const found = solve(model.programme, { seconds, ...(begun?.values ? { start: begun.values } : {}) });
  if (!begun?.values || found.objective >= begun.objective) return found;
  const isFalse = found.isProven && begun.objective > found.objective + sameWorth;
  const bound = isFalse ? Infinity : Math.max(found.bound, begun.objective);
  return {
    ...found,
    values: begun.values,
    objective: begun.objective,
    bound,
    isProven: found.isProven && !isFalse,
  };
}

/** The best of some choices of dishes, with grams and portions as good as they can be: what the search begins with. */
function bestStart(
  starts: readonly (readonly Chosen[])[],
  model: MealPlanModel,
  solve: ProgrammeSolver,
): Solved | undefined {
  const begun = starts.map((chosen) => solve(withChosen(model, chosen), { seconds: quickSeconds }));
  return begun.filter(({ values }) => values).sort((a, b) => b.objective - a.objective)[0];
}

/** The programme with a choice of dishes made already: only grams and portions are left to be decided. */
export const withChosen = (model: MealPlanModel, chosen: readonly Chosen[]): Programme =>
  fixed(model.programme, valuesOf(chosen, model));

/** So many half batches of each dish on its day, and nothing yet of grams and portions. */
function valuesOf(chosen: readonly Chosen[], model: MealPlanModel): number[] {
  const counts = new Map<number, number>();
  for (const { dish, day, ...columns } of model.cooked) {
    const count = chosen.find((one) => one.dish.id === dish.id && one.day === day)?.halves ?? 0;
    counts.set(columns.halves, count);
    counts.set(columns.isCooked, count > 0 ? 1 : 0);
  }
  return model.programme.columns.map((_, i) => counts.get(i) ?? 0);
}
const quickSeconds = 2;

const fixed = (programme: Programme, values: readonly number[]): Programme => ({
  ...programme,
  columns: programme.columns.map((column, i) => {
    const whole = Math.round(values[i] ?? 0);
    return column.isWhole ? { ...column, low: whole, high: whole, isWhole: false } : column;
  }),
});

/** What has to be used within the days, or is lost. */
const spoiling = ({ lots, days }: MealPlanProblem) => lots.filter((lot) => lot.lastDay < days);

const usableShare = (lot: { readonly usableG: number; readonly grams: number }): number =>
  lot.grams > 0 ? lot.usableG / lot.grams : 0;

function usedOfSpoiling(problem: MealPlanProblem, { dishes }: MealPlan): number {
  const shares = new Map(spoiling(problem).map((lot) => [lot.lotId, usableShare(lot)]));
  return dishes
    .flatMap((one) => one.fillings)
    .reduce((sum, filling) => sum + filling.lotG * (shares.get(filling.lotId) ?? 0), 0);
}

/** The same limits, with nothing wanted but to use what spoils, and parts of batches allowed: more than that no plan can use. */
function spoilingOnly(problem: MealPlanProblem, { programme, taken }: MealPlanModel): Programme {
  const shares = new Map(spoiling(problem).map((lot) => [lot.lotId, usableShare(lot)]));
  const worth = new Map(
    taken.map(({ column, source }) => [column, source.perGram * (shares.get(source.lotId) ?? 0)]),
  );
  return {
    ...programme,
    columns: programme.columns.map((column, i) => ({ ...column, value: worth.get(i) ?? 0, isWhole: false })),
  };
}
