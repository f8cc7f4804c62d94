import { describe, expect, it } from "@jest/globals";
import { factsOf } from "../../test/kitchen.ts";
import { findPoured } from "./find-measure.ts";

const cup = (measure: "cup-loose-leaves" | "cup-packed-leaves", low: number, high: number) => {
  const [row] = factsOf("kale").measures;
  if (!row) throw new Error("kale has no measures");
  return { ...row, measure, grams: (low + high) / 2, low, high, state: "trimmed" as const };
};
/** A cup of leaves in a kitchen that weighs them so, loose and packed. */
const aCup = (loose: readonly [number, number], packed: readonly [number, number]) =>
  findPoured(
    236.588,
    { word: "", size: "", preparation: [], unit: "cup" },
    {
      ...factsOf("kale"),
      measures: [cup("cup-loose-leaves", ...loose), cup("cup-packed-leaves", ...packed)],
    },
  )?.grams;

describe("a cup of leaves, loose or packed", () => {
  it("spans both, also where the packed begin as light as the loose", () => {
    expect(aCup([10, 14], [20, 26])).toEqual({
      value: expect.closeTo(17.5, 2),
      low: expect.closeTo(10, 2),
      high: expect.closeTo(26, 2),
    });
    expect(aCup([10, 14], [10, 26])).toEqual({
      value: expect.closeTo(15, 2),
      low: expect.closeTo(10, 2),
      high: expect.closeTo(26, 2),
    });
  });

  it("is the loose one where the packed are said to be lighter", () => {
    expect(aCup([10, 14], [9, 26])?.high).toBeCloseTo(14, 2);
  });
});
