import type { Catalogue } from "../catalogue/index.ts";
import { waysOfStep } from "../recipes/index.ts";
import type { DishToCook } from "./cooking-task.ts";
import { draftPlan, lackingPlace, solvePlan, type PlanWish } from "./plan-dishes.ts";
import type { Limits } from "./search.ts";
import { weightless } from "./solve-schedule.ts";

/** A step done in another way than is written; `way` is its place among `waysOfStep`. */
export type ChosenWay = { readonly dish: string; readonly step: number; readonly way: number };

export const inChosenWay = (wish: PlanWish, { dish, step, way }: ChosenWay): PlanWish => ({
  ...wish,
  dishes: wish.dishes.map((one): DishToCook => {
    if (one.id !== dish) return one;
    // The minutes that a cook gave are of the way that they were given for.
    const times = new Map([...one.times].filter(([at]) => at !== step));
    return { ...one, times, ways: new Map([...one.ways, [step, way]]) };
  }),
});

/** Every way of a step but the one that it is done in. */
export function waysLeft({ dishes }: PlanWish): ChosenWay[] {
  return dishes.flatMap(({ id, formula, ways, isMade }) =>
    formula.steps.flatMap((step, index) =>
      waysOfStep(step)
        .map((_, way) => ({ dish: id, step: index, way }))
        .filter(({ way }) => !isMade && way !== (ways.get(index) ?? 0)),
    ),
  );
}

/** Other ways of steps that the cook has not chosen a way of. */
const waysOpen = (wish: PlanWish): ChosenWay[] =>
  waysLeft(wish).filter(({ dish, step }) => !wish.dishes.find(({ id }) => id === dish)?.ways.has(step));

/** The minute at which a wish begins; null where it cannot be; undefined where that was not found out in time. */
export function beginsAt(wish: PlanWish, catalogue: Catalogue, limits: Limits): number | null | undefined {
  const drafted = draftPlan(wish, wish.tableAt, catalogue);
  if (lackingPlace(drafted)) return null;
  const solved = solvePlan(weightless(drafted.problem), wish.tableAt, limits);
  if (solved === "gave-up") return undefined;
  return solved ? solved.startAt : null;
}

/** Pairs are tried of so many other ways at most: a search is not made of this. */
const mostForPairs = 6;

/** What to try: one step another way, then two of different steps. */
function tries(wish: PlanWish): (readonly ChosenWay[])[] {
  const ways = waysOpen(wish);
  const single = ways.map((way) => [way]);
  if (ways.length > mostForPairs) return single;
  const pairs = ways.flatMap((one, i) =>
    ways
      .slice(i + 1)
      .filter((other) => other.dish !== one.dish || other.step !== one.step)
      .map((other) => [one, other]),
  );
  return [...single, ...pairs];
}

/**
 * The ways in which a wish can be had: as written where that is possible, or not known to be impossible; else with as few steps
 * as it takes done another way (one or two are tried), of those the one that begins latest. Undefined where none helps.
 */
export function chooseWays(
  wish: PlanWish,
  catalogue: Catalogue,
  limits: Limits,
): readonly ChosenWay[] | undefined {
  const all = tries(wish);
  if (all.length === 0 || beginsAt(wish, catalogue, limits) !== null) return [];
  for (const count of [1, 2]) {
    const possible = all
      .filter((ways) => ways.length === count)
      .map((ways) => ({ ways, at: beginsAt(ways.reduce(inChosenWay, wish), catalogue, limits) ?? -1 }))
      .filter(({ at }) => at >= 0)
      .sort((a, b) => b.at - a.at);
    if (possible[0]) return possible[0].ways;
  }
  return undefined;
}
