import type { MealPlanDish } from "./meal-plan-problem.ts";

/** A dish on a day: how many half batches, and whether it is cooked at all. */
export type CookedColumns = {
  readonly dish: MealPlanDish;
  readonly day: number;
  readonly halves: number;
  readonly isCooked: number;
};
