import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone, someStock } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import type { Line } from "../recipes/index.ts";
import { planMake } from "./plan-make.ts";
import { believableOutput, recordedOutput } from "./reconcile-batch.ts";
import { roundingEffects } from "./rounding-effect.ts";

const kitchen = {
  ...{ catalogue, diners: everyone, staples: new Set<string>(), cup: "us-customary" as const },
  display: { system: "metric", locale: "en-GB" } as const,
};
const effectsOf = (lines: readonly Line[]) => {
  const plan = planMake(aFormula(lines), 1, { stock: [someStock("c", "chard", 500)], kitchen });
  return plan.ok ? roundingEffects(plan.value, catalogue).map((one) => one.metric) : [];
};

describe("what rounding does", () => {
  it("is said of what is there: no salt without salt, no ratio without both", () => {
    const saltless =
      [...catalogue.ingredients.values()].find((facts) => facts.composition?.saltG === 0)?.id ?? "";
    expect(effectsOf([aLine("oil", 33.4, saltless, { role: "oil" })])).toEqual([]);
    expect(
      effectsOf([
        aLine("oil", 33.4, "olive-oil", { role: "oil" }),
        aLine("s", 1.2, "salt-sea-fine", { role: "salt" }),
      ]),
    ).toEqual(["salt-percent"]);
    expect(effectsOf([])).toEqual([]);
  });
});

describe("what a dish is recorded at", () => {
  it("whole grams from ten on, milligrams of a pinch", () => {
    const of = (value: number) => recordedOutput({ value, low: value, high: value });
    expect([10, 10.4, 9.9996, 1.23456].map(of)).toEqual([10, 10, 10, 1.235]);
    expect(of(9.4)).toBe(9.4);
  });

  it("a quarter more than the most is believed, ends included", () => {
    const output = { value: 100, low: 90, high: 120 };
    expect([150, 150.1].map((grams) => believableOutput(grams, output))).toEqual([true, false]);
  });
});
