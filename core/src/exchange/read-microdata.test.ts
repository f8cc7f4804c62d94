import { describe, expect, it } from "@jest/globals";
import { partsOf } from "../../test/drafts.ts";
import { readRecipes } from "./read-recipes.ts";

const page = `<!doctype html><html><body>
<article itemscope itemtype="https://schema.org/Recipe">
  <h1 itemprop="name">Chard &amp; bean bowl</h1>
  <div itemprop="author" itemscope itemtype="https://schema.org/Person"><span itemprop="name">Somebody</span></div>
  <meta itemprop="prepTime" content="PT15M"><time itemprop="cookTime" datetime="PT1H5M">an hour</time>
  <p>Serves <span itemprop="recipeYield">4 people</span></p>
  <ul><li itemprop="recipeIngredient">200 g <b>chard</b></li><li itemprop="recipeIngredient">1 tin chickpeas</li></ul>
  <div itemprop="recipeInstructions"><p>Wash the chard.</p>
<p>Mix.</p></div>
</article></body></html>`;

describe("a page with microdata", () => {
  const read = readRecipes(page);
  const drafts = read.ok ? read.value : [];

  it("gives the recipe that it marks up, in plain text", () => {
    expect(drafts).toHaveLength(1);
    expect(partsOf(drafts[0])).toMatchObject({
      yieldText: "4 people",
      ingredients: ["200 g chard", "1 tin chickpeas"],
      steps: ["Wash the chard.", "Mix."],
    });
    expect(drafts[0]?.minutes).toBe(80);
    expect(partsOf(drafts[0]).title).toContain("Chard & bean bowl");
  });

  it("without any recipe in it gives none", () => {
    expect(readRecipes("<div itemscope itemtype='https://schema.org/Person'>x</div>")).toMatchObject({
      ok: false,
      issue: { code: "no-recipe-found" },
    });
  });
});
