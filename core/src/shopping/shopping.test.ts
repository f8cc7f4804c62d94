import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { toGrams, type IngredientFacts } from "../catalogue/index.ts";
import { estimate, exactly, neededFor, parseAmount, product } from "../measure/index.ts";
import type { AcceptedDish } from "../match/index.ts";
import { howSold, shoppingNeeds, soldAmount, soldWords, withBought } from "./index.ts";
import { counters } from "./tables/usual-packs.ts";

const facts = (id: string): IngredientFacts => {
  const found = catalogue.ingredients.get(id);
  if (!found) throw new Error(id);
  return found;
};
const one = exactly(1);

describe("how things are sold", () => {
  it("whole bunches and pieces, the low end of both counted on", () => {
    const kale = facts("kale");
    const bunch = kale.measures.find((row) => row.measure === "bunch" && row.state === "whole");
    const y = estimate(0.6, 0.5, 0.7);
    const sold = howSold(kale, 300, y);
    const each = product(estimate(bunch?.grams ?? 0, bunch?.low ?? 0, bunch?.high ?? 0), y);
    expect(sold.count).toBe(Math.ceil(300 / each.low));
    expect(soldWords(sold)).toBe(`${sold.count} bunches`);
    expect(soldWords({ measure: "each-medium", count: 3, grams: 400 })).toBe("3 ×");
    expect(soldWords({ measure: "bunch", count: 1, grams: 200 })).toBe("1 bunch");
  });

  it("packs of what stands dry on a shelf, the next step of what is weighed out; small pieces are not counted", () => {
    expect(soldWords(howSold(facts("walnut"), 120, one))).toBe("2 packs of 100 g");
    expect(soldWords(howSold(facts("green-bean"), 95, exactly(0.9)))).toBe("150 g");
    expect(soldWords(howSold(facts("nasturtium-flower"), 12, one))).toBe("20 g");
  });

  it("every ingredient has a counter, gives enough at the low end, and its amount is read back", () => {
    check(
      fc.property(
        fc.constantFrom(...catalogue.ingredients.values()),
        fc.integer({ min: 1, max: 5000 }),
        (food, usableG) => {
          const trim = food.trims[0];
          const y = trim ? { value: trim.mean, low: trim.low, high: trim.high } : one;
          const sold = howSold(food, usableG, y);
          // Enough at the low end of what one weighs and of what is left of it.
          const row = food.measures.find((one) => one.measure === sold.measure && one.state === "whole");
          const content = row ? undefined : food.measures.find((one) => one.measure === sold.measure);
          if (content) expect((sold.count ?? 0) * content.low).toBeGreaterThanOrEqual(usableG - 1e-6);
          const each = content ? undefined : row;
          if (each)
            expect(
              (sold.count ?? 0) * product(estimate(each.grams, each.low, each.high), y).low,
            ).toBeGreaterThan(usableG - 1e-6);
          else if (!content) expect(sold.grams).toBeGreaterThanOrEqual(neededFor(usableG, y).high - 1e-6);
          const read = parseAmount(soldAmount(sold), "metric");
          if (!read.ok) throw new Error(soldAmount(sold));
          const weight = toGrams(read.value.amount, food, { rest: read.value.rest });
          if (!content) expect(weight.ok && weight.value.grams.value).toBeCloseTo(sold.grams, 0);
          expect(weight.ok).toBe(true);
          const [need] = shoppingNeeds([{ name: "A", buys: [{ ingredient: food.id, grams: usableG }] }], {
            ...{ catalogue, yieldOf: () => y, perKgMinor: () => 1000 },
          });
          expect(counters).toContain(need?.counter);
          if (need?.bought === food.id) expect(need.priceMinor).toBe(Math.round(sold.grams));
        },
      ),
      { numRuns: 300 },
    );
  });
});

