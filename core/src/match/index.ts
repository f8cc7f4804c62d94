export { byDay, plannedAndDone, type PlannedAndDone } from "./planned-and-done.ts";
export { asIfBought } from "./as-if-bought.ts";
export { batchesToEat, portionsOf } from "./stored-portions.ts";
export { defaultAppetite } from "./tables/appetite.ts";
export type { MatchStock } from "./keep-days.ts";
export { acceptPlan, withoutAccepted, type AcceptedDish, type AcceptedMeal } from "./accepted-plan.ts";
export {
  reservationsOf,
  reservationTouched,
  reservedFromOthers,
  type ReservableLot,
  type Reservation,
  type Shortage,
} from "./reservations.ts";
export { verifyMealPlan, type MealPlanViolation } from "./verify-meal-plan.ts";
export { demandsOf, timesDemands, unfillable } from "./demands.ts";
export {
  consumableInTime,
  type ConsumptionCapacity,
  type Household,
  type StoredPortions,
} from "./consumable-in-time.ts";
export {
  matchRecipe,
  rankRecipes,
  stockFor,
  type MatchKitchen,
  type MatchLimit,
  type RecipeMatch,
} from "./rank-recipes.ts";
export { highsSolver, searchSeed } from "./highs-solver.ts";
export { mealPlanProblem, type DatedStock, type MealPlanWish } from "./meal-plan-input.ts";
export type { MealPlanBatch, MealPlanProblem } from "./meal-plan-problem.ts";
export {
  chosenIn,
  writtenPlan,
  planWritten,
  type MealPlan,
  type PlannedDish,
  type WrittenPlan,
} from "./meal-plan.ts";
export type { Programme, ProgrammeSolver, Solved, SolveOptions } from "./programme.ts";
export type { LeftOfLot } from "./save-what-is-left.ts";
export {
  cardChanges,
  compareMealPlans,
  type CardChange,
  type MealPlanDifference,
} from "./compare-meal-plans.ts";
export { whyNot, type WhyNot } from "./why-not.ts";
export { quickSolvedPlan, solveMealPlan, type SolvedMealPlan } from "./solve-meal-plan.ts";
export { viewMealPlan, type MealPlanCard, type MealPlanDay, type MealPlanView } from "./meal-plan-view.ts";
