import { mealPlanProblem, withoutAccepted, type DatedStock, type MealPlanProblem } from "@apron/core/match";
import type { MealPlanWish } from "@apron/contract";
import { daysBetween } from "@apron/core/measure";
import type { RequestContext } from "../context/request-context.ts";
import { expandedRecipes } from "../recipes/library.ts";
import { surplusOnHand } from "../stock/surplus.ts";
import { acceptedNow } from "./accepted-now.ts";
import { matchKitchenOf } from "./list-matches.ts";

/** The coming days as one plain value, beside what was accepted for them before. */
export async function problemFor(wish: MealPlanWish, context: RequestContext): Promise<MealPlanProblem> {
  const surplus = await surplusOnHand(context);
  const stock: DatedStock[] = surplus.map(({ lot: _lot, ...rest }) => rest);
  const formulas = (await expandedRecipes(context))
    .filter((recipe) => !recipe.archived)
    .map((recipe) => recipe.formula);
  const kitchen = await matchKitchenOf(context);
  const people = wish.people ?? kitchen.household.people;
  const problem = mealPlanProblem(
    formulas,
    { ...kitchen, stock, stored: await storedPortions(context) },
    { ...wish, perDay: Array.from({ length: wish.days }, () => ({ people, minutes: wish.minutes })) },
  );
  return withoutAccepted(problem, await acceptedNow(context), context.today);
}

/** What stands in the fridge and has not passed its date: it is eaten first. */
async function storedPortions({ stores, today }: RequestContext) {
  const stored = await stores.larder.listStored();
  return stored
    .map((one) => ({
      ...{ id: one.id, name: one.name, kind: one.dish, portions: one.remainingG / one.portionG },
      ...{ lastDay: daysBetween(today, one.useBy), isFrozen: one.place === "freezer" },
    }))
    .filter((one) => !one.isFrozen && one.lastDay >= 0 && one.portions > 0)
    .map(({ isFrozen: _place, ...batch }) => batch);
}
