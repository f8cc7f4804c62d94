import { describe, expect, it } from "@jest/globals";
import { takeRemarks } from "./line-remarks.ts";
import { normaliseLine, wordsToNumber } from "./normalise-line.ts";
import { splitLine, type LineParts } from "./split-line.ts";
import { splitNumberAndWord, looksLikeUnit } from "./split-number.ts";
import { takeFruitPart, takeLength } from "./fruit-part.ts";
import { takeStated } from "./stated-amount.ts";

/** A line taken apart, in short: "low–high unit|word size : name ; preparation". */
function short(text: string): string {
  const { count, unit, word, size, name, preparation } = splitLine(text, "us-customary");
  const number =
    count === null ? "" : count.low === count.high ? `${count.low}` : `${count.low}–${count.high}`;
  const head = [number, unit?.id ?? word, size].filter(Boolean).join(" ");
  return `${head}: ${name}${preparation ? `; ${preparation}` : ""}`;
}
const parts = (text: string): LineParts => splitLine(text, "us-customary");

describe("a line taken apart", () => {
  it.each([
    ["400 g chard", "400 g: chard"],
    ["2 avocado halves", "2 half: avocado"],
    ["2 onion halves, sliced", "2 half: onion; sliced"],
    ["2 halves avocado", "2 half: avocado"],
    ["4 apple quarters", "4 quarter: apple"],
    ["3 lemons in wedges", "3: lemons in wedges"],
    ["3 lemons cut into wedges", "3: lemons; cut into wedges"],
    ["2 basil bunches", "2 bunch: basil"],
    ["2 white loaves", "2 loaf: white"],
    ["6 mint leaves, torn", "6 leaf: mint; torn"],
    ["1 lb 4 oz plums, halved", "1.25 lb: plums; halved"],
    ["3 tbsp plus 1 tsp olive oil", "3.333333 tbsp: olive oil"],
    ["1 oz 2 lb plums", "1 oz: 2 lb plums"],
    ["2 cups large flakes", "2 cup large: flakes"],
    ["2 large cloves garlic, crushed", "2 clove large: garlic; crushed"],
    ["2 large cloves of garlic", "2 clove large: garlic"],
    ["2 bunches chard", "2 bunch: chard"],
    ["2 splashes of vinegar", "2 splash: vinegar"],
    ["2 leaves chard", "2 leaf: chard"],
    ["1/3 cup oil", "0.333333 cup: oil"],
    ["3 celery stalks", "3 stalk: celery"],
    ["6 mint leaves", "6 leaf: mint"],
    ["celery stalks", ": celery stalks"],
    ["a small bunch of dill", "1 bunch small: dill"],
    ["1 heaped tbsp capers", "1 tbsp large: capers"],
    ["pinch of saffron", "1 pinch: saffron"],
    ["2-3 medium carrots - peeled", "2–3 medium: carrots; peeled"],
    ["3–2 leeks", "2–3: leeks"],
    ["4 leeks (white part only)", "4: leeks; white part only"],
    ["rocket leaves, to serve", ": rocket leaves; to serve"],
    ["mint leaves to serve, torn", ": mint leaves; to serve, torn"],
    ["1 baby bunch beetroot", "1 bunch small: beetroot"],
    ["baby carrots", "small: carrots"],
    ["baby spinach", ": baby spinach"],
    ["a 5 cm piece of ginger, grated", "5 cm-piece: ginger; grated"],
    ["1 clove, finely chopped, garlic", "1: clove; finely chopped, garlic"],
  ])("%p is %p", (text, expected) => {
    expect(short(text).replace("3.3333333333333335", "3.333333")).toBe(expected);
  });

  it("a heading is one with a colon and without an amount", () => {
    expect(parts("For the dressing:")).toMatchObject({ heading: true, count: null, unit: null, word: "" });
    expect(parts("400 g chard").heading).toBe(false);
    expect(parts("a 2 cm piece of ginger").heading).toBe(false);
  });

  it("knows what the line itself says it weighs", () => {
    expect(parts("2 x 400 g tins tomatoes")).toMatchObject({ stated: { kind: "mass", grams: 800 } });
    expect(parts("1 tin (400 g) tomatoes").stated).toMatchObject({ grams: 400 });
    expect(parts("400 g tomatoes").stated).toBeNull();
  });

  it("knows when a line contradicts itself, or counts oddly", () => {
    expect(parts("1.200 g plums").disagrees).toBe(true);
    expect(parts("126 g (100 g) feta").disagrees).toBe(true);
    expect(parts("120 g (100 g) feta").disagrees).toBe(false);
    expect([parts("3–2 leeks").isOdd, parts("2-2 leeks").isOdd, parts("2-3 leeks").isOdd]).toEqual([
      true,
      false,
      false,
    ]);
    const odd = (text: string): boolean => parts(text).isOdd;
    expect(["2/3 leeks", "3/4 small onions", "1/2 tomatoes, ripe"].map(odd)).toEqual([true, true, true]);
    expect(["6/8 tomatoes", "15/20 prawns", "9/10 plums"].map(odd)).toEqual([true, true, true]);
    const fractions = [
      "2/3 leek",
      "7/8 cups peas",
      "1/3 tomatoes",
      "2/3 cups peas",
      "3/4 pounds leeks",
      "3/4 bunches dill",
      "1/2 molasses of it",
    ];
    expect(fractions.map(odd)).toEqual(fractions.map(() => false));
  });

  it("adds a smaller unit of the same kind, no other", () => {
    expect(parts("1 cup 2 oz cheese")).toMatchObject({ count: { low: 1, high: 1 }, name: "2 oz cheese" });
    expect(parts("1 oz 2 oz cheese")).toMatchObject({ count: { low: 1, high: 1 } });
    expect(parts("1 lb 2 oz cheese")).toMatchObject({ count: { low: 1.125, high: 1.125 }, name: "cheese" });
  });

  it("finds the measure behind praise, and the size before, behind or within it", () => {
    expect(parts("2 fat cloves garlic")).toMatchObject({ word: "clove", size: "", name: "garlic" });
    expect(parts("1 nice big bunch of basil")).toMatchObject({ word: "bunch", size: "large", name: "basil" });
    expect(parts("1 big leafy bunch of basil")).toMatchObject({ word: "bunch", size: "large" });
    expect(parts("2 fat leeks")).toMatchObject({ word: "", size: "", name: "fat leeks" });
    expect(parts("2 tomatoes large")).toMatchObject({ size: "large", name: "tomatoes" });
    expect(parts("2 tomatoes, large").size).toBe("large");
    expect(parts("2 tomatoes (the big ones), sliced").size).toBe("large");
    expect(parts("2 tomatoes, sliced, small").size).toBe("small");
    expect(parts("2 tomatoes, small or large").size).toBe("");
    expect(parts("2 tomatoes, small, large").size).toBe("");
    expect(parts("1 bunch parsley, large")).toMatchObject({ size: "large", word: "bunch" });
    expect(parts("2 small tomatoes large")).toMatchObject({ size: "small", name: "tomatoes large" });
  });

  it("asks for the juice, the zest or both", () => {
    expect(parts("juice of half a lemon")).toMatchObject({ parts: ["juice"], count: { low: 0.5 } });
    expect(parts("grated zest and juice of 2 limes").parts).toEqual(["zest", "juice"]);
    expect(parts("2 lemons").parts).toEqual([]);
  });

  it("counts what leaves are picked from", () => {
    expect(parts("leaves from 4 sprigs of thyme")).toMatchObject({
      ...{ count: { low: 4, high: 4 }, word: "sprig", name: "thyme" },
    });
    expect(parts("leaves from half a bunch of mint")).toMatchObject({ count: { low: 0.5 }, word: "bunch" });
  });

  it("keeps the remarks apart", () => {
    expect(parts("1 tsp chilli flakes, optional")).toMatchObject({
      name: "chilli flakes",
      remarks: { optional: true, toTaste: false, divided: false, moreIfNeeded: false },
    });
  });
});

