import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { showGrams } from "./show.ts";
import { parseAmount } from "./parse-amount.ts";
import { showQuantity } from "./show-quantity.ts";
import { unitsFor, type CupSystem, type Unit } from "./units.ts";

/** Half of each unit's step: what a text may stand from the quantity it was written for. */
const stepError: Readonly<Record<string, number>> = {
  mg: 0.5,
  g: 0.05,
  kg: 0.005,
  tonne: 0.0005,
  oz: 0.005,
  lb: 0.005,
  ml: 0.05,
  cl: 0.05,
  dl: 0.005,
  l: 0.005,
  "fl oz": 0.005,
  tsp: 1 / 16,
  tbsp: 1 / 16,
  cup: 1 / 16,
  pint: 1 / 16,
  quart: 1 / 16,
  gallon: 1 / 16,
  stone: 1 / 16,
  dessertspoon: 1 / 16,
  teacup: 1 / 16,
  mug: 1 / 16,
};

const cups: readonly CupSystem[] = ["us-customary", "us-label", "metric"];
const everyUnit: readonly (readonly [CupSystem, Unit])[] = cups.flatMap((cup) =>
  unitsFor(cup).map((unit) => [cup, unit] as const),
);

describe("parse(show(q)) = q within the stated rounding", () => {
  it.each(everyUnit.map(([cup, unit]) => [unit.id, cup, unit] as const))("%s, %s", (id, cup, unit) => {
    check(
      fc.property(
        fc.double({ min: 0.13, max: 60, noNaN: true }),
        fc.constantFrom("en-GB", "de-DE"),
        (count, locale) => {
          // A milligram is the least a kitchen writes down, a quarter of a tonne the most.
          const atLeastOne = id === "mg" ? count + 1 : Math.min(count, 240_000 / unit.factor);
          const shown = showQuantity(atLeastOne, unit, locale);
          const read = parseAmount(shown.text, cup);
          expect(read.ok).toBe(true);
          if (!read.ok) return;
          const { amount } = read.value;
          const inUnits =
            (amount.kind === "mass" ? amount.grams : amount.kind === "volume" ? amount.ml : Number.NaN) /
            unit.factor;
          expect(Math.abs(inUnits - atLeastOne)).toBeLessThanOrEqual((stepError[id] ?? 0) + 1e-6);
          expect(inUnits - atLeastOne).toBeCloseTo(shown.error, 6);
        },
      ),
    );
  });

  it("holds for weights in either system", () => {
    check(
      fc.property(fc.double({ min: 5, max: 20_000, noNaN: true }), (grams) => {
        for (const [system, error] of [
          ["metric", grams < 9.95 ? 0.05 : grams < 999.5 ? 0.5 : 5],
          ["us", 28.349523125 / 8],
        ] as const) {
          const read = parseAmount(showGrams(grams, system), "us-customary");
          expect(
            read.ok && read.value.amount.kind === "mass" && Math.abs(read.value.amount.grams - grams),
          ).toBeLessThanOrEqual(error + 1e-6);
        }
      }),
    );
  });
});

describe("the way it is written", () => {
  const unit = (id: string): Unit => unitsFor("us-customary").find((u) => u.id === id) ?? ({} as Unit);
  it.each([
    [1.34, "cup", "1⅓ cups"],
    [0.5, "cup", "½ cup"],
    [2, "tbsp", "2 tbsp"],
    [0.26, "tsp", "¼ tsp"],
    [1.96, "cup", "2 cups"],
    [1, "cup", "1 cup"],
    [0.125, "cup", "⅛ cup"],
    [2.375, "cup", "2⅜ cups"],
    [0.625, "cup", "⅝ cup"],
    [2 / 3, "cup", "⅔ cup"],
    [0.875, "quart", "⅞ quart"],
    [1.75, "pint", "1¾ pints"],
    // Half way between two fractions the lesser is taken.
    [1.0625, "cup", "1 cup"],
    [2.4, "mg", "2 mg"],
    [1.26, "ml", "1.3 ml"],
    [1.26, "cl", "1.3 cl"],
    [1.265, "dl", "1.26 dl"],
    [0.1234, "tonne", "0.123 tonne"],
    [430.04, "g", "430 g"],
    [0.43, "kg", "0.43 kg"],
  ])("%d %s is %s", (count, id, text) => {
    expect(showQuantity(count, unit(id)).text).toBe(text);
  });

  it("uses the decimal mark of the kitchen's locale, and both systems where both are wanted", () => {
    expect(showGrams(1240, { system: "metric", locale: "de-DE" })).toBe("1,24 kg");
    expect(showGrams(430, { system: "both", locale: "en-GB" })).toBe("430 g (15.25 oz)");
    expect(showGrams(430, { system: "both", locale: "not a locale" })).toBe("430 g (15.25 oz)");
  });
});
