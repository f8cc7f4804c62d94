import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { onHand } from "./balance.ts";
import { effectOnStock, entryKinds, type Entry, type EntryKind } from "./entry.ts";
import { mayBeForaged } from "./foraging.ts";
import { freshness, type Freshness } from "./freshness.ts";
import { needsNoTrimming } from "../forms/index.ts";
import type { AgeingLot } from "./lot.ts";
import { urgency, useFirstBand, useFirstOrder } from "./use-first.ts";

const today = "2026-09-10";
const lot = (extra: Partial<AgeingLot>): AgeingLot => ({
  state: "raw",
  method: null,
  place: "fridge",
  since: today,
  bestBefore: null,
  moved: null,
  clothRefreshes: 0,
  ...extra,
});
const fresh = (ingredient: string, extra: Partial<AgeingLot> = {}): Freshness =>
  freshness(lot(extra), factsOf(ingredient), { today, catalogue: referenceCatalogue });

describe("the ledger", () => {
  const kinds: readonly EntryKind[] = entryKinds;

  it("is a fold: received, less what went out", () => {
    const entries: Entry[] = [
      { kind: "received", grams: 1240 },
      { kind: "corrected", grams: -40 },
      { kind: "trimmed", grams: 700 },
      { kind: "spoiled", grams: 100 },
    ];
    expect(onHand(entries)).toBe(400);
    expect(onHand([])).toBe(0);
  });

  it("adds up the same in any order and in any two halves", () => {
    const anyEntry = fc.record({ kind: fc.constantFrom(...kinds), grams: fc.integer({ min: 1, max: 5000 }) });
    check(
      fc.property(fc.array(anyEntry, { maxLength: 40 }), fc.nat(), (entries, cut) => {
        const at = entries.length === 0 ? 0 : cut % entries.length;
        expect(onHand([...entries].reverse())).toBe(onHand(entries));
        expect(onHand(entries.slice(0, at)) + onHand(entries.slice(at))).toBeCloseTo(onHand(entries), 6);
      }),
    );
  });

  it("moves stock up for what comes in and down for what goes out", () => {
    const signs = kinds.map((kind) => Math.sign(effectOnStock({ kind, grams: 5 })));
    expect(signs).toEqual([1, 1, 1, 1, 1, -1, -1, -1, -1, -1, -1, -1, 1]);
    expect(effectOnStock({ kind: "corrected", grams: -5 })).toBe(-5);
  });
});

