import { describe, expect, it } from "@jest/globals";
import { lineReader, readLine } from "./read-line.ts";
import { referenceCatalogue } from "./reference.ts";

const reader = lineReader(referenceCatalogue, { cup: "us-customary", ounces: {} });
const read = (text: string) => {
  const { ingredient, grams, form, questions, remarks } = readLine(text, reader);
  return {
    ...{ id: ingredient.kind === "one" ? ingredient.id : ingredient.kind, form, toTaste: remarks.toTaste },
    ...{ grams: grams && Math.round(grams.value), asks: questions.map(({ code }) => code) },
  };
};

describe("what a line says by the way", () => {
  it.each([
    ["3 medium carrots (180g when peeled)", { id: "carrot", grams: 180, form: "usable" }],
    ["3 medium carrots (180g)", { id: "carrot", grams: 180, form: "as-bought" }],
    ["750g floury potatoes such as Maris Piper", { id: "potato", grams: 750, asks: [] }],
    ["4 sticks of celery and their leaves", { id: "celery", asks: [] }],
    ["a good grind of pepper", { id: "black-pepper", toTaste: true }],
    ["a few twists of black pepper", { id: "black-pepper", toTaste: true }],
    ["aubs 2", { id: "eggplant", asks: [] }],
    ["200 g de lentilles vertes du Puy", { id: "lentil-dry", grams: 200, asks: [] }],
    ["1 melanzana lunga", { id: "eggplant", asks: [] }],
    ["1 tsp rose harissa", { id: "harissa", asks: [] }],
    ["2 tsp dark brown soft sugar", { id: "brown-sugar", asks: [] }],
    // A spoon of lemon is no spoon of its zest.
    ["1 tsp lemon", { grams: null }],
    ["1 tsp lemon zest", { asks: [] }],
  ])("%s", (text, expected) => {
    expect(read(text)).toMatchObject(expected);
  });
});
