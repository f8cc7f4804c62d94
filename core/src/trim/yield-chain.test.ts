import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { factsOf } from "../../test/kitchen.ts";
import type { CookingChange } from "../catalogue/index.ts";
import { exactly } from "../measure/index.ts";
import {
  yieldChain,
  compareBuys,
  concentration,
  massRetention,
  hasJuices,
  ingredientOfPart,
  kitchenYield,
  massAtWater,
  netOf,
  useOfPart,
  waterAfter,
  wholeUnits,
  type ChainStep,
} from "./index.ts";

const change = (id: string, method: string): CookingChange => {
  const found = factsOf(id).changes.find((c) => c.method === method);
  if (!found) throw new Error(`${id} has no ${method}`);
  return found;
};
const trim = (id: string, method: string): ChainStep => {
  const handbook = factsOf(id).trims.find((t) => t.method === method);
  if (!handbook) throw new Error(`${id} has no ${method}`);
  return { kind: "trim", yield: kitchenYield(handbook, { grade: "prime", juices: null }, []) };
};
const cook = (id: string, method: string, juices: "kept" | "drained" = "kept"): ChainStep => ({
  kind: "cook",
  change: change(id, method),
  juices,
});

describe("dry matter is conserved: m₁(1 − w₁) = m₀(1 − w₀)", () => {
  it("tomato at 94 % water reduced to 80 % is 0.30 of its mass", () => {
    expect(massAtWater(1000, 0.94, 0.8)).toBeCloseTo(300, 9);
  });

  it("1,000 g of dice with 30 g oil and 5 g salt scraped out at 735 g is a flesh factor of 0.700", () => {
    expect(massRetention({ beforeG: 1000, afterG: 735, extrasG: 35 })).toEqual({ ok: true, value: 0.7 });
  });

  it("and comes back: the water after a mass factor gives that mass factor again", () => {
    check(
      fc.property(
        fc.double({ min: 0.5, max: 0.97, noNaN: true }),
        fc.double({ min: 0.55, max: 1.5, noNaN: true }),
        (before, factor) => {
          const after = waterAfter(before, factor);
          if (!after.ok) return expect(1 - before).toBeGreaterThan(factor);
          expect(massAtWater(1000, before, after.value)).toBeCloseTo(1000 * factor, 6);
        },
      ),
    );
  });

  it("refuses what cannot be: lighter than the dry matter, nothing, more oil than was scraped out", () => {
    expect(waterAfter(0.5, 0.3)).toMatchObject({ ok: false, issue: { code: "lighter-than-solids" } });
    expect(massRetention({ beforeG: 0, afterG: 5, extrasG: 0 })).toMatchObject({
      ok: false,
      issue: { code: "weight-not-positive" },
    });
    expect(massRetention({ beforeG: 100, afterG: 50, extrasG: 50 })).toMatchObject({
      ok: false,
      issue: { code: "extras-over-weight" },
    });
    expect(() => massAtWater(100, 1, 0.5)).toThrow("bug");
  });

  it("concentrates salt by m₀/m₁, the other way round for the range", () => {
    const up = concentration({ value: 0.5, low: 0.4, high: 0.8 });
    expect([up.value, up.low, up.high]).toEqual([2, 1.25, 2.5]);
  });

  it("the tables' own water after agrees with their mass factor where both are given", () => {
    const rows = ["eggplant", "tomato", "zucchini", "carrot"].flatMap((id) => factsOf(id).changes);
    const full = rows.filter(
      (r) =>
        r.method.startsWith("roast") &&
        r.waterBefore !== null &&
        r.waterAfter !== null &&
        r.solidsRetained === 1,
    );
    expect(full.length).toBeGreaterThan(2);
    for (const row of full) {
      const after = waterAfter(row.waterBefore ?? 0, row.factor);
      expect(after.ok && Math.abs(after.value - (row.waterAfter ?? 0))).toBeLessThan(0.02);
    }
  });
});

describe("a chain from raw to plate", () => {
  it("multiplies: trimmed, then roasted", () => {
    const done = yieldChain(1000, [trim("carrot", "peel"), cook("carrot", "roast-diced")], factsOf("carrot"));
    const peel = factsOf("carrot").trims.find((t) => t.method === "peel")?.mean ?? 0;
    expect(done.ok && done.value.grams.value).toBeCloseTo(
      1000 * peel * change("carrot", "roast-diced").factor,
      1,
    );
    expect(done.ok && done.value.stages.map((s) => s.method)).toEqual(["peel", "roast-diced"]);
    expect(done.ok && done.value.water).toBeLessThan(0.89);
    expect(done.ok && done.value.concentration.value).toBeGreaterThan(1);
  });

  it("never counts the oven twice", () => {
    const twice = yieldChain(
      1000,
      [trim("eggplant", "roast-whole-then-scoop"), cook("eggplant", "roast-diced")],
      factsOf("eggplant"),
    );
    expect(twice).toMatchObject({
      ok: false,
      issue: { code: "water-counted-twice", method: "roast-whole-then-scoop", cooking: "roast-diced" },
    });
    expect(
      yieldChain(1000, [trim("eggplant", "peel"), cook("eggplant", "roast-diced")], factsOf("eggplant")).ok,
    ).toBe(true);
  });

  it("keeps the weight but not the water when juice ran off unweighed", () => {
    const kept = yieldChain(500, [cook("eggplant", "roast-diced")], factsOf("eggplant"));
    const drained = yieldChain(500, [cook("eggplant", "roast-diced", "drained")], factsOf("eggplant"));
    expect(kept.ok && drained.ok && kept.value.grams).toEqual(drained.ok && drained.value.grams);
    expect(kept.ok && kept.value.water).not.toBeNull();
    expect(drained).toMatchObject({ ok: true, value: { water: null } });
  });

  it("is refused when empty", () => {
    expect(yieldChain(500, [], factsOf("carrot"))).toMatchObject({
      ok: false,
      issue: { code: "chain-empty" },
    });
  });
});

