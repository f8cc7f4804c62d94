import { mealPlanProblem, withoutAccepted, type DatedStock, type MealPlanProblem } from "@apron/core/match";
import type { MealPlanWish } from "@apron/contract";
import { trimOf } from "@apron/core/forms";
import { daysBetween } from "@apron/core/measure";
import type { RequestContext } from "../context/request-context.ts";
import { expandedRecipes } from "../recipes/library.ts";
import { surplusOnHand } from "../stock/surplus.ts";
import { acceptedNow } from "./accepted-now.ts";
import { matchKitchenOf } from "./list-matches.ts";

/** The coming days as one plain value, beside what was accepted for them before. */
export async function problemFor(wish: MealPlanWish, context: RequestContext): Promise<MealPlanProblem> {
  const surplus = await surplusOnHand(context);
  const onHand: DatedStock[] = surplus.map(({ lot: _lot, ...rest }) => rest);
  const stock = [...onHand, ...wish.whatIf.flatMap((one) => asIfBought(one, wish.days, context))];
  const formulas = (await expandedRecipes(context))
    .filter((recipe) => !recipe.archived)
    .map((recipe) => recipe.formula);
  const kitchen = await matchKitchenOf(context);
  const people = wish.people ?? kitchen.household.people;
  const problem = mealPlanProblem(
    formulas,
    { ...kitchen, stock, stored: await storedPortions(context) },
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

/** Something that might be bought: whole, worth nothing by itself, and good for all the days. */
function asIfBought(
  { ingredient, grams }: MealPlanWish["whatIf"][number],
  days: number,
  { catalogue, newId }: RequestContext,
): DatedStock[] {
  const facts = catalogue.ingredients.get(ingredient);
  if (!facts) return [];
  const yields = Object.fromEntries(facts.trims.map((trim) => [trim.method, trim.mean]));
  const usable = trimOf(facts, null)?.mean ?? 1;
  return [
    {
      ...{ lotId: newId(), ingredient, grams, form: "whole", method: null, part: null, pieceG: null },
      ...{ yields, usableG: grams * usable, daysLeft: days + tail, safeDays: null, urgencyWeight: 0 },
    },
  ];
}
const tail = 3;

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
