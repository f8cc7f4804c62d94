import type { Catalogue } from "../catalogue/index.ts";
import type { Minutes } from "../recipes/index.ts";
import { isAlike, learnedTime, type CookedFood, type CookTime } from "./cooked-food.ts";
import { tableTime } from "./table-time.ts";

/** What a kitchen's cooks took for one food, cooked in one way in pieces of one size. Minutes. */
export type TimesOfFood = {
  readonly food: CookedFood;
  readonly cooks: number;
  /** The shortest and the longest of them. */
  readonly took: Minutes;
  /** What the tables say, and what is expected of both; null where they say nothing. */
  readonly said: Minutes | null;
  readonly expected: Minutes | null;
};

function summaryOf(food: CookedFood, times: readonly CookTime[], catalogue: Catalogue): TimesOfFood {
  const own = times.filter((time) => isAlike(food, time)).map(({ minutes }) => minutes);
  const said = tableTime(food, catalogue) ?? null;
  return {
    food,
    cooks: own.length,
    took: { low: Math.min(...own), high: Math.max(...own) },
    said,
    expected: (said && learnedTime(food, said, times)?.minutes) ?? null,
  };
}

/** All that a kitchen has timed of an ingredient (times oldest first), what was cooked last first. */
export function timesOfFood(
  ingredient: string,
  times: readonly CookTime[],
  catalogue: Catalogue,
): TimesOfFood[] {
  const all: TimesOfFood[] = [];
  for (const { minutes: _minutes, ...food } of [...times].reverse())
    if (food.ingredient === ingredient && !all.some((one) => isAlike(one.food, food)))
      all.push(summaryOf(food, times, catalogue));
  return all;
}