describe("candidates side by side", () => {
  const wide = { value: 0.6, low: 0.5, high: 0.7 };
  const loose = { label: "loose", unitG: exactly(1000), whole: false, priceMinor: 400, yield: exactly(0.9) };
  const bunch = {
    label: "bunch",
    unitG: { value: 80, low: 60, high: 110 },
    whole: true,
    priceMinor: 120,
    yield: wide,
  };

  it("prices 100 usable grams and puts the cheapest first", () => {
    const { buys, clear } = compareBuys(250, [bunch, loose]);
    expect(buys.map((b) => b.label)).toEqual(["loose", "bunch"]);
    expect(buys[0]?.per100g.value).toBeCloseTo(44.44, 2);
    expect(buys[1]?.per100g.value).toBeCloseTo(250, 6);
    expect(clear).toBe(true);
  });

  it("says when the ranges meet that it cannot tell", () => {
    const seconds = {
      ...loose,
      label: "seconds",
      priceMinor: 260,
      yield: { value: 0.6, low: 0.5, high: 0.7 },
    };
    expect(compareBuys(250, [{ ...loose, yield: { value: 0.9, low: 0.7, high: 0.95 } }, seconds]).clear).toBe(
      false,
    );
  });

  it("buys whole bunches up, and enough of them even when they are light", () => {
    const [only] = compareBuys(250, [bunch]).buys;
    expect(only?.likelyUnits).toBe(Math.ceil(250 / 48));
    expect((only?.safeUnits ?? 0) * (only?.usablePerUnit.low ?? 0)).toBeGreaterThanOrEqual(250);
    expect(wholeUnits(250, bunch.unitG, wide)).toEqual({ likely: 6, safe: only?.safeUnits });
  });

  it("safe units always suffice at the low end", () => {
    check(
      fc.property(fc.integer({ min: 1, max: 5000 }), fc.boolean(), (wanted, whole) => {
        const [buy] = compareBuys(wanted, [{ ...bunch, whole }]).buys;
        expect((buy?.safeUnits ?? 0) * (buy?.usablePerUnit.low ?? 0)).toBeGreaterThanOrEqual(wanted - 1e-6);
      }),
    );
  });
});

describe("vessels, juices and parts", () => {
  it("nets several vessels and names the one that cannot be", () => {
    expect(
      netOf([
        { grossG: 812, tareG: 300 },
        { grossG: 500, tareG: 0 },
      ]),
    ).toEqual({ ok: true, value: 1012 });
    expect(
      netOf([
        { grossG: 812, tareG: 300 },
        { grossG: 200, tareG: 210 },
      ]),
    ).toMatchObject({ ok: false, issue: { code: "tare-over-gross", vessel: 2 } });
    expect(netOf([{ grossG: 0, tareG: 0 }])).toMatchObject({
      ok: false,
      issue: { code: "weight-not-positive" },
    });
    expect(netOf([{ grossG: 10, tareG: -1 }])).toMatchObject({
      ok: false,
      issue: { code: "weight-not-positive" },
    });
  });

  it("learns kept and drained juices apart", () => {
    const [handbook] = factsOf("eggplant").trims.filter((t) => t.method === "roast-whole-then-scoop");
    if (!handbook) throw new Error("no such trim");
    const drained = [0.4, 0.41, 0.39].map(
      (fraction) => ({ grade: "prime", juices: "drained", fraction }) as const,
    );
    const of = (juices: "kept" | "drained") => kitchenYield(handbook, { grade: "prime", juices }, drained);
    expect(of("kept").ownWeighings).toBe(0);
    expect(of("drained").ownWeighings).toBe(3);
    expect(of("drained").next.value).toBeLessThan(of("kept").next.value);
    expect([hasJuices("roast-whole-then-scoop"), hasJuices("peel")]).toEqual([true, false]);
  });

  it("says whose figures stand when a grade has none of its own", () => {
    const [handbook] = factsOf("plum").trims;
    if (!handbook) throw new Error("no such trim");
    const prime = [{ grade: "prime", juices: null, fraction: 0.93 } as const];
    const of = (grade: "prime" | "seconds", own: typeof prime) =>
      kitchenYield(handbook, { grade, juices: null }, own);
    expect([of("prime", []).fallback, of("seconds", prime).fallback, of("prime", prime).fallback]).toEqual([
      "handbook",
      "prime",
      "own",
    ]);
    expect(of("seconds", prime).workings).toContain("of prime, since seconds have none yet");
  });

  it("knows what a part is good for, and when it is an ingredient of its own", () => {
    expect(useOfPart("flowers")).toContain("damp cloth");
    expect(useOfPart("seeds")).toContain("roast");
    expect(useOfPart("cores")).toContain("grill tomorrow");
    expect(useOfPart("stems", [{ part: "stems", use: "soup" }])).toBe("soup");
    expect(useOfPart("moon dust")).toBeUndefined();
    expect(ingredientOfPart("beet", "tops")).toBe("beet-greens");
    expect(ingredientOfPart("chard", "stems")).toBeUndefined();
    for (const [parent, part] of [
      ["beet", "tops"],
      ["zucchini", "flowers"],
      ["cauliflower", "leaves"],
    ] as const)
      expect(factsOf(ingredientOfPart(parent, part) ?? "").id).toBeTruthy();
  });
});
