import type { AcceptedMeal } from "@apron/core/match";
import type { RequestContext } from "../context/request-context.ts";
import type { PlannedDishRecord } from "../context/ports/meal-plan.store.ts";

/** Plans longer ago than these last have nothing standing: a plan is of seven days and a tail of two. */
const latestPlans = 40;

/** Dishes that are still to be cooked, and the meals from the larder that stand beside them. */
export async function acceptedNow({ stores, today }: RequestContext): Promise<{
  readonly dishes: readonly PlannedDishRecord[];
  readonly meals: readonly AcceptedMeal[];
}> {
  const dishes = await stores.mealPlans.standing(today);
  const standing = new Set(dishes.map((dish) => dish.planId));
  const plans = standing.size === 0 ? [] : await stores.mealPlans.plans(latestPlans);
  const meals = plans
    .filter((plan) => standing.has(plan.id))
    .flatMap((plan) => plan.body.meals.filter((meal) => meal.on >= today));
  return { dishes, meals };
}
