import type { AcceptedDish, AcceptedPlan, PastPlan } from "@apron/contract";
import { acceptPlan, planWritten, verifyMealPlan } from "@apron/core/match";
import { accept } from "@apron/core/measure";
import type { PlannedDishRecord } from "../context/ports/meal-plan.store.ts";
import { conflict, notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";
import { reservedNow, type Reserved } from "../stock/reserved.ts";
import { acceptedNow } from "./accepted-now.ts";
import { problemFor } from "./meal-plan-problem.ts";

const mostPastPlans = 20;

type Shares = readonly { readonly ingredient: string; readonly grams: number }[];

/** Each food once, by name. */
function shares(all: Shares, context: RequestContext): AcceptedDish["uses"] {
  const grams = new Map<string, number>();
  for (const one of all) grams.set(one.ingredient, (grams.get(one.ingredient) ?? 0) + one.grams);
  return [...grams].map(([ingredient, of]) => ({
    ingredient,
    name: nameFor(context, ingredient),
    grams: of,
  }));
}

const stateOf = (dish: PlannedDishRecord, { today }: RequestContext): AcceptedDish["state"] => {
  if (dish.batchId !== null) return "cooked";
  if (dish.dropped) return "dropped";
  return dish.day < today ? "past" : "planned";
};

/** A dish of an accepted plan as it travels. */
function presentDish(
  dish: PlannedDishRecord,
  shortages: Reserved["shortages"],
  context: RequestContext,
): AcceptedDish {
  return {
    ...{ id: dish.id, planId: dish.planId, recipeId: dish.recipeId, name: dish.name, kind: dish.kind },
    ...{ day: dish.day, batches: dish.batches, servings: dish.servings, minutes: dish.minutes },
    uses: shares(dish.uses, context),
    toBuy: shares(dish.buys, context),
    short: shares(
      shortages.filter((one) => one.dishId === dish.id),
      context,
    ),
    ...{ eaten: [...dish.eaten], frozen: dish.frozen, given: dish.given, state: stateOf(dish, context) },
  };
}

/** What stands, with what it has reserved and what is missing of it. */
async function acceptedPlanNow(context: RequestContext): Promise<AcceptedPlan> {
  const { standing, reservations, shortages } = await reservedNow(context);
  const { meals } = await acceptedNow(context);
  const stored = new Map((await context.stores.larder.listStored()).map((one) => [one.id, one]));
  return {
    dishes: standing.map((dish) => presentDish(dish, shortages, context)),
    meals: meals.flatMap((meal) => {
      const name = stored.get(meal.batchId)?.name;
      return name === undefined ? [] : [{ ...meal, name }];
    }),
    reservations: reservations.map(({ lotId, dish, day, grams }) => ({ lotId, dish, day, grams })),
  };
}

export const acceptedPlan: UseCase<"acceptedPlan"> = async (_input, context) =>
  accept(await acceptedPlanNow(context));

/**
 * Accepts a plan that was worked out in a browser: built and checked once more here, against what is there now. Where
 * something in it was used, moved or eaten meanwhile, nothing is reserved.
 */
export const acceptMealPlan: UseCase<"acceptMealPlan"> = async ({ body }, context) => {
  const { id, from, wish, plan: written, proof } = body;
  if (from !== context.today || wish.whatIf.length > 0) return conflict("meal-plan-outdated");
  const problem = await problemFor(wish, context);
  const plan = planWritten(written, problem);
  if (!plan || verifyMealPlan(problem, plan).length > 0) return conflict("meal-plan-outdated");
  const { dishes, meals } = acceptPlan(plan, context.today, context.newId);
  const record = { id, fromDay: from, acceptedAt: context.now, body: { wish, proof, meals } };
  await context.stores.mealPlans.add(record, dishes, context.session.memberId);
  return accept(await acceptedPlanNow(context));
};

export const dropPlannedDish: UseCase<"dropPlannedDish"> = async ({ params }, context) => {
  const dish = await context.stores.mealPlans.dish(params.id);
  if (!dish) return notFound("planned-dish-unknown", "id");
  if (dish.batchId !== null) return conflict("planned-dish-cooked");
  await context.stores.mealPlans.put([{ ...dish, dropped: true }]);
  return accept({ done: true });
};

export const dropAcceptedPlan: UseCase<"dropAcceptedPlan"> = async (_input, context) => {
  const standing = await context.stores.mealPlans.standing(context.today);
  await context.stores.mealPlans.put(standing.map((dish) => ({ ...dish, dropped: true })));
  return accept({ done: true });
};

/** Planned against done. */
export const pastPlans: UseCase<"pastPlans"> = async (_input, context) => {
  const { mealPlans } = context.stores;
  const plans = await mealPlans.plans(mostPastPlans);
  const dishes = plans.length === 0 ? [] : await mealPlans.dishesOf(plans.map((plan) => plan.id));
  const past: PastPlan[] = plans.map(({ id, fromDay, body }) => ({
    ...{ id, from: fromDay, days: body.wish.days, proof: body.proof },
    dishes: dishes.filter((dish) => dish.planId === id).map((dish) => presentDish(dish, [], context)),
  }));
  return accept(past);
};
