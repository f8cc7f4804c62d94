import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { addDays } from "../measure/index.ts";
import {
  freshness,
  gradeOfPart,
  learnKeeping,
  methodsFor,
  moveClock,
  nextHarvest,
  pouredOut,
  priceOfLot,
  priceInLine,
  sharePrice,
  sharePriceOfRest,
  sourceKinds,
  splitLot,
  defaultPlace,
  undoMode,
  type AgeingLot,
} from "./index.ts";
import { spoilsOutOfTheCold } from "./freshness.ts";

const today = "2026-09-10";
const aLot = (extra: Partial<AgeingLot> = {}): AgeingLot => ({
  state: "raw",
  method: null,
  place: "fridge",
  since: today,
  bestBefore: null,
  moved: null,
  clothRefreshes: 0,
  ...extra,
});
const last = (id: string, lot: AgeingLot, day = today): string =>
  freshness(lot, factsOf(id), { today: day, catalogue }).spoilsOn;

describe("splitting a lot", () => {
  it("keeps every gram: parts and what stays are what was there", () => {
    const part = fc.record({
      condition: fc.constantFrom("small", "large", "damaged" as const),
      grams: fc.integer({ min: 1, max: 900 }),
    });
    check(
      fc.property(
        fc.uniqueArray(part, { selector: (p) => p.condition, minLength: 1 }),
        fc.integer({ min: 1, max: 3000 }),
        (parts, onHandG) => {
          const split = splitLot(onHandG, parts);
          const asked = parts.reduce((g, p) => g + p.grams, 0);
          expect(split.ok).toBe(asked <= onHandG);
          if (split.ok) expect(split.value.stayingG + asked).toBe(onHandG);
        },
      ),
    );
  });

  it("refuses more than is there, a part of nothing, the same part twice and no parts", () => {
    const codes = [
      splitLot(500, [{ condition: "small", grams: 501 }]),
      splitLot(500, [{ condition: "small", grams: 0 }]),
      splitLot(500, [
        { condition: "small", grams: 10 },
        { condition: "small", grams: 10 },
      ]),
      splitLot(500, []),
    ].map((r) => (r.ok ? "ok" : r.issue.code));
    expect(codes).toEqual(["parts-over-lot", "part-not-positive", "part-twice", "nothing-to-split"]);
  });

  it("offers the method that suits: ribbons from the small, the tray for the large", () => {
    const { trims } = factsOf("zucchini");
    expect(methodsFor(trims, "small")[0]?.method).toBe("shave-with-peeler");
    expect(methodsFor(factsOf("winter-squash-butternut").trims, "large")[0]?.method).toBe(
      "roast-whole-then-scoop",
    );
    expect(methodsFor(factsOf("parsley").trims, "tender")[0]?.method).toBe("leaves-and-fine-stems");
    expect(methodsFor(factsOf("parsley").trims, "woody")[0]?.method).toBe("strip-leaves");
    expect(methodsFor(trims, null)).toBe(trims);
    expect(methodsFor(trims, "small")).toHaveLength(trims.length);
  });

  it("makes damaged produce seconds and leaves the rest as it was", () => {
    expect([
      gradeOfPart("damaged", "prime"),
      gradeOfPart("large", "prime"),
      gradeOfPart("small", "seconds"),
    ]).toEqual(["seconds", "prime", "seconds"]);
  });
});

describe("prices", () => {
  it("are for all of it, by weight or each", () => {
    const lot = { grams: 1650, count: 3 };
    const paid = (per: "all" | "kg" | "100g" | "each") => priceOfLot({ minor: 240, per }, lot);
    expect([paid("all"), paid("kg"), paid("100g"), paid("each")]).toEqual([
      { ok: true, value: 240 },
      { ok: true, value: 396 },
      { ok: true, value: 3960 },
      { ok: true, value: 720 },
    ]);
    expect(priceOfLot({ minor: 240, per: "each" }, { grams: 400, count: null })).toMatchObject({
      ok: false,
      issue: { code: "price-needs-count" },
    });
  });

  it("stands in a line of a market list, in this kitchen's money; each is of all where they are counted", () => {
    expect(priceInLine("2 aubergines, 640 g, £2.50", "GBP")).toEqual({ minor: 250, per: "all" });
    expect(priceInLine("3 lemons 60p each", "GBP", { count: { low: 3, high: 3 }, measure: "" })).toEqual({
      minor: 180,
      per: "all",
    });
    const weighed = { count: { low: 400, high: 400 }, measure: "g" };
    expect(priceInLine("400 g lemons 60p each", "GBP", weighed)).toEqual({ minor: 60, per: "each" });
    expect(priceInLine("lemons 60p each", "GBP")).toEqual({ minor: 60, per: "each" });
    expect(priceInLine("1 kg tomatoes 3 €", "GBP")).toBeNull();
    expect(priceInLine("1 kg tomatoes", "GBP")).toBeNull();
  });

  it("of a box leaves out what has a price of its own", () => {
    const lots = [
      { grams: 500, priceMinor: null },
      { grams: 300, priceMinor: 400 },
      { grams: 1500, priceMinor: null },
    ];
    expect(sharePriceOfRest(1000, lots)).toEqual([150, 400, 450]);
    expect(sharePriceOfRest(300, lots)).toEqual([0, 400, 0]);
    expect(sharePriceOfRest(null, lots)).toEqual([null, 400, null]);
    expect(sharePriceOfRest(1000, lots.slice(1, 2))).toEqual([400]);
  });

  it("of a box is shared by weight and adds up to the penny", () => {
    expect(sharePrice(1000, [300, 300, 300])).toEqual([334, 333, 333]);
    expect(sharePrice(1250, [2000, 500])).toEqual([1000, 250]);
    check(
      fc.property(
        fc.nat(100_000),
        fc.array(fc.double({ min: 0.1, max: 9000, noNaN: true }), { minLength: 1, maxLength: 30 }),
        (total, grams) => {
          const shares = sharePrice(total, grams);
          expect(shares.reduce((a, b) => a + b, 0)).toBe(total);
          const all = grams.reduce((a, b) => a + b, 0);
          for (const [i, share] of shares.entries())
            expect(Math.abs(share - (total * (grams[i] ?? 0)) / all)).toBeLessThan(1 + 1e-6);
        },
      ),
    );
  });
});

