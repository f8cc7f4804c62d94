import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { freshness, lastDayOnceTrimmed, moveClock, type Freshness } from "./freshness.ts";
import { publishedRule } from "../keeping/index.ts";
import type { KeepingExperience } from "./keeping-experience.ts";
import { keptOf } from "./lot-form.ts";
import type { AgeingLot } from "./lot.ts";

const today = "2026-09-10";
const aLot = (extra: Partial<AgeingLot> = {}): AgeingLot => ({
  ...{ state: "raw", method: null, place: "fridge", since: today, bestBefore: null, moved: null },
  clothRefreshes: 0,
  ...extra,
});
const fresh = (
  ingredient: string,
  extra: Partial<AgeingLot> = {},
  experience?: KeepingExperience,
): Freshness =>
  freshness(aLot(extra), factsOf(ingredient), {
    today,
    catalogue,
    ...(experience === undefined ? {} : { experience }),
  });

describe("whole produce", () => {
  // Days of the storage table, two fifths of them where it stands warm and wants the fridge.
  it.each([
    ["chard", "fridge", 6, "whole, 6 days in the fridge"],
    ["chard", "room", 2, "whole but out of the fridge: 2 of 6 days"],
    ["chard", "cupboard", 2, "whole but out of the fridge: 2 of 6 days"],
    ["kohlrabi", "fridge", 21, "whole, 21 days in the fridge"],
    ["kohlrabi", "room", 8, "whole but out of the fridge: 8 of 21 days"],
    ["onion", "cupboard", 30, "whole, 30 days in the cupboard"],
    ["onion", "fridge", 30, "whole, 30 days in the fridge"],
    ["basil", "room", 2, "whole, 2 days in the room"],
    ["basil", "cupboard", 2, "whole, 2 days in the cupboard"],
    ["plum", "freezer", 180, "frozen whole, six months"],
  ] as const)("%s in the %s keeps %d days", (ingredient, place, days, reason) => {
    expect(fresh(ingredient, { place })).toMatchObject({
      ...{ daysLeft: days, limit: "quality", safeUntil: null, reason },
    });
  });

  it("names the storage table as its source", () => {
    expect(fresh("chard").source).toContain("USDA Agriculture Handbook 66");
    expect(fresh("plum", { place: "freezer" }).source).toBe("common practice, no source");
  });

  it("in a fresh damp cloth has two days more, twice at most, and says so", () => {
    expect([0, 1, 2, 3].map((clothRefreshes) => fresh("dill", { clothRefreshes }).daysLeft)).toEqual([
      6, 8, 10, 10,
    ]);
    expect(fresh("dill", { clothRefreshes: 1 }).reason).toBe(
      "whole, 6 days in the fridge, 2 more in a fresh damp cloth",
    );
    expect(fresh("dill").reason).not.toContain("cloth");
  });

  it("spoils here as it was seen to, never later than by the table, the cloth included", () => {
    const seen = { "dill fridge": 3 };
    expect(fresh("dill", {}, seen)).toMatchObject({
      ...{ daysLeft: 3, reason: "whole, went off here after 3 of 6 days", source: "this kitchen's own lots" },
    });
    expect([1, 2].map((clothRefreshes) => fresh("dill", { clothRefreshes }, seen).daysLeft)).toEqual([5, 6]);
    expect(fresh("dill", {}, { "dill fridge": 6 }).source).not.toContain("own lots");
    expect(fresh("dill", { place: "room" }, seen).source).not.toContain("own lots");
  });
});

describe("a label", () => {
  it("binds a sealed pack, also past the clock; whole produce and what is trimmed go by the earlier", () => {
    const pack = { state: "usable", bestBefore: "2026-10-30" } as const;
    expect(fresh("feta", pack)).toMatchObject({
      ...{ spoilsOn: "2026-10-30", limit: "quality", source: "label" },
      reason: "the date on its label, or of what it came from",
    });
    expect(fresh("chard", { bestBefore: "2026-10-30" }).daysLeft).toBe(6);
    expect(fresh("chard", { bestBefore: "2026-09-12" })).toMatchObject({ daysLeft: 2, source: "label" });
    expect(fresh("feta", { state: "opened", bestBefore: "2026-10-30" }).daysLeft).toBe(3);
  });

  it("of what it came from binds a trimmed lot, in its own words; the safe day stands beside it", () => {
    expect(
      fresh("chard", { state: "usable", method: "strip-leaves", bestBefore: "2026-09-12" }),
    ).toMatchObject({
      ...{ spoilsOn: "2026-09-12", safeUntil: "2026-09-13", limit: "quality" },
      reason: "no longer than it would have kept whole",
      source: "its clock before it was trimmed",
    });
  });

  it("trimming never gives days: what is over is for today", () => {
    expect(lastDayOnceTrimmed("2026-09-12", today)).toBe("2026-09-12");
    expect(lastDayOnceTrimmed(today, today)).toBe(today);
    expect(lastDayOnceTrimmed("2026-09-01", today)).toBe(today);
  });
});

