import { partsOf } from "../../test/drafts.ts";
import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import type { Recipe, WithContext } from "schema-dts";
import { aFormula, aLine } from "../../test/kitchen.ts";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { dishKinds, fillerOf, stepOf, type DishKind, type Formula } from "../recipes/index.ts";
import {
  acceptReview,
  readRecipes,
  recipeJson,
  recipeMarkdown,
  recipeWriter,
  reviewRecipe,
} from "./index.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const writer = recipeWriter(referenceCatalogue, "uk", (id) => id);

const draftsOf = (text: string) => {
  const read = readRecipes(text);
  if (!read.ok) throw new Error(read.issue.code);
  return read.value;
};
const reviewOf = (text: string) => draftsOf(text).map((draft) => reviewRecipe(draft, reader))[0];
const formulaFrom = (text: string, answers = new Map()): Formula => {
  const review = reviewOf(text);
  const accepted = review && acceptReview(review, answers, referenceCatalogue);
  if (!accepted?.ok) throw new Error(accepted?.issue.code);
  return accepted.value;
};

const slaw = {
  "@context": "https://schema.org",
  "@graph": [
    { "@type": "WebPage", name: "A page" },
    {
      "@type": ["Recipe", "Thing"],
      name: "Kohlrabi &amp; apple slaw",
      recipeYield: ["4", "4 servings"],
      totalTime: "PT1H10M",
      recipeIngredient: [
        "2 medium kohlrabi (about 500 g), peeled and cut in matchsticks",
        "150 g apple, in matchsticks",
        "For the dressing:",
        "3 tbsp cider vinegar",
        "1–2 tsp honey",
        "salt to taste",
        "a little moondust",
      ],
      recipeInstructions: [
        {
          "@type": "HowToSection",
          name: "All of it",
          itemListElement: [
            { "@type": "HowToStep", text: "Stir salt and honey into the vinegar." },
            { "@type": "HowToStep", text: "Dress and leave to stand for 30 minutes." },
          ],
        },
      ],
    },
  ],
};

