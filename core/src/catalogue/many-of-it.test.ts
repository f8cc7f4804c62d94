import { describe, expect, it } from "@jest/globals";
import { read } from "../../test/read.ts";
import { numbersOf, type Language } from "../languages/index.ts";
import { foreignNamesOf } from "./foreign-lexicons.ts";
import { foreignNames } from "./tables/foreign-names.ts";

const idsOf = (id: string, other: string, language: Language, word: string): boolean =>
  id === other || foreignNamesOf(other, language).some((name) => name.split(" ").includes(word));

describe("every name of one word in another language, of one and of many", () => {
  it.each(["es", "fr", "it"] as const)("%s: is never silently another food", (language) => {
    let known = 0;
    const wrong = Object.keys(foreignNames).flatMap((id) =>
      foreignNamesOf(id, language)
        .filter((name) => /^\p{L}+$/u.test(name))
        .flatMap((name) => [name, ...(numbersOf(name, language) ?? [])])
        .flatMap((word) => {
          const reading = read(`200 g ${word}`, { language });
          if (reading.questions.length > 0 || reading.ingredient.kind !== "one") return [];
          known++;
          return idsOf(id, reading.ingredient.id, language, word)
            ? []
            : [`${word} (${id}): ${reading.ingredient.id}`];
        }),
    );
    expect(wrong).toEqual([]);
    expect(known).toBeGreaterThan(300);
  });

  it.each([
    ["200 g pimientos", "es"],
    ["200 g de brotes", "es"],
    ["200 g de pâte", "fr"],
    ["200 g de baies", "fr"],
    ["200 g de rôti", "fr"],
    ["200 g di polpa", "it"],
  ] as const)("%s is asked about (%s)", (text, language) => {
    expect(read(text, { language }).questions).not.toEqual([]);
  });

  it.each([
    ["300 g de raisin", "fr", "grape"],
    ["300 g de raisins secs", "fr", "raisin"],
    ["300 g di pesci", "it", "white-fish"],
    ["2 pimientos rojos", "es", "bell-pepper-red"],
  ] as const)("%s (%s) is %s", (text, language, id) => {
    expect(read(text, { language }).ingredient).toMatchObject({ kind: "one", id });
  });
});

describe("amounts that were read short", () => {
  // Weights of the reference's measures.csv, through the same reading of the plain line.
  it.each([
    ["a clove and a half of garlic", "1.5 cloves garlic"],
    ["un diente y medio de ajo", "1.5 cloves garlic"],
    ["uno spicchio e mezzo d'aglio", "1.5 cloves garlic"],
    ["una lata y media de garbanzos", "1.5 tins chickpeas"],
    ["3 heads little gem", "3 little gems"],
    ["a lemon or two", "1-2 lemons"],
    ["lge bunch parsley", "1 large bunch parsley"],
    ["parsley, 15 bun", "15 bunches parsley"],
    ["1 2-lb cauliflower", "2 lb cauliflower"],
    ["2 large or 3 small beetroot", "2 large beetroot"],
    ["a generous 50 ml walnut oil", "50 ml walnut oil"],
  ])("%s is %s", (text, plain) => {
    expect(read(text).grams?.value).toBeCloseTo(read(plain).grams?.value ?? 0, 6);
    expect(read(text).questions).toEqual([]);
  });

  it.each([["mizuna/rocket mix 1.2 kg"], ["3 kg borlotti beans in pod"], ["2 rye bread"]])(
    "%s is asked about",
    (text) => {
      expect(read(text).questions).not.toEqual([]);
    },
  );
});
