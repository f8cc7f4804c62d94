import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { keepsInCloth } from "./damp-cloth.ts";
import { freshness, moveClock, type Freshness } from "./freshness.ts";
import { formOfLot, isSealed, keptOf } from "./lot-form.ts";
import { oldestLotDays, type AgeingLot } from "./lot.ts";

const today = "2026-09-10";
const aLot = (extra: Partial<AgeingLot> = {}): AgeingLot => ({
  ...{ state: "raw", method: null, place: "fridge", since: today, bestBefore: null, moved: null },
  clothRefreshes: 0,
  ...extra,
});
const fresh = (id: string, extra: Partial<AgeingLot>): Freshness =>
  freshness(aLot(extra), factsOf(id), { today, catalogue });

describe("of two limits on one day the safety one is said", () => {
  it.each([
    ["nasturtium-leaf", { state: "usable" }, 3],
    ["lemon-juice", { state: "usable", method: "squeeze" }, 3],
    ["lime-juice", { state: "opened" }, 3],
  ] as const)("%s %j: %d days", (id, extra, days) => {
    expect(fresh(id, extra)).toMatchObject({ daysLeft: days, limit: "safety" });
  });
});

describe("out of the cold", () => {
  it.each([
    ["onion", { state: "opened", place: "room" }, "cut or peeled vegetables: two hours out of the cold"],
    ["onion", { state: "opened", place: "cupboard" }, "cut or peeled vegetables: two hours out of the cold"],
    ["tofu", { state: "opened", place: "room" }, "opened tofu: two hours out of the cold"],
    ["mesclun", { state: "raw", place: "room" }, "whole leaves: two hours out of the cold"],
  ] as const)("%s %j is for the meal, and named as what it is in the fridge", (id, extra, reason) => {
    expect(fresh(id, extra)).toMatchObject({ daysLeft: 0, limit: "safety", reason });
  });

  it("dry goods and whole produce are not", () => {
    expect(fresh("rice-white", { place: "cupboard" })).toMatchObject({ daysLeft: 365, limit: "quality" });
    expect(fresh("onion", { place: "room" }).daysLeft).toBeGreaterThan(5);
    expect(fresh("onion", { place: "room" }).limit).toBe("quality");
  });
});

describe("at the edge of a day", () => {
  it("what keeps one day keeps one", () => {
    expect(fresh("borage-flower", {})).toMatchObject({ daysLeft: 1, reason: "whole, 1 day in the fridge" });
  });

  it("what keeps a day is not used up on the day it is moved, what keeps none is", () => {
    const moved = (id: string, extra: Partial<AgeingLot>) =>
      moveClock(aLot(extra), factsOf(id), { today, catalogue });
    expect(moved("borage-flower", {}).used).toBe(0);
    expect(moved("onion", { state: "opened", place: "room" }).used).toBe(1);
  });

  it("leaves of which no table speaks say how long they keep with their cloth", () => {
    const own = { ...factsOf("chard"), season: undefined };
    const kept = freshness(aLot({ clothRefreshes: 1 }), own, { today, catalogue });
    expect(kept).toMatchObject({ daysLeft: 5, reason: "whole leaves: 5 days" });
  });

  it("a year and a day is the longest ago that anything came in", () => {
    expect(oldestLotDays).toBe(366);
  });
});

describe("a pack that nobody has opened", () => {
  const sealed = (id: string, extra: Partial<AgeingLot>): boolean => isSealed(aLot(extra), factsOf(id));
  const shelved = { state: "usable", place: "cupboard" } as const;
  it.each([
    ["has a date on it", "chickpea", { state: "usable", bestBefore: "2027-09-10" }, true],
    ["has a date on it, wherever it stands", "milk", { state: "usable", bestBefore: "2026-09-14" }, true],
    ["is a tin from a shop", "chickpea", { ...shelved, sourceKind: "shop" }, true],
    ["is not a cook's own jar of beans", "chickpea", { ...shelved, sourceKind: "market" }, false],
    ["is a jar of jam from the market", "jam", { ...shelved, sourceKind: "market" }, true],
    ["is a jar of jam in the room", "jam", { ...shelved, place: "room", sourceKind: "gift" }, true],
    ["is not jam of unknown origin", "jam", { ...shelved, sourceKind: undefined }, false],
    ["is not own jam", "jam", { ...shelved, sourceKind: "own-bed" }, false],
    ["does not stand in the fridge without a date", "jam", { state: "usable", sourceKind: "shop" }, false],
    ["is not what is opened", "chickpea", { state: "opened", bestBefore: "2027-09-10" }, false],
    ["is not what is drained", "chickpea", { ...shelved, method: "drain-can", sourceKind: "shop" }, false],
    ["is not a by-product", "chickpea", { state: "by-product", bestBefore: "2027-09-10" }, false],
    ["is not an onion", "onion", { ...shelved, sourceKind: "shop" }, false],
  ] as const)("%s: %s %j", (_what, id, extra, is) => {
    expect(sealed(id, extra)).toBe(is);
  });
});

describe("the form of a lot", () => {
  it.each([
    ["onion", { state: "raw" }, "whole"],
    ["onion", { state: "opened" }, "cut"],
    ["onion", { state: "by-product" }, "cut"],
    ["onion", { state: "usable", method: "roast-diced" }, "roasted"],
    ["onion", { state: "opened", method: "roast-diced" }, "roasted"],
    ["milk", { state: "opened" }, "whole"],
  ] as const)("%s %j keeps as %s", (id, extra, form) => {
    expect(keptOf(aLot(extra), factsOf(id)).form).toBe(form);
  });

  it("half an onion still goes in as what it is", () => {
    expect(formOfLot({ state: "opened", method: null })).toBe("whole");
  });
});

describe("a damp cloth", () => {
  it.each([
    ["dill", { state: "raw" }, true],
    ["dill", { state: "usable", method: "pick-leaves" }, true],
    ["dill", { state: "usable", method: "dry" }, false],
    ["viola", { state: "raw" }, true],
    ["viola", { state: "by-product" }, true],
    ["chard", { state: "raw" }, true],
    ["chard", { state: "usable", method: "strip-leaves" }, false],
    ["chard", { state: "usable", method: "blanch" }, false],
    ["carrot", { state: "raw" }, false],
    ["dill", { state: "raw", place: "room" }, false],
    ["dill", { state: "raw", place: "freezer" }, false],
  ] as const)("%s %j: %s", (id, extra, is) => {
    expect(keepsInCloth(aLot(extra), factsOf(id))).toBe(is);
  });
});