describe("reading schema.org JSON-LD", () => {
  it("finds the recipe wherever it stands, and reads each line as the kitchen would", () => {
    const review = reviewOf(JSON.stringify(slaw));
    expect(review).toMatchObject({ title: "Kohlrabi & apple slaw", kind: "slaw", servings: 4, minutes: 70 });
    expect(review?.lines.map((l) => [l.ingredient, l.grams && Math.round(l.grams), l.group])).toEqual([
      ["kohlrabi", 375, ""],
      ["apple", 150, ""],
      ["cider-vinegar", 45, "For the dressing"],
      ["honey", 11, "For the dressing"],
      ["salt-sea-fine", null, "For the dressing"],
      [null, null, "For the dressing"],
    ]);
    expect(review?.lines[0]).toMatchObject({ trim: "peel", eatenRaw: true, role: "crunch" });
    expect(review?.lines[3]?.range?.high).toBeCloseTo(14.2, 0);
    expect(review?.steps[1]?.wait).toEqual({ leastMin: 30, mostMin: null });
  });

  it.each([
    // Pieces as they are bought, and what the line's trim leaves of them: whole weights and refuse of USDA SR Legacy,
    // by NDB number, from memory (leek 11246, sweet corn 11167, egg 01123, carrot 11124, onion 11282, avocado 09037).
    ["4 leeks, white part, sliced", 808, 4 * 89],
    ["4 ears of corn", 4 * 283, 4 * 102],
    ["2 large aubergines (about 1 kg), charred whole, flesh scooped", 1000, 500],
    ["3 cloves garlic", 10.35, 9],
    ["3 carrots, peeled", 3 * 65.6, 161],
    ["2 onions, chopped", 244, 220],
    ["1 avocado", 203, 150],
  ])("%p is %d g as bought and about %d g usable", (text, bought, usable) => {
    const line = reviewOf(`Bowl\nIngredients\n${text}\n30 g walnuts\nMethod\nMix.`)?.lines[0];
    expect(line?.asBoughtG).toBeCloseTo(bought, -1);
    expect((line?.grams ?? 0) / usable).toBeGreaterThan(0.94);
    expect((line?.grams ?? 0) / usable).toBeLessThan(1.06);
    expect(line?.workings).toContain("as bought ×");
  });

  it.each([
    ["400 g leeks, sliced", 400],
    ["3 potatoes, unpeeled", 645],
    ["2 tbsp lemon juice", 30.5],
    ["1 block feta", 200],
  ])("%p is usable as it is written", (text, grams) => {
    const line = reviewOf(`Bowl\nIngredients\n${text}\n30 g walnuts\nMethod\nMix.`)?.lines[0];
    expect(line).toMatchObject({ asBoughtG: null });
    expect(line?.grams).toBeCloseTo(grams, -1);
  });

  it("asks for what is not said, proposes from the tables, and takes nothing over by itself", () => {
    const review = reviewOf(JSON.stringify(slaw));
    const salt = review?.lines[4];
    expect(salt).toMatchObject({ toTaste: true, grams: null, proposal: { why: "1 % of the rest" } });
    expect(salt?.proposal?.grams).toBeCloseTo(5.8, 1);
    expect(review?.lines[5]?.questions[0]?.code).toBe("ingredient-unknown");
    const silent = formulaFrom(JSON.stringify(slaw));
    expect(silent.unread).toEqual(["salt to taste", "a little moondust"]);
    const answered = formulaFrom(
      JSON.stringify(slaw),
      new Map([
        [4, { ingredient: null, grams: 7, leaveAsWords: false }],
        [5, { ingredient: "sunflower-seed", grams: 20, leaveAsWords: false }],
      ]),
    );
    expect(answered.unread).toEqual([]);
    expect(answered.lines.map((l) => l.grams)).toEqual(expect.arrayContaining([7, 20]));
  });

  it("reads a page's block, and plain text with or without headings", () => {
    const page = `<!doctype html><head><script>alert(1)</script><script type="application/ld+json">{broken</script>
      <script type="application/ld+json">${JSON.stringify(slaw)}</script></head><p>2 kg gold</p>`;
    expect(partsOf(draftsOf(page)[0]).title).toBe("Kohlrabi & apple slaw");
    const bare = formulaFrom(
      "Sorrel sauce\nServes 6\n80 g sorrel, chopped\n100 ml olive oil\n1 clove garlic\nChop it all by hand and stir in the oil a little at a time until it is loose.",
    );
    expect(bare).toMatchObject({ name: "Sorrel sauce", kind: "herb-sauce", servings: 6 });
    expect(bare.lines.map((l) => l.fillers[0]?.ingredient)).toEqual(["sorrel", "olive-oil", "garlic"]);
    expect(bare.steps).toHaveLength(1);
    const jar = "Makes 1 large jar (about 1.2 litres)";
    expect(partsOf(draftsOf(`Quick cabbage\n\n${jar}\n\n1 kg white cabbage\n60 g salt`)[0])).toMatchObject({
      title: "Quick cabbage",
      yieldText: jar,
    });
    const headed = draftsOf(
      "# Plum bowl\n\nMakes 300 ml\n\n## Ingredients\n- 200 g plums\n\n## Method\n1. Halve.\n2. Serve.",
    );
    expect(partsOf(headed[0])).toMatchObject({
      title: "Plum bowl",
      yieldText: "Makes 300 ml",
      steps: ["Halve.", "Serve."],
    });
  });

  it("keeps a line without an amount among the ingredients when the method has a heading", () => {
    const [draft] = draftsOf(
      "Fog bowl\nServes 2\n\nSome words about it that are a whole sentence, and end as such a thing does.\n80 g chard\nsome fog\nMethod\nMix.",
    );
    expect(partsOf(draft)).toMatchObject({ ingredients: ["80 g chard", "some fog"], steps: ["Mix."] });
  });

  it("takes no ingredient for a title, and asks for one", () => {
    const [draft] = draftsOf(
      "200 g plums\n20 g honey\nHalve and drizzle with the honey until all of it is coated well.",
    );
    expect(partsOf(draft)).toMatchObject({ title: "", ingredients: ["200 g plums", "20 g honey"] });
    expect(partsOf(draftsOf("5 bean salad\n200 g chickpeas\nMix.")[0]).title).toBe("5 bean salad");
  });

  it("chooses the cautious side: a never-raw pulse is cooked, a garlic pesto is dated as one", () => {
    const beans = formulaFrom("Bean salad\n300 g runner beans, sliced\n20 g walnut oil\nMix.");
    expect(beans.lines[0]).toMatchObject({ eatenRaw: false });
    const pesto = formulaFrom("Pesto\n80 g parsley\n1 clove garlic\n60 g olive oil\nBlitz.");
    expect(pesto.keeping.fridge).toBe("pesto-raw-garlic");
    expect(pesto.cautions).toContain("garlic-in-oil");
  });
});

