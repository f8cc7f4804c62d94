import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { roundForKitchen, roundToScale } from "./round-for-kitchen.ts";

const oil = [
  { name: "tsp", grams: 4.5 },
  { name: "tbsp", grams: 13.5 },
  { name: "cup", grams: 216 },
];

describe("pieces in a kitchen's words", () => {
  it("small ones stay whole, large ones may be halved, leaves are leaves", () => {
    const of = (grams: number, name: string, each: number) =>
      roundForKitchen(grams, [{ name, grams: each }])?.text;
    expect(of(31, "medium", 4)).toBe("8 medium");
    expect(of(165, "medium", 110)).toBe("1½ medium");
    expect(of(90, "medium", 59.9)).toBeUndefined();
    expect(of(90, "medium", 60)).toBe("1½ medium");
    expect(of(4.4, "leaf", 1)).toBe("4 leaves");
    expect(of(1, "leaf", 1)).toBe("1 leaf");
    expect(of(1.5, "clove", 3)).toBeUndefined();
  });
});

describe("rounding to the scale", () => {
  it.each([
    [0, "0 g", 0],
    [0.1, "0.1 g", 0],
    [0.94, "0.9 g", -0.0426],
    [0.06, "a trace", 0],
    [3.3, "3.5 g", 0.0606],
    [10.3, "10 g", -0.0291],
    [27.4, "27 g", -0.0146],
    [101, "100 g", -0.0099],
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
    [1.125, "¼ tsp"],
    [3.375, "¾ tsp"],
    [12.4, "2¾ tsp"],
  ])("%d g of oil is %s", (grams, text) => {
    expect(roundForKitchen(grams, oil)?.text).toBe(text);
  });

  it("leaves it to the scale when no measure comes near", () => {
    expect(roundForKitchen(0.3, oil)).toBeUndefined();
    expect(roundForKitchen(4000, oil)).toBeUndefined();
    expect(roundForKitchen(50, [])).toBeUndefined();
  });

  it("counts no quarters of a tablespoon, and no more than eight of a measure", () => {
    const spoon = [{ name: "tbsp", grams: 10 }];
    expect([2.5, 5, 17.4, 80, 90].map((grams) => roundForKitchen(grams, spoon, 0.2)?.text)).toEqual([
      undefined,
      "½ tbsp",
      "1½ tbsp",
      "8 tbsp",
      undefined,
    ]);
  });

  it("takes the nearest, whatever the order of the measures; errors within two per cent are alike", () => {
    const [tsp, tbsp] = oil;
    if (!tsp || !tbsp) throw new Error("two spoons");
    expect(roundForKitchen(12.4, [tbsp, tsp])?.text).toBe("2¾ tsp");
    expect(roundForKitchen(13.5, [tsp, tbsp])?.text).toBe("1 tbsp");
    // 0.99 % off and one to count, against exact and two to count.
    const [jar, scoop] = [
      { name: "jar", grams: 100.99 },
      { name: "scoop", grams: 50 },
    ];
    expect(roundForKitchen(100, [scoop, jar])?.text).toBe("1 jar");
    expect(roundForKitchen(100, [scoop, { ...jar, grams: 101.01 }])?.text).toBe("2 scoops");
  });

  it("may be off by twelve per cent and no more, and is never none of something", () => {
    const near = (grams: number) => roundForKitchen(100, [{ name: "head", grams }])?.text;
    expect([near(112), near(112.2)]).toEqual(["1 head", undefined]);
    expect(roundForKitchen(0.3, oil, 1)).toBeUndefined();
  });

  it("comes with its grams and its signed error", () => {
    expect(roundForKitchen(12.5, [{ name: "tbsp", grams: 13.5 }])).toEqual({
      text: "1 tbsp",
      grams: 13.5,
      error: 0.08,
    });
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
    expect(roundForKitchen(3, [{ name: "clove", grams: 3 }])?.text).toBe("1 clove");
    expect(roundForKitchen(40.5, [{ name: "tbsp", grams: 13.5 }])?.text).toBe("3 tbsp");
  });
});

describe("rounding to a scale at its edges", () => {
  it.each([
    [0, "metric", 0],
    [0.3, "metric", 0.3],
    [9.8, "metric", 10],
    [99.4, "metric", 99],
    [100.6, "metric", 100],
    [102.6, "metric", 105],
    // Less than a twentieth of an ounce is one: never none of something.
    [0.2, "us", 1.41747615625],
    [0, "us", 0],
  ] as const)("%p g in %s is %p g", (grams, system, expected) => {
    expect(roundToScale(grams, system).grams).toBeCloseTo(expected, 9);
  });
});
