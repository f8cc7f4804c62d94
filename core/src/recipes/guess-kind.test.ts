import { describe, expect, it } from "@jest/globals";
import { corpusRecipes } from "../../test/corpus-recipes.ts";
import { factsOf } from "../../test/kitchen.ts";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { foodNamer, readRecipes, reviewRecipe } from "../exchange/index.ts";
import type { DishKind } from "./formula.ts";
import { guessKind, type DishContents } from "./guess-kind.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const namesFood = foodNamer(reader);

/** Recipes of the corpus whose kind is beyond dispute. */
const kinds: Readonly<Record<string, DishKind>> = {
  windfall: "slaw",
  "us-style": "chopped-salad",
  "paragraph-method": "dip",
  "story-first": "herb-sauce",
  bullets: "dip",
  checkboxes: "pesto",
  "dressing-only": "dressing",
  pickles: "preserve",
  grain: "grain-salad",
  "roast-tray": "cooked-vegetables",
  alternatives: "pesto",
  "slow-tomatoes": "cooked-vegetables",
  "tahini-slaw": "slaw",
  "method-first-line-verbs": "chopped-salad",
  gratin: "cooked-vegetables",
  indian: "chopped-salad",
  "hummus-es": "dip",
  groups: "cooked-vegetables",
  lentilles: "cooked-salad",
  taboule: "grain-salad",
};

describe("the kind of a dish, by what is in it and done with it", () => {
  it.each(corpusRecipes.filter((one) => kinds[one.name]).map((one) => [one.name, one] as const))(
    "%s",
    (name, recipe) => {
      const read = readRecipes(recipe.text, namesFood);
      const draft = read.ok ? read.value[0] : undefined;
      expect(draft && reviewRecipe(draft, reader).kind).toBe(kinds[name]);
    },
  );

  it.each([
    ["Fry the spinach in the oil.", "cooked-vegetables"],
    ["Toast the pine nuts in a dry pan.", "leaf-salad"],
    ["Sofreír las espinacas en el aceite.", "cooked-vegetables"],
    ["Die Spinatblätter waschen, den Spinat kurz anbraten.", "cooked-vegetables"],
  ])("is cooked where a step cooks most of it: %s", (step, kind) => {
    const steps = { kind: "step", text: step } as const;
    const language = /Sofreír/.test(step) ? "es" : /Die /.test(step) ? "de" : null;
    const lines = ["2 tbsp olive oil", "300 g spinach", "30 g pine nuts"].map(
      (text) => ({ kind: "ingredient", text }) as const,
    );
    const review = reviewRecipe({ minutes: null, language, lines: [...lines, steps] }, reader);
    expect(review.kind).toBe(kind);
  });

  const dish = (title: string, ...ids: readonly string[]): DishContents => ({
    title,
    category: "",
    parts: ids.map((id) => ({ facts: factsOf(id), grams: 100, isHeated: false })),
    tools: [],
  });

  it("is what the recipe says, where it says more than salad", () => {
    expect(guessKind(dish("Rocket pesto", "arugula"))).toEqual({ kind: "pesto", isSaid: true });
    expect(guessKind({ ...dish("Green bowl", "arugula"), category: "Dip" })).toEqual({
      kind: "dip",
      isSaid: true,
    });
    expect(guessKind(dish("Rocket salad", "arugula"))).toEqual({ kind: "leaf-salad", isSaid: false });
    expect(guessKind(dish("Cucumber salad", "cucumber", "tomato"))).toEqual({
      kind: "chopped-salad",
      isSaid: false,
    });
  });

  it("is a guess of nothing where nothing is in it", () => {
    expect(guessKind(dish("Whatever"))).toEqual({ kind: "composed-plate", isSaid: false });
  });
});
