import { partsOf } from "../../test/drafts.ts";
import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { acceptReview, draftLimits, readRecipes, reviewRecipe } from "./index.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });

const draftsOf = (text: string) => {
  const read = readRecipes(text);
  if (!read.ok) throw new Error(read.issue.code);
  return read.value;
};
const issueOf = (text: string) => {
  const read = readRecipes(text);
  return read.ok ? undefined : read.issue.code;
};
const reviewOf = (text: string) => draftsOf(text).map((draft) => reviewRecipe(draft, reader))[0];

describe("hostile and broken imports", () => {
  const nested = (depth: number): string => `${"[".repeat(depth)}${"]".repeat(depth)}`;
  const many = (count: number): string =>
    JSON.stringify(
      Array.from({ length: count }, (_, i) => ({
        "@type": "Recipe",
        name: `Salad ${i}`,
        recipeIngredient: ["50 g chard"],
      })),
    );

  it.each([
    ["", "nothing-pasted"],
    ["   \n ", "nothing-pasted"],
    ["{ not json", "not-json"],
    ["[1, 2, 3]", "no-recipe-found"],
    ["null", "no-recipe-found"],
    ['{"@type":"Article","name":"x"}', "no-recipe-found"],
    ["<html><p>no block</p></html>", "no-recipe-found"],
    ['<script type="application/ld+json">{"a":</script>', "not-json"],
    [nested(100_000), "nested-too-deep"],
    ["a poem about chard", "no-recipe-found"],
    [many(draftLimits.recipes + 1), "too-many-recipes"],
    [" ".repeat(10) + "{" + "x".repeat(draftLimits.characters), "recipe-too-long"],
    [
      JSON.stringify({
        "@type": "Recipe",
        name: "x",
        recipeIngredient: Array.from({ length: 500 }, () => "1 g salt"),
      }),
      "recipe-too-long",
    ],
  ])("refuses %#", (text, code) => {
    expect(issueOf(text)).toBe(code);
  });

  it("reads five hundred recipes at once", () => {
    const drafts = draftsOf(many(500));
    expect([drafts.length, partsOf(drafts[499]).title]).toEqual([500, "Salad 499"]);
  });

  it("drops scripts and tags from every text, and reads wrong types for what they hold", () => {
    const [draft] = draftsOf(
      JSON.stringify({
        "@type": "Recipe",
        name: ["<b>Chard</b><script>alert('x')</script>", 7],
        recipeYield: { "@type": "QuantitativeValue", value: 6, unitText: "portions" },
        totalTime: "about an hour",
        description: 12,
        recipeIngredient: ["200 g <i>chard</i>", { name: "10 g salt" }, null, 4, ["5 g honey"]],
        recipeInstructions: "<p>Wash &amp; tear.</p><p onclick='x'>Eat.</p><style>p{}</style>",
      }),
    );
    expect(draft?.minutes).toBeNull();
    expect(partsOf(draft)).toEqual({
      title: "Chard",
      yieldText: "6 portions",
      notes: ["12"],
      ingredients: ["200 g chard", "10 g salt", "4", "5 g honey"],
      steps: ["Wash & tear.", "Eat."],
    });
  });

  it("never throws, whatever it is given", () => {
    check(
      fc.property(fc.oneof(fc.json(), fc.string(), fc.string({ unit: "binary" })), (text) => {
        const read = readRecipes(text);
        if (read.ok) for (const draft of read.value) reviewRecipe(draft, reader);
        return true;
      }),
      { numRuns: 300 },
    );
  });

  it("refuses a recipe without a title or without one line that can be read", () => {
    const untitled = reviewOf('{"@type":"Recipe","recipeIngredient":["80 g basil"]}');
    const unread = reviewOf('{"@type":"Recipe","name":"Fog","recipeIngredient":["some fog"]}');
    const codes = [untitled, unread].map((review) => {
      const accepted = review && acceptReview(review, new Map(), referenceCatalogue);
      return accepted?.ok ? "" : accepted?.issue.code;
    });
    expect(codes).toEqual(["title-missing", "recipe-has-no-line"]);
  });
});
