import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import type { AmountForm } from "../catalogue/index.ts";
import { estimate, parseAmount } from "../measure/index.ts";
import { piecesOnHand } from "./pieces-on-hand.ts";
import { piecesLeft, weighedPieceG, wholePieces } from "./whole-pieces.ts";

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
  const onHand = (grams: number, word: string, id: string, form: AmountForm = "usable") =>
    piecesOnHand(
      { grams: estimate(grams, grams * 0.9, grams * 1.1), weighed: false, form, workings: "counted" },
      { word, facts: factsOf(id) },
    );

  it("two eggs of 50 g are two eggs in their shells, each figure by the usual trim", () => {
    const eggs = onHand(100, "", "egg");
    expect(eggs.form).toBe("as-bought");
    expect(eggs.grams.value).toBeCloseTo(100 / 0.88, 9);
    expect(eggs.grams.low).toBeCloseTo(90 / 0.88, 9);
    expect(eggs.grams.high).toBeCloseTo(110 / 0.88, 9);
    expect(eggs.workings).toContain("÷ 0.88 (shell)");
    expect(onHand(9, "large clove", "garlic").grams.value).toBeCloseTo(
      9 / (factsOf("garlic").trims[0]?.mean ?? 0),
      9,
    );
  });

  it.each([
    ["a handful, which is of what is in the hand", 30, "handful", "parsley", "usable"],
    ["pieces that are weighed whole already", 800, "", "leek", "as-bought"],
    ["food that comes ready to use", 200, "", "feta", "usable"],
  ] as const)("%s stays as it is", (_what, grams, word, id, form) => {
    expect(onHand(grams, word, id, form)).toMatchObject({
      form,
      grams: { value: grams },
      workings: "counted",
    });
  });
});
