import { describe, expect, it } from "@jest/globals";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { draftWith, partsOf } from "../../test/drafts.ts";
import { acceptReview } from "./accept-review.ts";
import { readRecipeJson } from "./read-recipe-json.ts";
import { plainText } from "./plain-text.ts";
import { draftLimits } from "./recipe-draft.ts";
import { readRecipes } from "./read-recipes.ts";
import { readRecipeText } from "./read-recipe-text.ts";
import { readYield, yieldInNotes, yieldInTitle } from "./read-yield.ts";
import { reviewRecipe } from "./review-recipe.ts";

const reader = lineReader(catalogue, { cup: "us-customary", ounces: {} });
const reviewOf = (ingredients: readonly string[], yieldText = "serves 2", minutes: number | null = null) =>
  reviewRecipe(draftWith({ ingredients, yieldText, minutes }), reader);

describe("yields at their edges", () => {
  it("fifty kilograms or litres are the most, five hundred portions", () => {
    expect(readYield("makes 50 kg").makes).toEqual({ kind: "mass", grams: 50_000 });
    expect(readYield("makes 50.001 kg").makes).toBeNull();
    expect(readYield("makes 50 litres").makes).toEqual({ kind: "volume", ml: 50_000 });
    expect(readYield("makes 0 g").makes).toBeNull();
    const jars = { kind: "mass", grams: 2040 };
    for (const text of [
      "Makes about 6 x 340g jars",
      "6 jars of 340 g",
      "Makes six 340g jars",
      "makes 6 340-g jars",
    ])
      expect([text, readYield(text)]).toEqual([text, { servings: null, makes: jars }]);
    expect(readYield("4 bottles of 250 ml, serves 12")).toEqual({
      ...{ servings: 12, makes: { kind: "volume", ml: 1000 } },
    });
    expect(readYield("serves 500").servings).toBe(500);
    expect(readYield("serves 501").servings).toBeNull();
    expect(readYield("serves 0").servings).toBeNull();
    expect(readYield("Makes 8 rolls, serves 4").servings).toBe(4);
    expect(readYield("12 small tarts for 6").servings).toBe(6);
    expect(readYield("Makes 8 rolls").servings).toBe(8);
    // A jar is none of those who eat.
    const jar = readYield("Makes 1 large jar (about 1.2 litres)");
    expect(jar).toEqual({ servings: null, makes: { kind: "volume", ml: 1200 } });
    expect(readYield("Makes 2 small bowls, serves 6").servings).toBe(6);
    expect(readYield("Serves four as a starter").servings).toBe(4);
    expect(yieldInNotes(["For the plates, serves 4. Eggs last.", "Feeds 9"])).toBe("serves 4");
    expect(readYield("Serves a crowd").servings).toBeNull();
    expect(readYield("Makes a jar for a friend").servings).toBeNull();
    expect(yieldInNotes(["Makes about 6 x 340g jars. Takes an afternoon."])).toBe(
      "Makes about 6 x 340g jars",
    );
    expect(yieldInNotes(["Makes a mess. Keeps 3 days"])).toBe("");
    expect(yieldInNotes(["Feeds my 3 children well."])).toBe("");
    expect(yieldInNotes(["It serves us well.", "Keeps 3 days"])).toBe("");
  });

  it("a recipe takes a minute at least and two days at most", () => {
    const of = (minutes: number) => reviewOf(["1 kg chard"], "serves 2", minutes).minutes;
    expect([1, 2880, 2881, 0.5].map(of)).toEqual([1, 2880, null, null]);
  });
});

describe("lines at their edges", () => {
  it("fifty kilograms are the most of one line", () => {
    const accepted = (grams: number) => {
      const answer = { ingredient: null, grams, leaveAsWords: false };
      const done = acceptReview(reviewOf(["1 kg chard"]), new Map([[0, answer]]), catalogue);
      return done.ok && done.value.lines.length === 1;
    };
    expect([50_000, 0.1].map(accepted)).toEqual([true, true]);
    expect([50_001, 0].map(accepted)).toEqual([false, false]);
  });

  it("proposes a hundredth of the rest in salt, and nothing where there is no rest", () => {
    const [, salt] = reviewOf(["1 kg chard", "salt to taste"]).lines;
    const chard = reviewOf(["1 kg chard"]).lines[0]?.grams ?? 0;
    expect(salt?.proposal?.grams).toBeCloseTo(chard * 0.01, 1);
    expect(reviewOf(["salt to taste"]).lines[0]?.proposal?.why ?? "").not.toMatch(/1 %/);
  });

  it("keeps a range that the line gives, not the spread of a measure", () => {
    expect(reviewOf(["80–100 g chard"]).lines[0]?.range).toEqual({ low: 80, high: 100 });
    expect(reviewOf(["90 g chard"]).lines[0]?.range).toBeNull();
  });
});

