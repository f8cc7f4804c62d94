import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import loadHighs from "highs";
import { check } from "../../test/property.ts";
import { highsSolver } from "./highs-solver.ts";
import { mealPlanModel } from "./meal-plan-model.ts";
import {
  effortOfADish,
  minutesOf,
  portionsOn,
  tailDays,
  type MealPlanDish,
  type MealPlanProblem,
} from "./meal-plan-problem.ts";
import { readMealPlan, type MealPlan } from "./meal-plan.ts";
import { quickMealPlan } from "./quick-meal-plan.ts";
import { solveMealPlan, withChosen } from "./solve-meal-plan.ts";
import { verifyMealPlan } from "./verify-meal-plan.ts";

const solve = highsSolver(await loadHighs());

type Lot = MealPlanProblem["lots"][number];
/** What one usable gram of a lot takes of it, and what a gram of it costs in the shop (null: it is not sold). */
type Traits = { readonly perGram: number; readonly price: number | null };

const someTraits = fc.record<Traits>({
  perGram: fc.constantFrom(1, 1.25, 2),
  price: fc.constantFrom(0, 0.25, 2, null),
});
const someLots = fc.array(
  fc.tuple(
    fc.integer({ min: 50, max: 900 }),
    fc.integer({ min: 0, max: 3 }),
    fc.integer({ min: 1, max: 10 }),
    someTraits,
  ),
  { minLength: 1, maxLength: 3 },
);

/** A tiny kitchen in which each line has one filler, of one lot: what is used follows from how often what is cooked. */
const tinyKitchen = fc
  .tuple(
    someLots,
    fc.array(
      fc.record({
        lines: fc.uniqueArray(fc.tuple(fc.integer({ min: 0, max: 2 }), fc.integer({ min: 20, max: 200 })), {
          ...{ minLength: 1, maxLength: 2, selector: ([lot]) => lot },
        }),
        servings: fc.integer({ min: 1, max: 6 }),
        minutes: fc.integer({ min: 16, max: 24 }),
        keepDays: fc.integer({ min: 0, max: 3 }),
        freezes: fc.boolean(),
        boughtPerBatch: fc.integer({ min: 0, max: 20 }),
      }),
      { minLength: 1, maxLength: 2 },
    ),
    fc.record({
      days: fc.integer({ min: 1, max: 2 }),
      portions: fc.integer({ min: 0, max: 6 }),
      minutes: fc.integer({ min: 10, max: 26 }),
      freezerPortions: fc.integer({ min: 0, max: 3 }),
      givePortions: fc.integer({ min: 0, max: 3 }),
      workPerMinute: fc.constantFrom(0, 0.5, 4),
      mostSlaws: fc.constantFrom(null, null, null, null, 2, 1, 0),
    }),
  )
  .map(([lots, dishes, asked]) => kitchenOf(lots, dishes, asked));

type SomeDish = Pick<MealPlanDish, "servings" | "minutes" | "keepDays" | "freezes" | "boughtPerBatch"> & {
  readonly lines: readonly (readonly [lot: number, grams: number])[];
};
type Asked = Pick<MealPlanProblem["limits"], "freezerPortions" | "givePortions" | "workPerMinute"> & {
  readonly days: number;
  readonly portions: number;
  readonly minutes: number;
  readonly mostSlaws: number | null;
};