describe("what a bed gives next", () => {
  const growing = { state: "growing", forecast: null } as const;
  const harvests = [0, 4, 8, 11].map((d, i) => ({ day: addDays("2026-08-28", d), grams: 500 + i * 100 }));

  it("follows the rhythm of its pickings: every 4 days, about 650 g", () => {
    expect(nextHarvest(growing, harvests, today)).toMatchObject({
      on: "2026-09-12",
      inDays: 2,
      grams: { value: 650, low: 500, high: 800 },
      basis: "harvests",
    });
  });

  it("takes what the cook says before what the record says, until that day is past", () => {
    const forecast = { on: "2026-09-13", grams: 600 };
    expect(nextHarvest({ ...growing, forecast }, harvests, today)).toMatchObject({
      on: "2026-09-13",
      inDays: 3,
      grams: { value: 600 },
      basis: "forecast",
    });
    expect(
      nextHarvest({ ...growing, forecast: { on: "2026-09-01", grams: 600 } }, harvests, today),
    ).toMatchObject({ basis: "harvests" });
  });

  it("promises nothing of a bolting or finished bed, or without a rhythm", () => {
    expect(nextHarvest({ ...growing, state: "bolting" }, harvests, today)).toBeUndefined();
    expect(nextHarvest({ ...growing, state: "finished" }, harvests, today)).toBeUndefined();
    expect(nextHarvest(growing, harvests.slice(0, 2), today)).toBeUndefined();
  });

  it("is due today when its day has passed", () => {
    expect(nextHarvest(growing, harvests, "2026-09-30")).toMatchObject({ on: "2026-09-30", inDays: 0 });
  });
});

describe("moving a lot", () => {
  it("carries the share of life used up, and never gives any back", () => {
    const book = factsOf("chard").season?.daysWhole ?? 0;
    const lot = aLot({ place: "room", since: "2026-09-10" });
    const warm = last("chard", lot);
    const moved = {
      ...lot,
      place: "fridge" as const,
      moved: moveClock(lot, factsOf("chard"), { today: "2026-09-11", catalogue }),
    };
    expect(last("chard", moved) > warm).toBe(true);
    expect(last("chard", moved) <= addDays("2026-09-10", book)).toBe(true);
    const back = {
      ...moved,
      place: "room" as const,
      moved: moveClock(moved, factsOf("chard"), { today: "2026-09-11", catalogue }),
    };
    expect(last("chard", back) <= warm).toBe(true);
  });

  it("stops in the freezer, and what comes out is for the next two days", () => {
    const lot = aLot({ place: "fridge", since: "2026-09-08" });
    const frozen = {
      ...lot,
      place: "freezer" as const,
      moved: moveClock(lot, factsOf("plum"), { today, catalogue }),
    };
    expect(last("plum", frozen) > "2026-12-01").toBe(true);
    const thawed = {
      ...frozen,
      place: "fridge" as const,
      moved: moveClock(frozen, factsOf("plum"), { today: "2026-11-01", catalogue }),
    };
    expect(thawed.moved).toMatchObject({ thawed: true, from: "2026-11-01" });
    expect(last("plum", thawed) <= "2026-11-03").toBe(true);
  });

  it("never lengthens a safety clock: cut leaves that stood warm are done, wherever they go", () => {
    const warm = aLot({ state: "usable", method: "strip-leaves", place: "room" });
    const chilled = {
      ...warm,
      place: "fridge" as const,
      moved: moveClock(warm, factsOf("chard"), { today, catalogue }),
    };
    expect(freshness(chilled, factsOf("chard"), { today, catalogue })).toMatchObject({
      spoilsOn: today,
      safeUntil: today,
      limit: "safety",
    });
  });

  it("in any order of places ends no later than the best place alone would", () => {
    const facts = factsOf("spinach");
    const places = ["fridge", "room", "cupboard"] as const;
    check(
      fc.property(
        fc.array(fc.record({ days: fc.nat(2), place: fc.constantFrom(...places) }), { maxLength: 5 }),
        (moves) => {
          let lot = aLot();
          let day = today;
          for (const move of moves) {
            day = addDays(day, move.days);
            lot = { ...lot, moved: moveClock(lot, facts, { today: day, catalogue }), place: move.place };
          }
          const best = last("spinach", aLot());
          expect(last("spinach", lot) <= (best > day ? best : day)).toBe(true);
        },
      ),
    );
  });
});

