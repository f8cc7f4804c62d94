import { describe, expect, it } from "@jest/globals";
import fc from "fast-check";
import { check } from "../../test/property.ts";
import { aFormula, aLine, factsOf } from "../../test/kitchen.ts";
import { referenceCatalogue as catalogue } from "../catalogue/reference.ts";
import { dishKinds, keepingOf, lineOf, fillerOf, type Formula, type Line } from "../recipes/index.ts";
import { hazardsOf, hazardsOfPart, shareOf, writtenUse } from "./hazards.ts";
import { placesFor, useBy } from "./use-by.ts";

const oilTooMuch = aLine("oil", 200, "olive-oil");
const dishOf = (lines: readonly Line[], extra: Partial<Formula> = {}): Formula =>
  aFormula(lines, { kind: "composed-plate", keeping: { fridge: "grain-salad", freezer: null }, ...extra });
const found = (dish: Formula): (readonly [string, number])[] =>
  hazardsOf(dish, writtenUse(dish), catalogue).map(({ id, days }) => [id, days] as const);
const shortest = (dish: Formula): number | undefined => found(dish)[0]?.[1];
const cooked = (id: string, grams: number, what: string, cook = "boil") =>
  aLine(id, grams, what, { eatenRaw: false, cook });

/** Published limits, from memory: the hazard, a dish that holds it, the days in the fridge, the source. */
const single: readonly (readonly [string, Line, number, string])[] = [
  ["raw-egg", aLine("egg", 50, "egg"), 2, "FDA Food Code 2022 3-401.11"],
  ["raw-egg", aLine("yolk", 20, "egg-yolk"), 2, "FDA Food Code 2022 3-401.11"],
  ["cooked-rice", cooked("rice", 200, "rice-white"), 1, "UK FSA"],
  ["cooked-rice", cooked("rice", 200, "wild-rice"), 1, "UK FSA"],
  ["raw-sprouts", aLine("sprouts", 30, "alfalfa-sprouts"), 2, "Food Code 1-201.10"],
  ["cut-leaf", aLine("leaf", 60, "arugula"), 3, "Food Code 1-201.10"],
  ["cut-leaf", aLine("tomato", 60, "cherry-tomato"), 3, "Food Code 1-201.10"],
  ["cut-leaf", aLine("melon", 60, "watermelon"), 3, "Food Code 1-201.10"],
  ["fresh-dairy", aLine("yogurt", 60, "yogurt-greek"), 4, "Food Code 3-501.17"],
  ["fresh-dairy", aLine("ricotta", 60, "ricotta"), 4, "Food Code 3-501.17"],
  ["tofu", aLine("tofu", 60, "tofu"), 3, "USDA FoodKeeper"],
  ["meat-or-fish", aLine("bird", 60, "chicken-cooked"), 3, "USDA FSIS"],
  ["meat-or-fish", aLine("fish", 60, "smoked-salmon"), 3, "Food Code 3-501.17"],
  ["meat-or-fish", aLine("fish", 60, "tuna-tinned"), 3, "USDA FSIS"],
  ["cooked-food", cooked("root", 60, "potato"), 3, "USDA FSIS leftovers"],
  ["cooked-food", cooked("grain", 60, "quinoa"), 3, "USDA FSIS leftovers"],
  [
    "cooked-food",
    aLine("flesh", 60, "eggplant", { trim: "char-whole-then-scoop" }),
    3,
    "USDA FSIS leftovers",
  ],
  ["cooked-pulses", aLine("beans", 60, "chickpea"), 3, "USDA FSIS leftovers"],
  ["opened-stock", aLine("stock", 60, "stock-vegetable"), 4, "USDA FSIS"],
];

