import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone } from "../../test/kitchen.ts";
import { readLine, lineReader } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { planMake } from "../cook/index.ts";
import { timesFormula } from "./scale.ts";
import { withSubRecipes } from "./sub-recipes.ts";

const pieces = aFormula(
  [
    aLine("leek", 355.52, "leek", { asBoughtG: 808, amountText: "4 leeks" }),
    aLine("rice", 117, "rice-white", { cookedG: 316, cook: "boil", eatenRaw: false }),
  ],
  { id: "inner", name: "Inner" },
);

describe("what is counted whole or asked for cooked scales with its line", () => {
  const forms = (lines: readonly { readonly asBoughtG: number | null; readonly cookedG: number | null }[]) =>
    lines.map((line) => [line.asBoughtG, line.cookedG]);

  it("by batches, on paper and while making", () => {
    expect(forms(timesFormula(pieces, 3).lines)).toEqual([
      [2424, null],
      [null, 948],
    ]);
    const kitchen = {
      ...{ catalogue, diners: everyone, staples: new Set<string>(), cup: "us-customary" as const },
      display: { system: "metric", locale: "en-GB" } as const,
    };
    const plan = planMake(pieces, 2, { stock: [], kitchen });
    expect(plan.ok && forms(plan.value.lines)).toEqual([
      [1616, null],
      [null, 632],
    ]);
  });

  it("within a recipe that is part of another", () => {
    const made = aLine("sub", 335.71, "leek", { recipe: "inner", fillers: [] });
    const whole = withSubRecipes(aFormula([made]), { find: () => pieces, catalogue });
    if (!whole.ok) throw new Error("no whole");
    const [leek, rice] = whole.value.lines;
    // 355.52 g of leek and 117 g of rice that boils to 316 g: 671 g; the outer recipe takes half of it.
    expect(leek?.asBoughtG).toBeCloseTo(808 / 2, 0);
    expect(rice?.cookedG).toBeCloseTo(316 / 2, 0);
  });
});

it("a second unit counts only where it is smaller than the first", () => {
  const reader = lineReader(catalogue, { cup: "us-customary", ounces: {} });
  const grams = (text: string) => Math.round(readLine(text, reader).grams?.value ?? 0);
  expect(grams("1 lb 4 oz plums")).toBe(567);
  expect(grams("1 lb 1 lb plums")).not.toBe(907);
});
