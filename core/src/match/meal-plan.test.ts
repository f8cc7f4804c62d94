import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import loadHighs from "highs";
import solver from "javascript-lp-solver";
import { aFormula, aKitchen, aLine, someStock } from "../../test/kitchen.ts";
import { check } from "../../test/property.ts";
import { urgency } from "../basket/index.ts";
import type { Formula } from "../recipes/index.ts";
import { highsSolver } from "./highs-solver.ts";
import { mealPlanProblem, type DatedStock, type MealPlanWish } from "./meal-plan-input.ts";
import { mealPlanModel } from "./meal-plan-model.ts";
import { viewMealPlan } from "./meal-plan-view.ts";
import { readMealPlan } from "./meal-plan.ts";
import { quickMealPlan } from "./quick-meal-plan.ts";
import type { MealPlanProblem } from "./meal-plan-problem.ts";
import type { Programme } from "./programme.ts";
import { quickSolvedPlan, solveMealPlan, withChosen, type SolvedMealPlan } from "./solve-meal-plan.ts";
import { verifyMealPlan } from "./verify-meal-plan.ts";

const solve = highsSolver(await loadHighs());
const seconds = 20;

const lot = (id: string, ingredient: string, ...[grams, daysLeft]: [number, number]): DatedStock => ({
  ...someStock(id, ingredient, grams, { urgencyWeight: urgency(daysLeft) }),
  ...{ daysLeft, usableG: grams },
});
const wish = (days: number, more: Partial<MealPlanWish> = {}): MealPlanWish => ({
  days,
  perDay: Array.from({ length: days }, () => ({ people: 2, minutes: 60 })),
  ...{ lessWork: 0.1, keep: [], without: [] },
  ...more,
});
const pesto = aFormula([aLine("leaf", 200, "chard kale"), aLine("oil", 60, "olive-oil")], {
  id: "pesto",
  name: "Pesto",
});
const salad = aFormula([aLine("leaf", 240, "kale spinach:0.5"), aLine("sweet", 100, "apple plum")], {
  ...{ id: "salad", name: "Salad", kind: "leaf-salad", minutes: 15 },
  keeping: { fridge: "leaf-salad-undressed", freezer: null },
});
const slaw = aFormula([aLine("root", 300, "beet carrot"), aLine("fruit", 60, "plum")], {
  ...{ id: "slaw", name: "Slaw", kind: "slaw", minutes: 25 },
  keeping: { fridge: "slaw-vinegar", freezer: null },
});
const dishes: readonly Formula[] = [pesto, salad, slaw];
const problemOf = (
  stock: readonly DatedStock[],
  asked: MealPlanWish,
  formulas: readonly Formula[] = dishes,
): MealPlanProblem => mealPlanProblem(formulas, { ...aKitchen(), stock, stored: [] }, asked);
function best(problem: MealPlanProblem): SolvedMealPlan {
  const solved = solveMealPlan(problem, solve, { seconds });
  if (!solved) throw new Error("no plan");
  return solved;
}

const someLots = fc
  .array(
    fc.tuple(
      fc.constantFrom("chard", "kale", "spinach", "apple", "plum", "beet", "carrot"),
      fc.integer({ min: 20, max: 900 }),
      fc.integer({ min: 0, max: 7 }),
    ),
    { minLength: 1, maxLength: 5 },
  )
  .map((all) => all.map(([ingredient, grams, days], i) => lot(`lot ${i}`, ingredient, grams, days)));
const someWish = fc
  .tuple(
    fc.integer({ min: 1, max: 3 }),
    fc.integer({ min: 0, max: 90 }),
    fc.integer({ min: 1, max: 6 }),
    fc.double({ min: 0, max: 1, noNaN: true }),
  )
  .map(([days, minutes, people, lessWork]) =>
    wish(days, { perDay: Array.from({ length: days }, () => ({ people, minutes })), lessWork }),
  );

