import { describe, expect, it } from "@jest/globals";
import { parseAmount } from "../measure/index.ts";
import { measureInWords } from "./measure-in-words.ts";
import { referenceCatalogue } from "./reference.ts";
import { toGrams } from "./to-grams.ts";

describe("a measure of the tables in words", () => {
  it.each([
    ["each", "piece"],
    ["each-medium", "piece"],
    ["each-large", "large piece"],
    ["each-plum", "piece"],
    ["can-drained", "can"],
    ["cup-whole", "cup"],
    ["bunch", "bunch"],
  ])("%s is said %s", (measure, words) => {
    expect(measureInWords(measure)).toBe(words);
  });

  it("can be typed as it is said, of every food that has it", () => {
    const refused = [...referenceCatalogue.ingredients.values()].flatMap((facts) =>
      facts.measures
        .filter(({ measure }) => /^(?:each|bunch|head|clove|stalk|can|ear|slice|leaf)/.test(measure))
        .map(({ measure }) => `2 ${measureInWords(measure)}`)
        .filter((typed) => {
          const read = parseAmount(typed, "metric");
          return !read.ok || !toGrams(read.value.amount, facts, { rest: read.value.rest }).ok;
        })
        .map((typed) => `${facts.id}: ${typed}`),
    );
    expect(refused).toEqual([]);
  });
});
