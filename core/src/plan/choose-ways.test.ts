import { describe, expect, it } from "@jest/globals";
import { aWish, dip, toCook } from "../../test/dishes-to-plan.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { stepOf, type Formula, type StepWay } from "../recipes/index.ts";
import { chooseWays, inChosenWay } from "./choose-ways.ts";
import { explainImpossible } from "./explain-impossible.ts";
import { draftPlan, solvePlan } from "./plan-dishes.ts";

const limits = { goOn: () => true };
const flame = stepOf("Char over a flame.", { tool: "grill", activeMin: 10 });
const halved = stepOf("Halve and roast.", {
  ...{ tool: "oven", celsius: 200, warmUpMin: 15, trayShare: 1, activeMin: 3 },
  passiveMin: { low: 12, high: 15 },
});
const inWaysOf = (otherWays: readonly StepWay[]): Formula => ({
  ...dip,
  steps: dip.steps.map((step, i) => (i === 0 ? { ...step, otherWays } : step)),
});
const flexible = inWaysOf([flame, halved]);
/** As written it takes 148 minutes: heating 15, roasting 30, out 2, cooling 15, machine 5 and washing 5, chilling. */
const tooEarly = 125;
const startOf = (wish: ReturnType<typeof aWish>): number => {
  const solved = solvePlan(draftPlan(wish, wish.tableAt, catalogue).problem, wish.tableAt, limits);
  return solved && solved !== "gave-up" ? solved.startAt : Number.NaN;
};

describe("the ways of steps in a plan", () => {
  it("are as written where that fits, and where nothing else is known", () => {
    expect(chooseWays(aWish([toCook("dip", flexible)]), catalogue, limits)).toEqual([]);
    const tight = aWish([toCook("dip", dip)], { tableAt: tooEarly });
    expect(chooseWays(tight, catalogue, limits)).toEqual([]);
  });

  it("are changed where the written one does not fit: the one that begins latest", () => {
    const wish = aWish([toCook("dip", flexible)], { tableAt: tooEarly });
    const [chosen, ...more] = chooseWays(wish, catalogue, limits) ?? [];
    expect(more).toEqual([]);
    const starts = [1, 2].map((way) => startOf(inChosenWay(wish, { dish: "dip", step: 0, way })));
    const latest = Math.max(...starts.filter((at) => !Number.isNaN(at)));
    expect(chosen).toEqual({ dish: "dip", step: 0, way: starts.indexOf(latest) + 1 });
    if (chosen) expect(startOf(inChosenWay(wish, chosen))).toBeGreaterThanOrEqual(0);
  });

  it("are changed in a kitchen without what the written one needs", () => {
    const places = { trays: 0, rings: 4, hasGrill: true, hasOven: false, isCharcoal: false, shelves: 4 };
    const wish = aWish([toCook("dip", flexible)], { places });
    expect(chooseWays(wish, catalogue, limits)).toEqual([{ dish: "dip", step: 0, way: 1 }]);
    expect(
      chooseWays({ ...wish, places: { ...places, hasGrill: false } }, catalogue, limits),
    ).toBeUndefined();
  });

  it("are changed in two steps where one is not enough", () => {
    const [roast, run, ...rest] = dip.steps;
    const both = {
      ...dip,
      steps: [
        { ...(roast ?? halved), otherWays: [flame] },
        {
          ...stepOf("Bake.", { tool: "oven", celsius: 200, passiveMin: { low: 20, high: 20 } }),
          otherWays: [flame],
        },
        ...(run ? [run] : []),
        ...rest,
      ],
    };
    const places = { trays: 0, rings: 4, hasGrill: true, hasOven: false, isCharcoal: false, shelves: 4 };
    expect(chooseWays(aWish([toCook("dip", both)], { places }), catalogue, limits)).toEqual([
      { dish: "dip", step: 0, way: 1 },
      { dish: "dip", step: 1, way: 1 },
    ]);
  });

  it("stay as the cook chose them; then the other way is what would help, with when to start", () => {
    const wish = aWish([toCook("dip", flexible, { ways: new Map([[0, 0]]) })], {
      tableAt: tooEarly,
    });
    expect(chooseWays(wish, catalogue, limits)).toEqual([]);
    const { remedies } = explainImpossible(wish, catalogue, limits);
    const ways = remedies.filter((one) => one.kind === "other-way");
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) {
      expect(way.startAt).toBe(startOf(inChosenWay(wish, way)));
      expect(way.way).not.toBe(0);
    }
  });

  it("drop the minutes that were given for the way before", () => {
    const times = new Map([[0, { workMin: 90, byItself: null }]]);
    const wish = aWish([toCook("dip", flexible, { times })]);
    const [dish] = inChosenWay(wish, { dish: "dip", step: 0, way: 1 }).dishes;
    expect([dish?.times.size, dish?.ways.get(0)]).toEqual([0, 1]);
  });
});
