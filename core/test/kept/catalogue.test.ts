import { expect, it } from "@jest/globals";
import { nextHarvest, priceOfLot, sharePrice } from "../../src/basket/index.ts";
import { isPourable, searchNames, toGrams, type IngredientFacts } from "../../src/catalogue/index.ts";
import { judgeFigure } from "../../src/catalogue/judge-figure.ts";
import { findNamed, nameIndexOf } from "../../src/catalogue/name-index.ts";
import { referenceCatalogue } from "../../src/catalogue/reference.ts";
import { parseAmount } from "../../src/measure/index.ts";
import { expectKept } from "../kept.ts";
import { factsOf } from "../kitchen.ts";

const all: readonly IngredientFacts[] = [...referenceCatalogue.ingredients.values()];
const amounts = [
  "1",
  "2 bunches",
  "1 head",
  "3 cloves",
  "1 cup",
  "2 tbsp",
  "1 small",
  "2 large",
  "a handful",
  "100 ml",
  "4 oz",
  "1 tin",
];

it("every ingredient in many measures", () => {
  const weighed = all.map((facts) => [
    facts.id,
    isPourable(facts),
    amounts.map((text) => {
      const read = parseAmount(text, "us-customary");
      if (!read.ok) return read.issue;
      const weight = toGrams(read.value.amount, facts, { rest: read.value.rest });
      if (!weight.ok) return 0;
      const { grams, form } = weight.value;
      return [grams.value, grams.low, grams.high, form === "usable" ? 1 : 0];
    }),
  ]);
  expect(weighed.length).toBe(all.length);
  expectKept("catalogue-weighed", weighed);
  const some = all.filter((_, i) => i % 25 === 0);
  expectKept(
    "catalogue-workings",
    some.flatMap((facts) =>
      amounts.map((text) => {
        const read = parseAmount(text, "us-customary");
        return [
          facts.id,
          text,
          read.ok ? toGrams(read.value.amount, facts, { rest: read.value.rest }) : read.issue,
        ];
      }),
    ),
  );
});

it("names as they are typed: in full, in part, with slips", () => {
  const index = nameIndexOf(referenceCatalogue);
  const typed = all.flatMap(({ uk, us }, i) =>
    i % 2 === 0 ? [`${us}s`, uk.slice(1)] : [uk.replace("e", "")],
  );
  const more = [
    "",
    "x",
    "zuchini",
    "courgettes, sliced",
    "red pepper flakes",
    "olive oil extra virgin",
    "moonflower",
    "celery salt",
    "rokket",
  ];
  expectKept(
    "catalogue-named",
    [...typed, ...more].map((text) => {
      const match = findNamed(text, index);
      return [text, match ? [match.ids, match.how, match.leftOver] : null];
    }),
  );
  expectKept(
    "catalogue-searched",
    ["ro", "che", "bean", "oil", "let", "ü", " "].map((text) => searchNames(text, all).map((one) => one.id)),
  );
});

it("figures of a kitchen's own at the ends of what is believed", () => {
  const facts = factsOf("chard");
  const keys = [
    ["measure", "bunch"],
    ["trim", "strip-leaves"],
    ["cooking", "boil"],
    ["composition", "saltG"],
    ["keeping", "fridge"],
    ["season", "fromMonth"],
    ["strength", "strength"],
  ] as const;
  const values = [-1, 0, 0.001, 0.5, 1, 1.5, 3, 12, 12.5, 20, 20.1, 100, 101, 365, 5000, 25_001, Number.NaN];
  expectKept(
    "catalogue-judged",
    keys.flatMap(([table, key]) =>
      values.map((value) => {
        const figure = { table, ingredient: "chard", key, value, low: value, high: value, note: "weighed" };
        const judged = judgeFigure(figure, facts);
        return [table, value, judged.ok ? "taken" : judged.issue];
      }),
    ),
  );
});

it("beds and prices", () => {
  const picked = (...days: readonly (readonly [string, number])[]) =>
    days.map(([day, grams]) => ({ day, grams }));
  const harvests = [
    [],
    picked(["2026-09-01", 600]),
    picked(["2026-09-01", 600], ["2026-09-04", 700], ["2026-09-09", 650]),
    picked(
      ["2026-09-01", 600],
      ["2026-09-01", 200],
      ["2026-09-02", 300],
      ["2026-09-03", 100],
      ["2026-09-05", 900],
    ),
  ];
  expectKept("basket-beds", [
    harvests.map((one) => nextHarvest({ state: "growing", forecast: null }, one, "2026-09-10") ?? null),
    harvests.map(
      (one) =>
        nextHarvest({ state: "growing", forecast: { on: "2026-09-12", grams: 800 } }, one, "2026-09-10") ??
        null,
    ),
    harvests.map((one) => nextHarvest({ state: "bolting", forecast: null }, one, "2026-09-10") ?? null),
    (["all", "kg", "100g", "each"] as const).map((per) =>
      [null, 1, 3].map((count) => priceOfLot({ minor: 245, per }, { grams: 430.5, count })),
    ),
    [[1, 1, 1], [100, 200.5, 3], [5]].map((grams) => sharePrice(1000, grams)),
  ]);
});
