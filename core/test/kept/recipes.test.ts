import { expect, it } from "@jest/globals";
import { lineReader } from "../../src/catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../../src/catalogue/reference.ts";
import { limitingLine, measureOut, planMake, roundingEffects } from "../../src/cook/index.ts";
import {
  acceptReview,
  readRecipes,
  recipeJson,
  recipeMarkdown,
  recipeWriter,
  reviewRecipe,
} from "../../src/exchange/index.ts";
import { rankRecipes } from "../../src/match/index.ts";
import { dressByWeight, flavourBalanceOf, layersOf, rateFor, saltBudget } from "../../src/plate/index.ts";
import {
  adaptFormula,
  cardOf,
  celsiusIn,
  compareVersions,
  conversions,
  convert,
  loadsOf,
  minutesIn,
  openQuestions,
  readStep,
  scaleFormula,
  substitutionsFor,
  timesFormula,
  validateFormula,
  writtenWeight,
  type Formula,
} from "../../src/recipes/index.ts";
import { expectKept } from "../kept.ts";
import { aKitchen, aLine, everyone, factsOf, someStock } from "../kitchen.ts";
import { recipeTexts, stepTexts } from "./recipe-texts.ts";

const reader = lineReader(catalogue, { cup: "us-customary", ounces: {} });
const drafts = recipeTexts.flatMap((text) => {
  const read = readRecipes(text);
  return read.ok ? read.value : [];
});
const formulas = drafts.flatMap((draft, i): Formula[] => {
  const made = acceptReview(reviewRecipe(draft, reader), new Map(), catalogue);
  return made.ok ? [{ ...made.value, id: `dish-${i}` }] : [];
});

it("texts read into drafts, reviews and formulas, and written out again", () => {
  expect(formulas.length).toBeGreaterThanOrEqual(recipeTexts.length - 3);
  const writer = recipeWriter(catalogue, "uk", (id) => id);
  expectKept("recipes-read", {
    refused: recipeTexts.map((text) => readRecipes(text)).filter((read) => !read.ok),
    drafts,
    reviews: drafts.map((draft) => reviewRecipe(draft, reader)),
    formulas,
    written: formulas.map((formula) => [recipeJson(formula, writer), recipeMarkdown(formula, writer)]),
  });
});

it("steps, times and temperatures in many words", () => {
  expectKept(
    "recipes-steps",
    stepTexts.map((text) => ({
      text,
      step: readStep(text),
      minutes: minutesIn(text),
      celsius: celsiusIn(text),
    })),
  );
});

it("what a dish weighs, takes, needs and lacks", () => {
  const stock = [
    someStock("chard", "chard", 640, { urgencyWeight: 0.9 }),
    someStock("kale", "kale", 90, { urgencyWeight: 0.5 }),
    someStock("leek", "leek", 355, { urgencyWeight: 0.7 }),
    someStock("plum", "plum", 410, { urgencyWeight: 0.2 }),
  ];
  const kitchen = { catalogue, diners: everyone, staples: new Set(["olive-oil", "salt-sea-fine"]) };
  const measuring = { cup: "us-customary", display: { system: "metric", locale: "en-GB" } } as const;
  expectKept(
    "recipes-made",
    formulas.map((formula) => {
      const plan = [0.5, 1, 3].map((batches) =>
        planMake(formula, batches, { stock, kitchen: { ...kitchen, ...measuring } }),
      );
      return {
        name: formula.name,
        weight: writtenWeight(formula, catalogue),
        card: cardOf(formula, catalogue),
        open: openQuestions(formula, catalogue),
        loads: [300, 2000].map((grams) => loadsOf(formula, grams)),
        scaled: (
          [
            { kind: "servings", servings: 7 },
            { kind: "weight", grams: 900, as: "3 × 300 g" },
            { kind: "all-of", lot: someStock("c", "chard", 640) },
            { kind: "batches", batches: 51 },
          ] as const
        ).map((wish) => scaleFormula(formula, wish, { catalogue, diners: everyone })),
        plan: plan.map((one) =>
          one.ok
            ? {
                ...one.value,
                limiting: limitingLine(formula, one.value, { stock, kitchen: { ...kitchen, ...measuring } }),
                rounding: roundingEffects(one.value, catalogue),
              }
            : one.issue,
        ),
        plate: {
          layers: layersOf(formula, catalogue),
          rate: rateFor(formula, catalogue)?.group,
          dressed: dressByWeight(formula, catalogue, () => []),
          balance: flavourBalanceOf(formula, catalogue),
          salt: saltBudget(
            formula.lines.map((line) => ({
              ingredient: line.fillers[0]?.ingredient ?? "",
              grams: line.grams,
            })),
            1,
            catalogue,
          ),
        },
      };
    }),
  );
  expectKept("recipes-ranked", rankRecipes(formulas, stock, aKitchen()));
});

