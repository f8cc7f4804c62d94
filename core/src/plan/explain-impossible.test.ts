import { describe, expect, it } from "@jest/globals";
import { aWish, dip, grain, salad, toCook } from "../../test/dishes-to-plan.ts";
import { asLongAsItTakes, planned } from "../../test/planned.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { explainImpossible } from "./explain-impossible.ts";
import { draftPlan, earliestTable, lackingPlace, solvePlan, type PlanWish } from "./plan-dishes.ts";

describe("what cannot be", () => {
  it("names the place that a kitchen lacks", () => {
    const wish = aWish([toCook("dip", dip)], {
      places: { trays: 0, rings: 4, hasGrill: true, hasOven: false, isCharcoal: false, shelves: 4 },
    });
    expect(lackingPlace(draftPlan(wish, 600, catalogue))).toEqual({ tool: "oven", dish: "dip" });
  });

  it("says how much later it would go, and that is the very minute", () => {
    const wish = aWish([toCook("dip", dip)], { tableAt: 60 });
    const earliest = earliestTable(wish, catalogue, asLongAsItTakes) ?? Number.NaN;
    expect(earliest).toBe(133);
    expect(planned({ ...wish, tableAt: earliest }).startAt).toBe(0);
    const { problem } = draftPlan(wish, earliest - 1, catalogue);
    expect(solvePlan(problem, earliest - 1, asLongAsItTakes)).toBeUndefined();
  });

  it("finds the same hour as the plan that begins as late as it can leaves at least", () => {
    const kinds = [dip, salad, grain];
    for (const [first, second] of kinds.flatMap((one) => kinds.map((other) => [one, other] as const))) {
      const wish = aWish([toCook("a", first), toCook("b", second)], { tableAt: 900 });
      const { problem } = draftPlan(wish, 900, catalogue);
      const light = { ...problem, tasks: problem.tasks.map((task) => ({ ...task, weight: 0 })) };
      const plan = solvePlan(light, 900, asLongAsItTakes);
      if (!plan || plan === "gave-up") throw new Error("no plan");
      expect(earliestTable(wish, catalogue, asLongAsItTakes)).toBe(900 - plan.startAt);
    }
  });

  it("finds the hour before a time away where it goes only there, and after it where it does not", () => {
    const wish = aWish([toCook("dip", dip)]);
    const soonest = (from: number) =>
      earliestTable({ ...wish, away: [{ from, to: from + 240 }] }, catalogue, asLongAsItTakes);
    expect(soonest(133)).toBe(133);
    expect(soonest(60)).toBeGreaterThan(300);
  });

  it.each([
    [
      "coming home too late",
      { tableAt: 200, away: [{ from: 0, to: 100 }] },
      ["later", "earlier-home"],
      "away",
    ],
    ["a step fixed too late", { fixed: [{ task: "dip/1/work", start: 580 }] }, ["set-free"], "fixed"],
  ] as const)("%s: each remedy that is offered makes it possible", (_, limits, kinds, clash) => {
    const wish = aWish([toCook("dip", dip)], limits);
    const explained = explainImpossible(wish, catalogue, asLongAsItTakes);
    expect(explained.clash.map(({ kind }) => kind)).toContain(clash);
    expect(explained.remedies.map(({ kind }) => kind)).toEqual(expect.arrayContaining([...kinds]));
    for (const remedy of explained.remedies) {
      const changed: PlanWish =
        remedy.kind === "later"
          ? { ...wish, tableAt: remedy.tableAt }
          : remedy.kind === "set-free"
            ? { ...wish, fixed: [] }
            : remedy.kind === "earlier-home"
              ? { ...wish, away: wish.away.map((span) => ({ ...span, to: span.to - remedy.minutes })) }
              : { ...wish, cooks: wish.cooks + 1 };
      expect(planned(changed).startAt).toBeGreaterThanOrEqual(0);
    }
  });

  it("names no more than what clashes", () => {
    const wish = aWish([toCook("dip", dip), toCook("salad", salad)], { tableAt: 100 });
    const { clash, remedies } = explainImpossible(wish, catalogue, asLongAsItTakes);
    expect(clash).toEqual([{ kind: "dish", dish: "dip" }]);
    expect(remedies).toContainEqual({ kind: "without", dish: "dip" });
  });
});
