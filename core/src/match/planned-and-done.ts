import type { Day } from "../measure/index.ts";

type Came = "planned" | "cooked" | "dropped" | "past";

/** What an accepted plan was to be, and what came of it: dishes in all, cooked, and still to come. */
export type PlannedAndDone = { readonly dishes: number; readonly cooked: number; readonly toCome: number };

/** Planned against done. A dish whose day went by uncooked, or that was dropped, is neither. */
export const plannedAndDone = (dishes: readonly { readonly state: Came }[]): PlannedAndDone => ({
  dishes: dishes.length,
  cooked: dishes.filter(({ state }) => state === "cooked").length,
  toCome: dishes.filter(({ state }) => state === "planned").length,
});

/** Dishes by their day, the earliest first; those of one day as they stand. */
export function byDay<Dish extends { readonly day: Day }>(
  dishes: readonly Dish[],
): { readonly day: Day; readonly dishes: readonly Dish[] }[] {
  const days = [...new Set(dishes.map(({ day }) => day))].sort();
  return days.map((day) => ({ day, dishes: dishes.filter((dish) => dish.day === day) }));
}
