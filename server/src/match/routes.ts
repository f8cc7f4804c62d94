import type { UseCases } from "../context/request-context.ts";
import {
  acceptedPlan,
  acceptMealPlan,
  dropAcceptedPlan,
  dropPlannedDish,
  pastPlans,
} from "./accepted-plan.ts";
import { listMatches } from "./list-matches.ts";
import { mealPlanInput, solveMealPlan } from "./meal-plan-input.ts";

export const matchUseCases = {
  listMatches,
  mealPlanInput,
  solveMealPlan,
  acceptedPlan,
  acceptMealPlan,
  dropPlannedDish,
  dropAcceptedPlan,
  pastPlans,
} satisfies UseCases<
  | "listMatches"
  | "mealPlanInput"
  | "solveMealPlan"
  | "acceptedPlan"
  | "acceptMealPlan"
  | "dropPlannedDish"
  | "dropAcceptedPlan"
  | "pastPlans"
>;
