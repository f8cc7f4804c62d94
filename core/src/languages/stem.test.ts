import { describe, expect, it } from "@jest/globals";
import { numbersOf, stemOf } from "./stem.ts";

describe("one of it, or many", () => {
  it.each([
    ["pimientos", "es", "pimiento"],
    ["limones", "es", "limon"],
    ["nueces", "es", "nuez"],
    ["poireaux", "fr", "poireau"],
    ["fichi", "it", "fico"],
    ["pesche", "it", "pesca"],
    ["pesci", "it", "pesce"],
    ["arance", "it", "arancia"],
  ] as const)("%s (%s) may be of %s", (many, language, one) => {
    expect(numbersOf(many, language)).toContain(one);
    expect(numbersOf(one, language)).toContain(many);
  });

  it.each([
    ["pimientos", "es", "pimienta"],
    ["polpa", "it", "polpo"],
    ["pesci", "it", "pesca"],
  ] as const)("%s (%s) is no %s, though the stem is the same", (word, language, other) => {
    expect(stemOf(word, language)).toBe(stemOf(other, language));
    expect(numbersOf(word, language)).not.toContain(other);
  });
});
