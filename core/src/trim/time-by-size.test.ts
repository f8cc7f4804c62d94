import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { sizesForSameTime, pieceMm, sizeFor, timeFactor, wholeTimeFactor } from "./time-by-size.ts";

describe("time by size", () => {
  it("20 to 40 mm dice takes 2.4 times as long, not 4 (worked example of the design)", () => {
    const factor = timeFactor({ mm: 40, referenceMm: 20, heat: "oven" });
    expect(factor.ok && factor.value).toBeCloseTo(2.37, 2);
  });

  it("in boiling water conduction alone decides: nearly the square", () => {
    const factor = timeFactor({ mm: 40, referenceMm: 20, heat: "water" });
    expect(factor.ok && factor.value).toBeGreaterThan(3.5);
  });

  it("the size for a factor is the factor's inverse", () => {
    check(
      fc.property(fc.double({ min: 5, max: 100, noNaN: true }), (mm) => {
        const factor = timeFactor({ mm, referenceMm: 25, heat: "oven" });
        expect(factor.ok && sizeFor(factor.value, 25, "oven")).toBeCloseTo(mm, 6);
      }),
    );
  });

  it("whole fruit goes with the cube root of its mass", () => {
    expect(wholeTimeFactor({ grams: 800, referenceG: 100, referenceMm: 60, heat: "oven" })).toBeCloseTo(
      (0.06 + 23 * 0.06 ** 2) / (0.03 + 23 * 0.03 ** 2),
      9,
    );
  });

  it("roots that must be done together: the slow one is cut smaller", () => {
    const sizes = sizesForSameTime(
      [
        { id: "beet", minutes: 42, mm: 20 },
        { id: "carrot", minutes: 30, mm: 20 },
      ],
      35,
    );
    expect(sizes[0]?.mm).toBeLessThan(20);
    expect(sizes[1]?.mm).toBeGreaterThan(20);
  });

  it("reads the size a piece is described by", () => {
    expect(["25 mm dice, oiled", "5-8 cm roots wrapped", "whole, pricked"].map(pieceMm)).toEqual([
      25,
      65,
      undefined,
    ]);
  });

  it.each([
    [0, 20],
    [20, 0],
    [500, 20],
    [Number.NaN, 20],
  ])("refuses %d mm against %d mm", (mm, referenceMm) => {
    expect(timeFactor({ mm, referenceMm, heat: "oven" })).toMatchObject({
      ok: false,
      issue: { code: "size-out-of-range" },
    });
  });
});
