import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { describes, describesAny, describesOnly, kindOf } from "./describing.ts";

const of = (word: string, id: string): boolean => describes(word, kindOf(factsOf(id)));

describe("words that merely describe a food", () => {
  it.each([
    ["chopped", "chard", true],
    ["12", "chard", true],
    ["leaf", "chard", true],
    ["leaf", "rhubarb", false],
    ["leaf", "tomato", false],
    ["dried", "cumin", true],
    ["dried", "chard", false],
    ["dried", "ginger", false],
    ["fresh", "chard", true],
    ["fresh", "yeast-dried", false],
    ["green", "apple", true],
    ["green", "mango", false],
    ["black", "garlic", false],
    ["black", "radish", false],
    ["leftover", "ham", true],
    ["leftover", "chicken", false],
    ["cooked", "beet", true],
    ["cooked", "chicken", false],
    ["cooked", "chickpea", true],
    ["roasted", "black-pepper", false],
    ["spicy", "chard", false],
  ])("“%s” beside %s: %p", (word, id, expected) => {
    expect(of(word, id)).toBe(expected);
  });

  it("without a food to go by, only what always describes does", () => {
    expect([describes("chopped", undefined), describes("dried", undefined)]).toEqual([true, false]);
    expect([describesAny("dried"), describesAny("cooked"), describesAny("zorgle")]).toEqual([
      true,
      true,
      false,
    ]);
    expect([describesOnly("chopped"), describesOnly("dried")]).toEqual([true, false]);
  });
});
