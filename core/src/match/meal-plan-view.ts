import { toBuy } from "./accepted-plan.ts";
import type { PlannedDish } from "./meal-plan.ts";
import { minutesOf, type MealPlanProblem } from "./meal-plan-problem.ts";
import { saveWhatIsLeft, type LeftOfLot } from "./save-what-is-left.ts";
import type { SolvedMealPlan } from "./solve-meal-plan.ts";

/** A plan as a cook reads it: a column a day, a card a dish, and what is left over. */
export type MealPlanView = {
  readonly days: readonly MealPlanDay[];
  readonly spoils: SolvedMealPlan["spoils"];
  /** Usable grams of lots that the plan uses in all. */
  readonly usedG: number;
  /** How far from the best it can be, 0–1: 0 where it is the best there is. */
  readonly gap: number;
  /** Lots that spoil within these days, and what the plan leaves of them; usable grams. */
  readonly left: readonly LeftOfLot[];
};
export type MealPlanDay = {
  readonly day: number;
  readonly minutes: number;
  readonly cards: readonly MealPlanCard[];
  readonly fromLarder: readonly { readonly name: string; readonly portions: number }[];
};
export type MealPlanCard = {
  readonly recipeId: string;
  readonly name: string;
  readonly day: number;
  readonly batches: number;
  readonly servings: number;
  readonly minutes: number;
  readonly uses: readonly {
    readonly ingredient: string;
    readonly grams: number;
    readonly lastDay: number;
    readonly isToTrim: boolean;
  }[];
  readonly toBuy: readonly { readonly ingredient: string; readonly grams: number }[];
  readonly eaten: readonly { readonly on: number; readonly portions: number }[];
  readonly frozen: number;
  readonly given: number;
};

const sum = (numbers: readonly number[]): number => numbers.reduce((total, one) => total + one, 0);

/** Grams of the same ingredient together. */
function byIngredient<One extends { readonly ingredient: string; readonly grams: number }>(
  all: readonly One[],
): (One & { readonly grams: number })[] {
  const first = [...new Map([...all].reverse().map((one) => [one.ingredient, one])).values()].reverse();
  return first.map((one) => ({
    ...one,
    grams: sum(all.filter((other) => other.ingredient === one.ingredient).map((other) => other.grams)),
  }));
}

function cardOf(planned: PlannedDish, problem: MealPlanProblem): MealPlanCard {
  const { dish, day, batches, eaten, frozen, given } = planned;
  const lots = new Map(problem.lots.map((lot) => [lot.lotId, lot]));
  return {
    ...{ recipeId: dish.recipeId, name: dish.name, day, batches, servings: batches * dish.servings },
    minutes: minutesOf(dish, batches * 2),
    uses: byIngredient(
      planned.fillings.map(({ ingredient, grams, lotId, toDo }) => ({
        ...{ ingredient, grams, isToTrim: toDo !== null },
        lastDay: lots.get(lotId)?.lastDay ?? 0,
      })),
    ),
    toBuy: toBuy(planned),
    ...{ eaten, frozen, given },
  };
}

/** What a cook is told of a plan. */
export function viewMealPlan(problem: MealPlanProblem, solved: SolvedMealPlan): MealPlanView {
  const { plan, value, bound, spoils } = solved;
  const names = new Map(problem.stored.map((batch) => [batch.id, batch.name]));
  const days = Array.from({ length: problem.days }, (_, day) => {
    const cards = plan.dishes.filter((one) => one.day === day).map((one) => cardOf(one, problem));
    const fromLarder = plan.stored
      .filter((one) => one.on === day)
      .map(({ batchId, portions }) => ({ name: names.get(batchId) ?? "", portions }));
    return { day, minutes: sum(cards.map((card) => card.minutes)), cards, fromLarder };
  });
  const gap = bound > 0 ? Math.max(0, (bound - value) / bound) : 0;
  const usedG = sum(plan.dishes.flatMap((one) => one.fillings.map((filling) => filling.grams)));
  return { days, spoils, usedG, gap: gap < 1e-4 ? 0 : gap, left: saveWhatIsLeft(problem, plan) };
}