describe("remarks", () => {
  it.each([
    ["salt, to taste", "salt", "toTaste"],
    ["salt (optional)", "salt", "optional"],
    ["2 tbsp oil, divided", "2 tbsp oil", "divided"],
    ["2 tbsp oil plus extra for frying", "2 tbsp oil", "moreIfNeeded"],
    ["pepper q.s.", "pepper", "toTaste"],
    ["optional chilli , chopped", "chilli, chopped", "optional"],
  ])("%p leaves %p", (text, left, kind) => {
    const taken = takeRemarks(text);
    expect(taken.text).toBe(left);
    expect(Object.entries(taken.remarks).filter(([, is]) => is)).toEqual([[kind, true]]);
  });

  it("extra virgin oil is no remark, and a plain line has none", () => {
    const plain = takeRemarks("2 tbsp extra-virgin olive oil");
    expect([plain.text, Object.values(plain.remarks).includes(true)]).toEqual([
      "2 tbsp extra-virgin olive oil",
      false,
    ]);
  });
});

describe("one spelling for the grammar", () => {
  it.each([
    ["a dozen eggs", "12 eggs"],
    ["half a dozen eggs", "6 eggs"],
    ["half a bunch", "0.5 bunch"],
    ["a half bunch", "0.5 bunch"],
    ["quarter of a cup", "0.25 cup"],
    ["three-quarters of a cup", "0.75 cup"],
    ["a third of a cup", "0.333 cup"],
    ["a couple of leeks", "2 leeks"],
    ["a few sprigs", "2-4 sprigs"],
    ["several leaves", "3-5 leaves"],
    ["one and a half cups", "1.5 cups"],
    ["an onion", "1 onion"],
    ["one onion", "1 onion"],
    ["two onions", "2 onions"],
    ["twelve onions", "12 onions"],
    ["onions", "onions"],
    ["a 5 cm piece of ginger", "5 cm piece of ginger"],
    ["a 400 g tin", "400 g tin"],
  ])("%p is %p", (text, expected) => {
    expect(wordsToNumber(text)).toBe(expected);
  });

  it.each([
    ["1,5 kg", "1.5 kg"],
    ["1,200 g", "1200 g"],
    ["0,200 kg", "0.200 kg"],
    ["about 2 leeks", "2 leeks"],
    ["1 or 2 leeks", "1-2 leeks"],
    ["1 to 2 leeks", "1-2 leeks"],
    ["• 2 leeks", "2 leeks"],
    ["1. 2 leeks", "2 leeks"],
    ["2 fluid ounces oil", "2 fl oz oil"],
    ["2 fl. oz. oil", "2 fl oz oil"],
    ["1⁄2 cup", "1/2 cup"],
  ])("%p is written %p", (text, expected) => {
    expect(normaliseLine(text)).toBe(expected);
  });
});

