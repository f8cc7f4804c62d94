import { draftWith } from "../../test/drafts.ts";
import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { householdWeights, type HouseholdWeight } from "../../test/household-weights.ts";
import { lineReader, readLine } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { trimOf } from "../forms/index.ts";
import { acceptReview, reviewRecipe } from "../exchange/index.ts";
import type { Formula } from "./formula.ts";

const reader = lineReader(catalogue, { cup: "us-customary", ounces: {} });

function recipeOf(title: string, ingredients: readonly string[]): Formula {
  const draft = draftWith({ title, category: "salad", ingredients, steps: ["Mix."], yieldText: "serves 2" });
  const review = reviewRecipe(draft, reader);
  const accepted = acceptReview(review, new Map(), catalogue);
  if (!accepted.ok) throw new Error(JSON.stringify(accepted.issue));
  return accepted.value;
}

/** One recipe of `n` of each food, with an oil that is in no whole pieces; counts differ from food to food. */
const alone = householdWeights.map((food, i) => ({
  name: food.write((i % 4) + 1),
  foods: [[food, (i % 4) + 1]] as const,
}));
/** Three foods together: the whole list once more, in threes. */
const together = Array.from({ length: Math.floor(householdWeights.length / 3) }, (_, i) => {
  const foods = householdWeights.slice(3 * i, 3 * i + 3).map((food, j) => [food, j + 1] as const);
  return { name: foods.map(([food, n]) => food.write(n)).join(", "), foods };
});
const recipes: readonly {
  readonly name: string;
  readonly foods: readonly (readonly [HouseholdWeight, number])[];
}[] = [...alone, ...together];

describe("whole pieces, as bought and usable, by USDA household weights and refuse (SR Legacy, NDB numbers, from memory)", () => {
  it("there are sixty recipes and more", () => {
    expect(recipes.length).toBeGreaterThanOrEqual(60);
  });

  it.each(recipes)("$name", ({ name, foods }) => {
    const formula = recipeOf(name, [...foods.map(([food, n]) => food.write(n)), "1 tbsp olive oil"]);
    expect(formula.unread).toEqual([]);
    for (const [{ ingredient, edibleG, refusePercent, write }, n] of foods) {
      const line = formula.lines.find((one) => one.fillers[0]?.ingredient === ingredient);
      const reading = readLine(write(n), reader);
      const { grams, form } = reading;
      if (!line || !grams) throw new Error(`no line of ${ingredient}`);
      const usable = n * edibleG;
      const bought = usable / (1 - refusePercent / 100);
      const way = form === "as-bought" ? trimOf(factsOf(ingredient), line.trim) : undefined;
      // The usable grams within the range that is shown: of the pieces, and of what trimming leaves of them.
      expect(usable).toBeGreaterThanOrEqual(grams.low * (way?.low ?? 1));
      expect(usable).toBeLessThanOrEqual(grams.high * (way?.high ?? 1));
      if (form !== "as-bought") continue;
      expect(line.asBoughtG).toBeCloseTo(grams.value, 3);
      expect(bought).toBeGreaterThanOrEqual(grams.low);
      expect(bought).toBeLessThanOrEqual(grams.high);
    }
  });
});

/**
 * USDA Food Buying Guide for Child Nutrition Programs: edible portion of one pound as purchased, from memory. Its idea and
 * its figures are an outside check of the trim yields.
 */
