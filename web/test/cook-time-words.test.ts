import { describe, expect, it } from "@jest/globals";
import { cookedWords, tookWords } from "../src/catalogue/cook-time-words.ts";

describe("how a food was cooked here", () => {
  const food = { ingredient: "leek", method: "roast-diced", tool: "oven", celsius: 210, sizeMm: 30 } as const;

  it("says the way, the fire, its heat and the size, as far as they are known", () => {
    expect(cookedWords(food)).toBe("roast diced · oven · 210 °C · 30 mm pieces");
    expect(cookedWords({ ...food, method: null, tool: "hob", celsius: null, sizeMm: null })).toBe("hob");
  });

  it("says how long it took and how often", () => {
    expect(tookWords({ took: { low: 44, high: 50.4 }, cooks: 3 })).toBe("44–50 min, 3 times");
    expect(tookWords({ took: { low: 9, high: 9 }, cooks: 1 })).toBe("9 min, once");
  });
});
