import { toBuy } from "./accepted-plan.ts";
import { minutesOf } from "./meal-plan-problem.ts";
import type { MealPlanCard, MealPlanView } from "./meal-plan-view.ts";
import type { MealPlan } from "./meal-plan.ts";
import type { SolvedMealPlan } from "./solve-meal-plan.ts";

/** How one plan differs from another: more is positive. */
export type MealPlanDifference = {
  /** Usable grams, of what spoils within the days, that it uses beyond the other. */
  readonly savedG: number;
  readonly minutes: number;
  /** Usable grams to buy. */
  readonly buyG: number;
  /** Dishes by name that are only in it, or only in the other. */
  readonly comes: readonly string[];
  readonly goes: readonly string[];
};

const minutes = ({ dishes }: MealPlan): number =>
  dishes.reduce((sum, one) => sum + minutesOf(one.dish, one.batches * 2), 0);

const boughtG = ({ dishes }: MealPlan): number =>
  dishes.flatMap(toBuy).reduce((sum, one) => sum + one.grams, 0);

const namesIn = ({ dishes }: MealPlan): Set<string> => new Set(dishes.map((one) => one.dish.name));

/** What is otherwise in the plan `after` than in `before`. */
export function compareMealPlans(
  before: Pick<SolvedMealPlan, "plan" | "spoils">,
  after: Pick<SolvedMealPlan, "plan" | "spoils">,
): MealPlanDifference {
  const [then, now] = [namesIn(before.plan), namesIn(after.plan)];
  return {
    savedG: after.spoils.usedG - before.spoils.usedG,
    minutes: minutes(after.plan) - minutes(before.plan),
    buyG: boughtG(after.plan) - boughtG(before.plan),
    comes: [...now].filter((name) => !then.has(name)),
    goes: [...then].filter((name) => !now.has(name)),
  };
}

/** What became of a dish since the plan before: it was not there, stood on another day, or was of other batches. */
export type CardChange =
  | { readonly kind: "new" }
  | { readonly kind: "moved"; readonly fromDay: number }
  | { readonly kind: "resized"; readonly fromBatches: number };

type Cards = Pick<MealPlanView, "days">;
const cardsOf = ({ days }: Cards): MealPlanCard[] => days.flatMap((day) => day.cards);
const isSame = (a: MealPlanCard, b: MealPlanCard): boolean => a.recipeId === b.recipeId && a.day === b.day;

/**
 * What is otherwise in a plan than in the one before it: of each card that changed how, and the names of dishes that are
 * gone. A dish that left one day and came to another has moved.
 */
export function cardChanges(
  before: Cards,
  after: Cards,
): { readonly of: (card: MealPlanCard) => CardChange | undefined; readonly gone: readonly string[] } {
  const [then, now] = [cardsOf(before), cardsOf(after)];
  const left = then.filter((old) => !now.some((card) => isSame(card, old)));
  const come = now.filter((card) => !then.some((old) => isSame(card, old)));
  const movedFrom = new Map<MealPlanCard, MealPlanCard>();
  for (const card of come) {
    const from = left.find((old) => old.recipeId === card.recipeId && ![...movedFrom.values()].includes(old));
    if (from) movedFrom.set(card, from);
  }
  const of = (card: MealPlanCard): CardChange | undefined => {
    const from = movedFrom.get(card);
    if (from) return { kind: "moved", fromDay: from.day };
    const same = then.find((old) => isSame(card, old));
    if (!same) return { kind: "new" };
    return same.batches === card.batches ? undefined : { kind: "resized", fromBatches: same.batches };
  };
  const moved = [...movedFrom.values()];
  return { of, gone: [...new Set(left.filter((old) => !moved.includes(old)).map(({ name }) => name))] };
}
