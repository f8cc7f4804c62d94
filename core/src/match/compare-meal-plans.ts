import { toBuy } from "./accepted-plan.ts";
import { minutesOf } from "./meal-plan-problem.ts";
import type { MealPlan } from "./meal-plan.ts";
import type { SolvedMealPlan } from "./solve-meal-plan.ts";

/** How one plan differs from another: more is positive. */
export type MealPlanDifference = {
  /** Usable grams, of what spoils within the days, that it uses beyond the other. */
  readonly savedG: number;
  readonly minutes: number;
  /** Usable grams to buy. */
  readonly buyG: number;
  /** Dishes by name that are only in it, or only in the other. */
  readonly comes: readonly string[];
  readonly goes: readonly string[];
};

const minutes = ({ dishes }: MealPlan): number =>
  dishes.reduce((sum, one) => sum + minutesOf(one.dish, one.batches * 2), 0);

const boughtG = ({ dishes }: MealPlan): number =>
  dishes.flatMap(toBuy).reduce((sum, one) => sum + one.grams, 0);

const namesIn = ({ dishes }: MealPlan): Set<string> => new Set(dishes.map((one) => one.dish.name));

/** What is otherwise in the plan `after` than in `before`. */
export function compareMealPlans(
  before: Pick<SolvedMealPlan, "plan" | "spoils">,
  after: Pick<SolvedMealPlan, "plan" | "spoils">,
): MealPlanDifference {
  const [then, now] = [namesIn(before.plan), namesIn(after.plan)];
  return {
    savedG: after.spoils.usedG - before.spoils.usedG,
    minutes: minutes(after.plan) - minutes(before.plan),
    buyG: boughtG(after.plan) - boughtG(before.plan),
    comes: [...now].filter((name) => !then.has(name)),
    goes: [...then].filter((name) => !now.has(name)),
  };
}