const foodBuyingGuide: readonly (readonly [
  ingredient: string,
  method: string | null,
  yieldOfPound: number,
])[] = [
  ["apple", "peel-and-core", 0.78],
  ["apple", "seed-and-core", 0.91],
  ["apricot", "pit", 0.93],
  ["asparagus", "top-and-tail", 0.53],
  ["avocado", "pit", 0.67],
  ["banana", "peel", 0.65],
  ["beet", "peel", 0.73],
  ["bell-pepper-green", "seed-and-core", 0.8],
  ["broccoli", null, 0.81],
  ["brussels-sprouts", null, 0.76],
  ["cabbage-green", null, 0.87],
  ["carrot", "peel", 0.7],
  ["cauliflower", null, 0.62],
  ["celery", "top-and-tail", 0.83],
  ["chard", "leaves-and-fine-stems", 0.92],
  ["cherry", "pit", 0.87],
  ["corn", "cut-kernels-off-cob", 0.33],
  ["cucumber", "peel", 0.84],
  ["eggplant", "peel", 0.81],
  ["grape", null, 0.97],
  ["green-bean", "top-and-tail", 0.88],
  ["kale", "strip-leaves", 0.67],
  ["kiwi", "peel", 0.85],
  ["leek", null, 0.44],
  ["lemon", "squeeze", 0.43],
  ["lettuce-iceberg", null, 0.76],
  ["lettuce-romaine", null, 0.64],
  ["lime", "squeeze", 0.47],
  ["mango", "peel-and-core", 0.69],
  ["mushroom", null, 0.98],
  ["nectarine", "pit", 0.91],
  ["okra", null, 0.87],
  ["onion", "peel", 0.88],
  ["orange", "peel", 0.71],
  ["parsley", "leaves-and-fine-stems", 0.92],
  ["parsnip", "peel", 0.83],
  ["peach", "pit", 0.94],
  ["pear", "seed-and-core", 0.92],
  ["peas", "shell", 0.38],
  ["pineapple", "peel-and-core", 0.54],
  ["plum", "pit", 0.94],
  ["potato", "peel", 0.81],
  ["radish", "top-and-tail", 0.94],
  ["rutabaga", "peel", 0.85],
  ["scallion", "top-and-tail", 0.83],
  ["spinach", null, 0.88],
  ["strawberry", "top-and-tail", 0.88],
  ["sweet-potato", "peel", 0.8],
  ["tomato", "seed-and-core", 0.91],
  ["turnip", "peel", 0.79],
  ["zucchini", "top-and-tail", 0.94],
];

describe("trim yields against the USDA Food Buying Guide (from memory)", () => {
  it("covers forty foods and more", () => {
    expect(new Set(foodBuyingGuide.map(([ingredient]) => ingredient)).size).toBeGreaterThanOrEqual(40);
  });

  it.each(foodBuyingGuide)("%s %s: %d", (ingredient, method, expected) => {
    const way = trimOf(factsOf(ingredient), method);
    expect(way).toBeDefined();
    expect([way?.low, way?.high, expected]).toEqual([
      expect.any(Number),
      expect.any(Number),
      expect.any(Number),
    ]);
    expect(expected).toBeGreaterThanOrEqual((way?.low ?? 0) - 0.03);
    expect(expected).toBeLessThanOrEqual((way?.high ?? 0) + 0.03);
  });
});

/** Cooked ÷ raw or dry, USDA Table of Cooking Yields and Food Buying Guide, from memory. */
const cookingYields: readonly (readonly [ingredient: string, method: string, cooked: number])[] = [
  ["rice-white", "boil", 2.7],
  ["rice-brown", "boil", 2.6],
  ["barley", "boil", 2.9],
  ["quinoa", "boil", 2.8],
  ["pasta-dry", "boil", 2.3],
  ["orzo", "boil", 2.3],
  ["wild-rice", "boil", 3.2],
  ["bulgur", "soak", 2.8],
  ["couscous", "soak", 2.5],
  ["farro", "boil", 2.5],
  ["millet", "boil", 3.0],
  ["buckwheat", "boil", 3.2],
  ["lentil-dry", "boil", 2.6],
  ["chickpea-dry", "boil", 2.3],
  ["kidney-bean-dry", "boil", 2.5],
  ["white-bean-dry", "boil", 2.4],
  ["split-pea", "boil", 2.5],
  ["carrot", "boil", 0.92],
  ["potato", "boil", 0.98],
  ["green-bean", "boil", 0.93],
  ["spinach", "boil", 0.85],
  ["corn", "boil", 0.95],
  ["beet", "boil", 0.95],
  ["cabbage-green", "boil", 0.95],
  ["peas", "boil", 0.95],
  ["zucchini", "boil", 0.93],
  ["onion", "boil", 0.88],
  ["asparagus", "boil", 0.93],
  ["parsnip", "boil", 0.96],
  ["rutabaga", "boil", 0.94],
];

describe("cooking yields against USDA cooking yields (from memory)", () => {
  it.each(cookingYields)("%s %s: %d", (ingredient, method, cooked) => {
    const change = factsOf(ingredient).changes.find((one) => one.method === method);
    expect(cooked).toBeGreaterThanOrEqual((change?.low ?? Infinity) - 0.05);
    expect(cooked).toBeLessThanOrEqual((change?.high ?? 0) + 0.05);
  });

  it("are twenty-five and more", () => expect(cookingYields.length).toBeGreaterThanOrEqual(25));
});
