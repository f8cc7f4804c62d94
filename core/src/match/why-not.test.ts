import { describe, expect, it } from "@jest/globals";
import loadHighs from "highs";
import { aFormula, aKitchen, aLine, someStock } from "../../test/kitchen.ts";
import { urgency } from "../basket/index.ts";
import { compareMealPlans } from "./compare-meal-plans.ts";
import { highsSolver } from "./highs-solver.ts";
import { mealPlanProblem, type DatedStock, type MealPlanWish } from "./meal-plan-input.ts";
import type { MealPlanProblem } from "./meal-plan-problem.ts";
import { solveMealPlan, type SolvedMealPlan } from "./solve-meal-plan.ts";
import { whyNot } from "./why-not.ts";

const solve = highsSolver(await loadHighs());
const seconds = 20;
const lot = (id: string, ingredient: string, ...[grams, daysLeft]: [number, number]): DatedStock => ({
  ...someStock(id, ingredient, grams, { urgencyWeight: urgency(daysLeft) }),
  ...{ daysLeft, usableG: grams },
});
const keeping = { fridge: "leaf-salad-undressed", freezer: null };
const dishes = [
  aFormula([aLine("leaf", 240, "kale")], { id: "quick", name: "Quick", minutes: 10, keeping }),
  aFormula([aLine("leaf", 200, "kale"), aLine("oil", 60, "olive-oil")], {
    ...{ id: "slow", name: "Slow", minutes: 45, keeping },
  }),
  aFormula([aLine("leaf", 240, "spinach")], { id: "other", name: "Other", minutes: 10, keeping }),
];
const problemOf = (more: Partial<MealPlanWish> = {}, minutes = 60): MealPlanProblem =>
  mealPlanProblem(
    dishes,
    { ...aKitchen(), stock: [lot("a", "kale", 500, 0)], stored: [] },
    { days: 1, perDay: [{ people: 2, minutes }], lessWork: 0.25, keep: [], without: [], ...more },
  );
const best = (problem: MealPlanProblem): SolvedMealPlan => {
  const solved = solveMealPlan(problem, solve, { seconds });
  if (!solved) throw new Error("no plan");
  return solved;
};

describe("why a dish is not in the plan", () => {
  it("nothing on hand goes into it", () => {
    const problem = problemOf();
    expect(whyNot({ problem, solved: best(problem), recipeId: "other" }, solve, seconds)).toEqual({
      kind: "uses-nothing",
    });
  });

  it("there is no time for it, or not beside what is kept", () => {
    const short = problemOf({}, 30);
    expect(whyNot({ problem: short, solved: best(short), recipeId: "slow" }, solve, seconds)).toEqual({
      ...{ kind: "limit", limit: "minutes" },
    });
    const beside = problemOf({ keep: [{ recipeId: "quick", day: 0 }] }, 45);
    const why = whyNot({ problem: beside, solved: best(beside), recipeId: "slow" }, solve, seconds);
    expect(why).toEqual({ kind: "limit", limit: "minutes" });
  });

  it("it would cost so much more work, and use so much less", () => {
    const problem = problemOf();
    const solved = best(problem);
    expect(solved.plan.dishes.map((one) => one.dish.name)).toEqual(["Quick"]);
    const why = whyNot({ problem, solved, recipeId: "slow" }, solve, seconds);
    if (why.kind !== "costs") throw new Error(why.kind);
    expect(why.difference.comes).toEqual(["Slow"]);
    expect(why.difference.minutes).toBeGreaterThan(10);
  });
});

it("a plan differs from itself in nothing, and from another as that one from it", () => {
  const [one, other] = [best(problemOf()), best(problemOf({ without: ["quick"] }))];
  expect(compareMealPlans(one, one)).toEqual({ savedG: 0, minutes: 0, buyG: 0, comes: [], goes: [] });
  const [there, back] = [compareMealPlans(one, other), compareMealPlans(other, one)];
  expect(there.savedG).toBeCloseTo(-back.savedG, 6);
  expect(there.minutes).toBeCloseTo(-back.minutes, 6);
  expect([there.comes, there.goes]).toEqual([back.goes, back.comes]);
});