describe("a fresh damp cloth", () => {
  it("gives whole produce two days each, twice at most, and a cut leaf none", () => {
    const plain = last("dill", aLot());
    expect(last("dill", aLot({ clothRefreshes: 1 }))).toBe(addDays(plain, 2));
    expect(last("dill", aLot({ clothRefreshes: 5 }))).toBe(addDays(plain, 4));
    const cut = { state: "usable", method: "strip-leaves" } as const;
    expect(last("chard", aLot({ ...cut, clothRefreshes: 2 }))).toBe(last("chard", aLot(cut)));
  });
});

describe("what this kitchen has seen go off", () => {
  const seen = (...days: number[]) =>
    learnKeeping(days.map((d) => ({ ingredient: "sorrel", place: "fridge", days: d })));
  const ends = (days: number[]): string =>
    freshness(aLot(), factsOf("sorrel"), { today, catalogue, experience: seen(...days) }).spoilsOn;

  it("shortens the table's days by its median once there are three, and says so", () => {
    expect(ends([2, 2])).toBe(last("sorrel", aLot()));
    expect(ends([2, 1, 2])).toBe(addDays(today, 2));
    expect(
      freshness(aLot(), factsOf("sorrel"), { today, catalogue, experience: seen(2, 1, 2) }).source,
    ).toContain("own lots");
  });

  it("is the middle of the last ten lots, the shorter of two middles, of each place on its own", () => {
    const days = (...all: number[]) => seen(...all)["sorrel fridge"];
    expect([days(3, 1, 2), days(4, 1, 3, 2), days(9, 1, 10)]).toEqual([2, 2, 9]);
    // The eleventh from the end counts no more.
    expect(days(1, 1, 1, 1, 1, 9, 9, 9, 9, 9)).toBe(1);
    expect(days(1, 1, 1, 1, 1, 9, 9, 9, 9, 9, 9)).toBe(9);
    expect(seen(2, 2)).toEqual({});
  });

  it("never lengthens them, and touches no safety limit", () => {
    expect(ends([90, 90, 90])).toBe(last("sorrel", aLot()));
    const cut = aLot({ state: "usable", method: "strip-leaves" });
    const with3 = freshness(cut, factsOf("sorrel"), { today, catalogue, experience: seen(90, 90, 90) });
    expect(with3.spoilsOn).toBe(last("sorrel", cut));
  });
});

describe("weighing back and ways back", () => {
  it("takes the bottle's own weight out", () => {
    expect(pouredOut(812, 764)).toEqual({ ok: true, value: 48 });
    expect(pouredOut(812.4, 764.15)).toEqual({ ok: true, value: 48.25 });
  });

  it.each([
    [764, 812, "heavier-after"],
    [500, 500, "heavier-after"],
    [0, 0, "weight-not-positive"],
    [500, -1, "weight-not-positive"],
    [Number.NaN, 3, "weight-not-positive"],
  ])("refuses %d before and %d after", (before, after, code) => {
    expect(pouredOut(before, after)).toMatchObject({ ok: false, issue: { code } });
  });

  it("knows which movements can be taken back, and how", () => {
    expect([
      undoMode("spoiled"),
      undoMode("given"),
      undoMode("frozen"),
      undoMode("received"),
      undoMode("trimmed"),
    ]).toEqual(["correction", "correction", "with-parts", "none", "none"]);
  });

  it("puts dry goods in the cupboard and the rest where it keeps best", () => {
    expect([
      defaultPlace(factsOf("farro")),
      defaultPlace(factsOf("chard")),
      defaultPlace(factsOf("feta")),
    ]).toEqual(["cupboard", "fridge", "fridge"]);
  });

  it("never leaves food out of the cold that is not safe there, wherever it came from", () => {
    const unsafe = [...catalogue.ingredients.values()].flatMap((facts) =>
      sourceKinds.flatMap((sourceKind) => {
        const place = defaultPlace(facts, sourceKind);
        const lot = { ...({ state: "raw", method: null, bestBefore: null } as const), place, sourceKind };
        return spoilsOutOfTheCold(lot, facts) ? [`${facts.id} from ${sourceKind}`] : [];
      }),
    );
    expect(unsafe).toEqual([]);
    expect(defaultPlace(factsOf("anchovy"))).toBe("fridge");
    expect(defaultPlace(factsOf("farro"), "market")).toBe("cupboard");
  });
});
