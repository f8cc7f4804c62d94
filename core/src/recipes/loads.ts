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

const counts = ["one", "two", "three", "four", "five", "six", "seven", "eight"];
const inLoads = new RegExp(
  `\\bin (?:(?:${counts.join("|")}|\\d+) ?(?:or|to|-|–) ?)?(${counts.join("|")}|\\d+) (?:batches|loads|goes|lots|turns)\\b`,
  "i",
);

/** "Blend in two or three batches": how many loads the words ask for, the more of them; null where they name none. */
export function loadsSaid(text: string): number | null {
  const said = inLoads.exec(text)?.[1]?.toLowerCase() ?? "";
  const count = counts.includes(said) ? counts.indexOf(said) + 1 : Number(said);
  return count >= 2 && count <= 12 ? count : null;
}

/** The steps of a dish of `grams`, with a load for each whose words ask for several. */
export const withLoadsSaid = (steps: readonly Step[], grams: number): Step[] =>
  steps.map((step) => {
    const count = step.load ? null : loadsSaid(step.text);
    return count === null ? step : { ...step, load: { leastG: 0, mostG: Math.ceil(grams / count) } };
  });