describe("freshness", () => {
  it("ages whole produce by the storage table", () => {
    expect(fresh("chard")).toMatchObject({ limit: "quality" });
    const season = factsOf("chard").season;
    expect(fresh("chard").daysLeft).toBe(season?.daysWhole);
  });

  it("counts down from the day it came in, into the negative", () => {
    const atStart = fresh("chard").daysLeft;
    expect(fresh("chard", { since: "2026-09-08" }).daysLeft).toBe(atStart - 2);
    expect(fresh("chard", { since: "2026-08-01" }).daysLeft).toBeLessThan(0);
  });

  it("goes faster out of the fridge, but never at once", () => {
    expect(fresh("chard", { place: "room" }).daysLeft).toBeLessThan(fresh("chard").daysLeft);
    expect(fresh("arugula", { place: "room" }).daysLeft).toBeGreaterThanOrEqual(1);
  });

  it("gives cut leaves the cautious three days, as a safety limit with its source", () => {
    const cut = fresh("chard", { state: "usable", method: "strip-leaves" });
    expect(cut).toMatchObject({ daysLeft: 3, limit: "safety" });
    expect(cut.source).toContain("FDA Food Code");
  });

  it.each([
    ["tomato", { state: "usable", method: "peel" }, 3, "safety"],
    ["chard", { state: "usable", method: "strip-leaves", place: "room" }, 0, "safety"],
    ["eggplant", { state: "usable", method: "roast-whole-then-scoop" }, 3, "safety"],
    ["chickpea", { state: "usable", method: "drain-can" }, 3, "safety"],
    ["kohlrabi", { state: "usable", method: "peel" }, 4, "quality"],
    ["plum", { state: "usable", method: "pit" }, 3, "quality"],
    ["yogurt-greek", { state: "opened" }, 3, "safety"],
    ["feta", { state: "opened" }, 3, "safety"],
    ["walnut", { state: "opened", place: "freezer" }, 365, "quality"],
    ["salt-sea-fine", { state: "usable", place: "cupboard" }, 365, "quality"],
  ] as const)("%s %j keeps %d days, limited by %s", (ingredient, extra, days, limit) => {
    expect(fresh(ingredient, extra)).toMatchObject({ daysLeft: days, limit });
  });

  it("goes by the label while a pack is sealed, and by the shorter clock once it is opened", () => {
    expect(fresh("feta", { state: "usable", bestBefore: "2026-09-24" })).toMatchObject({
      daysLeft: 14,
      source: "label",
    });
    expect(fresh("feta", { state: "opened", bestBefore: "2026-09-24" }).daysLeft).toBe(3);
    expect(fresh("feta", { state: "opened", bestBefore: "2026-09-11" }).daysLeft).toBe(1);
  });

  it("never keeps longer for being trimmed, but tells the safe day from the good one", () => {
    const cut = fresh("chard", { state: "usable", method: "strip-leaves", bestBefore: "2026-09-11" });
    expect(cut).toMatchObject({ daysLeft: 1, limit: "quality", safeUntil: "2026-09-13" });
    expect(cut.reason).toMatch(/kept whole/);
    expect(
      fresh("chard", { state: "usable", method: "strip-leaves", bestBefore: "2026-09-20" }),
    ).toMatchObject({
      daysLeft: 3,
      limit: "safety",
    });
    expect(fresh("plum", { state: "usable", method: "pit" }).safeUntil).toBeNull();
  });

  it("never lets the fridge lengthen what is already cut beyond what it has whole", () => {
    const leaves = [...referenceCatalogue.ingredients.values()].filter(
      (f) => f.category === "leaf" && f.tcsWhen.includes("cut") && f.trims.length > 0,
    );
    expect(leaves.length).toBeGreaterThan(20);
    for (const leaf of leaves) {
      const cut = fresh(leaf.id, { state: "usable", method: "strip-leaves" });
      expect(cut.limit).toBe("safety");
      expect(cut.daysLeft).toBeLessThanOrEqual(3);
    }
  });
});

describe("use first", () => {
  it("puts the one that spoils sooner first, then the bigger one", () => {
    const lots = [
      { spoilsOn: "2026-09-12", grams: 100 },
      { spoilsOn: "2026-09-11", grams: 50 },
      { spoilsOn: "2026-09-12", grams: 900 },
    ];
    expect([...lots].sort(useFirstOrder).map((l) => l.grams)).toEqual([50, 900, 100]);
  });

  it.each([
    [-1, "over"],
    [0, "now"],
    [1, "now"],
    [2, "soon"],
    [3, "soon"],
    [4, "keeps"],
  ] as const)("%d days left is %s", (days, band) => {
    expect(useFirstBand(days)).toBe(band);
  });

  it("weighs the last day fully, halves in three days, and gives nothing for what is over", () => {
    expect([urgency(0), urgency(3), urgency(-1)]).toEqual([1, 0.5, 0]);
  });
});

describe("what comes in", () => {
  it.each(["parsley", "carrot-tops", "fennel-fronds", "lovage"])("never takes %s as foraged", (id) => {
    expect(mayBeForaged(factsOf(id))).toBe(false);
  });

  it("takes wild garlic as foraged, with its caution elsewhere", () => {
    expect(mayBeForaged(factsOf("wild-garlic"))).toBe(true);
  });

  it("sends produce to the trim bench and packs straight to the shelf", () => {
    expect(
      ["chard", "plum", "chickpea", "feta", "olive-oil", "tomato-tinned"].map((id) =>
        needsNoTrimming(factsOf(id)),
      ),
    ).toEqual([false, false, false, true, true, true]);
  });
});