describe("a number and the word after it", () => {
  it.each([
    ["1–2 bunches of chard", { low: 1, high: 2, word: "bunches", rest: "of chard" }],
    ["½ cup oil", { low: 0.5, high: 0.5, word: "cup", rest: "oil" }],
    ["1 1/2 cups", { low: 1.5, high: 1.5, word: "cups", rest: "" }],
    ["430", { low: 430, high: 430, word: "", rest: "" }],
    [".5 kg", { low: 0.5, high: 0.5, word: "kg", rest: "" }],
  ])("%p", (text, expected) => {
    expect(splitNumberAndWord(text)).toEqual(expected);
  });

  it("is nothing where no number leads, or none that is one", () => {
    expect(["chard", "", "1/0 cup"].map(splitNumberAndWord)).toEqual([undefined, undefined, undefined]);
  });

  it("a unit is letters, with a stop at most", () => {
    expect(["kg", "oz.", "2", "fl oz", ""].map(looksLikeUnit)).toEqual([true, true, false, false, false]);
  });
});

describe("what a line states", () => {
  it.each([
    ["2 x 400 g tins of tomatoes", { kind: "mass", grams: 800 }, "2 tins of tomatoes"],
    ["3 × 250 ml cartons stock", { kind: "volume", ml: 750, count: 750, unit: "ml" }, "3 cartons stock"],
    ["2 (400 g) tins tomatoes", { kind: "mass", grams: 800 }, "2 tins tomatoes"],
    ["2 400-g tins tomatoes", { kind: "mass", grams: 800 }, "2 tins tomatoes"],
    ["4 leeks (about 800 g)", { kind: "mass", grams: 800 }, "4 leeks"],
    ["4 leeks (200 g each)", { kind: "mass", grams: 800 }, "4 leeks"],
    ["leeks (200 g each)", { kind: "mass", grams: 200 }, "leeks"],
    ["4 leeks (white part) (800 g)", { kind: "mass", grams: 800 }, "4 leeks (white part)"],
    ["4 leeks (2 bunches)", null, "4 leeks"],
    ["4 leeks", null, "4 leeks"],
  ])("%p states %j", (text, stated, rest) => {
    const taken = takeStated(text, "us-customary");
    expect(taken.stated).toEqual(stated);
    expect(taken.rest).toBe(rest);
  });

  it.each([
    ["juice of 2 lemons", ["juice"], "2 lemons"],
    ["juice of lemons", ["juice"], "1 lemons"],
    ["the finely grated zest of a lime", ["zest"], "1 lime"],
    ["zest and juice of ½ orange", ["zest", "juice"], "½ orange"],
    ["rind of 1 lemon", ["zest"], "1 lemon"],
    ["lemon juice", [], "lemon juice"],
  ])("%p is of the fruit", (text, of, rest) => {
    expect(takeFruitPart(text)).toEqual({ parts: of, rest });
  });

  it.each([
    ["5 cm piece of ginger", 5, 5, "ginger"],
    ["2-3 cm piece ginger", 2, 3, "ginger"],
    ["1 inch piece ginger", 2.54, 2.54, "ginger"],
    ["1-2 inch knob of ginger", 2.54, 5.08, "ginger"],
    ["1 thumb of ginger", 2, 5, "ginger"],
    ["2 thumb-sized pieces of ginger", 4, 10, "ginger"],
    ["thumb-sized piece of fresh ginger", 2, 5, "fresh ginger"],
  ])("%p is a length of root", (text, low, high, rest) => {
    const taken = takeLength(text);
    expect(taken?.count.low).toBeCloseTo(low, 9);
    expect(taken?.count.high).toBeCloseTo(high, 9);
    expect(taken?.rest).toBe(rest);
  });

  it("a length alone is one of a root that is sold by length, and a knob of butter is none", () => {
    expect(takeLength("5 cm ginger")).toEqual({ count: { low: 5, high: 5 }, rest: "ginger" });
    expect([takeLength("5 cm cucumber"), takeLength("1 knob of butter")]).toEqual([undefined, undefined]);
  });
});

describe("numbers at their edges", () => {
  it("a third is a third, and nothing is divided by nothing", () => {
    expect(splitNumberAndWord("1/3 cup")?.low).toBeCloseTo(1 / 3, 12);
    expect(splitNumberAndWord("1/0 cup")).toBeUndefined();
    expect(splitNumberAndWord("1-1/0 cup")).toBeUndefined();
  });
});

describe("which stands first", () => {
  it.each([
    ["radishes x2", true],
    ["2 radishes", false],
    ["radishes", false],
    ["radishes 200 g", true],
  ])("%p: the food, %p", (text, isNameFirst) => {
    expect(parts(text).isNameFirst).toBe(isNameFirst);
  });
});