function kitchenOf(
  some: readonly (readonly [grams: number, lastDay: number, worth: number, traits: Traits])[],
  dishes: readonly SomeDish[],
  asked: Asked,
) {
  const lots: Lot[] = some.map(([grams, lastDay, worth], i) => ({
    ...{ lotId: `lot ${i}`, ingredient: `food ${i}`, grams, usableG: grams, lastDay },
    ...{ urgencyWeight: worth / 10, freezesWhole: true },
  }));
  const lineOf = ([at, grams]: readonly [number, number]): MealPlanDish["lines"][number] => {
    const i = at % lots.length;
    const { perGram, price } = some[i]?.[3] ?? { perGram: 1, price: 0 };
    const source = { lotId: `lot ${i}`, perGram, toDo: null, work: "", part: null, clock: null };
    const filler = { ...{ ingredient: `food ${i}`, gramsPerGram: 1, minShare: 0, maxShare: 1 }, price };
    return {
      ...{ lineId: `line ${at}`, grams, isOptional: false, strongShare: 1 },
      fillers: [{ ...filler, isStrong: false, from: [source] }],
    };
  };
  const perDay = (value: number): number[] => Array.from({ length: asked.days }, () => value);
  const problem: MealPlanProblem = {
    ...{ days: asked.days, lots, stored: [] },
    dishes: dishes.map((dish, i) => ({
      ...{ id: `dish ${i}`, recipeId: `dish ${i}`, name: `Dish ${i}`, kind: "slaw", bought: [] },
      ...{ servings: dish.servings, minutes: dish.minutes, keepDays: dish.keepDays, freezes: dish.freezes },
      boughtPerBatch: dish.boughtPerBatch,
      lines: dish.lines.map(lineOf),
    })),
    limits: {
      ...{ portionsADay: perDay(asked.portions), ofAKind: {}, minutesADay: perDay(asked.minutes) },
      ...{ freezerPortions: asked.freezerPortions, givePortions: asked.givePortions, mostTimes: 3 },
      timesOfAKind: asked.mostSlaws === null ? {} : { slaw: asked.mostSlaws },
      ...{ workPerMinute: asked.workPerMinute, keep: [] },
    },
  };
  return problem;
}

type Cooked = { readonly dish: MealPlanDish; readonly day: number; readonly halves: number };

/** Every way to cook so many half batches of each dish on each day, within the minutes of a day and the times of a kind. */
function* waysToCook({ dishes, days, limits }: MealPlanProblem): Generator<Cooked[]> {
  const slots = dishes.flatMap((dish) => Array.from({ length: days }, (_, day) => ({ dish, day })));
  const counts = slots.map(() => 0);
  const fits = (): boolean =>
    counts.filter((count) => count > 0).length <= (limits.timesOfAKind?.slaw ?? Infinity) &&
    limits.minutesADay.every(
      (minutes, day) =>
        slots.reduce((sum, s, i) => sum + (s.day === day ? minutesOf(s.dish, counts[i] ?? 0) : 0), 0) <=
        minutes + 1e-9,
    );
  const cooked = (): Cooked[] =>
    slots.map((slot, i) => ({ ...slot, halves: counts[i] ?? 0 })).filter((one) => one.halves > 0);
  yield [];
  for (let at = 0; at < slots.length;) {
    counts[at] = (counts[at] ?? 0) + 1;
    if ((counts[at] ?? 0) <= 8 && fits()) {
      yield cooked();
      at = 0;
    } else counts[at++] = 0;
  }
}

/** What cooking so is worth, worked out by hand; undefined where it cannot be. */
function worthOf(cooked: readonly Cooked[], problem: MealPlanProblem): number | undefined {
  const { limits } = problem;
  const grams = gramsWorth(cooked, problem);
  if (grams === undefined) return undefined;
  const work = cooked.map(
    ({ dish, halves }) =>
      effortOfADish + limits.workPerMinute * minutesOf(dish, halves) + (dish.boughtPerBatch * halves) / 2,
  );
  const again = problem.dishes.map(
    (dish) => Math.max(0, cooked.filter((c) => c.dish === dish).length - 1) * 40,
  );
  const sum = (all: readonly number[]): number => all.reduce((total, one) => total + one, 0);
  return grams - sum(work) - sum(again) - eatingCosts(cooked, problem);
}

