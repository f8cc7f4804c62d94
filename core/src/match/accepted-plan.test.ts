import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { acceptPlan, withoutAccepted, type AcceptedDish } from "./accepted-plan.ts";
import type { MealPlanDish, MealPlanProblem } from "./meal-plan-problem.ts";
import type { MealPlan } from "./meal-plan.ts";
import {
  reservationsOf,
  reservationTouched,
  reservedFromOthers,
  type ReservableLot,
} from "./reservations.ts";

const slaw: MealPlanDish = {
  ...{ id: "slaw", recipeId: "slaw", name: "Slaw", kind: "slaw", servings: 4, minutes: 20 },
  ...{ keepDays: 2, freezes: false, lines: [], boughtPerBatch: 0 },
  bought: [{ ingredient: "walnut", grams: 30 }],
};
const use = (lotId: string, grams: number, more: object = {}) => ({
  ...{ lineId: "leaf", lotId, ingredient: "kale", grams, lotG: grams, toDo: null, part: null },
  ...more,
});
const plan: MealPlan = {
  dishes: [
    {
      ...{ dish: slaw, day: 1, batches: 2, frozen: 0, given: 1, fillings: [use("kale", 300)] },
      added: [
        { lineId: "leaf", ingredient: "kale", grams: 50, from: "buy" },
        { lineId: "oil", ingredient: "olive-oil", grams: 20, from: "staple" },
      ],
      eaten: [
        { on: 1, portions: 4 },
        { on: 2, portions: 3 },
      ],
    },
  ],
  stored: [{ batchId: "jar", on: 0, portions: 2 }],
};
const accepted = acceptPlan(plan, "2026-02-27", () => "a");

describe("a plan that is accepted", () => {
  it("stands on the days of the calendar, with what it needs bought", () => {
    expect(accepted.dishes).toMatchObject([
      {
        ...{ id: "a", day: "2026-02-28", batches: 2, servings: 8, given: 1 },
        buys: [
          { ingredient: "kale", grams: 50 },
          { ingredient: "walnut", grams: 60 },
        ],
        eaten: [
          { on: "2026-02-28", portions: 4 },
          { on: "2026-03-01", portions: 3 },
        ],
      },
    ]);
    expect(accepted.meals).toEqual([{ batchId: "jar", on: "2026-02-27", portions: 2 }]);
  });

  it("takes its minutes, meals, room and larder from what is planned next", () => {
    const problem: MealPlanProblem = {
      ...{ days: 3, lots: [], dishes: [] },
      stored: [{ id: "jar", name: "Jar", kind: "slaw", portions: 3, lastDay: 4 }],
      limits: {
        ...{ portionsADay: [5, 5, 5], ofAKind: { slaw: [3, 3, 3] }, minutesADay: [60, 60, 60] },
        ...{ freezerPortions: 4, givePortions: 4, mostTimes: 3, workPerMinute: 1, keep: [] },
      },
    };
    const next = withoutAccepted(problem, accepted, "2026-02-27");
    expect(next.stored[0]?.portions).toBe(1);
    expect(next.limits).toMatchObject({
      ...{ portionsADay: [3, 1, 2], ofAKind: { slaw: [1, 0, 0] }, freezerPortions: 4, givePortions: 3 },
    });
    expect(next.limits.minutesADay[0]).toBe(60);
    expect(next.limits.minutesADay[1]).toBeCloseTo(60 - 20 * (0.7 + 0.3 * 2), 9);
    // A day later its own days have come a day nearer.
    expect(withoutAccepted(problem, accepted, "2026-02-28").limits.portionsADay).toEqual([1, 2, 5]);
  });
});

const dish = (id: string, day: string, uses: AcceptedDish["uses"]): AcceptedDish => ({
  ...{ id, recipeId: id, name: id, kind: "slaw", day, batches: 1, servings: 4, minutes: 20, uses },
  ...{ buys: [], eaten: [], frozen: 0, given: 0 },
});
const lot = (lotId: string, grams: number, more: Partial<ReservableLot> = {}): ReservableLot => ({
  ...{ lotId, parentLotId: null, part: null, grams },
  ...more,
});
const raw = (grams: number) => use("kale", grams, { lotG: grams * 2, toDo: "strip-leaves" });