describe("a shopping list", () => {
  it("has each food once, for all the dishes that need it, counter by counter", () => {
    const needs = shoppingNeeds(
      [
        { name: "Slaw", buys: [{ ingredient: "walnut", grams: 60 }] },
        {
          name: "Pesto",
          buys: [
            { ingredient: "walnut", grams: 50 },
            { ingredient: "kale", grams: 100 },
            { ingredient: "salt-sea-fine", grams: 0.05 },
          ],
        },
      ],
      { catalogue, yieldOf: () => one, perKgMinor: () => undefined },
    );
    expect(needs.map(({ ingredient, usableG, dishes }) => [ingredient, usableG, dishes])).toEqual([
      ["kale", 100, ["Pesto"]],
      ["walnut", 110, ["Slaw", "Pesto"]],
    ]);
    expect(needs[0]?.priceMinor).toBeNull();
  });
});

describe("what is bought for what dishes ask", () => {
  it("limes for their juice, eggs by the piece, fish by the tin; boiled chickpeas as they are", () => {
    const buys = ["lime-juice", "egg", "tuna-tinned", "chickpea"].map((ingredient) => ({
      ingredient,
      grams: 60,
    }));
    const needs = shoppingNeeds([{ name: "A", buys }], {
      ...{ catalogue, perKgMinor: () => 100 },
      yieldOf: (id, method) => {
        const trim = facts(id).trims.find((one) => method === null || one.method === method);
        return trim ? { value: trim.mean, low: trim.low, high: trim.high } : one;
      },
    });
    const words = Object.fromEntries(needs.map((need) => [need.bought, soldWords(need)]));
    expect(words).toMatchObject({ egg: "2 ×", "tuna-tinned": "1 tin", chickpea: "1 tin" });
    expect(parseInt(words["lime"] ?? "", 10)).toBeGreaterThanOrEqual(2);
    expect(needs.find((need) => need.bought === "lime")).toMatchObject({
      ...{ ingredient: "lime-juice", method: "squeeze", counter: "Vegetables and fruit" },
    });
  });
});

describe("what was bought", () => {
  const dishes: (Pick<AcceptedDish, "day" | "uses" | "buys"> & { id: string })[] = [
    { id: "late", day: "2026-03-02", uses: [], buys: [{ ingredient: "kale", grams: 200 }] },
    { id: "early", day: "2026-03-01", uses: [], buys: [{ ingredient: "kale", grams: 100 }] },
    { id: "other", day: "2026-03-01", uses: [], buys: [{ ingredient: "walnut", grams: 30 }] },
  ];
  const lot = { ingredient: "kale", lotId: "new", toDo: "strip-leaves" };

  it("is for the earliest day first; what it does not cover is still to be bought", () => {
    const after = withBought(dishes, { ...lot, share: 0.5, grams: 500 });
    const of = (id: string) => after.find((dish) => dish.id === id);
    expect(of("early")).toMatchObject({ buys: [], uses: [{ lotId: "new", grams: 100, lotG: 200 }] });
    expect(of("late")).toMatchObject({
      buys: [{ ingredient: "kale", grams: 50 }],
      uses: [{ grams: 150, lotG: 300, toDo: "strip-leaves" }],
    });
    expect(of("other")).toBe(dishes[2]);
  });

  it("loses no gram that was wanted", () => {
    check(
      fc.property(
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        fc.integer({ min: 1, max: 900 }),
        (share, grams) => {
          const after = withBought(dishes, { ...lot, share, grams });
          const bought = after.flatMap((dish) => dish.uses).reduce((g, use) => g + use.grams, 0);
          const open = after.flatMap((d) => d.buys.filter((b) => b.ingredient === "kale"));
          expect(bought + open.reduce((g, b) => g + b.grams, 0)).toBeCloseTo(300, 6);
          const lies = after.flatMap((dish) => dish.uses).reduce((g, use) => g + use.lotG, 0);
          expect(lies).toBeLessThanOrEqual(grams + 1e-6);
        },
      ),
    );
  });
});
