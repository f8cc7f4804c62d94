import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { factsOf } from "../../test/kitchen.ts";
import { check } from "../../test/property.ts";
import { toGrams, type Weight } from "../catalogue/index.ts";
import { referenceCatalogue } from "../catalogue/reference.ts";
import { parseAmount } from "../measure/index.ts";
import { usableAmount } from "../recipes/line-amount.ts";
import { trimOf } from "./as-bought.ts";
import { piecesOnHand } from "./pieces-on-hand.ts";
import { piecesLeft, piecesToTake, weighedPieceG, wholePieces } from "./whole-pieces.ts";

describe("whole pieces", () => {
  const of = (id: string, wantedG: number, onHandG: number, weighedG: number | null = null) =>
    wholePieces(wantedG, onHandG, { facts: factsOf(id), weighedG });

  it("are cut into whole: two of six lemons, three cloves of the head", () => {
    expect(of("lemon", 130, 660)).toBe(220);
    expect(of("lemon", 110, 660)).toBe(110);
    expect(of("lemon", 114, 660)).toBe(114);
    expect(of("lemon", 5, 660)).toBe(110);
    expect(of("garlic", 9, 40)).toBeCloseTo(3 * 3.45, 9);
    // 3 g of peeled clove at the yield of peeling, where the table has the trimmed weight alone.
    const garlic = factsOf("garlic");
    const trimmed = { ...garlic, measures: garlic.measures.filter((m) => m.state === "trimmed") };
    const peeled = garlic.trims[0]?.mean ?? 0;
    expect(wholePieces(5, 40, { facts: trimmed, weighedG: null })).toBeCloseTo((2 * 3) / peeled, 9);
    // An egg of 50 g without its shell, separated for a yolk of 17 g: one egg, not three.
    expect(of("egg", 30, 600)).toBeCloseTo(50 / 0.88, 9);
  });

  it("are what these pieces weigh, where they were counted", () => {
    expect(of("eggplant", 900, 2000, 500)).toBe(1000);
    expect(of("eggplant", 900, 2000)).toBe(2 * 583);
  });

  it("never more than there is, and by weight where food comes in no pieces", () => {
    expect(of("lemon", 130, 150)).toBe(150);
    expect(of("chard", 130, 600)).toBe(130);
    expect(of("chard", 130, 100)).toBe(100);
  });
});

describe("pieces as a cook counts them", () => {
  const take = (id: string, name: string, wantedG: number, weighedG: number | null = null) =>
    piecesToTake(wantedG, 5000, { facts: factsOf(id), weighedG, name });

  it.each([
    ["eggplant", "aubergine", 600, 320, { count: 2, name: "aubergines", grams: 640, isWeighed: true }],
    ["eggplant", "aubergine", 300, 320, { count: 1, name: "aubergine", grams: 320, isWeighed: true }],
    ["lemon", "lemon", 130, null, { count: 2, name: "lemons", grams: 220, isWeighed: false }],
    ["tomato", "tomato", 800, 200, { count: 4, name: "tomatoes", grams: 800, isWeighed: true }],
    ["garlic", "garlic", 10, null, { count: 3, name: "cloves of garlic" }],
    ["leek", "leek", 950, 237.5, { count: 4, name: "leeks", grams: 950, isWeighed: true }],
  ])("%s: %s, %p g", (id, name, wantedG, weighedG, expected) => {
    expect(take(id, name, wantedG, weighedG)).toMatchObject(expected);
  });

  it("are none of what comes in no pieces, or in too many to count", () => {
    expect(take("chard", "chard", 300)).toBeNull();
    expect(take("cherry-tomato", "cherry tomato", 800, 15)).toBeNull();
    expect(take("garlic", "garlic", 35)).toBeNull();
  });

  it("are what is got ready for them: as many grams as are trimmed", () => {
    check(
      fc.property(fc.double({ min: 1, max: 900, noNaN: true }), (wantedG) => {
        const found = take("lemon", "lemon", wantedG);
        expect(found?.grams).toBe(wholePieces(wantedG, 5000, { facts: factsOf("lemon"), weighedG: null }));
      }),
    );
  });
});