describe("what is reserved", () => {
  it("is what a dish takes of its lot, as it lies", () => {
    const found = reservationsOf([dish("a", "2026-03-01", [raw(100)])], [lot("kale", 500)]);
    expect(found).toMatchObject({
      reservations: [{ dishId: "a", lotId: "kale", grams: 200 }],
      shortages: [],
    });
  });

  it("goes over to what was trimmed off the lot meanwhile", () => {
    const lots = [
      lot("kale", 140),
      lot("leaves", 60, { parentLotId: "kale" }),
      lot("stems", 60, { parentLotId: "kale", part: "stems" }),
    ];
    const { reservations, shortages } = reservationsOf([dish("a", "2026-03-01", [raw(100)])], lots);
    expect(reservations.map(({ lotId, grams }) => [lotId, grams])).toEqual([
      ["leaves", 60],
      ["kale", 80],
    ]);
    expect(shortages).toEqual([]);
  });

  it("goes to the earliest day first; what is not there any more is short", () => {
    const dishes = [dish("late", "2026-03-02", [raw(100)]), dish("early", "2026-03-01", [raw(100)])];
    const { reservations, shortages } = reservationsOf(dishes, [lot("kale", 300)]);
    expect(reservations.map(({ dishId, grams }) => [dishId, grams])).toEqual([
      ["early", 200],
      ["late", 100],
    ]);
    expect(shortages).toEqual([{ dishId: "late", ingredient: "kale", grams: 50 }]);
  });

  it("takes juice and zest off the same lemon once", () => {
    const lemon = (toDo: string, lotG: number) => use("lemon", 10, { ingredient: "lemon", toDo, lotG });
    const both = dish("a", "2026-03-01", [lemon("zest", 80), lemon("squeeze", 120)]);
    expect(reservationsOf([both], [lot("lemon", 500)]).reservations).toMatchObject([{ grams: 120 }]);
  });

  it("is never more than there is of a lot, and what is missing is short, whatever is planned", () => {
    const someUse = fc
      .tuple(fc.constantFrom("kale", "plum"), fc.integer({ min: 1, max: 400 }), fc.boolean())
      .map(([lotId, grams, isRaw]) =>
        use(lotId, grams, isRaw ? { lotG: grams * 1.5, toDo: "strip-leaves" } : {}),
      );
    const someDishes = fc.array(
      fc.tuple(fc.integer({ min: 1, max: 9 }), fc.array(someUse, { maxLength: 3 })),
      { maxLength: 5 },
    );
    const grams = fc.integer({ min: 0, max: 900 });
    check(
      fc.property(someDishes, fc.tuple(grams, grams, grams), (all, [kale, leaves, plum]) => {
        const dishes = all.map(([day, uses], i) => dish(`d${i}`, `2026-03-0${day}`, uses));
        const lots = [lot("kale", kale), lot("leaves", leaves, { parentLotId: "kale" }), lot("plum", plum)];
        const { reservations, shortages } = reservationsOf(dishes, lots);
        for (const { lotId, grams: there } of lots) {
          const taken = reservations
            .filter((one) => one.lotId === lotId)
            .reduce((g, one) => g + one.grams, 0);
          expect(taken).toBeLessThanOrEqual(there + 1e-6);
        }
        const wanted = dishes.flatMap((one) => one.uses).reduce((g, one) => g + one.grams, 0);
        const had = reservations.reduce((g, one) => g + one.grams, 0);
        const short = shortages.reduce((g, one) => g + one.grams, 0);
        // Usable grams had are at most those as they lie; crumbs of half a gram a use are neither.
        expect(wanted).toBeLessThanOrEqual(had + short + dishes.length * 3);
      }),
    );
  });

  it("is left alone by other dishes; a dish that comes twice has what its earlier time is to get", () => {
    const twice = [
      { ...dish("first", "2026-03-01", [use("kale", 50)]), recipeId: "slaw" },
      { ...dish("second", "2026-03-03", [use("kale", 70)]), recipeId: "slaw" },
    ];
    const { reservations } = reservationsOf(twice, [lot("kale", 500)]);
    expect(reservedFromOthers(reservations, null).get("kale")).toBe(120);
    expect(reservedFromOthers(reservations, "slaw").get("kale")).toBe(70);
    expect(reservedFromOthers(reservations, "soup").get("kale")).toBe(120);
  });

  it("is asked for when a dish takes what its own later time is to get, too", () => {
    const twice = [
      { ...dish("a", "2026-03-01", [use("kale", 50)]), recipeId: "slaw" },
      { ...dish("b", "2026-03-03", [use("kale", 70)]), recipeId: "slaw" },
    ];
    const { reservations } = reservationsOf(twice, [lot("kale", 200)]);
    const touched = (takenG: number) =>
      reservationTouched(reservations, { lotId: "kale", grams: 200, takenG, recipeId: "slaw" })?.dishId;
    expect([touched(50), touched(130), touched(140), touched(200)]).toEqual([undefined, undefined, "b", "b"]);
  });
});
