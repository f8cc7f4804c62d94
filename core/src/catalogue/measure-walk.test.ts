import { describe, expect, it } from "@jest/globals";
import { foods, metricReader as reader } from "../../test/read.ts";
import { readLine } from "./read-line.ts";
import { referenceCatalogue } from "./reference.ts";
import { countedBy } from "./tables/colloquial-measures.ts";

/**
 * What one of a measure may weigh of any food that is read without a question, grams: wide enough for every kitchen,
 * narrow enough that no leaf weighs a head and no cube a whole aubergine. Common practice, no source.
 */
const bands: Readonly<Record<string, readonly [least: number, most: number]>> = {
  handful: [3, 150],
  leaf: [0.01, 60],
  sprig: [0.1, 10],
  clove: [1, 12],
  slice: [2, 80],
  stick: [1, 160],
  stalk: [2, 160],
  bunch: [8, 900],
  head: [8, 2500],
  bulb: [20, 500],
  spear: [5, 200],
  fillet: [3, 300],
  strip: [1, 60],
  cube: [2, 40],
  sheet: [1, 400],
  ear: [100, 400],
  pinch: [0.02, 2],
  jar: [80, 1500],
  tin: [40, 1000],
  bag: [50, 3000],
  packet: [5, 1500],
  tub: [100, 1500],
  bottle: [100, 1500],
  box: [50, 3000],
  cup: [5, 400],
  tbsp: [0.5, 25],
  tsp: [0.1, 9],
};

/** Foods whose own name holds the measure: "1 leaf Chinese leaf" is one of them, as "1 Chinese leaf" is. */
const ownNames: readonly string[] = ["leaf cabbage-napa"];

describe("every food by every measure", () => {
  it.each(Object.entries(bands))(
    "one %s weighs what one can, or is asked about",
    (measure, [least, most]) => {
      let read = 0;
      const wrong = foods.flatMap(({ id, name }) => {
        const { grams, questions } = readLine(`1 ${measure} ${name}`, reader);
        if (!grams || questions.length > 0 || ownNames.includes(`${measure} ${id}`)) return [];
        read++;
        return grams.value >= least && grams.value <= most ? [] : [`${id}: ${grams.value} g`];
      });
      expect(wrong).toEqual([]);
      if (["cup", "tbsp", "tsp", "handful"].includes(measure)) expect(read).toBeGreaterThan(100);
    },
  );

  it("words for a whole one stand beside foods that exist", () => {
    for (const id of Object.values(countedBy).flat())
      expect(referenceCatalogue.ingredients.has(id)).toBe(true);
  });
});