describe("a plan for the coming days", () => {
  const glut = [
    lot("a", "chard", 600, 1),
    lot("b", "kale", 500, 2),
    lot("c", "plum", 300, 4),
    lot("d", "beet", 900, 6),
  ];

  it("uses what spoils, and says how much any plan could use", () => {
    const { plan, spoils, isProven } = best(problemOf(glut, wish(3)));
    expect(isProven).toBe(true);
    expect(spoils.thereG).toBe(1100);
    expect(spoils.usedG).toBeGreaterThan(500);
    expect(spoils.atMostG).toBeGreaterThanOrEqual(spoils.usedG);
    expect(plan.dishes.length).toBeGreaterThan(0);
    for (const { day, fillings } of plan.dishes)
      for (const { lotId } of fillings)
        expect(day).toBeLessThanOrEqual({ a: 1, b: 2, c: 4, d: 6 }[lotId] ?? 0);
  });

  it("keeps what is to be kept, on its day, and leaves out what is ruled out", () => {
    const kept = best(problemOf(glut, wish(3, { keep: [{ recipeId: "slaw", day: 2 }], without: ["pesto"] })));
    expect(kept.plan.dishes.some((one) => one.dish.recipeId === "slaw" && one.day === 2)).toBe(true);
    expect(kept.plan.dishes.some((one) => one.dish.recipeId === "pesto")).toBe(false);
  });

  it("says that there is none where what is kept is impossible", () => {
    const nothing = wish(2, {
      perDay: [
        { people: 2, minutes: 0 },
        { people: 2, minutes: 0 },
      ],
    });
    expect(
      solveMealPlan(problemOf(glut, { ...nothing, keep: [{ recipeId: "pesto", day: 0 }] }), solve, {
        seconds,
      }),
    ).toBe(undefined);
    expect(best(problemOf(glut, nothing)).plan.dishes).toEqual([]);
    expect(best(problemOf([], wish(3))).plan.dishes).toEqual([]);
  });

  it("eats from the larder first, and cooks no more of a kind than will be eaten", () => {
    const stored = [{ id: "jar", name: "Pesto", kind: "pesto" as const, portions: 6, lastDay: 3 }];
    const problem = mealPlanProblem([pesto], { ...aKitchen(), stock: glut, stored }, wish(3));
    const { plan } = best(problem);
    expect(plan.stored.reduce((sum, one) => sum + one.portions, 0)).toBeGreaterThan(1);
    expect(verifyMealPlan(problem, plan)).toEqual([]);
  });
});

/** The optimum by a second solver: a branch and bound of its own, over the same programme. */
function bySecondSolver({ columns, rows }: Programme): number {
  const constraints: Record<string, { min?: number; max?: number }> = {};
  const variables: Record<string, Record<string, number>> = {};
  const ints: Record<string, 1> = {};
  for (const [i, { value, high, isWhole }] of columns.entries()) {
    variables[`x${i}`] = { objective: value };
    if (isWhole) ints[`x${i}`] = 1;
    if (Number.isFinite(high)) {
      constraints[`h${i}`] = { max: high };
      Object.assign(variables[`x${i}`] ?? {}, { [`h${i}`]: 1 });
    }
  }
  for (const [i, { low, high, terms }] of rows.entries()) {
    constraints[`r${i}`] = {
      ...(Number.isFinite(low) ? { min: low } : {}),
      ...(Number.isFinite(high) ? { max: high } : {}),
    };
    for (const [column, factor] of terms) {
      const variable = variables[`x${column}`] ?? {};
      variable[`r${i}`] = (variable[`r${i}`] ?? 0) + factor;
    }
  }
  const found = solver.Solve({
    optimize: "objective",
    opType: "max",
    constraints,
    variables,
    ints,
  } as never) as {
    feasible: boolean;
    result: number;
  };
  return found.feasible ? found.result : -Infinity;
}

describe("what a cook is told of it", () => {
  const glut = [lot("a", "chard", 600, 1), lot("b", "kale", 500, 2), lot("c", "plum", 300, 4)];
  const problem = problemOf(glut, wish(3));
  const solved = best(problem);
  const view = viewMealPlan(problem, solved);

  it("every gram and portion of the plan is on a card, once", () => {
    const cards = view.days.flatMap((day) => day.cards);
    const grams = (all: readonly { readonly grams: number }[]): number =>
      all.reduce((g, one) => g + one.grams, 0);
    expect(grams(cards.flatMap((card) => card.uses))).toBeCloseTo(
      grams(solved.plan.dishes.flatMap((one) => one.fillings)),
      6,
    );
    for (const { servings, eaten, frozen, given } of cards) {
      const gone = eaten.reduce((portions, one) => portions + one.portions, 0) + frozen + given;
      expect(gone).toBeLessThanOrEqual(servings + 0.01);
    }
    expect(view.gap).toBe(0);
  });

  it("what is used and what is left over come to what would spoil", () => {
    const left = view.left.reduce((g, one) => g + one.grams, 0);
    // Crumbs are not told of.
    expect(Math.abs(view.spoils.thereG - view.spoils.usedG - left)).toBeLessThan(15);
  });
});