function gramsWorth(cooked: readonly Cooked[], { lots }: MealPlanProblem): number | undefined {
  let worth = 0;
  for (const lot of lots) {
    const uses = cooked.flatMap(({ dish, day, halves }) =>
      dish.lines.flatMap((line) =>
        line.fillers.flatMap((filler) =>
          filler.from
            .filter((source) => source.lotId === lot.lotId)
            .map((source) => ({ day, grams: (line.grams * halves) / 2, perGram: source.perGram, filler })),
        ),
      ),
    );
    const [first] = uses;
    if (!first) continue;
    const all = uses.reduce((sum, one) => sum + one.grams, 0);
    const inTime = uses.filter((one) => one.day <= lot.lastDay).reduce((sum, one) => sum + one.grams, 0);
    const { price } = first.filler;
    const there = Math.min(inTime, lot.grams / first.perGram);
    if (price === null && there < all - 1e-9) return undefined;
    worth += there * lot.urgencyWeight - (all - there) * (price ?? 0);
  }
  return worth;
}

/** Least cost of what is not eaten: dearest first to whoever has room, by flow; then frozen, given, lost. */
function eatingCosts(cooked: readonly Cooked[], problem: MealPlanProblem): number {
  const { days, limits, lots } = problem;
  const worths = new Map(lots.map((lot) => [lot.lotId, lot.urgencyWeight]));
  const lostOf = (dish: MealPlanDish): number =>
    dish.lines.reduce(
      (sum, line) =>
        sum +
        line.grams * Math.max(0, ...line.fillers.flatMap((f) => f.from.map((s) => worths.get(s.lotId) ?? 0))),
      0,
    ) / dish.servings;
  const last = days - 1 + tailDays;
  // Cheapest sinks first: eaten 0, frozen 0.05, given 0.1; what finds none is lost.
  const sinks = [
    ...Array.from({ length: last + 1 }, (_, on) => ({
      room: portionsOn(limits.portionsADay, on),
      cost: 0,
      takes: ({ dish, day }: Cooked) => on >= day && on <= day + dish.keepDays,
    })),
    { room: limits.freezerPortions, cost: 0.05, takes: ({ dish }: Cooked) => dish.freezes },
    { room: limits.givePortions, cost: 0.1, takes: () => true },
  ];
  return cheapestFlow(
    cooked.map((one) => ({ portions: (one.halves * one.dish.servings) / 2, lost: lostOf(one.dish), one })),
    sinks,
  );
}

type Source = { readonly portions: number; readonly lost: number; readonly one: Cooked };
type Sink = { readonly room: number; readonly cost: number; readonly takes: (one: Cooked) => boolean };

/** Successive shortest paths (Ahuja, Magnanti and Orlin, Network Flows, 1993, from memory) on a handful of nodes. */
function cheapestFlow(sources: readonly Source[], sinks: readonly Sink[]): number {
  const [start, end] = [sources.length + sinks.length, sources.length + sinks.length + 1];
  const edges: { from: number; to: number; left: number; cost: number; back: number }[] = [];
  const add = (from: number, to: number, left: number, cost: number): void => {
    edges.push({ from, to, left, cost, back: edges.length + 1 });
    edges.push({ from: to, to: from, left: 0, cost: -cost, back: edges.length - 1 });
  };
  for (const [i, { portions, lost, one }] of sources.entries()) {
    add(start, i, portions, 0);
    add(i, end, Infinity, lost);
    for (const [j, sink] of sinks.entries()) if (sink.takes(one)) add(i, sources.length + j, Infinity, 0);
  }
  for (const [j, { room, cost }] of sinks.entries()) add(sources.length + j, end, room, cost);
  let total = 0;
  for (;;) {
    const distance = new Map([[start, 0]]);
    const by = new Map<number, (typeof edges)[number]>();
    for (let round = 0; round < end + 1; round++)
      for (const edge of edges) {
        const there = (distance.get(edge.from) ?? Infinity) + edge.cost;
        if (edge.left < 1e-9 || there >= (distance.get(edge.to) ?? Infinity) - 1e-12) continue;
        distance.set(edge.to, there);
        by.set(edge.to, edge);
      }
    if (!by.has(end)) return total;
    const path: (typeof edges)[number][] = [];
    for (let edge = by.get(end); edge; edge = by.get(edge.from)) path.push(edge);
    const flow = Math.min(...path.map((edge) => edge.left));
    for (const edge of path) {
      edge.left -= flow;
      const back = edges[edge.back];
      if (back) back.left += flow;
    }
    total += flow * (distance.get(end) ?? 0);
  }
}

