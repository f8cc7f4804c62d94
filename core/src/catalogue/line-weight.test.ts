import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { gramsOf, read } from "../../test/read.ts";
import type { LineReader } from "./line-reading.ts";

describe("what counted pieces weigh, after a comma", () => {
  it.each([
    ["3 cucumbers, 1.2 kg", "cucumber", 1200, ""],
    ["4 leeks, 200 g each, trimmed", "leek", 800, "trimmed"],
    ["2 bunches chard, about 600 g", "chard", 600, ""],
    ["6 plums, 1 lb in all", "plum", 453.59237, ""],
    ["1 head cauliflower, 900 g, in florets", "cauliflower", 900, "in florets"],
  ])("%s is %s, %d g", (text, id, weight, preparation) => {
    const line = read(text);
    expect(line.ingredient).toMatchObject({ kind: "one", id });
    expect(line.grams?.value).toBeCloseTo(weight, 4);
    expect(line.form).toBe("as-bought");
    expect(line.preparation).toBe(preparation);
  });

  it.each([
    ["2 aubergines (1 kg)", "as-bought"],
    ["1 tin chopped tomatoes (400 g)", "usable"],
    ["tomatoes (400 g)", "usable"],
    ["2 cups spinach (60 g)", "usable"],
  ])("%s is %s", (text, form) => {
    expect(read(text).form).toBe(form);
  });

  it("knows pieces whose weight is a trimmed one, and only those", () => {
    const trimmed = (text: string) => read(text).isTrimmedPiece;
    expect(["2 eggs", "2 cloves garlic"].map(trimmed)).toEqual([true, false]);
    expect(["2 eggs (114 g)", "4 leeks", "200 g kale", "2 cups halloumi", "2 glimmers"].map(trimmed)).toEqual(
      Array(5).fill(false),
    );
  });

  it("a range of less than one of a cup or a pound spreads like any other", () => {
    for (const unit of ["cup walnuts", "lb walnuts"]) {
      const [middle, range] = [read(`0.625 ${unit}`).grams, read(`½–¾ ${unit}`).grams];
      expect(range?.value).toBeCloseTo(middle?.value ?? 0, 6);
      expect(range?.low).toBeCloseTo((middle?.low ?? 0) * 0.8, 6);
      expect(range?.high).toBeCloseTo((middle?.high ?? 0) * 1.2, 6);
    }
  });

  it("is not a weight of something else, or of what was weighed already", () => {
    expect(read("500 g chard, 200 g stems removed").grams?.value).toBe(500);
    expect(read("4 leeks, 2 cm thick").grams?.value).toBe(808);
    expect(read("4 leeks, sliced").grams?.value).toBe(808);
  });
});

describe("a weight beside several things", () => {
  it.each([
    // Printed on each, or said of each.
    ["3 tins tomatoes (400 g)", 1200],
    ["2 jars honey 340 g", 680],
    ["yogurt pots x 4 (150 g)", 600],
    ["2 tins coconut milk (400 ml)", 776],
    ["4 tomatoes of 100 g", 400],
    // Of all, unless it is too little for that.
    ["2 bunches asparagus (500 g)", 500],
    ["2 bunches asparagus (250 g)", 250],
    ["8 bunches radishes (250 g)", 2000],
    ["halloumi x 3 (225 g)", 675],
    ["3 small shallots (100 g)", 100],
    ["2 aubergines, 700 g", 700],
    ["3 aubergines, 300 g", 900],
    ["20 aubergines, 900 g", 900],
    ["3 bags rocket, 300 g", 300],
    // Two tins of chickpeas hold 480 g once drained; 160 g of tuna is one tin.
    ["2 tins chickpeas, drained (480 g)", 480],
    ["2 tins chickpeas, drained (240 g)", 480],
    ["2 tins tuna (160 g drained)", 320],
    ["2 pumpkins (6 kg + 4 kg)", "amount-unclear"],
  ])("%p is %p g", (text, grams) => {
    expect(gramsOf(text)).toBe(grams);
  });
});

/** A kitchen where one of each food, or a tin of it, weighs so many grams. */
const pieceOf = (value: number, low = value, high = value): Partial<LineReader> => ({
  facts: (id) => {
    const facts = factsOf(id);
    const [row] = facts.measures;
    if (!row) throw new Error(`${id} has no measures`);
    const one = { ...row, grams: value, low, high, state: "whole" as const };
    return {
      ...facts,
      measures: [
        { ...one, measure: "each-medium" },
        { ...one, measure: "can-drained" },
      ],
    };
  },
});

