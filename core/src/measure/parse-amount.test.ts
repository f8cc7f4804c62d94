import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { parseAmount, type Amount } from "./parse-amount.ts";

const read = (text: string): Amount | string => {
  const result = parseAmount(text, "us-customary");
  return result.ok ? result.value.amount : result.issue.code;
};
const grams = (text: string): number => {
  const amount = read(text);
  return typeof amount === "object" && amount.kind === "mass" ? amount.grams : Number.NaN;
};

describe("weights", () => {
  it.each([
    ["430", 430],
    ["  430 g ", 430],
    ["430g", 430],
    ["0.43 kg", 430],
    ["0,43 kg", 430],
    [".5 kg", 500],
    ["1.25kg", 1250],
    ["1 lb 4 oz", 453.59237 + 4 * 28.349523125],
    ["1lb 4oz", 453.59237 + 4 * 28.349523125],
    ["2 lb", 907.18474],
    ["½ lb", 226.796185],
    ["1 ½ lb", 680.388555],
    ["1½ lb", 680.388555],
    ["1 1/2 lb", 680.388555],
    ["3/4 kg", 750],
    ["half a kilo", 500],
    ["a pound", 453.59237],
    ["500 mg", 0.5],
    ["2-4 kg", 3000],
    ["1 kg 200 g", 1200],
    ["10 000 g", 10_000],
    ["1 000 g", 1000],
    ["1\u202f500 g", 1500],
    ["12\u00a0500", 12_500],
  ])("%s is %d g", (text, expected) => {
    expect(grams(text)).toBeCloseTo(expected, 6);
  });

  it.each([
    ["250 kg", 250_000],
    ["1 kg 1 kg", 1000],
    ["2 kg 3 carrots", 2000],
    ["2 kg 300 ml", 2000],
  ])("%s is %d g and no more", (text, expected) => {
    expect(grams(text)).toBe(expected);
  });

  it.each(["1 500 g", "12 500 g", "2 400", "1e3 g", "1e12 g", "1e400 g", "10 12 g"])(
    "%s may be two things, or nothing a cook writes: it is asked",
    (text) => {
      expect(read(text)).toBe("amount-not-understood");
    },
  );

  it("millions are read as millions, and are too much", () => {
    expect(read("10 000 000 kg")).toBe("amount-too-large");
  });

  it("keeps plain ounces beside the grams: of something pourable they may be fluid", () => {
    expect(read("8 oz")).toEqual({ kind: "mass", grams: 8 * 28.349523125, ounces: 8 });
    expect(read("8 g")).toEqual({ kind: "mass", grams: 8 });
    expect(read("1 lb 4 oz")).not.toHaveProperty("ounces");
  });

  it("reads every whole gram and every whole ounce back", () => {
    check(
      fc.property(fc.integer({ min: 1, max: 8000 }), (n) => {
        expect(grams(`${n} g`)).toBe(n);
        expect(grams(`${n} oz`)).toBeCloseTo(n * 28.349523125, 6);
      }),
    );
  });
});

describe("volumes and counts", () => {
  it.each([
    ["½ cup", 118.29411825],
    ["1/8 cup", 29.5735295625],
    ["2 T", 29.5735295625],
    ["2 t", 9.8578431875],
    ["8 fl oz", 236.5882365],
    ["8 fl. oz.", 236.5882365],
    ["1 dl", 100],
    ["150 ml", 150],
    ["0,5 l", 500],
    ["250 l", 250_000],
  ])("%s is %d ml", (text, ml) => {
    expect(read(text)).toMatchObject({ kind: "volume" });
    expect((read(text) as { ml: number }).ml).toBeCloseTo(ml, 8);
  });

  it.each([
    ["2 bunches", 2, 2, "bunches"],
    ["1–2 cloves", 1, 2, "cloves"],
    ["1 to 2 heads", 1, 2, "heads"],
    ["a handful", 1, 1, "handful"],
    ["half a bunch", 0.5, 0.5, "bunch"],
    ["a half bunch", 0.5, 0.5, "bunch"],
    ["two bunches", 2, 2, "bunches"],
    ["a couple of heads", 2, 2, "heads"],
    ["½ small", 0.5, 0.5, "small"],
    ["2000 leaves", 2000, 2000, "leaves"],
  ])("%s is %d to %d × %s", (text, low, high, word) => {
    expect(read(text)).toEqual({ kind: "count", low, high, word });
  });

  it.each([
    ["4, 2.0 kg", 4, "", 2000],
    ["4 (2 kg)", 4, "", 2000],
    ["4 large (2 kg)", 4, "large", 2000],
    ["4 aubergines, about 2 kg", 4, "aubergines", 2000],
    ["4, 500 g each", 4, "", 2000],
    ["3 bunches 450 g", 3, "bunches", 450],
    ["6 = 1 lb 4 oz", 6, "", 566.99046],
    ["2–4 heads, 900 g in all", 3, "heads", 900],
    ["2000, 3 kg", 2000, "", 3000],
  ])("%s is %d %s that were weighed", (text, count, word, weight) => {
    expect(read(text)).toMatchObject({ kind: "mass", pieces: { count, word } });
    expect(grams(text)).toBeCloseTo(weight, 4);
  });

  it("takes a decimal comma for no count, and words after an amount for no weight", () => {
    expect(read("4,2 kg")).toEqual({ kind: "mass", grams: 4200 });
    expect(read("4 leeks, 2 thick ones")).toMatchObject({ kind: "count", low: 4 });
    expect(read("2 bunches, 1 cup")).toMatchObject({ kind: "count", low: 2 });
    expect(read("2001, 3 kg")).toBe("unit-unknown");
    expect(read("4, 0 g")).toMatchObject({ kind: "count", low: 4 });
    expect(read("4, 80 kg each")).toBe("amount-too-large");
  });

  it("keeps what follows the amount", () => {
    const result = parseAmount("2 bunches of chard, washed", "us-customary");
    expect(result.ok && result.value.rest).toBe("chard, washed");
  });
});

describe("refusals", () => {
  it.each([
    ["", "amount-empty"],
    ["   ", "amount-empty"],
    ["plenty", "amount-not-understood"],
    ["NaN", "amount-not-understood"],
    ["Infinity", "amount-not-understood"],
    ["0", "amount-not-positive"],
    ["0 kg", "amount-not-positive"],
    ["0.0001 g", "amount-not-positive"],
    ["-430", "amount-not-positive"],
    ["−5 g", "amount-not-positive"],
    ["- ½ kg", "amount-not-positive"],
    ["3-1 kg", "amount-not-positive"],
    ["2000 kg", "amount-too-large"],
    ["2 tonnes", "amount-too-large"],
    ["99999999999", "amount-too-large"],
    ["9000 l", "amount-too-large"],
    ["250.001 kg", "amount-too-large"],
    ["251 l", "amount-too-large"],
    ["2001 leaves", "unit-unknown"],
    ["5000 bunches", "unit-unknown"],
  ])("%p is refused as %s", (text, code) => {
    expect(read(text)).toBe(code);
  });

  it("never throws and never returns a number that is not finite and positive, whatever is typed", () => {
    check(
      fc.property(fc.oneof(fc.string(), fc.stringMatching(/^[-\d.,/½ ]{0,12} ?[a-z]{0,6}$/)), (text) => {
        const result = parseAmount(text, "metric");
        if (!result.ok) return;
        const { amount } = result.value;
        const numbers =
          amount.kind === "mass"
            ? [amount.grams]
            : amount.kind === "volume"
              ? [amount.ml]
              : [amount.low, amount.high];
        expect(numbers.every((n) => Number.isFinite(n) && n > 0)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });
});