it("other diners, other fillings, other versions", () => {
  const wishes = [
    { diets: ["vegan"], without: [] },
    { diets: ["dairy-free", "nut-free"], without: [] },
    { diets: ["gluten-free"], without: ["sesame"] },
  ] as const;
  const everything = [...catalogue.ingredients.values()];
  const all = { catalogue, suits: () => true };
  expectKept("recipes-adapted", {
    adapted: formulas.map((formula) =>
      wishes.map((wish) => {
        const { formula: made, ...about } = adaptFormula(formula, wish, catalogue);
        return { ...about, lines: made.lines.map((line) => [line.id, line.grams, line.cook, line.trim]) };
      }),
    ),
    substitutes: everything
      .filter((_, i) => i % 2 === 0)
      .map((facts) => [
        facts.id,
        substitutionsFor(aLine("x", 100, facts.id, { eatenRaw: false }), facts.id, all).slice(0, 2),
      ]),
    converted: everything
      .filter((_, i) => i % 6 === 0)
      .flatMap((facts) => {
        const other = everything.find((one) => one.group === facts.group && one.id !== facts.id);
        return other ? conversions.map((by) => [by, facts.id, other.id, convert(by, facts, other)]) : [];
      }),
    compared: formulas
      .slice(1)
      .map((formula, i) => compareVersions(formulas[i] ?? formula, formula))
      .map(({ head, lines, steps }) => [
        head,
        lines.map((line) => [line.lineId, line.kind, line.fields]),
        steps,
      ]),
    doubled: formulas.slice(0, 2).map((formula) => compareVersions(formula, timesFormula(formula, 2))),
  });
});

it("formulas that cannot be", () => {
  const [formula] = formulas;
  if (!formula) throw new Error("no formula was read");
  const withLine = (...line: Parameters<typeof aLine>) =>
    validateFormula({ ...formula, lines: [aLine(...line)] }, catalogue);
  expectKept("recipes-refused", [
    withLine("a", 0, "chard"),
    withLine("a", 100, "moonleaf"),
    withLine("a", 100, "chard chard"),
    withLine("a", 100, "chard:0.4 kale:0.5"),
    withLine("a", 100, "chard:0.4 kale:0.6"),
    withLine("a", 100, "runner-bean"),
    withLine("a", 100, "lovage", { maxStrongHerbShare: 0.5 }),
    withLine("a", 100, "lovage parsley", { maxStrongHerbShare: 0.5 }),
    validateFormula({ ...formula, lines: [aLine("a", 1, "chard"), aLine("a", 1, "kale")] }, catalogue),
    ...formulas.map((one) => validateFormula(one, catalogue).ok),
  ]);
});

it("amounts on the scale, by spoon and by piece", () => {
  const kitchen = { cup: "us-customary", display: { system: "metric", locale: "en-GB" } } as const;
  const ids = [
    "olive-oil",
    "garlic",
    "egg",
    "egg-yolk",
    "chickpea",
    "tofu",
    "walnut",
    "basil",
    "honey",
    "lemon",
    "salt-sea-fine",
  ];
  expectKept(
    "recipes-measured",
    ids.map((id) => [
      id,
      [0.4, 3, 13.5, 40, 119, 240, 408, 1250].map((grams) => measureOut(grams, factsOf(id), kitchen)),
    ]),
  );
});