describe("out and back in", () => {
  /** Raw-safe ingredients of every category, by both of whose names they are known. */
  const usable = [...referenceCatalogue.ingredients.values()].filter((f) => f.raw !== "no").map((f) => f.id);
  const aKind = fc.constantFrom(...dishKinds.filter((kind) => kind !== "composed-plate"));
  const formulas = fc
    .record({
      kind: aKind,
      servings: fc.integer({ min: 1, max: 24 }),
      minutes: fc.integer({ min: 0, max: 300 }),
      makes: fc.option(fc.integer({ min: 50, max: 5000 }), { nil: null }),
      lines: fc.uniqueArray(
        fc.record({
          id: fc.constantFrom(...usable),
          grams: fc.integer({ min: 1, max: 9000 }),
          optional: fc.boolean(),
          toTaste: fc.boolean(),
          range: fc.boolean(),
          group: fc.constantFrom("", "For the dressing", "To finish"),
          preparation: fc.constantFrom("", "chopped", "washed and spun", "in matchsticks", "torn"),
        }),
        { minLength: 1, maxLength: 8, selector: (line) => line.id },
      ),
      steps: fc.array(fc.constantFrom("Chop it.", "Roast at 200 °C for 20 minutes.", "Chill for an hour."), {
        maxLength: 3,
      }),
      notes: fc.constantFrom("", "Better the next day."),
    })
    .map((made) =>
      aFormula(
        [...made.lines]
          .sort((a, b) => a.group.length - b.group.length)
          .map((line, i) =>
            aLine(`line-${i}`, line.grams, line.id, {
              group: line.group,
              optional: line.optional,
              toTaste: line.toTaste,
              preparation: line.preparation,
              range: line.range ? { low: line.grams * 0.75, high: line.grams * 1.25 } : null,
            }),
          ),
        {
          name: "A dish of the day",
          kind: made.kind,
          servings: made.servings,
          minutes: made.minutes,
          makes:
            made.makes === null
              ? null
              : ({
                  kind: made.kind === "dressing" ? "volume" : "mass",
                  ...(made.kind === "dressing" ? { ml: made.makes } : { grams: made.makes }),
                } as Formula["makes"]),
          steps: made.steps.map((text) => stepOf(text)),
          notes: made.notes,
        },
      ),
    );

  /** What these formats can hold of a formula. */
  const held = (formula: Formula) => ({
    name: formula.name,
    kind: formula.kind,
    servings: formula.servings,
    makes: formula.makes,
    minutes: formula.minutes,
    notes: formula.notes,
    steps: formula.steps.map((step) => step.text),
    lines: formula.lines.map((line) => ({
      ingredients: line.fillers.map((f) => f.ingredient),
      grams: line.grams,
      range: line.range,
      group: line.group,
      preparation: line.preparation,
      optional: line.optional,
      toTaste: line.toTaste,
    })),
  });

  it.each([
    ["JSON-LD", (formula: Formula) => JSON.stringify(recipeJson(formula, writer))],
    ["Markdown", (formula: Formula) => recipeMarkdown(formula, writer)],
  ])("%s: import(export(r)) = r for all it can hold", (_name, write) => {
    let seen = 0;
    check(
      fc.property(formulas, (formula) => {
        seen++;
        expect(held(formulaFrom(write(formula)))).toEqual(held(formula));
      }),
      { numRuns: 150 },
    );
    expect(seen).toBeGreaterThanOrEqual(150);
  });

  it("Markdown holds no markup of anybody's: what looks like it is shown, and reads back as it was", () => {
    const sneaky = "Salad <img src=x onerror=alert(1)> &lt;b&gt; & more";
    const formula = aFormula([aLine("green", 80, "chard")], {
      ...{ name: sneaky, notes: "<script>alert(1)</script>", steps: [stepOf("Mix <b>well</b>.")] },
    });
    const text = recipeMarkdown(formula, writer);
    expect(text).not.toContain("<");
    expect(text).toContain("Salad &lt;img src=x onerror=alert(1)> &amp;lt;b&amp;gt; & more");
  });

  it("says what may stand in without a cap as “or”, and leaves out what it has no words for", () => {
    const line = aLine("green", 80, "parsley chervil lovage:0.25");
    const text = recipeJson(aFormula([line]), writer).recipeIngredient;
    expect(text).toEqual(["80 g parsley or chervil"]);
    const mixed = { ...line, fillers: [fillerOf("parsley"), fillerOf("chervil", { convertBy: "volume" })] };
    expect(recipeJson(aFormula([mixed]), writer).recipeIngredient).toEqual(["80 g parsley"]);
  });
});

