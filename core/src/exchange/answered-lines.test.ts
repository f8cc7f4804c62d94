import { describe, expect, it } from "@jest/globals";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { acceptReview } from "./accept-review.ts";
import type { RecipeDraft, SourceLine } from "./recipe-draft.ts";
import { reviewRecipe } from "./review-recipe.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const draftOf = (...lines: readonly SourceLine[]): RecipeDraft => ({ minutes: null, language: null, lines });
const line = (text: string, more: Partial<SourceLine> = {}): SourceLine => ({
  kind: "ingredient",
  text,
  ...more,
});
const lineRead = (one: SourceLine) => reviewRecipe(draftOf(one), reader).lines[0];

describe("what the cook says of a line", () => {
  it("names its food, and the amount that was written stays", () => {
    expect(lineRead(line("2 tbsp vinegar"))).toMatchObject({ ingredient: null, grams: null });
    const answered = lineRead(line("2 tbsp vinegar", { ingredient: "sherry-vinegar" }));
    expect(answered).toMatchObject({ ingredient: "sherry-vinegar", questions: [] });
    expect(answered?.grams).toBeCloseTo(29.9, 0);
  });

  it("gives its amount in any unit, and the preparation that was written stays", () => {
    const answered = lineRead(line("leaves of basil, torn", { amount: "2 bunches" }));
    expect(answered).toMatchObject({ ingredient: "basil", preparation: "torn", questions: [] });
    expect(answered?.asBoughtG).toBeGreaterThan(100);
    expect(lineRead(line("olive oil", { amount: "3 tbsp" }))?.grams).toBeCloseTo(40.5, 0);
    expect(lineRead(line("feta", { amount: "7 oz" }))?.grams).toBeCloseTo(198.4, 0);
  });

  it("makes a food of what nobody knew, and one line of two", () => {
    expect(lineRead(line("100 g wobbly greens", { ingredient: "kale" }))).toMatchObject({
      ingredient: "kale",
      grams: 100,
    });
    expect(reviewRecipe(draftOf(line("salt and pepper")), reader).lines).toHaveLength(2);
    expect(
      reviewRecipe(draftOf(line("salt and pepper", { ingredient: "salt-sea-fine" })), reader).lines,
    ).toHaveLength(1);
  });

  it.each([
    ["olive oil, salt", "en", ["olive-oil", "salt-sea-fine"]],
    ["aceite de oliva, sal", "es", ["olive-oil", "salt-sea-fine"]],
    ["basil, mint, chives", "en", ["basil", "mint", "chives"]],
    // The second names no food, or the first has an amount: one line, asked where it is two.
    ["basil, torn", "en", ["basil"]],
    ["tomatoes, tinned", "en", ["tomato-tinned"]],
    ["100 g basil, mint", "en", ["basil"]],
  ] as const)("%s is a list only where each part is a food", (text, language, ingredients) => {
    const draft = { ...draftOf(line(text)), language: language === "en" ? null : language };
    const { lines } = reviewRecipe(draft, reader);
    expect(lines.map((one) => one.ingredient)).toEqual(ingredients);
  });

  it.each([
    ["1 tbsp cornflour mixed with 2 tbsp water", ["cornstarch", "water"]],
    ["2 tbsp tahini, let down with 100ml cold water", ["tahini", "water"]],
    ["1 tsp sugar (dissolved in 2 tbsp cider vinegar)", ["sugar", "cider-vinegar"]],
    ["100 g couscous mixed with herbs", [null]],
  ])("%s is two where one is measured into the other", (text, ingredients) => {
    const { lines } = reviewRecipe(draftOf(line(text)), reader);
    expect(lines.map((one) => one.ingredient)).toEqual(ingredients);
  });

  it.each([
    ["1/2 tsp each ground coriander and allspice", ["coriander-ground", "allspice"], 2],
    ["1 tsp each ground cumin, coriander and turmeric", ["cumin-ground", "coriander-ground", "turmeric"], 3],
    ["A pinch each of salt and sugar", ["salt-sea-fine", "sugar"], 2],
    ["carrots and parsnips, 200 g each", ["carrot", "parsnip"], 2],
    ["2 tbsp of each: tahini & honey", ["tahini", "honey"], 2],
    // One food, or something that is none: the line stays whole.
    ["4 eggs, 60 g each", ["egg"], 1],
    ["1 tsp each ground cumin and moondust", [null], 1],
    ["2 each red and yellow peppers", [null], 1],
  ])("%s is one amount of every food", (text, ingredients, count) => {
    const { lines } = reviewRecipe(draftOf(line(text)), reader);
    expect(lines).toHaveLength(count);
    if (count > 1) expect(lines.map((one) => one.ingredient)).toEqual(ingredients);
    const grams = lines.map((one) => one.grams ?? 0);
    if (count > 1) expect(Math.min(...grams)).toBeGreaterThan(0);
  });

  it("prepares what says ditto as the line before it", () => {
    const { lines } = reviewRecipe(
      draftOf(
        line("2 carrots, in matchsticks"),
        line("1 small mooli (300g), ditto"),
        line("1 apple, grated"),
      ),
      reader,
    );
    expect(lines.map(({ preparation }) => preparation)).toEqual([
      "in matchsticks",
      "in matchsticks",
      "grated",
    ]);
    expect(lineRead(line("1 carrot, ditto"))?.preparation).toBe("ditto");
  });

  it("asks about two foods in one line in the words that were written", () => {
    const draft = { ...draftOf(line("100 g espinacas, acelgas")), language: "es" } as const;
    expect(reviewRecipe(draft, reader).lines[0]?.questions).toEqual([
      { code: "two-ingredients", text: "100 g espinacas, acelgas" },
    ]);
  });

  it("is kept with the recipe in words that read back", () => {
    const draft = draftOf({ kind: "title", text: "Bowl" }, line("a bit of basil", { amount: "2 bunches" }));
    const made = acceptReview(reviewRecipe(draft, reader), new Map(), referenceCatalogue);
    expect(made.ok ? made.value.lines[0]?.amountText : made.issue).toBe("2 bunches basil");
  });
});

describe("a name that this kitchen has explained before", () => {
  it("is not asked about again", () => {
    const knowing = { ...reader, meanings: { vinegar: "cider-vinegar" } };
    const [read] = reviewRecipe(draftOf(line("2 tbsp vinegar")), knowing).lines;
    expect(read).toMatchObject({ ingredient: "cider-vinegar", questions: [] });
  });
});

describe("what else may fill a line", () => {
  it("keeps how much of it that may be", () => {
    const [read] = reviewRecipe(draftOf(line("80 g basil (half may be spinach)")), reader).lines;
    expect(read?.alternatives).toEqual([{ ingredient: "spinach", maxShare: 0.5 }]);
  });
});
