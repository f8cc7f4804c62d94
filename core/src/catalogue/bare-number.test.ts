import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { bareNumber, isBare } from "./bare-number.ts";
import { toGrams } from "./to-grams.ts";
import { parseAmount } from "../measure/index.ts";

const meant = (text: string, id: string): string => bareNumber(text, factsOf(id))?.likelier ?? "clear";

describe("a bare number that may be pieces or grams", () => {
  it.each([
    ["2", "eggplant", "pieces"],
    ["0.5", "cucumber", "pieces"],
    ["2,5", "cucumber", "pieces"],
    ["12", "walnut", "grams"],
    ["3", "walnut", "grams"],
    ["2", "walnut", "pieces"],
    ["13", "leek", "pieces"],
    ["24", "leek", "pieces"],
  ])("%p of %s: the likelier is %s", (text, id, likelier) => {
    expect(meant(text, id)).toBe(likelier);
  });

  it.each([
    ["430", "eggplant"],
    ["25", "leek"],
    ["13", "walnut"],
    ["2", "olive-oil"],
    ["2", "salt-sea-fine"],
    ["2 g", "eggplant"],
    ["2 bunches", "chard"],
    ["0", "eggplant"],
    ["", "eggplant"],
    ["2.3", "eggplant"],
  ])("%p of %s can mean one thing only", (text, id) => {
    expect(meant(text, id)).toBe("clear");
  });

  it("says both in full", () => {
    expect(bareNumber(" 2 ", factsOf("eggplant"))).toEqual({
      pieces: "2 pieces",
      grams: "2 g",
      likelier: "pieces",
    });
    expect(bareNumber("1", factsOf("eggplant"))?.pieces).toBe("1 piece");
  });

  it("goes by the weight of this very lot's pieces, where they were weighed", () => {
    expect(bareNumber("20", factsOf("eggplant"), { pieceG: 15 })).toBeUndefined();
    expect(bareNumber("20", factsOf("eggplant"), { pieceG: 300 })?.likelier).toBe("pieces");
    expect(bareNumber("3", factsOf("olive-oil"), { pieceG: 50 })?.likelier).toBe("pieces");
  });

  it("are grams where the lot does not hold so many pieces", () => {
    expect(bareNumber("4", factsOf("eggplant"), { pieceG: 300, holdsG: 1200 })?.pieces).toBe("4 pieces");
    expect(bareNumber("5", factsOf("eggplant"), { pieceG: 300, holdsG: 1200 })).toBeUndefined();
    expect(bareNumber("5", factsOf("eggplant"), { holdsG: 400 })).toBeUndefined();
  });

  it("the answer is read back as what it says", () => {
    const grams = (text: string): number => {
      const read = parseAmount(text, "metric");
      if (!read.ok) return NaN;
      const weight = toGrams(read.value.amount, factsOf("eggplant"), { rest: read.value.rest });
      return weight.ok ? weight.value.grams.value : NaN;
    };
    expect([grams("2 pieces"), grams("1 piece"), grams("2 g")]).toEqual([1166, 583, 2]);
  });
});

describe("a number and nothing else", () => {
  it.each([
    ["2", true],
    [" 12 ", true],
    ["1.5", true],
    ["1,5", true],
    ["1.2", false],
    ["2 g", false],
    ["", false],
  ])("%p: %p", (text, expected) => {
    expect(isBare(text)).toBe(expected);
  });
});