describe("against schema.org's own vocabulary", () => {
  const vocabulary = readFileSync(
    createRequire(import.meta.url)
      .resolve("schema-dts")
      .replace(/schema\.js$/, "schema.d.ts"),
    "utf8",
  );

  /** Properties of a type and of everything it comes from, read out of the package that carries the vocabulary. */
  function propertiesOf(type: string): Set<string> {
    const head = new RegExp(`interface ${type}Base (?:extends ([^{]+) )?\\{([\\s\\S]*?)\\n\\}`).exec(
      vocabulary,
    );
    const own = [...(head?.[2] ?? "").matchAll(/^ {4}"(\w+)"\?:/gm)].map((match) => match[1] ?? "");
    const parents = (head?.[1] ?? "")
      .split(",")
      .map((name) => name.trim().replace(/Base$/, ""))
      .filter(Boolean);
    return new Set([...own, ...parents.flatMap((parent) => [...propertiesOf(parent)])]);
  }

  it("writes only properties that a Recipe and a HowToStep have", () => {
    const known = propertiesOf("Recipe");
    expect(known.size).toBeGreaterThan(80);
    expect([known.has("recipeIngredient"), known.has("name"), known.has("grams")]).toEqual([
      true,
      true,
      false,
    ]);
    const full = aFormula([aLine("a", 5, "parsley")], {
      notes: "Note.",
      makes: { kind: "volume", ml: 200 },
      steps: [stepOf("Chop.")],
    });
    const written = recipeJson(full, writer);
    // The compiler holds the same against the package's types.
    const { suitableForDiet: _diets, ...rest } = { suitableForDiet: [] as readonly string[], ...written };
    const typed: WithContext<Recipe> = {
      ...rest,
      recipeIngredient: [...rest.recipeIngredient],
      recipeInstructions: [...rest.recipeInstructions],
    };
    expect(typed["@type"]).toBe("Recipe");
    const keys = Object.keys(written).filter((key) => !key.startsWith("@"));
    expect(keys).toEqual(expect.arrayContaining(["totalTime", "description", "suitableForDiet"]));
    expect(keys.filter((key) => !known.has(key))).toEqual([]);
    const step = propertiesOf("HowToStep");
    expect(
      written.recipeInstructions
        .flatMap((s) => Object.keys(s))
        .filter((key) => key !== "@type" && !step.has(key)),
    ).toEqual([]);
    for (const diet of ("suitableForDiet" in written ? written.suitableForDiet : []) ?? [])
      expect(vocabulary).toContain(`"${diet}"`);
  });

  it("names a kind for every kind of dish", () => {
    const kinds = dishKinds.map(
      (kind: DishKind) => recipeJson(aFormula([], { kind }), writer).recipeCategory,
    );
    expect(new Set(kinds).size).toBe(dishKinds.length);
  });
});

it("has a name that reads back for every ingredient there is", () => {
  const lost = [...referenceCatalogue.ingredients.keys()].filter((id) => {
    const review = reviewOf(`Dish\nIngredients\n100 g ${writer.name(id)}, torn`);
    const line = review?.lines[0];
    return line?.ingredient !== id || line.preparation !== "torn" || line.alternatives.length > 0;
  });
  expect(lost).toEqual([]);
});
