import { draftWith } from "../../test/drafts.ts";
import { describe, expect, it } from "@jest/globals";
import { aFormula, aLine, everyone, factsOf, someStock } from "../../test/kitchen.ts";
import { lineReader, readLine } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { planMake } from "../cook/index.ts";
import {
  acceptReview,
  recipeJson,
  recipeWriter,
  reviewRecipe,
  type ReviewedLine,
} from "../exchange/index.ts";
import { readLineAmount } from "./line-amount.ts";
import { withRereadAmounts } from "./reread-amounts.ts";

const reader = lineReader(catalogue, { cup: "us-customary", ounces: {} });
const reviewed = (text: string): ReviewedLine => {
  const draft = draftWith({ ingredients: [text] });
  const [line] = reviewRecipe(draft, reader).lines;
  if (!line) throw new Error(`no line from ${text}`);
  return line;
};
const factorOf = (id: string): number =>
  factsOf(id).changes.find((one) => one.method === "boil")?.factor ?? 0;

describe("amounts of cooked food", () => {
  // USDA SR Legacy: 1 cup cooked brown rice 195 g (NDB 20037), white 158 g (20045), quinoa 185 g (20137); from memory.
  it.each([
    ["2 cups cooked brown rice", "rice-brown", 390],
    ["2 cups cooked white rice", "rice-white", 316],
    ["1 cup cooked quinoa", "quinoa", 185],
    ["300 g cooked rice", "rice-white", 300],
    ["250 g cooked barley", "barley", 250],
  ])("%s asks for it cooked, or the dry that gives it", (text, ingredient, cookedG) => {
    const line = reviewed(text);
    expect(line).toMatchObject({
      ingredient,
      cookedG: expect.closeTo(cookedG, 0),
      cook: "boil",
      asBoughtG: null,
    });
    expect(line.grams).toBeCloseTo(cookedG / factorOf(ingredient), 1);
    expect(line.workings).toMatch(/cooked ÷ .* dry/);
  });

  it.each(["1 cup rice", "200 g quinoa, cooked", "300 g rice, rinsed"])("%s is of the dry grain", (text) => {
    expect(reviewed(text)).toMatchObject({ cookedG: null });
  });

  it("cooked in the amount field too", () => {
    const how = { cup: "us-customary" as const };
    const typed = readLineAmount("2 cups cooked", factsOf("rice-brown"), how);
    expect(typed).toMatchObject({ ok: true, value: { cookedG: 390, cook: "boil" } });
  });

  it("of vegetables, by the cooking that the words say: boiled, roasted whole or in pieces, grilled", () => {
    const rawOf = (text: string) => {
      const { cookedG, cook, grams } = reviewed(text);
      return { cookedG, cook, raw: Math.round(grams ?? 0) };
    };
    // Factors of the reference's cook_changes: beet boiled 0.96, roasted whole 0.88; squash roasted in pieces.
    expect(rawOf("300 g cooked beetroot")).toEqual({
      cookedG: 300,
      cook: "boil",
      raw: Math.round(300 / 0.96),
    });
    expect(rawOf("440 g roasted beetroot")).toEqual({ cookedG: 440, cook: "roast-whole", raw: 500 });
    expect(rawOf("300 g beetroot, roasted")).toMatchObject({ cookedG: null, raw: 300 });
    expect(reviewed("640 g roasted butternut squash").workings).toMatch(/cooked ÷ 0\.\d+ = about .* raw/);
  });

  it("takes cooked rice on hand by its cooked weight, else the dry to be boiled; the dish weighs the same", () => {
    const line = aLine("rice", 100, "rice-brown", { cook: "boil", eatenRaw: false });
    const plan = (stock: ReturnType<typeof someStock>[]) => {
      const made = planMake(aFormula([line]), 1, {
        stock,
        kitchen: {
          ...{ catalogue, diners: everyone, staples: new Set<string>(), cup: "us-customary" },
          display: { system: "metric", locale: "en-GB" },
        },
      });
      if (!made.ok) throw new Error(made.issue.code);
      return { part: made.value.lines[0]?.parts[0], output: made.value.output.value };
    };
    const cooked = plan([someStock("c", "rice-brown", 900, { form: "boiled", method: "boil" })]);
    expect(cooked.part).toMatchObject({ lotId: "c", toDo: null, isCooked: true });
    expect(cooked.part?.grams).toBeCloseTo(100 * factorOf("rice-brown"), 6);
    const dry = plan([someStock("d", "rice-brown", 900, { form: "whole" })]);
    expect(dry.part).toMatchObject({ lotId: "d", grams: 100, isCooked: false });
    expect(dry.output).toBeCloseTo(cooked.output, 6);
  });
});

