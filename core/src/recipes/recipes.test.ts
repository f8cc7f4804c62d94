import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone, someStock } from "../../test/kitchen.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { allergensOf } from "./allergens.ts";
import { batchWeight, cookingFactor } from "./batch-weight.ts";
import { scaleFormula } from "./scale.ts";
import { allowedFillers } from "./slots.ts";
import { lotGramsPerBatch } from "./stock-for-lines.ts";

const catalogue = referenceCatalogue;
const allowed = (
  text: string,
  extra = {},
  diners: Parameters<typeof allowedFillers>[2] = everyone,
): string[] => allowedFillers(aLine("x", 100, text, extra), catalogue, diners).map((f) => f.ingredient);

describe("what may fill a line", () => {
  it("never takes a never-raw ingredient into a line eaten raw, whatever the formula says", () => {
    expect(allowed("runner-bean chard")).toEqual(["chard"]);
    expect(allowed("runner-bean chard", { eatenRaw: false, cook: "boil" })).toEqual(["runner-bean", "chard"]);
    const neverRaw = [...catalogue.ingredients.values()].filter((f) => f.raw === "no").map((f) => f.id);
    expect(neverRaw.length).toBeGreaterThan(15);
    expect(allowed(neverRaw.join(" "))).toEqual([]);
  });

  it("respects allergens, diets and dislikes", () => {
    expect(allowed("hazelnut sunflower-seed", {}, { ...everyone, avoidAllergens: ["nuts"] })).toEqual([
      "sunflower-seed",
    ]);
    expect(allowed("feta chard honey", {}, { ...everyone, diet: "vegan" })).toEqual(["chard"]);
    expect(allowed("parmesan chard", {}, { ...everyone, diet: "vegetarian" })).toEqual(["chard"]);
    expect(allowed("cilantro parsley", {}, { ...everyone, avoidIngredients: ["cilantro"] })).toEqual([
      "parsley",
    ]);
  });

  it("takes an unknown ingredient in a formula for our own mistake", () => {
    expect(() => allowed("moonflower")).toThrow(/unknown ingredient/);
  });

  it("counts what a batch can take of an ingredient, over its lines and caps", () => {
    const formula = aFormula([
      aLine("a", 100, "chard kale:0.5"),
      aLine("b", 60, "kale lovage:0.5", { maxStrongHerbShare: 0.25 }),
    ]);
    const kitchen = { catalogue, diners: everyone };
    const perBatch = (id: string) => lotGramsPerBatch(formula, someStock(id, id, 100), kitchen);
    expect(perBatch("kale")).toBe(110);
    expect(perBatch("lovage")).toBe(15);
    expect(perBatch("plum")).toBe(0);
  });
});

describe("scaling", () => {
  const formula = aFormula([aLine("green", 160, "chard kale:0.5"), aLine("salt", 3, "salt-sea-fine")], {
    servings: 8,
  });
  const scale = (wish: Parameters<typeof scaleFormula>[1]) =>
    scaleFormula(formula, wish, { catalogue, diners: everyone });

  it.each([
    [{ kind: "batches", batches: 1.5 }, 1.5],
    [{ kind: "servings", servings: 12 }, 1.5],
    [{ kind: "all-of", lot: someStock("c", "chard", 430) }, 2.6875],
    [{ kind: "all-of", lot: someStock("k", "kale", 40) }, 0.5],
  ] as const)("%j is %d batches", (wish, batches) => {
    expect(scale(wish)).toMatchObject({ ok: true, value: { batches } });
  });

  it("says how it came about", () => {
    const scaled = scale({ kind: "all-of", lot: someStock("c", "chard", 430) });
    expect(scaled.ok && scaled.value.workings).toBe("430 g ÷ 160 g a batch: 2.69 batches");
  });

  it("refuses an ingredient the formula has no place for, and factory runs", () => {
    expect(scale({ kind: "all-of", lot: someStock("p", "plum", 100) })).toMatchObject({
      ok: false,
      issue: { code: "ingredient-not-in-formula" },
    });
    for (const batches of [0, -1, 51, Number.NaN])
      expect(scale({ kind: "batches", batches })).toMatchObject({
        ok: false,
        issue: { code: "batches-out-of-range" },
      });
  });
});

describe("what a batch weighs", () => {
  it("adds up what is not cooked, exactly", () => {
    const lines = [aLine("a", 100, "chard"), aLine("b", 50, "olive-oil")];
    const used = [
      { lineId: "a", ingredient: "chard", grams: 100 },
      { lineId: "b", ingredient: "olive-oil", grams: 50 },
    ];
    expect(batchWeight(used, lines, catalogue)).toEqual({ value: 150, low: 150, high: 150 });
  });

  it("lets roasting drive water off and boiled grain take it up, with a range", () => {
    const lines = [
      aLine("r", 600, "winter-squash-kabocha", { eatenRaw: false, cook: "roast-diced" }),
      aLine("g", 200, "farro", { eatenRaw: false, cook: "boil" }),
    ];
    const weight = batchWeight(
      [
        { lineId: "r", ingredient: "winter-squash-kabocha", grams: 600 },
        { lineId: "g", ingredient: "farro", grams: 200 },
      ],
      lines,
      catalogue,
    );
    expect(weight.value).toBeCloseTo(600 * 0.78 + 200 * 2.6, 6);
    expect(weight.low).toBeLessThan(weight.value);
  });

  it("conserves dry matter where nothing leaches: m₁(1 − w₁) = m₀(1 − w₀)", () => {
    const rows = [...catalogue.ingredients.values()]
      .flatMap((f) => f.changes)
      .filter(
        (c) =>
          c.solidsRetained === 1 && c.waterBefore !== null && c.waterAfter !== null && c.waterBefore < 0.97,
      );
    expect(rows.length).toBeGreaterThan(40);
    const off = rows.filter(
      (c) => Math.abs(c.factor * (1 - (c.waterAfter ?? 0)) - (1 - (c.waterBefore ?? 0))) > 0.01,
    );
    expect(off.map((c) => `${c.ingredient} ${c.method}`)).toEqual([]);
  });

  it("leaves a weight as it is where no figure for the cooking exists", () => {
    expect(cookingFactor(aLine("a", 1, "plum", { cook: "boil" }), "plum", catalogue)).toEqual({
      value: 1,
      low: 1,
      high: 1,
    });
  });
});

describe("allergens", () => {
  it("are those of what was really used, each once", () => {
    expect(allergensOf(["hazelnut", "walnut", "parmesan", "chard"], catalogue)).toEqual(["milk", "nuts"]);
    expect(allergensOf(["chard"], catalogue)).toEqual([]);
  });
});
