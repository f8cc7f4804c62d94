import {
  highsSolver,
  searchSeed,
  solveMealPlan,
  viewMealPlan,
  writtenPlan,
  type MealPlanProblem,
  type MealPlanView,
  type WrittenPlan,
} from "@apron/core/match";
import type { PlanProof } from "@apron/contract";
import loadHighs from "highs";
import wasm from "highs/runtime?url";

export type MealPlanAnswer =
  | {
      readonly kind: "plan";
      readonly view: MealPlanView;
      /** What is sent where it is accepted. */
      readonly written: WrittenPlan;
      readonly proof: PlanProof;
      readonly isLast: boolean;
    }
  /** What is kept and what there is time for cannot both be. */
  | { readonly kind: "impossible" }
  | { readonly kind: "failed" };

/** Shown soon, then made better: seconds. */
const [firstS, longestS] = [0.5, 10];

const loading = loadHighs({ locateFile: () => wasm });

self.addEventListener("message", ({ data: problem }: MessageEvent<MealPlanProblem>) => {
  solve(problem).catch(() => {
    self.postMessage({ kind: "failed" } satisfies MealPlanAnswer);
  });
});

async function solve(problem: MealPlanProblem): Promise<void> {
  const solver = highsSolver(await loading);
  for (const seconds of [firstS, longestS]) {
    const solved = solveMealPlan(problem, solver, seconds);
    const isLast = seconds === longestS || solved?.isProven === true;
    if (solved)
      self.postMessage({
        kind: "plan",
        view: viewMealPlan(problem, solved),
        written: writtenPlan(solved.plan),
        proof: {
          value: solved.value,
          bound: solved.bound,
          isProven: solved.isProven,
          seconds,
          seed: searchSeed,
        },
        isLast,
      } satisfies MealPlanAnswer);
    else if (isLast) self.postMessage({ kind: "impossible" } satisfies MealPlanAnswer);
    if (isLast) return;
  }
}
