import {
  asIfBought,
  batchesToEat,
  mealPlanProblem,
  withoutAccepted,
  type DatedStock,
  type MealPlanProblem,
} from "@apron/core/match";
import type { MealPlanWish } from "@apron/contract";
import type { RequestContext } from "../context/request-context.ts";
import { expandedRecipes } from "../recipes/library.ts";
import { surplusOnHand } from "../stock/surplus.ts";
import { acceptedNow } from "./accepted-now.ts";
import { matchKitchenOf } from "./list-matches.ts";

/** The coming days as one plain value, beside what was accepted for them before. */
export async function problemFor(wish: MealPlanWish, context: RequestContext): Promise<MealPlanProblem> {
  const surplus = await surplusOnHand(context);
  const onHand: DatedStock[] = surplus.map(({ lot: _lot, ...rest }) => rest);
  const bought = wish.whatIf.flatMap(({ ingredient, grams }) => {
    const facts = context.catalogue.ingredients.get(ingredient);
    return facts ? [asIfBought(facts, { lotId: context.newId(), grams, days: wish.days })] : [];
  });
  const stored = batchesToEat(await context.stores.larder.listStored(), context.today);
  const formulas = (await expandedRecipes(context))
    .filter((recipe) => !recipe.archived)
    .map((recipe) => recipe.formula);
  const kitchen = await matchKitchenOf(context);
  const people = wish.people ?? kitchen.household.people;
  const problem = mealPlanProblem(
    formulas,
    { ...kitchen, stock: [...onHand, ...bought], stored },
    {
      ...wish,
      perDay: Array.from({ length: wish.days }, (_, day) => ({
        people: wish.perDay[day]?.people ?? people,
        minutes: wish.perDay[day]?.minutes ?? wish.minutes,
      })),
    },
  );
  return withoutAccepted(problem, await acceptedNow(context), context.today);
}
