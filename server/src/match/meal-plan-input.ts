import { mealPlanProblem, type DatedStock } from "@apron/core/match";
import { accept, daysBetween } from "@apron/core/measure";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { expandedRecipes } from "../recipes/library.ts";
import { nameFor } from "../stock/present-lot.ts";
import { surplusOnHand } from "../stock/surplus.ts";
import { matchKitchenOf } from "./list-matches.ts";

/** What planning the coming days needs to know, as one value: it is solved in the browser. */
export const mealPlanInput: UseCase<"mealPlanInput"> = async ({ body }, context) => {
  const surplus = await surplusOnHand(context);
  const stock: DatedStock[] = surplus.map(({ lot: _lot, ...rest }) => rest);
  const formulas = (await expandedRecipes(context))
    .filter((recipe) => !recipe.archived)
    .map((recipe) => recipe.formula);
  const kitchen = await matchKitchenOf(context);
  const people = body.people ?? kitchen.household.people;
  const problem = mealPlanProblem(
    formulas,
    { ...kitchen, stock, stored: await storedPortions(context) },
    { ...body, perDay: Array.from({ length: body.days }, () => ({ people, minutes: body.minutes })) },
  );
  const used = problem.dishes.flatMap(({ lines, bought }) => [
    ...lines.flatMap((line) => line.fillers.map((filler) => filler.ingredient)),
    ...bought.map((one) => one.ingredient),
  ]);
  const names = Object.fromEntries([...new Set(used)].map((id) => [id, nameFor(context, id)]));
  return accept({ problem, names });
};

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
