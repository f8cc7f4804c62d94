import { describe, expect, it } from "@jest/globals";
import { readRecipeFiles } from "./read-recipes.ts";
import { readRecipeJson } from "./read-recipe-json.ts";
import { draftLimits, titleOf } from "./recipe-draft.ts";

const jsonOf = (...names: string[]): string =>
  JSON.stringify(names.map((name) => ({ "@type": "Recipe", name, recipeIngredient: ["100 g kale"] })));

describe("several files", () => {
  it("are read in their order, each in its own form; one that holds no recipe is named", () => {
    const { drafts, unread } = readRecipeFiles([
      { name: "a.txt", text: "Leaves\nServes 2\n100 g rocket\n\n1. Toss and eat." },
      { name: "b.txt", text: "   " },
      { name: "c.jsonld", text: jsonOf("One", "Two") },
      { name: "d.jsonld", text: '{"@type": ' },
    ]);
    expect(drafts.map(titleOf)).toEqual(["Leaves", "One", "Two"]);
    expect(unread).toEqual([
      { name: "b.txt", issue: { code: "nothing-pasted" } },
      { name: "d.jsonld", issue: { code: "not-json", at: '{"@type":' } },
    ]);
  });

  it("hold a thousand recipes together; the file that is too much is left out whole", () => {
    const many = jsonOf(...Array.from({ length: 600 }, (_, i) => `Dish ${i}`));
    const { drafts, unread } = readRecipeFiles([
      { name: "first", text: many },
      { name: "second", text: many },
      { name: "third", text: jsonOf("Last") },
    ]);
    expect(drafts).toHaveLength(601);
    expect(unread).toEqual([
      { name: "second", issue: { code: "too-many-recipes", found: 1200, atMost: draftLimits.recipes } },
    ]);
  });
});

describe("a picture of the dish", () => {
  const held = "data:image/png;base64,iVBORw0KGgo=";
  const photoIn = (image: unknown): string | undefined => {
    const read = readRecipeJson(
      JSON.stringify({ "@type": "Recipe", name: "A", recipeIngredient: ["1 leek"], image }),
    );
    return read.ok ? read.value[0]?.photo : "refused";
  };

  it.each([
    ["a text", held],
    ["a list", ["https://example.org/a.jpg", held]],
    ["an object", { "@type": "ImageObject", url: held }],
    ["an object with its content", [{ "@type": "ImageObject", contentUrl: held }]],
  ])("is taken from %s", (_, image) => {
    expect(photoIn(image)).toBe(held);
  });

  it.each([
    ["nothing", undefined],
    ["an address elsewhere", "https://example.org/a.jpg"],
    ["a drawing with scripts", "data:image/svg+xml;base64,PHN2Zz4="],
    ["no base64", "data:image/png;base64,<script>"],
    ["more than is kept", `data:image/png;base64,${"A".repeat(draftLimits.photo)}`],
    ["an empty object", {}],
  ])("is none in %s", (_, image) => {
    expect(photoIn(image)).toBeUndefined();
  });
});

describe("a numbered line of one word", () => {
  it("that ends like a sentence is a step, and a food is a food", () => {
    const { drafts } = readRecipeFiles([
      { name: "a", text: "Leaves\nServes 2\n100 g rocket\n1 leek\n\n1. Toss.\n2. Eat." },
      {
        name: "b",
        text: "Bowl\nServes 2\n1. 100 g rocket\n2. Walnuts\n\nToss it all together and eat it at once.",
      },
    ]);
    const kinds = drafts.map(({ lines }) => lines.map(({ kind, text }) => `${kind}: ${text}`).slice(-3));
    expect(kinds).toEqual([
      ["ingredient: 1 leek", "step: Toss.", "step: Eat."],
      [
        "ingredient: 1. 100 g rocket",
        "ingredient: Walnuts",
        "step: Toss it all together and eat it at once.",
      ],
    ]);
  });
});
