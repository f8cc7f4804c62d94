import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { estimate, exactly } from "./estimate.ts";
import { parseAmount } from "./parse-amount.ts";
import { honestStep, showEstimate, showGrams, showPercent, showPortions, showYield } from "./show.ts";

describe("weights as a cook reads them", () => {
  it.each([
    [0, "0 g"],
    [0.35, "0.3 g"],
    [2.5, "2.5 g"],
    [9.94, "9.9 g"],
    [9.96, "10 g"],
    [10.6, "11 g"],
    [-2.5, "-2.5 g"],
    [-430.4, "-430 g"],
    [430.4, "430 g"],
    [999.4, "999 g"],
    [9.95, "10 g"],
    [999.5, "1 kg"],
    [999.6, "1 kg"],
    [1240, "1.24 kg"],
    [1234.6, "1.23 kg"],
    [2000, "2 kg"],
  ])("%d g in metric is %s", (grams, text) => {
    expect(showGrams(grams)).toBe(text);
  });

  it.each([
    [4.4, "0.15 oz"],
    [26.93, "0.95 oz"],
    [28.35, "1 oz"],
    [29.6, "1 oz"],
    [453.0, "1 lb"],
    [446.5, "15.75 oz"],
    [907.5, "2 lb"],
    [914, "2 lb 0.25 oz"],
    [-4.4, "-0.15 oz"],
    [120, "4.25 oz"],
    [453.59, "1 lb"],
    [567, "1 lb 4 oz"],
  ])("%d g in US units is %s", (grams, text) => {
    expect(showGrams(grams, "us")).toBe(text);
  });

  it("shows a range in one unit, no finer than the range deserves", () => {
    expect(showEstimate(estimate(85, 60, 110))).toBe("about 85 g (60–110 g)");
    expect(showEstimate(estimate(702.3, 498.1, 902.7))).toBe("about 700 g (500–900 g)");
    expect(showEstimate(estimate(350, 250, 450))).toBe("about 350 g (250–450 g)");
    expect(showEstimate(estimate(950, 800, 1300))).toBe("about 950 g (800 g–1.3 kg)");
    expect(showEstimate(estimate(6, 5, 7))).toBe("about 6 g (5–7 g)");
    expect(showEstimate(estimate(607, 606.9, 607.1))).toBe("about 607 g");
    expect(showEstimate(exactly(430))).toBe("430 g");
  });

  it("takes steps of 1 or 5 times a power of ten, never less than a gram", () => {
    expect([3, 50, 200, 404, 900].map(honestStep)).toEqual([1, 5, 10, 50, 100]);
    expect([34, 35, 36, 74, 75, 76, 340, 350].map(honestStep)).toEqual([1, 5, 5, 5, 10, 10, 10, 50]);
    expect([0, -1, Number.NaN].map(honestStep)).toEqual([1, 1, 1]);
  });

  it("shows portions to the half, and never none while something is left", () => {
    expect([0, 0.1, 1.2, 2.3, 9].map(showPortions)).toEqual(["0", "0.5", "1", "2.5", "9"]);
  });

  it("shows yields with two decimals and shares as per cent", () => {
    expect([showYield(0.6), showPercent(0.6249)]).toEqual(["0.60", "62 %"]);
  });
});

describe("what is shown can be typed back", () => {
  const backG = (text: string): number => {
    const result = parseAmount(text, "us-customary");
    return result.ok && result.value.amount.kind === "mass" ? result.value.amount.grams : Number.NaN;
  };

  it("metric: within half of the step shown", () => {
    check(
      fc.property(fc.double({ min: 0.1, max: 20_000, noNaN: true }), (grams) => {
        const half = grams < 9.95 ? 0.05 : grams < 999.5 ? 0.5 : 5;
        expect(Math.abs(backG(showGrams(grams)) - grams)).toBeLessThanOrEqual(half + 1e-9);
      }),
    );
  });

  it("US: within an eighth of an ounce", () => {
    check(
      fc.property(fc.double({ min: 10, max: 20_000, noNaN: true }), (grams) => {
        expect(Math.abs(backG(showGrams(grams, "us")) - grams)).toBeLessThanOrEqual(28.349523125 / 8 + 1e-6);
      }),
    );
  });
});

describe("the step of a range", () => {
  it.each([
    [0, 1],
    [-3, 1],
    [1, 1],
    [70, 5],
    [80, 10],
    [30, 1],
    [40, 5],
    [300, 10],
    [400, 50],
    [800, 100],
  ])("a width of %p deserves %p", (width, step) => {
    expect(honestStep(width)).toBe(step);
  });
});
