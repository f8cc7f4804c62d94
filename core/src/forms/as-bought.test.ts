import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { factsOf } from "../../test/kitchen.ts";
import { check } from "../../test/property.ts";
import { estimate, exactly } from "../measure/index.ts";
import { isUsedWhole, trimOf, usableOf } from "./as-bought.ts";

describe("the way from the market to the dish", () => {
  it.each([
    ["leek", null, "top-and-tail"],
    ["corn", null, "cut-kernels-off-cob"],
    ["eggplant", "char-whole-then-scoop", "char-whole-then-scoop"],
    ["feta", null, undefined],
    ["cider-vinegar", null, undefined],
    ["salt-sea-fine", null, undefined],
    ["leek", "juggle", undefined],
  ])("of %s, %s said, is %s", (ingredient, said, method) => {
    expect(trimOf(factsOf(ingredient), said)?.method).toBe(method);
  });

  it.each([
    ["2 kohlrabi, unpeeled", true],
    ["500 g potatoes, skin on", true],
    ["new potatoes in their skins", true],
    ["1 whole lemon", true],
    ["2 quail, left whole", true],
    ["2 aubergines, charred whole, flesh scooped", false],
    ["2 tsp cumin, toasted whole and ground", false],
    ["2 kohlrabi, peeled", false],
    ["wholegrain mustard", false],
  ])("%p is used whole: %s", (words, whole) => {
    expect(isUsedWhole(words)).toBe(whole);
  });
});

describe("as bought and usable", () => {
  it("four leeks of 202 g are 808 g as bought and about 356 g usable", () => {
    // USDA SR Legacy NDB 11246: leek, bulb and lower leaf, refuse 56 %; one leek 89 g trimmed; from memory.
    const yielded = trimOf(factsOf("leek"), null);
    const { usable, workings } = usableOf(exactly(4 * 202), estimate(yielded?.mean ?? 0, 0.4, 0.5));
    expect(usable.value).toBeCloseTo(4 * 89, 0);
    expect(usable.low).toBeCloseTo(808 * 0.4, 9);
    expect(usable.high).toBeCloseTo(808 * 0.5, 9);
    expect(workings).toBe("808 g as bought × 0.44 = about 360 g (320–400 g) usable");
  });

  it("keeps low, middle and high in order, and grows with what is bought", () => {
    const grams = fc.double({ min: 1, max: 5000, noNaN: true });
    const share = fc.double({ min: 0.05, max: 1, noNaN: true });
    check(
      fc.property(grams, grams, share, (bought, more, yielded) => {
        const spread = estimate(yielded, yielded * 0.9, yielded * 1.1);
        const { usable } = usableOf(estimate(bought, bought * 0.8, bought * 1.2), spread);
        expect(usable.low).toBeLessThanOrEqual(usable.value);
        expect(usable.high).toBeGreaterThanOrEqual(usable.value);
        expect(usableOf(exactly(bought + more), spread).usable.value).toBeGreaterThan(
          usableOf(exactly(bought), spread).usable.value,
        );
      }),
    );
  });
});