describe("what is in a dish binds it", () => {
  it.each(single)("%s: %j keeps %i days at most (%s)", (id, line, days) => {
    const dish = dishOf([line, aLine("nut", 20, "walnut")]);
    expect(found(dish)).toContainEqual([id, days]);
  });

  it("whatever kind of dish it is called, and never later than the hazard", () => {
    for (const kind of dishKinds)
      for (const [, line, days] of single) {
        const facts = line.fillers.map((filler) => factsOf(filler.ingredient));
        const dish = dishOf([line], { kind, keeping: keepingOf(kind, facts) });
        for (const place of placesFor(dish.keeping)) {
          if (place === "freezer") continue;
          const hazards = hazardsOf(dish, writtenUse(dish), catalogue);
          const dated = useBy(
            { madeOn: "2026-09-10", place, keeping: dish.keeping, clocks: [], hazards },
            catalogue,
          );
          expect(dated.ok && dated.value.on <= `2026-09-${10 + days}`).toBe(true);
        }
      }
  });

  it("names nothing in a dish of what keeps", () => {
    expect(found(dishOf([aLine("nut", 50, "walnut"), aLine("salt", 2, "salt-sea-fine")]))).toEqual([]);
    expect(found(dishOf([cooked("egg", 50, "egg")]))).toEqual([]);
  });

  it("trimmed is not cooked: a stemmed leaf, a shelled egg and what was never trimmed stay raw", () => {
    const asTrimmed = (...[what, trim]: [what: string, trim: string]) =>
      found(dishOf([aLine("one", 60, what, { trim })])).map(([id]) => id);
    expect(asTrimmed("arugula", "stem")).toEqual(["cut-leaf"]);
    expect(asTrimmed("egg", "shell")).toEqual(["raw-egg"]);
    expect(asTrimmed("eggplant", "peel")).toEqual([]);
  });

  it("counts nothing for what the catalogue does not know, and takes what stands in no line for raw", () => {
    const dish = dishOf([aLine("leaf", 60, "arugula")]);
    const hazards = (lineId: string, ingredient: string) =>
      hazardsOf(dish, [{ lineId, ingredient, grams: 60 }], catalogue).map(({ id }) => id);
    expect(hazards("leaf", "arugula")).toEqual(["cut-leaf"]);
    expect(hazards("gone", "arugula")).toEqual(["cut-leaf"]);
    expect(hazards("leaf", "moon-leaf")).toEqual([]);
  });

  it("takes the shortest of all, and more in the bowl never gives days", () => {
    const dish = dishOf([aLine("leaf", 50, "arugula"), cooked("rice", 100, "rice-white")]);
    expect(shortest(dish)).toBe(1);
    const lines = fc.subarray(
      single.map(([, line], i) => ({ ...line, id: `l${i}` })),
      { minLength: 1 },
    );
    check(
      fc.property(lines, fc.integer({ min: 0, max: single.length - 1 }), (some, at) => {
        const extra = single.map(([, line]) => ({ ...line, id: "more" }))[at];
        const few = shortest(dishOf(some)) ?? Infinity;
        expect(shortest(dishOf(extra ? [...some, extra] : some)) ?? Infinity).toBeLessThanOrEqual(few);
      }),
    );
  });

  it("keeps what no rule names for a day", () => {
    const own = { ...factsOf("kohlrabi"), id: "mystery", category: "other" as const, keepsAs: undefined };
    const with_ = { ...catalogue, ingredients: new Map([...catalogue.ingredients, ["mystery", own]]) };
    const dish = dishOf([lineOf({ id: "m", role: "body", grams: 50, fillers: [fillerOf("mystery")] })]);
    expect(hazardsOf(dish, writtenUse(dish), with_)[0]).toMatchObject({ id: "unknown-food", days: 1 });
  });
});

