import {
  chosenIn,
  compareMealPlans,
  quickSolvedPlan,
  highsSolver,
  planWritten,
  searchSeed,
  solveMealPlan,
  viewMealPlan,
  whyNot,
  writtenPlan,
  type MealPlanDifference,
  type MealPlanProblem,
  type MealPlanView,
  type SolvedMealPlan,
  type WhyNot,
  type WrittenPlan,
} from "@apron/core/match";
import type { PlanProof } from "@apron/contract";
import loadHighs from "highs";
import wasm from "highs/runtime?url";

type Shown = {
  readonly problem: MealPlanProblem;
  readonly written: WrittenPlan;
  readonly spoils: MealPlanView["spoils"];
};
/** What a worker is asked: to plan, or about a plan that is shown. */
export type MealPlanQuestion =
  | { readonly kind: "plan"; readonly problem: MealPlanProblem }
  | { readonly kind: "why-not"; readonly shown: Shown; readonly recipeId: string }
  | { readonly kind: "what-if"; readonly shown: Shown; readonly then: MealPlanProblem };

export type MealPlanAnswer =
  | {
      readonly kind: "plan";
      readonly view: MealPlanView;
      /** What is sent where it is accepted. */
      readonly written: WrittenPlan;
      readonly proof: PlanProof;
      readonly isLast: boolean;
    }
  | { readonly kind: "why-not"; readonly why: WhyNot }
  | { readonly kind: "what-if"; readonly difference: MealPlanDifference }
  /** What is kept and what there is time for cannot both be. */
  | { readonly kind: "impossible" }
  | { readonly kind: "failed" };

/** Shown soon, then made better: seconds. */
const [firstS, longestS] = [0.5, 10];

const loading = loadHighs({ locateFile: () => wasm });

const say = (answer: MealPlanAnswer): void => {
  self.postMessage(answer);
};

self.addEventListener("message", ({ data }: MessageEvent<MealPlanQuestion>) => {
  (data.kind === "plan" ? solve(data.problem) : explain(data)).catch(() => {
    say({ kind: "failed" });
  });
});

/** For each of the searches behind an explanation. */
const explainS = 4;

async function explain(asked: Exclude<MealPlanQuestion, { kind: "plan" }>): Promise<void> {
  const solver = highsSolver(await loading);
  const { problem, written, spoils } = asked.shown;
  const plan = planWritten(written, problem);
  if (!plan) return say({ kind: "failed" });
  const solved = { plan, spoils };
  if (asked.kind === "why-not") {
    const { recipeId } = asked;
    return say({ kind: "why-not", why: whyNot({ problem, solved, recipeId }, solver, explainS) });
  }
  const after = solveMealPlan(asked.then, solver, { seconds: explainS, starts: [chosenIn(plan)] });
  say(after ? { kind: "what-if", difference: compareMealPlans(solved, after) } : { kind: "failed" });
}

const sayPlan = (
  problem: MealPlanProblem,
  solved: SolvedMealPlan,
  about: { seconds: number; isLast: boolean },
): void => {
  const { value, bound, isProven } = solved;
  say({
    ...{ kind: "plan", view: viewMealPlan(problem, solved), written: writtenPlan(solved.plan) },
    proof: { value, bound, isProven, seconds: about.seconds, seed: searchSeed },
    isLast: about.isLast,
  });
};

async function solve(problem: MealPlanProblem): Promise<void> {
  // Shown at once, while the solver may still be loading.
  const quick = quickSolvedPlan(problem);
  if (quick) sayPlan(problem, quick, { seconds: 0, isLast: false });
  const solver = highsSolver(await loading);
  for (const seconds of [firstS, longestS]) {
    const solved = solveMealPlan(problem, solver, { seconds });
    const isLast = seconds === longestS || solved?.isProven === true;
    if (solved) sayPlan(problem, solved, { seconds, isLast });
    else if (isLast) say({ kind: "impossible" });
    if (isLast) return;
  }
}
