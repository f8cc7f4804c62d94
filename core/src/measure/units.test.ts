import { describe, expect, it } from "@jest/globals";
import { convert } from "convert";
import { findUnit, unitsFor } from "./units.ts";

const factor = (id: string, cup: Parameters<typeof unitsFor>[0] = "us-customary"): number =>
  unitsFor(cup).find((u) => u.id === id)?.factor ?? Number.NaN;

describe("factors against NIST SP 811 and an independent units library", () => {
  it.each([
    ["lb", 453.59237],
    ["oz", 28.349523125],
  ] as const)("%s in grams", (unit, nist) => {
    expect(factor(unit)).toBe(nist);
    expect(factor(unit)).toBeCloseTo(convert(1, unit).to("g"), 10);
  });

  it.each([
    ["cup", "cup", 236.5882365],
    ["tbsp", "tablespoon", 14.78676478125],
    ["tsp", "teaspoon", 4.92892159375],
    ["fl oz", "fl oz", 29.5735295625],
    ["pint", "pint", 473.176473],
    ["quart", "quart", 946.352946],
    ["gallon", "gallon", 3785.411784],
  ] as const)("%s in millilitres", (id, theirs, nist) => {
    expect(factor(id)).toBe(nist);
    expect(factor(id)).toBeCloseTo(convert(1, theirs).to("ml"), 8);
  });

  it("a stone is 14 pounds (Weights and Measures Act 1985, Schedule 1); a dessertspoon, a teacup and a mug are common practice, no source", () => {
    expect(factor("stone")).toBeCloseTo(14 * factor("lb"), 8);
    expect([factor("dessertspoon"), factor("teacup"), factor("mug")]).toEqual([10, 160, 300]);
  });

  it("keeps the customary chain: 3 tsp = 1 tbsp, 16 tbsp = 1 cup, 16 cups = 1 gallon", () => {
    expect(factor("tsp") * 3).toBeCloseTo(factor("tbsp"), 10);
    expect(factor("tbsp") * 16).toBeCloseTo(factor("cup"), 10);
    expect(factor("cup") * 16).toBeCloseTo(factor("gallon"), 8);
  });

  it("takes the imperial ounce, pint, quart and gallon in a kitchen with the metric cup: 160, 8, 4 and 1 to 4.546 09 litres", () => {
    expect(factor("fl oz", "metric") * 160).toBeCloseTo(4546.09, 8);
    expect(factor("pint", "metric") * 8).toBeCloseTo(4546.09, 8);
    expect(factor("quart", "metric") * 4).toBeCloseTo(4546.09, 8);
    expect(factor("gallon", "metric")).toBe(4546.09);
  });

  it("uses 240, 15 and 5 ml for US labels (21 CFR 101.9(b)(5)(viii)) and 250 ml for the metric cup", () => {
    expect(["cup", "tbsp", "tsp"].map((id) => factor(id, "us-label"))).toEqual([240, 15, 5]);
    expect(["cup", "tbsp", "tsp"].map((id) => factor(id, "metric"))).toEqual([250, 15, 5]);
    expect(["ml", "cl", "dl", "l"].map((id) => factor(id, "metric"))).toEqual([1, 10, 100, 1000]);
    expect(["mg", "g", "kg", "tonne"].map((id) => factor(id))).toEqual([0.001, 1, 1000, 1_000_000]);
  });
});

describe("finding a unit by what was written", () => {
  const units = unitsFor("us-customary");
  it.each([
    ["T", "tbsp"],
    ["t", "tsp"],
    ["Tbsp.", "tbsp"],
    ["OZ", "oz"],
    ["pounds", "lb"],
    ["Litres", "l"],
    ["grammes", "g"],
  ])("%s is %s", (written, id) => {
    expect(findUnit(written, units)?.id).toBe(id);
  });

  it("knows no bunch, no rod and no nothing", () => {
    expect(["bunch", "rod", ""].map((word) => findUnit(word, units))).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });
});
