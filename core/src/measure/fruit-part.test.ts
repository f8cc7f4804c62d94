import { describe, expect, it } from "@jest/globals";
import { eggParts, leavesFrom, takeFruitPart, takeLength } from "./fruit-part.ts";

describe("juice and zest of a fruit", () => {
  it.each([
    ["juice of 2 limes", ["juice"], "2 limes"],
    ["juice of half a lemon", ["juice"], "0.5 lemon"],
    ["the finely grated zest of 1 lemon", ["zest"], "1 lemon"],
    ["rind of a lemon", ["zest"], "1 lemon"],
    ["zest and juice of 2 limes", ["zest", "juice"], "2 limes"],
    ["juice & zest from 2 limes", ["juice", "zest"], "2 limes"],
    ["juice of lemon", ["juice"], "1 lemon"],
    ["juice of the lemon", ["juice"], "1 lemon"],
    ["juice of 1/2 a lemon", ["juice"], "1/2 lemon"],
    ["juice ½ lemon", ["juice"], "½ lemon"],
    ["2 limes", [], "2 limes"],
    ["juice", [], "juice"],
  ])("%p", (text, parts, rest) => {
    expect(takeFruitPart(text)).toEqual({ parts, rest });
  });

  it.each([
    ["leaves from 4 sprigs", true],
    ["the picked leaves of ½ bunch", true],
    ["leaves from the bush", false],
  ])("%p counts what they are from: %p", (text, isCounted) => {
    expect(leavesFrom.test(text)).toBe(isCounted);
  });
});

describe("parts of an egg", () => {
  it.each([
    ["whites of 3 eggs", "3 egg whites"],
    ["the white of an egg", "1 egg whites"],
    ["yolks from two large eggs", "2 large egg yolks"],
    ["3 eggs, whites only", "3 egg whites"],
    ["3 large eggs (yolks only)", "3 large egg yolks"],
    ["3 eggs, beaten", "3 eggs, beaten"],
  ])("%p is %p", (text, expected) => {
    expect(eggParts(text)).toBe(expected);
  });
});

describe("a length of a root, in centimetres", () => {
  it.each([
    ["5 cm piece of ginger", 5, 5, "ginger"],
    ["2 inch knob ginger", 5.08, 5.08, "ginger"],
    ["2-3 cm ginger", 2, 3, "ginger"],
    ['1-2" ginger', 2.54, 5.08, "ginger"],
    ["10 cm length of cucumber", 10, 10, "cucumber"],
    ["thumb of ginger", 2, 5, "ginger"],
    ["2 thumbs ginger", 4, 10, "ginger"],
    ["knob of ginger", 2, 5, "ginger"],
    ["walnut-sized piece of ginger", 2, 4, "ginger"],
    ["golf ball-sized knob of fresh ginger", 4, 6, "fresh ginger"],
    ["2 golf-ball-sized lumps of horseradish", 8, 12, "horseradish"],
  ])("%p is %p–%p cm", (text, low, high, rest) => {
    const taken = takeLength(text);
    expect(taken?.rest).toBe(rest);
    expect(taken?.count.low).toBeCloseTo(low, 6);
    expect(taken?.count.high).toBeCloseTo(high, 6);
  });

  it.each(["5 cm dice", "2 in salt", "golf-ball-sized potatoes", "walnut oil", "2 leeks"])(
    "%p is none",
    (text) => {
      expect(takeLength(text)).toBeUndefined();
    },
  );
});
