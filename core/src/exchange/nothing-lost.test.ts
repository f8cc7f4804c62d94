import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { corpusRecipes } from "../../test/corpus-recipes.ts";
import { corpusLines } from "../../test/corpus.ts";
import { draftWith } from "../../test/drafts.ts";
import { check } from "../../test/property.ts";
import { lineReader } from "../catalogue/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { languages } from "../languages/index.ts";
import { foodNamer } from "./names-food.ts";
import { readRecipeText } from "./read-recipe-text.ts";
import { reviewRecipe } from "./review-recipe.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const namesFood = foodNamer(reader);

const written = fc.oneof(
  fc.constantFrom(...corpusLines.map((line) => line.text)),
  fc.constantFrom(...corpusRecipes.flatMap((recipe) => recipe.lines.map((line) => line.text))),
  fc.constantFrom(
    "Ingredients",
    "Method:",
    "For the dressing:",
    "",
    "---",
    "# Another one",
    "Serves 4",
    "1.",
    "•",
  ),
  fc.string({ unit: "grapheme", maxLength: 40 }),
);

/** The letters and figures of a text, whatever was done to its marks and spaces. */
const lettersOf = (text: string): string => text.replace(/[^\p{L}\p{N}]/gu, "");

describe("a pasted text", () => {
  it("loses no line, whatever it is", () => {
    check(
      fc.property(fc.array(written, { maxLength: 40 }), (lines) => {
        const text = lines.join("\n").replace(/[<&]/g, "");
        const kept = readRecipeText(text, namesFood).flatMap((draft) => draft.lines.map((line) => line.text));
        // Numbers of steps and of list items count nothing.
        const meant = text
          .split(/\r\n|\n|\r|\u2028/)
          .map((line) => line.replace(/^\s*(?:[-–—•*▢□◦‣·✓#]+|\[[ xX]?\])\s+/, ""))
          .map((line) =>
            line.replace(/^\s*(?:step\s*)?\d{1,2}\s*[.):](?!\d)\s*(?=\S)|^\s*step\s*\d{1,2}\b[.:)]?\s*/i, ""),
          );
        const isIn = (line: string): boolean => lettersOf(kept.join("")).includes(lettersOf(line));
        expect(meant.filter((line) => lettersOf(line) !== "" && !isIn(line))).toEqual([]);
      }),
    );
  });

  it("reads a line as it does alone, whatever stands beside it", () => {
    const some = fc.constantFrom(...corpusLines.map((line) => line.text));
    check(
      fc.property(
        fc.array(some, { minLength: 1, maxLength: 12 }),
        some,
        // The language is one of the whole paste; a line beside another may change it, and nothing else.
        fc.constantFrom(null, ...languages),
        (ingredients, unrelated, language) => {
          const readings = (texts: readonly string[]) =>
            reviewRecipe({ ...draftWith({ ingredients: texts }), language }, reader).lines.map(
              ({ text, ingredient, grams, questions }) => ({ text, ingredient, grams, questions }),
            );
          const before = readings(ingredients);
          expect(readings([...ingredients, unrelated]).slice(0, before.length)).toEqual(before);
        },
      ),
    );
  });

  it("reads a line of a third language in a recipe of another", () => {
    const lines = ["due spicchi d'aglio tritati", "el zumo de un limón", "una cucharada de sal"];
    const { language, lines: read } = reviewRecipe(draftWith({ ingredients: lines }), reader);
    expect(language).toBe("es");
    expect(read.map(({ ingredient }) => ingredient)).toEqual(["garlic", "lemon-juice", "salt-sea-fine"]);
  });
});