describe("a dish that is kept where the plan has it anyway", () => {
  it("changes nothing of what the plan is worth", () => {
    check(
      fc.property(someLots, someWish, (stock, asked) => {
        const problem = problemOf(stock, asked);
        const free = best(problem);
        for (const { dish, day } of free.plan.dishes) {
          const keep = [{ recipeId: dish.recipeId, day }];
          const kept = best({ ...problem, limits: { ...problem.limits, keep } });
          expect(Math.abs(kept.value - free.value)).toBeLessThan(1e-3 * Math.max(1, free.value));
        }
      }),
      { numRuns: 25 },
    );
  });
});

describe("the quick rule", () => {
  it("is a plan that can be cooked, and the search is never worse", () => {
    check(
      fc.property(someLots, someWish, (stock, asked) => {
        const problem = problemOf(stock, asked);
        const model = mealPlanModel(problem);
        const programme = withChosen(model, quickMealPlan(problem));
        if (programme.columns.length === 0) return;
        const quick = solve(programme, { seconds });
        expect(verifyMealPlan(problem, readMealPlan(model, quick.values ?? []))).toEqual([]);
        expect(best(problem).value).toBeGreaterThanOrEqual(
          quick.objective - 1e-4 * Math.max(1, quick.objective),
        );
        expect(quick.objective).toBeGreaterThanOrEqual(-1e-6);
      }),
      { numRuns: 40 },
    );
  });
});

describe("the quick rule's own plan", () => {
  it("holds every limit, and the search is never worse than it", () => {
    let shown = 0;
    check(
      fc.property(someLots, someWish, (stock, asked) => {
        const problem = problemOf(stock, asked);
        const quick = quickSolvedPlan(problem);
        if (!quick) return;
        shown += 1;
        expect(verifyMealPlan(problem, quick.plan)).toEqual([]);
        const solved = best(problem);
        expect(solved.value).toBeGreaterThanOrEqual(quick.value - 1e-3 * Math.max(1, quick.value));
        expect(solved.bound).toBeLessThanOrEqual(quick.bound + 1e-6 * Math.max(1, quick.bound));
      }),
      { numRuns: 40 },
    );
    expect(shown).toBeGreaterThan(30);
  });
});

describe("whatever there is", () => {
  it("every plan can be cooked as it stands, and is worth no more than its bound", () => {
    check(
      fc.property(someLots, someWish, (stock, asked) => {
        const problem = problemOf(stock, asked);
        const { plan, value, bound } = best(problem);
        expect(verifyMealPlan(problem, plan)).toEqual([]);
        expect(value).toBeLessThanOrEqual(bound + 1e-6);
        expect(value).toBeGreaterThanOrEqual(-1e-6);
      }),
      { numRuns: 50 },
    );
  });

  it("a second solver finds the same optimum", () => {
    check(
      fc.property(someLots, someWish, (stock, asked) => {
        const problem = problemOf(
          stock.slice(0, 3),
          { ...asked, days: 1, perDay: asked.perDay.slice(0, 1) },
          [pesto, salad],
        );
        const other = bySecondSolver(mealPlanModel(problem).programme);
        expect(best(problem).value).toBeCloseTo(other, 2);
      }),
      { numRuns: 40 },
    );
  });

  it("more to use, more time or more mouths is never worse; one dish less never better", () => {
    check(
      fc.property(someLots, someWish, (stock, asked) => {
        const before = best(problemOf(stock, asked)).value;
        const slack = 1e-4 * Math.max(1, before);
        const more = asked.perDay.map((day) => ({ people: day.people + 2, minutes: day.minutes + 20 }));
        expect(best(problemOf(stock, { ...asked, perDay: more })).value).toBeGreaterThanOrEqual(
          before - slack,
        );
        // More of what is there: of what was bought until now it would make buying dearer.
        const bigger = [...stock, lot("more", stock[0]?.ingredient ?? "", 300, 1)];
        expect(best(problemOf(bigger, asked)).value).toBeGreaterThanOrEqual(before - slack);
        expect(best(problemOf(stock, { ...asked, without: ["slaw"] })).value).toBeLessThanOrEqual(
          before + slack,
        );
      }),
      { numRuns: 25 },
    );
  });
});