describe("the optimum of tiny kitchens", () => {
  it("is what trying every way to cook gives, and its plan can be cooked: 500 kitchens", () => {
    check(
      fc.property(tinyKitchen, (problem) => {
        let best = -Infinity;
        for (const cooked of waysToCook(problem))
          best = Math.max(best, worthOf(cooked, problem) ?? -Infinity);
        const solved = solveMealPlan(problem, solve, { seconds: 20 });
        if (!solved) throw new Error("no plan");
        expect(solved.isProven).toBe(true);
        expect(Math.abs(solved.value - best)).toBeLessThan(1e-4 * Math.max(1, best));
        expect(verifyMealPlan(problem, solved.plan)).toEqual([]);
      }),
      { numRuns: 500 },
    );
  });
});

/** The quick rule's dishes with grams and portions as good as they can be: a plan in a millisecond. */
function quickPlan(problem: MealPlanProblem): MealPlan {
  const model = mealPlanModel(problem);
  const programme = withChosen(model, quickMealPlan(problem));
  const found = programme.columns.length === 0 ? null : solve(programme, { seconds: 5 }).values;
  return found ? readMealPlan(model, found) : { dishes: [], stored: [] };
}

describe("the independent check", () => {
  it("finds nothing wrong with 2,000 random plans", () => {
    const isRight = (problem: MealPlanProblem): MealPlan => {
      const plan = quickPlan(problem);
      expect(verifyMealPlan(problem, plan)).toEqual([]);
      return plan;
    };
    check(
      fc.property(tinyKitchen, (problem) => void isRight(problem)),
      { numRuns: 1500 },
    );
    // Plans of nothing are right too, and prove nothing: of these each has a dish.
    check(
      fc.property(tinyKitchen, (problem) => fc.pre(isRight(problem).dishes.length > 0)),
      { numRuns: 500 },
    );
  });

  it("finds whatever is done to a plan that makes it impossible", () => {
    const harms: readonly ((plan: MealPlan, problem: MealPlanProblem) => MealPlan)[] = [
      (plan) => withFirst(plan, (one) => ({ batches: one.batches + 20 })),
      (plan, { days }) => withFirst(plan, () => ({ day: days })),
      (plan) => withFirst(plan, (one) => ({ given: one.given + 1000 })),
      (plan) => withFirst(plan, (one) => ({ eaten: [...one.eaten, { on: one.day, portions: 500 }] })),
      (plan) => withFirst(plan, (one) => ({ eaten: [{ on: one.day - 1, portions: 0.5 }] })),
      (plan) =>
        withFirst(plan, (one) => ({ fillings: one.fillings.map((f) => ({ ...f, grams: f.grams + 50 })) })),
      (plan) => withFirst(plan, (one) => ({ dish: { ...one.dish } })),
      (plan) => withFirst(plan, (one) => ({ batches: one.batches + 0.25 })),
    ];
    check(
      fc.property(tinyKitchen, fc.constantFrom(...harms), (problem, harm) => {
        const plan = quickPlan(problem);
        const [first] = plan.dishes;
        fc.pre(first !== undefined && first.fillings.length > 0);
        expect(verifyMealPlan(problem, harm(plan, problem)).length).toBeGreaterThan(0);
      }),
      { numRuns: 200 },
    );
  });
});

const withFirst = (
  { dishes: [first, ...others], stored }: MealPlan,
  change: (one: MealPlan["dishes"][number]) => Partial<MealPlan["dishes"][number]>,
): MealPlan => ({ dishes: first ? [{ ...first, ...change(first) }, ...others] : [], stored });
