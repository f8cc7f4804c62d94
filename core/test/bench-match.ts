import loadHighs from "highs";
import { highsSolver } from "../src/match/highs-solver.ts";
import type { MealPlanDish, MealPlanProblem } from "../src/match/meal-plan-problem.ts";
import { mealPlanModel } from "../src/match/meal-plan-model.ts";
import { quickMealPlan } from "../src/match/quick-meal-plan.ts";
import { quickSolvedPlan, solveMealPlan } from "../src/match/solve-meal-plan.ts";
import { verifyMealPlan } from "../src/match/verify-meal-plan.ts";

/** Kitchens with a glut, by size: lots, dishes and days. */
const sizes = {
  S: { lots: 8, dishes: 12, days: 3, seeds: 10, seconds: 20 },
  M: { lots: 25, dishes: 40, days: 5, seeds: 3, seconds: 10 },
} as const;

/** Mulberry32: the same seed gives the same kitchen everywhere (T. Ettinger, public domain, from memory). */
function randomOf(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

const kinds = ["leaf-salad", "slaw", "pesto", "dip", "cooked-salad"] as const;

/** A kitchen of a size: lots of a few hundred grams, dishes of two or three lines, each with a few fillers. */
function kitchenOf(size: keyof typeof sizes, seed: number): MealPlanProblem {
  const { lots: lotCount, dishes: dishCount, days } = sizes[size];
  const random = randomOf(seed);
  const between = (low: number, high: number): number => low + random() * (high - low);
  const whole = (low: number, high: number): number => Math.floor(between(low, high + 1));
  const lots = Array.from({ length: lotCount }, (_, i) => {
    const lastDay = whole(0, days + 2);
    return {
      ...{ lotId: `lot ${i}`, ingredient: `food ${i}`, grams: whole(150, 900), lastDay, freezesWhole: true },
      urgencyWeight: 2 ** (-lastDay / 3),
    };
  }).map((lot) => ({ ...lot, usableG: lot.grams }));
  const fillerOf = (i: number, maxShare: number): MealPlanDish["lines"][number]["fillers"][number] => ({
    ...{ ingredient: `food ${i}`, gramsPerGram: 1, minShare: 0, maxShare, isStrong: false, price: 2 },
    from: [{ lotId: `lot ${i}`, perGram: between(1, 1.6), toDo: null, work: "", part: null, clock: null }],
  });
  const dishes = Array.from({ length: dishCount }, (_, d): MealPlanDish => ({
    ...{ id: `dish ${d}`, recipeId: `dish ${d}`, name: `Dish ${d}`, kind: kinds[d % kinds.length] ?? "slaw" },
    ...{ servings: whole(2, 8), minutes: whole(10, 60), keepDays: whole(0, 4), freezes: random() < 0.3 },
    ...{ bought: [], boughtPerBatch: whole(0, 20) },
    lines: Array.from({ length: whole(1, 3) }, (_, l) => ({
      ...{ lineId: `line ${l}`, grams: whole(60, 300), isOptional: false, strongShare: 1 },
      fillers: [...new Set([0, 1, 2].map(() => whole(0, lotCount - 1)))].map((i, at) =>
        fillerOf(i, at === 0 ? 1 : 0.5),
      ),
    })),
  }));
  const perDay = (value: number): number[] => Array.from({ length: days }, () => value);
  return {
    ...{ days, lots, dishes, stored: [] },
    limits: {
      ...{ portionsADay: perDay(6), ofAKind: { pesto: perDay(1), dip: perDay(2), slaw: perDay(3) } },
      ...{ minutesADay: perDay(90), freezerPortions: 8, givePortions: 4, mostTimes: 3 },
      ...{ workPerMinute: 1, keep: [] },
    },
  };
}

const mean = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0) / all.length;
const geometric = (all: readonly number[]): number => Math.exp(mean(all.map(Math.log)));
const percentile = (all: readonly number[], share: number): number =>
  [...all].sort((a, b) => a - b)[Math.ceil(share * all.length) - 1] ?? NaN;

const solver = highsSolver(await loadHighs());
// Warm: the first solve takes about twice as long.
solveMealPlan(kitchenOf("S", 999), solver, { seconds: 2 });

/** One programme's relaxation: what times are compared with, on the same machine in the same run. */
function relaxedMs(problem: MealPlanProblem): number {
  const { programme } = mealPlanModel(problem);
  const columns = programme.columns.map((column) => ({ ...column, isWhole: false }));
  const begun = performance.now();
  solver({ ...programme, columns }, { seconds: 20 });
  return performance.now() - begun;
}

for (const [size, { seeds, seconds }] of Object.entries(sizes) as [
  keyof typeof sizes,
  (typeof sizes)["S"],
][]) {
  const rows = Array.from({ length: seeds }, (_, i) => {
    const problem = kitchenOf(size, i + 1);
    const floor = relaxedMs(problem);
    const before = performance.now();
    const quick = quickSolvedPlan(problem);
    const quickMs = performance.now() - before;
    const begun = performance.now();
    const solved = solveMealPlan(problem, solver, { seconds });
    const ms = performance.now() - begun;
    if (!solved) throw new Error(`no plan for ${size} ${i + 1}`);
    if (verifyMealPlan(problem, solved.plan).length > 0) throw new Error("a plan that does not hold");
    const greedy = solveMealPlan(withOnly(problem), solver, { seconds });
    return {
      ...{ ms, quickMs, floor, isProven: solved.isProven, gap: 1 - solved.value / solved.bound },
      overQuick: solved.value / Math.max(1, quick?.value ?? 1),
      overGreedy: solved.value / Math.max(1, greedy?.value ?? 1),
    };
  });
  const of = (pick: (row: (typeof rows)[number]) => number): number[] => rows.map(pick);
  process.stdout.write(
    `${[
      `${size}: ${rows.filter((row) => row.isProven).length} of ${seeds} proven`,
      `gap at ${seconds} s: median ${(
        100 *
        percentile(
          of((r) => r.gap),
          0.5,
        )
      ).toFixed(1)} %, worst ${(100 * Math.max(...of((r) => r.gap))).toFixed(1)} %`,
      `time: p50 ${(
        percentile(
          of((r) => r.ms),
          0.5,
        ) / 1000
      ).toFixed(2)} s, p95 ${(
        percentile(
          of((r) => r.ms),
          0.95,
        ) / 1000
      ).toFixed(2)} s = ${percentile(
        of((r) => r.ms / r.floor),
        0.5,
      ).toFixed(0)} × its relaxation`,
      `value ÷ quick rule as shown ${geometric(of((r) => r.overQuick)).toFixed(2)}, ÷ quick rule with exact grams ${geometric(of((r) => r.overGreedy)).toFixed(2)}`,
      `quick plan: worst ${Math.max(...of((r) => r.quickMs)).toFixed(0)} ms`,
    ].join("; ")}\n`,
  );
}

/** The quick rule's dishes on its days and no others: what exact grams alone make of it. */
function withOnly(problem: MealPlanProblem): MealPlanProblem {
  const chosen = quickMealPlan(problem);
  return { ...problem, dishes: problem.dishes.filter((dish) => chosen.some((one) => one.dish === dish)) };
}
