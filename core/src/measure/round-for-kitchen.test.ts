import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { roundForKitchen, roundToScale } from "./round-for-kitchen.ts";

const oil = [
  { name: "tsp", grams: 4.5 },
  { name: "tbsp", grams: 13.5 },
  { name: "cup", grams: 216 },
];

describe("rounding to the scale", () => {
  it.each([
    [0, "0 g", 0],
    [0.1, "0.5 g", 4],
    [3.3, "3.5 g", 0.0606],
    [27.4, "27 g", -0.0146],
    [412, "410 g", -0.0049],
  ])("%d g is weighed as %s", (grams, text, error) => {
    const rounded = roundToScale(grams);
    expect(rounded.text).toBe(text);
    expect(rounded.error).toBeCloseTo(error, 3);
  });

  it.each([
    [3, "us", "0.1 oz", -0.055],
    [105, "us", "3.75 oz", 0.0125],
    [412, "us", "14.5 oz", -0.0023],
    [105, "both", "105 g (3.75 oz)", 0],
  ] as const)("%d g in a kitchen of %s units is weighed as %s", (grams, system, text, error) => {
    const rounded = roundToScale(grams, { system, locale: "en-US" });
    expect(rounded.text).toBe(text);
    expect(rounded.error).toBeCloseTo(error, 3);
  });

  it("writes the decimal mark of the locale", () => {
    expect(roundToScale(3.3, { system: "metric", locale: "de-DE" }).text).toBe("3,5 g");
  });

  it("is never further off than half its step and says so itself", () => {
    check(
      fc.property(fc.double({ min: 1, max: 5000, noNaN: true }), (grams) => {
        const rounded = roundToScale(grams);
        const step = grams < 10 ? 0.5 : grams < 100 ? 1 : 5;
        expect(Math.abs(rounded.grams - grams)).toBeLessThanOrEqual(step / 2 + 1e-9);
        expect(rounded.grams).toBeCloseTo(grams * (1 + rounded.error), 6);
      }),
    );
  });
});

describe("rounding to spoons and cups", () => {
  it.each([
    [13.5, "1 tbsp"],
    [4.4, "1 tsp"],
    [6.75, "½ tbsp"],
    [108, "½ cup"],
    [324, "1½ cups"],
    [2.2, "½ tsp"],
  ])("%d g of oil is %s", (grams, text) => {
    expect(roundForKitchen(grams, oil)?.text).toBe(text);
  });

  it("leaves it to the scale when no measure comes near", () => {
    expect(roundForKitchen(0.3, oil)).toBeUndefined();
    expect(roundForKitchen(4000, oil)).toBeUndefined();
    expect(roundForKitchen(50, [])).toBeUndefined();
  });

  it("never exceeds the error it was allowed", () => {
    check(
      fc.property(fc.double({ min: 0.5, max: 1500, noNaN: true }), (grams) => {
        const rounded = roundForKitchen(grams, oil, 0.08);
        if (rounded) expect(Math.abs(rounded.grams / grams - 1)).toBeLessThanOrEqual(0.08 + 1e-9);
      }),
    );
  });

  it("says cups and cloves for several, and leaves spoons alone", () => {
    expect(roundForKitchen(216, [{ name: "cup chopped", grams: 36 }])?.text).toBe("6 cups chopped");
    expect(roundForKitchen(6, [{ name: "clove", grams: 3 }])?.text).toBe("2 cloves");
    expect(roundForKitchen(40.5, [{ name: "tbsp", grams: 13.5 }])?.text).toBe("3 tbsp");
  });
});
