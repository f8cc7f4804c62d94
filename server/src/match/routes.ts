import type { UseCases } from "../context/request-context.ts";
import { listMatches } from "./list-matches.ts";
import { mealPlanInput } from "./meal-plan-input.ts";

export const matchUseCases = { listMatches, mealPlanInput } satisfies UseCases<
  "listMatches" | "mealPlanInput"
>;