describe("under oil, in honey, in vinegar", () => {
  // National Center for Home Food Preservation: garlic and herbs in oil, four days cold or frozen; from memory.
  it.each([
    "garlic",
    "basil",
    "rosemary",
    "bell-pepper-red",
    "sun-dried-tomato-oil",
    "feta",
    "mushroom",
    "carrot",
  ])("%s in oil: four days and a stop, whatever the dish is called", (what) => {
    const dish = dishOf([aLine("what", 100, what), oilTooMuch], {
      keeping: { fridge: "marinated-feta-dried-herbs", freezer: null },
    });
    const hazards = hazardsOf(dish, writtenUse(dish), catalogue);
    if (what === "sun-dried-tomato-oil") expect(hazards).toEqual([]);
    else {
      expect(hazards.find((one) => one.id === "under-oil")?.days).toBe(4);
      const { caution } = hazards.find((one) => one.id === "under-oil") ?? {};
      expect(caution).toBe(what === "garlic" ? "garlic-in-oil" : "herbs-in-oil");
    }
  });

  it("is not said of a bowl with a spoon of oil", () => {
    expect(found(dishOf([aLine("root", 300, "carrot"), aLine("oil", 20, "olive-oil")]))).toEqual([]);
    const atEdge = [aLine("root", 70, "carrot"), aLine("oil", 30, "olive-oil")];
    expect(found(dishOf(atEdge))).toEqual([["under-oil", 4]]);
  });

  it("is said of fresh garlic under honey, not of a little honey", () => {
    const under = (honey: number) => dishOf([aLine("g", 50, "garlic"), aLine("h", honey, "honey")]);
    expect(found(under(200))).toEqual([["garlic-in-sweet", 4]]);
    expect(found(under(5))).toEqual([]);
  });

  it("is said from 30 % of honey on, and of none below", () => {
    const withHoney = (grams: number) =>
      found(dishOf([aLine("garlic", 100 - grams, "garlic"), aLine("honey", grams, "honey")])).map(
        ([id]) => id,
      );
    expect(withHoney(30)).toContain("garlic-in-sweet");
    expect(withHoney(29.9)).not.toContain("garlic-in-sweet");
  });

  it("nothing has no share of anything, and the lightest dish its whole one", () => {
    const garlic = { facts: factsOf("garlic"), class: "garlic" as const, cooked: false };
    expect(shareOf([], () => true)).toBe(0);
    expect(shareOf([{ ...garlic, grams: 0 }], () => true)).toBe(0);
    expect(shareOf([{ ...garlic, grams: 0.5 }], () => true)).toBe(1);
  });

  it("gives two weeks to a plain vinaigrette and four days to anything fresh in it", () => {
    const plain = [
      aLine("oil", 60, "olive-oil"),
      aLine("acid", 20, "wine-vinegar-red"),
      aLine("m", 5, "mustard-dijon"),
    ];
    const dressing = { kind: "dressing", keeping: { fridge: "vinaigrette-plain", freezer: null } } as const;
    expect(found(dishOf(plain, dressing))).toEqual([]);
    for (const fresh of [
      "lemon-juice",
      "shallot",
      "garlic",
      "parsley",
      "yogurt",
      "tomato",
      "stock-vegetable",
    ])
      expect(shortest(dishOf([...plain, aLine("f", 5, fresh)], dressing))).toBeLessThanOrEqual(4);
  });

  it.each([
    ["dressing", "vinaigrette-creamy", true],
    ["herb-sauce", "vinaigrette-plain", true],
    ["herb-sauce", "vinaigrette-creamy", false],
  ] as const)(
    "a %s kept as %s with a shallot in it: four days as a dressing is %p",
    (kind, fridge, binds) => {
      const lines = [aLine("oil", 60, "olive-oil"), aLine("f", 5, "shallot")];
      const ids = found(dishOf(lines, { kind, keeping: { fridge, freezer: null } })).map(([id]) => id);
      expect(ids.includes("fresh-dressing")).toBe(binds);
    },
  );

  it("calls it a pickle only where vinegar of 5 % is half of the liquid or more", () => {
    const pickle = (vinegar: string, acid: number, water: number) =>
      dishOf([aLine("v", 200, "red-onion"), aLine("a", acid, vinegar), aLine("w", water, "water")], {
        kind: "preserve",
        keeping: { fridge: "quick-pickles", freezer: null },
      });
    expect(found(pickle("cider-vinegar", 100, 100))).toEqual([]);
    expect(found(pickle("cider-vinegar", 99, 101))).toEqual([["unproven-pickle", 4]]);
    expect(found(pickle("rice-vinegar", 200, 0))).toEqual([["unproven-pickle", 4]]);
    expect(found(pickle("lemon-juice", 200, 0))).toContainEqual(["unproven-pickle", 4]);
    expect(found(pickle("verjuice", 200, 0))).toContainEqual(["unproven-pickle", 4]);
  });

  it.each([
    [4.9, []],
    [4.89, [["unproven-pickle", 4]]],
    [null, [["unproven-pickle", 4]]],
  ])("an own vinegar with %p g of acid in 100 g gives %p", (titratableAcidG, hazards) => {
    const vinegar = factsOf("malt-vinegar");
    if (!vinegar.composition) throw new Error("malt vinegar says what it is made of");
    const own = { ...vinegar, composition: { ...vinegar.composition, titratableAcidG } };
    const ingredients = new Map(catalogue.ingredients).set(own.id, own);
    const dish = dishOf([aLine("v", 200, "red-onion"), aLine("a", 100, own.id)], {
      kind: "preserve",
      keeping: { fridge: "quick-pickles", freezer: null },
    });
    const all = hazardsOf(dish, writtenUse(dish), { ...catalogue, ingredients });
    expect(all.map(({ id, days }) => [id, days])).toEqual(hazards);
  });

  it("refuses dry kidney beans a day unless they are boiled", () => {
    const beans = (line: Line) => hazardsOf(dishOf([line]), writtenUse(dishOf([line])), catalogue);
    expect(beans(aLine("b", 100, "kidney-bean-dry"))[0]).toMatchObject({
      ...{ id: "unboiled-beans", days: 0, caution: "raw-kidney-beans" },
    });
    expect(beans(cooked("b", 100, "kidney-bean-dry")).map((one) => one.id)).toEqual(["cooked-food"]);
  });
});

describe("a part that is kept by itself", () => {
  it("is kept as a leftover is at most, and shorter by what is in it (USDA FSIS, 3–4 days, from memory)", () => {
    const pickled = { keeping: { fridge: "quick-pickles", freezer: null } };
    const topping = dishOf([aLine("nut", 20, "walnut"), aLine("salt", 1, "salt-sea-fine")], pickled);
    const ids = (dish: Formula) => hazardsOfPart(dish, writtenUse(dish), catalogue).map(({ id }) => id);
    expect(ids(topping)[0]).toBe("left-over-part");
    const mayonnaise = dishOf([aLine("yolk", 20, "egg-yolk"), aLine("oil", 150, "olive-oil")]);
    expect(ids(mayonnaise).slice(0, 2)).toEqual(["raw-egg", "left-over-part"]);
  });
});
