import { daysBetween } from "../measure/index.ts";
import type { StoredPortions } from "./consumable-in-time.ts";
import type { MealPlanBatch } from "./meal-plan-problem.ts";

/** A container of the larder: what is left of it in grams, and what one portion of it weighs. */
type Standing = {
  readonly id: string;
  readonly name: string;
  readonly dish: StoredPortions["kind"];
  readonly remainingG: number;
  readonly portionG: number;
  /** The day that is printed on it. */
  readonly useBy: string;
  readonly place: string;
};

/** Portions of a container, with the days until the date that is printed on it (negative: gone by). */
export const portionsOf = (
  { dish, remainingG, portionG, useBy, place }: Standing,
  today: string,
): StoredPortions => ({
  kind: dish,
  portions: remainingG / portionG,
  daysLeft: daysBetween(today, useBy),
  frozen: place === "freezer",
});

/** What stands in the fridge and has not passed its date: a plan of the coming days eats it first. */
export const batchesToEat = (standing: readonly Standing[], today: string): MealPlanBatch[] =>
  standing
    .map((one) => ({ one, of: portionsOf(one, today) }))
    .filter(({ of }) => !of.frozen && of.daysLeft >= 0 && of.portions > 0)
    .map(({ one, of }) => ({
      ...{ id: one.id, name: one.name, kind: of.kind, portions: of.portions, lastDay: of.daysLeft },
    }));