describe("cut, cooked and opened food goes by a published rule", () => {
  it.each([
    ["chard", { state: "usable", method: "strip-leaves" }, "cut-leafy-greens"],
    ["cabbage-green", { state: "usable", method: "core" }, "cut-leafy-greens"],
    ["basil", { state: "usable", method: "pick-leaves" }, "soft-herbs-damp-cloth"],
    ["tomato", { state: "usable", method: "peel" }, "cut-tomatoes"],
    ["watermelon", { state: "usable", method: "peel" }, "cut-melon"],
    ["alfalfa-sprouts", { state: "usable", method: "rinse" }, "raw-sprouts"],
    ["eggplant", { state: "usable", method: "roast-whole-then-scoop" }, "roasted-vegetables"],
    ["eggplant", { state: "usable", method: "char-whole-then-scoop" }, "roasted-vegetables"],
    ["beet", { state: "usable", method: "boil-then-peel" }, "roasted-vegetables"],
    ["chickpea", { state: "usable", method: "drain-can" }, "beans-cooked"],
    ["white-bean", { state: "opened" }, "beans-cooked"],
    ["walnut", { state: "opened" }, "nuts-raw"],
    ["pumpkin-seed", { state: "opened" }, "nuts-raw"],
    ["walnut", { state: "opened", place: "freezer" }, "nuts-frozen"],
    ["pumpkin-seed", { state: "opened", place: "freezer" }, "nuts-frozen"],
    ["parsley", { state: "usable", method: "x", place: "freezer" }, "herbs-frozen-cubes"],
    ["chard", { state: "usable", method: "x", place: "freezer" }, "blanched-vegetables-frozen"],
    ["rosemary", { state: "opened" }, "woody-herbs"],
    ["nasturtium-flower", { state: "opened" }, "edible-flowers"],
    ["cider-vinegar", { state: "opened" }, "vinegar-open"],
    ["lemon-juice", { state: "opened" }, "lemon-juice-squeezed"],
    ["walnut-oil", { state: "opened" }, "nut-oil-open"],
    ["olive-oil", { state: "opened" }, "olive-oil-open"],
    ["parmesan", { state: "opened" }, "hard-cheese-open"],
    ["feta", { state: "opened" }, "soft-cheese-open"],
    ["yogurt-greek", { state: "opened" }, "soft-cheese-open"],
    ["tahini", { state: "opened" }, "nuts-fridge"],
    ["kohlrabi", { state: "usable", method: "peel" }, undefined],
    ["honey", { state: "opened" }, undefined],
  ] as const)("%s %j: %s", (ingredient, extra, subject) => {
    const kept = keptOf(aLot(extra), factsOf(ingredient));
    expect(publishedRule(kept, catalogue)?.subject).toBe(subject);
  });

  it.each([
    ["chard", { state: "usable", method: "x" }, 3, /: 3 days$/],
    ["chard", { state: "usable", method: "x", place: "room" }, 0, /two hours out of the cold/],
    ["chard", { state: "usable", method: "x", place: "cupboard" }, 0, /two hours out of the cold/],
    ["chard", { state: "usable", method: "x", place: "freezer" }, 240, /: 240 days$/],
    ["kohlrabi", { state: "usable", method: "peel" }, 4, /^cut or peeled vegetables: 4 days$/],
    ["honey", { state: "opened", place: "cupboard" }, 365, /^dry and shelf-stable: 365 days$/],
  ] as const)("%s %j keeps %d days", (ingredient, extra, days, reason) => {
    const found = fresh(ingredient, extra);
    expect(found.daysLeft).toBe(days);
    expect(found.reason).toMatch(reason);
  });

  it("says until when it is safe only where safety is at stake", () => {
    expect(fresh("chard", { state: "usable", method: "x" }).safeUntil).toBe("2026-09-13");
    expect(fresh("kohlrabi", { state: "usable", method: "peel" }).safeUntil).toBeNull();
  });
});

describe("moved", () => {
  const facts = factsOf("chard");
  const at = (day: string) => ({ today: day, catalogue });

  it("a third of its life used warm is a third less in the fridge", () => {
    const kohlrabi = factsOf("kohlrabi");
    const warm = aLot({ place: "room" });
    expect(moveClock(warm, kohlrabi, at("2026-09-12"))).toEqual({
      ...{ from: "2026-09-12", used: 0.25, thawed: false },
    });
    const moved = { ...warm, place: "fridge" as const, moved: moveClock(warm, kohlrabi, at("2026-09-12")) };
    // Three quarters of 21 days are left, whole days of them.
    expect(freshness(moved, kohlrabi, at(today)).spoilsOn).toBe("2026-09-27");
    expect(moveClock(moved, kohlrabi, at("2026-09-19"))).toMatchObject({
      used: expect.closeTo(0.25 + 7 / 21, 9),
    });
  });

  it("never has more than all of its life used up, and food for two hours has it all", () => {
    expect(moveClock(aLot(), facts, at("2027-01-01")).used).toBe(1);
    const cutWarm = aLot({ state: "usable", method: "strip-leaves", place: "room" });
    expect(moveClock(cutWarm, facts, at(today)).used).toBe(1);
  });

  it("the freezer uses up nothing; thawed it is for two days at most, and stays thawed", () => {
    const frozen = aLot({ place: "freezer", moved: { from: "2026-08-01", used: 0.5, thawed: false } });
    const thawed = moveClock(frozen, facts, at(today));
    expect(thawed).toEqual({ from: today, used: 0.5, thawed: true });
    const out = { ...frozen, place: "fridge" as const, moved: thawed };
    expect(freshness(out, facts, at(today))).toMatchObject({ daysLeft: 1, reason: "thawed, 2 days" });
    expect(moveClock(out, facts, at(today)).thawed).toBe(true);
    const again = { ...out, place: "freezer" as const };
    expect(freshness(again, facts, at(today)).reason).toBe("frozen whole, six months");
    const short = { ...out, place: "room" as const };
    expect(freshness(short, facts, at(today)).reason).toContain("out of the fridge");
  });
});