describe("salt and pepper", () => {
  const ingredientsOf = (text: string) => {
    const draft = draftWith({ ingredients: [text] });
    return reviewRecipe(draft, reader).lines.map((line) => line.ingredient);
  };
  it.each(["salt and pepper", "Sea salt & freshly ground black pepper, to taste", "salt and white pepper"])(
    "%s is two ingredients",
    (text) => {
      const [salt, pepper, ...more] = ingredientsOf(text);
      expect(salt).toMatch(/^salt-/);
      expect(pepper).toMatch(/^(black|white)-pepper$/);
      expect(more).toEqual([]);
    },
  );

  it("other pairs are asked about as before", () => {
    expect(ingredientsOf("oil and vinegar")).toHaveLength(1);
    expect(ingredientsOf("1 salt and pepper squid")).toHaveLength(1);
  });
});

describe("juice and zest", () => {
  it.each([
    ["1 lemon, juiced", "lemon-juice", 45, null],
    ["juice of 2 limes", "lime-juice", 60, null],
    ["zest of 1 lemon", "lemon", 5, "zest"],
    ["1 orange, zested", "orange", 6, "zest"],
  ])("%s is %s", (text, ingredient, grams, trim) => {
    const line = reviewed(text);
    expect(line.ingredient).toBe(ingredient);
    expect(line.grams).toBeGreaterThan(grams * 0.7);
    expect(line.grams).toBeLessThan(grams * 1.4);
    expect(line.trim).toBe(trim);
  });

  it("both of one fruit stay with the fruit", () => {
    expect(readLine("2 lemons, zest and juice", reader).ingredient).toMatchObject({ id: "lemon" });
  });
});

describe("written out again", () => {
  it("stays whole pieces and cooked food, so that it reads back as it was; a changed amount is in grams", () => {
    const ingredients = ["4 leeks, white part, sliced", "2 cups cooked rice", "90 g feta"];
    const review = reviewRecipe(draftWith({ ingredients }), reader);
    const accepted = acceptReview(review, new Map(), catalogue);
    if (!accepted.ok) throw new Error(accepted.issue.code);
    const writer = recipeWriter(catalogue, "uk", (id) => id);
    const out = JSON.stringify(recipeJson(accepted.value, writer));
    expect(out).toContain("4 leeks, white part, sliced");
    expect(out).toMatch(/316 g cooked [a-z -]*rice/);
    expect(out).toContain("90 g feta");
    const changed = accepted.value.lines.map((line) => ({ ...line, asBoughtG: line.asBoughtG && 500 }));
    expect(JSON.stringify(recipeJson({ ...accepted.value, lines: changed }, writer))).not.toContain(
      "4 leeks",
    );
  });
});

describe("formulas from before", () => {
  it("are read again from the words that were kept: cooked grain, juice; what was changed since stays", () => {
    const older = (id: string, grams: number, text: string, ingredient: string) =>
      aLine(id, grams, ingredient, { amountText: text, cook: id === "rice" ? "boil" : null });
    const formula = aFormula([
      older("rice", 390, "2 cups cooked brown rice", "rice-brown"),
      older("changed", 300, "2 cups cooked brown rice", "rice-brown"),
      older("juice", 45, "juice of 1 lemon", "lemon"),
      older("zest", 5, "zest of 1 lemon", "lemon"),
    ]);
    const [rice, changed, juice, zest] = withRereadAmounts(formula, reader).lines;
    expect(rice).toMatchObject({ cookedG: 390, cook: "boil" });
    expect(rice?.grams).toBeCloseTo(390 / factorOf("rice-brown"), 2);
    expect(changed).toMatchObject({ grams: 300, cookedG: null });
    expect(juice?.fillers.map((filler) => filler.ingredient)).toEqual(["lemon-juice"]);
    expect(zest?.fillers.map((filler) => filler.ingredient)).toEqual(["lemon"]);
    const again = withRereadAmounts(withRereadAmounts(formula, reader), reader);
    expect(again).toEqual(withRereadAmounts(formula, reader));
  });
});
