import { compareMealPlans, type MealPlanDifference } from "./compare-meal-plans.ts";
import type { MealPlanLimits, MealPlanProblem } from "./meal-plan-problem.ts";
import type { ProgrammeSolver } from "./programme.ts";
import { chosenIn, type Chosen, type MealPlan } from "./meal-plan.ts";
import { solveMealPlan, type SolvedMealPlan } from "./solve-meal-plan.ts";

/** Why a dish is not in a plan. */
export type WhyNot =
  /** Nothing on hand goes into it, or it is not for these people. */
  | { readonly kind: "uses-nothing" }
  /** It cannot be beside what is kept: more of this would let it. */
  | { readonly kind: "limit"; readonly limit: "minutes" | "times" | "kept" | "stock" }
  /** It could be, and the plan would be so much otherwise. */
  | { readonly kind: "costs"; readonly difference: MealPlanDifference };

const plenty = 24 * 60;

/** The limits one after another as if they were none, to find the one that stands in the way. */
const withoutLimit: Readonly<
  Record<"minutes" | "times" | "kept", (limits: MealPlanLimits) => MealPlanLimits>
> = {
  minutes: (limits) => ({ ...limits, minutesADay: limits.minutesADay.map(() => plenty) }),
  times: (limits) => ({ ...limits, timesOfAKind: {} }),
  kept: (limits) => ({ ...limits, keep: limits.keep.slice(-1) }),
};

/** Answers "why not this one?": plans once more with the dish in it, within `seconds` for each search. */
export function whyNot(
  {
    problem,
    solved,
    recipeId,
  }: { problem: MealPlanProblem; solved: Pick<SolvedMealPlan, "plan" | "spoils">; recipeId: string },
  solve: ProgrammeSolver,
  seconds: number,
): WhyNot {
  if (!problem.dishes.some((dish) => dish.recipeId === recipeId)) return { kind: "uses-nothing" };
  const keep = [...problem.limits.keep, { recipeId, day: null }];
  const asked = { ...problem, limits: { ...problem.limits, keep } };
  const after = solveMealPlan(asked, solve, { seconds, starts: withDish(solved.plan, problem, recipeId) });
  if (after) return { kind: "costs", difference: compareMealPlans(solved, after) };
  for (const limit of ["minutes", "times", "kept"] as const) {
    const relaxed = { ...asked, limits: withoutLimit[limit](asked.limits) };
    if (solveMealPlan(relaxed, solve, { seconds })) return { kind: "limit", limit };
  }
  return { kind: "limit", limit: "stock" };
}

/** The plan with a batch of the dish added on some day, beside all else or in place of one of that day's dishes. */
function withDish(plan: MealPlan, { dishes, days }: MealPlanProblem, recipeId: string): Chosen[][] {
  const chosen = chosenIn(plan);
  const added = dishes
    .filter((dish) => dish.recipeId === recipeId)
    .flatMap((dish) =>
      Array.from({ length: days }, (_, day) => [1, 2].map((halves) => ({ dish, day, halves }))).flat(),
    );
  return added.flatMap((one) => {
    const sameDay = chosen.filter(({ day }) => day === one.day);
    return [undefined, ...sameDay].map((gone) => [...chosen.filter((other) => other !== gone), one]);
  });
}