describe("what an answer changes", () => {
  const accepted = (text: string, answer?: { ingredient: string | null; grams: number | null }) => {
    const answers = new Map(answer ? [[0, { ...answer, leaveAsWords: false }]] : []);
    const done = acceptReview(reviewOf([text]), answers, catalogue);
    return done.ok ? done.value.lines[0] : undefined;
  };

  it("another ingredient or another weight is no longer cooked or counted as it was written", () => {
    expect(accepted("2 cups cooked rice")?.cookedG).toBeCloseTo(316, 0);
    expect(accepted("2 cups cooked rice", { ingredient: "quinoa", grams: null })?.cookedG).toBeNull();
    expect(accepted("2 cups cooked rice", { ingredient: null, grams: 100 })?.cookedG).toBeNull();
    expect(accepted("4 leeks")?.asBoughtG).toBeCloseTo(808, 0);
    expect(accepted("4 leeks", { ingredient: null, grams: 100 })?.asBoughtG).toBeNull();
    expect(accepted("4 leeks", { ingredient: "onion", grams: null })?.asBoughtG).toBeNull();
  });

  it("what is never raw does not stand in for what is eaten raw, nor an ingredient for itself", () => {
    const fillers = (text: string) => accepted(text)?.fillers.map((filler) => filler.ingredient);
    expect(fillers("100 g chard or kale")).toEqual(["chard", "kale"]);
    expect(fillers("100 g chard or runner beans")).toEqual(["chard"]);
    expect(fillers("100 g chard or runner beans, boiled")).toEqual(["chard", "runner-bean"]);
  });

  it("a range that begins at nothing is none", () => {
    expect(reviewOf(["0–2 tbsp honey"]).lines[0]?.range ?? null).toBeNull();
  });

  it("a sentence after the first ingredient is the first step", () => {
    const read = readRecipeText("Plum bowl\n200 g plums\nStone the plums and eat them at once.\n");
    expect(partsOf(read[0])).toMatchObject({
      ingredients: ["200 g plums"],
      steps: ["Stone the plums and eat them at once."],
    });
  });
});

describe("nested files", () => {
  const nested = (depth: number): unknown =>
    Array.from({ length: depth }).reduce<unknown>((inside) => ({ inside }), {
      "@type": "Recipe",
      name: "Deep",
    });
  const read = (depth: number) => readRecipeJson(JSON.stringify(nested(depth)));

  it("are read as deep as the limit and no deeper", () => {
    expect(read(draftLimits.depth)).toMatchObject({ ok: true });
    expect(read(draftLimits.depth + 1)).toMatchObject({ ok: false, issue: { code: "nested-too-deep" } });
  });
});

describe("what would take long to read", () => {
  const deep = (depth: number): string => `${"<div>".repeat(depth)}<p>200 g plums</p>`;
  it("a page of tags in tags is read as deep as the limit, and no deeper", () => {
    expect(readRecipes(deep(draftLimits.tags - 1))).toMatchObject({ issue: { code: "no-recipe-found" } });
    expect(readRecipes(deep(draftLimits.tags))).toMatchObject({
      issue: { code: "nested-too-deep", atMost: draftLimits.tags },
    });
    // Half a million tags: it ends at the limit, and not with all the memory there is.
    expect(readRecipes(deep(500_000))).toMatchObject({ issue: { code: "nested-too-deep" } });
  });

  it("of a text with tags in tags, what stands before the limit is kept", () => {
    expect(plainText(`plums ${"<b>".repeat(5000)} pears`)).toBe("plums");
    expect(plainText(`plums <b>${"<i>x</i>".repeat(500)} pears`)).toMatch(/^plums x x .* pears$/);
  });

  it("a text has twenty thousand lines at most", () => {
    const lines = (many: number): string => Array.from({ length: many }, () => "Ingredients").join("\n");
    expect(readRecipes(lines(draftLimits.textLines))).toMatchObject({ issue: { code: "no-recipe-found" } });
    expect(readRecipes(lines(draftLimits.textLines + 1))).toMatchObject({
      issue: { code: "too-many-lines", found: draftLimits.textLines + 1, atMost: draftLimits.textLines },
    });
  });

  it("each line is asked about a food a few times at most, and a long one never", () => {
    const asked: string[] = [];
    const namesFood = (text: string): boolean => {
      asked.push(text);
      return false;
    };
    const lines = Array.from({ length: 3000 }, (_, i) => `# plum ${i}`);
    readRecipeText([...lines, `1-${"1-".repeat(100)}`].join("\n"), namesFood);
    expect(asked.length).toBeLessThanOrEqual(3 * lines.length);
    expect(Math.max(...asked.map((text) => text.length))).toBeLessThan(20);
  });
});

describe("steps in sections in sections", () => {
  const stepsAt = (depth: number): readonly string[] => {
    const inside = Array.from({ length: depth }).reduce<unknown>(
      (steps) => [{ "@type": "HowToSection", name: "Part", itemListElement: steps }],
      [{ "@type": "HowToStep", text: "Mix." }],
    );
    const recipe = {
      "@type": "Recipe",
      name: "Bowl",
      recipeIngredient: ["1 plum"],
      recipeInstructions: inside,
    };
    const read = readRecipeJson(JSON.stringify(recipe));
    return partsOf(read.ok ? read.value[0] : undefined).steps;
  };

  it("are read eight deep, and no deeper", () => {
    expect(stepsAt(8)).toEqual(["Mix."]);
    expect(stepsAt(9)).toEqual([]);
  });
});

describe("texts", () => {
  it("keeps what is around scripts and styles, and nothing in them, however they nest", () => {
    expect(plainText("a <script>x <script>y</script> z</script> b <b>c</b>")).toBe("a z b c");
    expect(plainText("<style>p {}</style>d</style> e")).toBe("d e");
  });
});

describe("what a title says of how much it makes", () => {
  it.each([
    ["Smoky aubergine and walnut dip (serves 6)", "Smoky aubergine and walnut dip", "serves 6"],
    ["Autumn slaw – for 4 people", "Autumn slaw", "for 4 people"],
    ["Plum relish, makes 300 ml", "Plum relish", "makes 300 ml"],
    ["Ensalada [para 2 personas]", "Ensalada", "para 2 personas"],
  ])("%s", (written, title, yieldText) => {
    expect(yieldInTitle(written)).toEqual({ title, yieldText });
  });

  it.each(["Beetroot salad (vegan)", "Salad for a crowd", "Kale, beans and 2 cheeses", "Dip (smoky)", ""])(
    "is nothing in %p",
    (title) => {
      expect(yieldInTitle(title)).toEqual({ title, yieldText: "" });
    },
  );
});