it("a volume printed on several packs is told in all of them", () => {
  expect(read("2 tubs kale (2 cups)").workings).toContain("4 cup at");
  expect(read("2 tubs kale (2 cups in all)").workings).toContain("2 cup at");
});

it("nothing of it first, and some more to fry in, is what is added", () => {
  expect(read("0 g butter, plus 50 g for frying").grams).toEqual({ value: 50, low: 50, high: 50 });
});

describe("where a weight of all becomes one of each", () => {
  it.each([
    ["3 leeks, 100 g", 300],
    ["3 leeks, 101 g", 101],
    ["2 leeks, 100 g", 100],
    ["2 leeks, 98 g", 196],
    ["2-4 leeks, 100 g", 300],
    ["1 leek, 30 g", 30],
    ["3 leeks, 100 g in all", 100],
    ["3 leeks, 30 g each", 90],
  ])("%p is %p g, where one is 100 g", (text, grams) => {
    expect(read(text, pieceOf(100)).grams?.value).toBeCloseTo(grams, 6);
  });

  it.each([
    ["2 tins chickpeas (440 g drained)", 440],
    ["2 tins chickpeas (438 g drained)", 876],
    ["2 tins chickpeas (520 g drained)", 520],
    ["2 tins chickpeas (522 g drained)", 1044],
  ])("%p is %p g, where a tin holds 220 to 260 g", (text, grams) => {
    expect(read(text, pieceOf(240, 220, 260)).grams?.value).toBeCloseTo(grams, 6);
  });
});

describe("what is bought whole and counted by its parts too", () => {
  it.each([
    ["2 garlic", ["head", "clove"]],
    ["1 garlic", ["head", "clove"]],
    ["3-4 celery", ["head", "stalk"]],
    ["celery, 2", ["head", "stalk"]],
    ["2 cardoons", ["head", "stalk"]],
  ])("%p asks which of %p", (text, either) => {
    expect(read(text).questions).toEqual([{ code: "measure-unclear", either }]);
  });

  it.each([
    ["1 celery", 450],
    ["2 celery sticks", 80],
    ["2 heads garlic", 80],
    ["2 garlic cloves", 6.9],
    ["3 broccoli", 1050],
  ])("%p is %p g", (text, grams) => {
    expect(gramsOf(text)).toBe(grams);
  });
});

describe("what is counted by a word behind the name", () => {
  it.each([
    ["2 avocado halves", 203],
    ["4 apple quarters", 202],
    ["2 halves of avocado", 203],
    ["2 lemon wedges", 28],
    ["8 wedges of lemon", 112],
    ["4 lemon slices", "measure-unknown"],
    ["2 celery hearts", "measure-unknown"],
    ["2 lemons in wedges", 220],
    ["100 g walnut halves", 100],
    ["1 vine of cherry tomatoes", "amount-unclear"],
    ["1 vine of cherry tomatoes, 300 g", 300],
    ["3 hearts of palm", 99],
    ["1 small ciabatta loaf", 235],
    ["1 loaf white bread", 600],
  ])("%p is %p g", (text, grams) => {
    expect(gramsOf(text)).toBe(grams);
  });
});

describe("a few of something small on a list", () => {
  it.each([
    ["radishes x2", "amount-unclear"],
    ["strawberries 5", "amount-unclear"],
    ["strawberries 6", 76.8],
    ["2 radishes", 10],
    ["spring onions, 5, chopped", 90.5],
    ["carrots (bunched) 3", "amount-unclear"],
    ["3 basil, potted", "amount-unclear"],
    ["radishes 2 bunches", 500],
    ["radishes 2 (20 g)", 20],
    ["shallots x2", 56.8],
    ["leeks x2", 404],
  ])("%p is %p", (text, grams) => {
    expect(gramsOf(text)).toBe(grams);
  });
});

it("a few on a list may be packs where one is lighter than 25 g", () => {
  expect(read("radishes x2", pieceOf(24.9)).questions).toHaveLength(1);
  expect(read("radishes x2", pieceOf(25)).questions).toEqual([]);
});