describe("pieces that were counted and weighed", () => {
  const each = (text: string, id: string): number | undefined => {
    const read = parseAmount(text, "us-customary");
    if (!read.ok) throw new Error(read.issue.code);
    return weighedPieceG(read.value.amount, factsOf(id));
  };
  it.each([
    ["4, 2.0 kg", "eggplant", 500],
    ["4 pieces, 2 kg", "eggplant", 500],
    ["4 aubergines (500 g each)", "eggplant", 500],
    ["3 large, 600 g", "leek", 200],
    ["6 cloves, 27 g", "garlic", 4.5],
    ["5 ears, 1.4 kg", "corn", 280],
    ["3 bunches, 450 g", "parsley", undefined],
    ["2 heads, 120 g", "garlic", undefined],
    ["2 kg", "eggplant", undefined],
    ["4", "eggplant", undefined],
    ["4 aubergines", "eggplant", undefined],
  ])("%s of %s: %p g each", (text, id, grams) => {
    expect(each(text, id)).toBe(grams);
  });

  it("are so many still, to the nearest half", () => {
    expect(piecesLeft(2000, 500)).toBe(4);
    expect(piecesLeft(1740, 500)).toBe(3.5);
    expect(piecesLeft(1630, 500)).toBe(3.5);
    expect(piecesLeft(40, 500)).toBe(0.5);
    expect(piecesLeft(0, 500)).toBe(0);
  });
});

describe("pieces that are bought with more around them", () => {
  const counted = (text: string, id: string): Weight => {
    const read = parseAmount(text, "us-customary");
    const weight = read.ok && toGrams(read.value.amount, factsOf(id), { rest: read.value.rest });
    if (!weight || !weight.ok) throw new Error(text);
    return weight.value;
  };

  it("two eggs of 50 g are two eggs in their shells, each figure by the usual trim", () => {
    const eggs = piecesOnHand(counted("2 medium", "egg"), factsOf("egg"));
    expect(eggs).toMatchObject({ form: "as-bought", isTrimmedPiece: false });
    expect(eggs.grams.value).toBeCloseTo(100 / 0.88, 9);
    expect(eggs.grams.low).toBeCloseTo(94 / 0.88, 9);
    expect(eggs.grams.high).toBeCloseTo(112 / 0.88, 9);
    expect(eggs.workings).toContain("÷ 0.88 (shell)");
  });

  it.each([
    ["a handful, which is of what is in the hand", "1 handful", "parsley"],
    ["pieces that are weighed whole already", "4 medium", "leek"],
    ["food that comes ready to use", "1 block", "feta"],
    ["what was weighed", "200 g", "egg"],
  ])("%s stays as it is", (_what, text, id) => {
    const weight = counted(text, id);
    expect(piecesOnHand(weight, factsOf(id))).toBe(weight);
  });
});

/** Words that count pieces, as a cook says them. */
const countedAs = [
  "4 medium",
  "4 small",
  "4 large",
  "4 pieces",
  "4 cloves",
  "4 ears",
  "4 heads",
  "4 stalks",
  "4 spears",
];

describe("four bought are four asked for", () => {
  it("of every food, in every word for its pieces, trimmed every way", () => {
    let walked = 0;
    const short: string[] = [];
    for (const facts of referenceCatalogue.ingredients.values())
      for (const text of countedAs) {
        const read = parseAmount(text, "us-customary");
        const weight = read.ok ? toGrams(read.value.amount, facts, { rest: read.value.rest }) : read;
        if (!weight.ok) continue;
        const bought = piecesOnHand(weight.value, facts);
        for (const trim of [null, ...facts.trims.map((one) => one.method)]) {
          const asked = usableAmount(weight.value, facts, { trim, words: "" });
          const way = trimOf(facts, trim);
          const given =
            bought.form === "as-bought" && way ? bought.grams.value * way.mean : bought.grams.value;
          walked++;
          if (Math.abs(asked.grams - given) > 0.002)
            short.push(`${text} ${facts.id}, ${trim ?? "as usual"}: ${asked.grams} of ${given}`);
        }
      }
    expect(short).toEqual([]);
    expect(walked).toBeGreaterThan(500);
  });
});
