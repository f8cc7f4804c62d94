import { describe, expect, it } from "@jest/globals";
import { portionsInGrams } from "./portions.ts";
import { compareBatches } from "./compare-batches.ts";
import { undoBatchIssue } from "./undo-batch.ts";

describe("two batches beside each other", () => {
  const small = { servings: 2, inputs: [{ ingredient: "chard", grams: 200 }] };
  const large = {
    servings: 8,
    inputs: [
      { ingredient: "walnut", grams: 160 },
      { ingredient: "chard", grams: 300 },
      { ingredient: "chard", grams: 100 },
    ],
  };

  it("are compared by the portion too, and several lots of one thing count together", () => {
    expect(compareBatches(small, large)).toEqual([
      { ingredient: "chard", grams: [200, 400], perPortion: [100, 50] },
      { ingredient: "walnut", grams: [null, 160], perPortion: [null, 20] },
    ]);
  });
});

describe("portions", () => {
  it("are shares of what was made, and never more than that", () => {
    const dish = { grams: 600, servings: 4 };
    expect([0, 1.5, 4, 6].map((portions) => portionsInGrams(portions, dish))).toEqual([0, 225, 600, 600]);
  });
});

describe("taking a batch back", () => {
  const jar = { kind: "jar", startG: 180, remainingG: 180 };
  const plate = { kind: "plate", startG: 300, remainingG: 0 };
  const half = { receivedG: 60, balanceG: 60 };
  const fresh = { isUndone: false, containers: [jar, plate], leftOvers: [half] };

  it("is possible while nothing of it was taken, whatever was eaten at once", () => {
    expect(undoBatchIssue(fresh)).toBeUndefined();
  });

  it.each([
    [{ isUndone: true }, "already-undone"],
    [{ containers: [jar, { ...jar, remainingG: 140 }] }, "taken-since"],
    [{ leftOvers: [{ ...half, balanceG: 20 }] }, "used-since"],
  ])("is refused with %j", (more, code) => {
    expect(undoBatchIssue({ ...fresh, ...more })).toEqual({ code });
  });
});
