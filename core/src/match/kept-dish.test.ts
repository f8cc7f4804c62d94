import { describe, expect, it } from "@jest/globals";
import { readFileSync } from "node:fs";
import loadHighs from "highs";
import { highsSolver } from "./highs-solver.ts";
import { mealPlanModel } from "./meal-plan-model.ts";
import type { MealPlanProblem } from "./meal-plan-problem.ts";
import { chosenIn, type Chosen } from "./meal-plan.ts";
import type { ProgrammeSolver } from "./programme.ts";
import { solveMealPlan, withChosen } from "./solve-meal-plan.ts";
import { verifyMealPlan } from "./verify-meal-plan.ts";

const solve = highsSolver(await loadHighs());
const seconds = 120;

/** A kitchen of the demo's size with a dish kept on the second day: a search that was begun with a plan stopped far too soon. */
const kept = JSON.parse(
  readFileSync(new URL("../../test/problems/kept-dish.json", import.meta.url), "utf8"),
) as MealPlanProblem;
const free: MealPlanProblem = { ...kept, limits: { ...kept.limits, keep: [] } };

const bestOf = (problem: MealPlanProblem) => {
  const solved = solveMealPlan(problem, solve, { seconds });
  if (!solved) throw new Error("no plan");
  expect(verifyMealPlan(problem, solved.plan)).toEqual([]);
  return solved;
};

/** The same dishes with two days changed over; the second programme says whether that can be cooked and eaten. */
const worthWith = (problem: MealPlanProblem, chosen: readonly Chosen[]): number =>
  solve(withChosen(mealPlanModel(problem), chosen), { seconds }).objective;

describe("a dish that is kept on a day", () => {
  const [unkept, best] = [bestOf(free), bestOf(kept)];

  it("costs no more than moving it there would, and the plan is proven", () => {
    const [one] = kept.limits.keep;
    const movedBy = (to: number): Chosen[] =>
      chosenIn(unkept.plan).map((dish) => {
        if (dish.dish.recipeId === one?.recipeId) return { ...dish, day: one.day ?? 0 };
        return dish.day === one?.day ? { ...dish, day: to } : dish;
      });
    const moved = [0, 1, 2].map((to) => worthWith(kept, movedBy(to))).filter(Number.isFinite);
    const swapped = chosenIn(unkept.plan).flatMap((dish, at) =>
      [0, 1, 2].map((to) =>
        chosenIn(unkept.plan).map((other, i) => {
          if (other.dish.recipeId === one?.recipeId) return { ...other, day: one.day ?? 0 };
          return i === at ? { ...dish, day: to } : other;
        }),
      ),
    );
    const others = swapped.map((chosen) => worthWith(kept, chosen)).filter(Number.isFinite);
    expect(moved.length + others.length).toBeGreaterThan(0);
    expect(best.isProven).toBe(true);
    expect(best.value).toBeGreaterThanOrEqual(Math.max(...moved, ...others) - 1e-3);
  });

  it("costs nothing where the plan has it on that day anyway", () => {
    const { dishes } = unkept.plan;
    for (const at of [dishes.at(0), dishes.at(-1)]) {
      if (!at) throw new Error("nothing planned");
      const keep = [{ recipeId: at.dish.recipeId, day: at.day }];
      const same = bestOf({ ...free, limits: { ...free.limits, keep } });
      expect(same.isProven).toBe(true);
      expect(Math.abs(same.value - unkept.value)).toBeLessThan(1e-3);
    }
  });

  it("is never worth more than where it may be anywhere", () => {
    expect(best.value).toBeLessThanOrEqual(unkept.value + 1e-3);
    expect(unkept.isProven).toBe(true);
  });
});

describe("a search that is wrong", () => {
  /** Calls the first thing it was given the best there is, and then finds nothing as good. */
  const wrong: ProgrammeSolver = (programme, options) => {
    const isWhole = programme.columns.some((column) => column.isWhole);
    const solved = solve(programme, options);
    return isWhole ? { ...solved, values: null, objective: 1, bound: 1, isProven: true } : solved;
  };

  it("is not believed where a plan that was there before is worth more", () => {
    const solved = solveMealPlan(kept, wrong, { seconds });
    expect(solved?.isProven).toBe(false);
    expect(solved?.value).toBeGreaterThan(1);
    expect(solved?.bound).toBeGreaterThan(solved?.value ?? Infinity);
  });
});
