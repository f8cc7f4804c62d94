import type { Formula, Step } from "./formula.ts";

/** A step's work in equal loads; `problem` when even one load is less than the machine needs to catch. */
export type Loads = {
  readonly step: number;
  readonly count: number;
  readonly eachG: number;
  readonly problem: "under-least" | null;
};

/**
 * Splits `grams` (> 0) into the fewest equal loads the machine takes: never a tiny last one. With a least as well as a
 * most there may be no such number; then the loads are too small and `problem` says so.
 */
export function equalLoads(grams: number, load: NonNullable<Step["load"]>): Omit<Loads, "step"> {
  const count = Math.max(1, Math.ceil(grams / load.mostG - 1e-9));
  const eachG = grams / count;
  return { count, eachG, problem: eachG < load.leastG - 1e-9 ? "under-least" : null };
}

/** The loads of every step that has a limit, for a make of `grams`. Steps count from 0. */
export const loadsOf = (formula: Formula, grams: number): Loads[] =>
  formula.steps.flatMap((step, index) =>
    step.load ? [{ step: index, ...equalLoads(grams, step.load) }] : [],
  );

/** Grams in `count` full loads of the tightest step; undefined of a formula without such a step. */
export function gramsInLoads(formula: Formula, count: number): number | undefined {
  const most = formula.steps.flatMap((step) => step.load?.mostG ?? []);
  return most.length > 0 ? Math.min(...most) * count : undefined;
}
