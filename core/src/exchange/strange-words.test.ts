import { expect, it } from "@jest/globals";
import { everyPropertyOf } from "../../test/strange-words.ts";
import { lineReader, readLine } from "../catalogue/index.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { acceptReview } from "./accept-review.ts";
import { lotColumns, readLotsCsv } from "./lots-csv.ts";
import { foodNamer } from "./names-food.ts";
import { readRecipes } from "./read-recipes.ts";
import { reviewRecipe } from "./review-recipe.ts";

/** Words that every object answers to: looked up in a plain object they are found, and are no word of the kitchen's. */
const words = everyPropertyOf({});
const kitchen = { catalogue, cup: "us-customary", ounces: {}, today: "2026-09-10" } as const;
const reader = lineReader(catalogue, kitchen);
const ways = (word: string): string[] => [
  ...[
    word,
    `2 ${word}`,
    `200 g ${word}`,
    `1 cup ${word}`,
    `2 ${word} of kale`,
    `kale, ${word}`,
    `½ ${word} kale`,
  ],
  ...[
    `${word} kale`,
    `${word}s`,
    `200 g ${word} oil`,
    `a ${word} of kale`,
    `un ${word} de ajo`,
    `kale (${word})`,
  ],
];

it.each(words)("%s is read like any other word: in lines, recipes and files", (word) => {
  for (const text of ways(word)) {
    const { ingredient } = readLine(text, reader);
    // Such a word is no food, whatever stands beside it.
    if (ingredient.kind === "one") expect(text).toMatch(/kale|ajo|oil/);
  }
  const recipe = `${word}\n\nServes 4\n\nFor the ${word}:\n${ways(word).join("\n")}\n\nMethod\n1. Roast the ${word} for 20 ${word} at 200 ${word}.`;
  const read = readRecipes(recipe, foodNamer(reader));
  if (!read.ok) throw new Error(read.issue.code);
  for (const draft of read.value) {
    const review = reviewRecipe(draft, reader);
    acceptReview(review, new Map(), catalogue);
    // Underscores around a word are emphasis.
    expect(review.title).toBe(word.replace(/^__|__$/g, ""));
  }
  const row = lotColumns.map((column) => (column === "amount" ? "200 g" : column === "item" ? word : ""));
  const file = readLotsCsv(`${lotColumns.join(",")}\n${row.join(",")}`, kitchen);
  if (!file.ok) throw new Error(file.issue.code);
  expect(file.value.rows).toEqual([]);
  const headed = readLotsCsv(`${word},item\nx,kale`, kitchen);
  expect(headed.ok && headed.value.rows.length > 0).toBe(false);
});
