import { addDays, daysBetween, type Day } from "../measure/index.ts";
import type { DishKind } from "../recipes/index.ts";
import type { MealPlan, PlannedDish } from "./meal-plan.ts";
import { minutesOf, type MealPlanProblem } from "./meal-plan-problem.ts";

/** A dish of a plan that was accepted: on its calendar day, until it is cooked or dropped. */
export type AcceptedDish = {
  readonly id: string;
  readonly recipeId: string;
  readonly name: string;
  readonly kind: DishKind;
  readonly day: Day;
  readonly batches: number;
  readonly servings: number;
  readonly minutes: number;
  /** What is taken of which lot: usable grams in the line, and as they lie in the lot. */
  readonly uses: readonly PlannedDish["fillings"][number][];
  /** Usable grams that have to be bought. */
  readonly buys: readonly { readonly ingredient: string; readonly grams: number }[];
  readonly eaten: readonly { readonly on: Day; readonly portions: number }[];
  readonly frozen: number;
  readonly given: number;
};

/** Portions of what stands in the larder that a plan eats, by day. */
export type AcceptedMeal = { readonly batchId: string; readonly on: Day; readonly portions: number };

/** A plan as it is kept: its days are those of the calendar. */
export function acceptPlan(
  plan: MealPlan,
  today: Day,
  newId: () => string,
): { readonly dishes: AcceptedDish[]; readonly meals: AcceptedMeal[] } {
  const dishes = plan.dishes.map((planned) => ({
    id: newId(),
    ...{ recipeId: planned.dish.recipeId, name: planned.dish.name, kind: planned.dish.kind },
    ...{ day: addDays(today, planned.day), batches: planned.batches },
    ...{
      servings: planned.batches * planned.dish.servings,
      minutes: minutesOf(planned.dish, planned.batches * 2),
    },
    uses: planned.fillings,
    buys: toBuy(planned),
    eaten: planned.eaten.map(({ on, portions }) => ({ on: addDays(today, on), portions })),
    ...{ frozen: planned.frozen, given: planned.given },
  }));
  const meals = plan.stored.map(({ on, ...meal }) => ({ ...meal, on: addDays(today, on) }));
  return { dishes, meals };
}

/** Usable grams that a planned dish needs bought, each food once. */
export function toBuy(planned: PlannedDish): { readonly ingredient: string; readonly grams: number }[] {
  const grams = new Map<string, number>();
  const add = (ingredient: string, more: number): void =>
    void grams.set(ingredient, (grams.get(ingredient) ?? 0) + more);
  for (const one of planned.added) if (one.from === "buy") add(one.ingredient, one.grams);
  for (const one of planned.dish.bought) add(one.ingredient, one.grams * planned.batches);
  return [...grams].map(([ingredient, all]) => ({ ingredient, grams: all }));
}

/** What was accepted before and still stands: its minutes, meals, and room in the freezer are spoken for. */
export function withoutAccepted(
  problem: MealPlanProblem,
  accepted: { readonly dishes: readonly AcceptedDish[]; readonly meals: readonly AcceptedMeal[] },
  today: Day,
): MealPlanProblem {
  const { dishes, meals } = accepted;
  const { limits } = problem;
  const kindOf = new Map(problem.stored.map((batch) => [batch.id, batch.kind]));
  const eaten = [
    ...dishes.flatMap((dish) => dish.eaten.map((meal) => ({ ...meal, kind: dish.kind }))),
    ...meals.map((meal) => ({ ...meal, kind: kindOf.get(meal.batchId) })),
  ].map(({ on, ...meal }) => ({ ...meal, day: daysBetween(today, on) }));
  const less = (all: readonly number[], spoken: readonly { day: number; portions: number }[]): number[] =>
    all.map((portions, day) => Math.max(0, portions - sumOf(spoken.filter((one) => one.day === day))));
  const minutes = dishes.map((one) => ({ day: daysBetween(today, one.day), portions: one.minutes }));
  const kinds = Object.entries(limits.ofAKind) as [DishKind, readonly number[]][];
  return {
    ...problem,
    stored: problem.stored.map((batch) => {
      const gone = sumOf(meals.filter((one) => one.batchId === batch.id));
      return { ...batch, portions: Math.max(0, batch.portions - gone) };
    }),
    limits: {
      ...limits,
      portionsADay: less(limits.portionsADay, eaten),
      ofAKind: Object.fromEntries(
        kinds.map(([kind, each]) => [
          kind,
          less(
            each,
            eaten.filter((one) => one.kind === kind),
          ),
        ]),
      ),
      minutesADay: less(limits.minutesADay, minutes),
      freezerPortions: Math.max(0, limits.freezerPortions - dishes.reduce((p, one) => p + one.frozen, 0)),
      givePortions: Math.max(0, limits.givePortions - dishes.reduce((p, one) => p + one.given, 0)),
    },
  };
}

const sumOf = (all: readonly { readonly portions: number }[]): number =>
  all.reduce((sum, one) => sum + one.portions, 0);
