import { it } from "@jest/globals";
import {
  labelSalt,
  methodsFor,
  nextHarvest,
  splitLot,
  urgency,
  useFirstBand,
  type Condition,
} from "../../src/basket/index.ts";
import { referenceCatalogue as catalogue } from "../../src/catalogue/reference.ts";
import { limitingLine, planMake, reconcileBatch, type UsedPart } from "../../src/cook/index.ts";
import { readLotsCsv } from "../../src/exchange/index.ts";
import {
  capacityOf,
  cautionsFor,
  writtenUse,
  containerSizes,
  daysAfterThawing,
  divideOver,
  fewestFor,
  gramsToFill,
  takePortion,
} from "../../src/larder/index.ts";
import { consumableInTime, matchRecipe } from "../../src/match/index.ts";
import { expectKept } from "../kept.ts";
import { aFormula, aKitchen, aLine, everyone, factsOf, someStock } from "../kitchen.ts";

const dishes = [0.3, 0.6, 0.95, 1.1].map((gramsPerMl) => ({ gramsPerMl }));
const places = ["fridge", "freezer"] as const;

it("containers, portions and thawing", () => {
  const weights = [1, 189, 190, 191, 500, 822, 3000];
  const jars = (count: number) => [{ kind: "jar" as const, count, place: "fridge" as const }];
  const mixed = [...jars(2), { kind: "cube" as const, count: 12, place: "freezer" as const }];
  const stored = { portionG: 110, useBy: "2026-09-14", limit: "safety" };
  expectKept("larder-containers", {
    capacity: containerSizes.map((size) =>
      dishes.map((dish) => places.map((place) => capacityOf(size, dish, place))),
    ),
    toFill: dishes.map((dish) => places.map((place) => gramsToFill({ kind: "jar", count: 3, place }, dish))),
    fewest: weights.map((grams) => fewestFor(grams, 190)),
    divided: weights.flatMap((grams) =>
      [jars(1), jars(5), mixed, []].map((wish) => divideOver(grams, { gramsPerMl: 1 }, wish)),
    ),
    portions: [0, 50, 110, 164, 165, 166, 330].flatMap((remainingG) =>
      ["2026-09-14", "2026-09-15"].map((today) => takePortion({ ...stored, remainingG }, today)),
    ),
    quality: takePortion({ ...stored, limit: "quality", remainingG: 110 }, "2026-09-20"),
    thawed: ["2026-09-09", "2026-09-10", "2026-09-12", "2026-09-20"].map((useBy) =>
      daysAfterThawing("2026-09-10", useBy, catalogue),
    ),
  });
});

it("cautions of every kind of dish and of every ingredient", () => {
  const kinds = [
    "leaf-salad",
    "slaw",
    "grain-salad",
    "pesto",
    "herb-sauce",
    "dip",
    "dressing",
    "preserve",
    "composed-plate",
  ] as const;
  const all = [...catalogue.ingredients.keys()];
  const of = (kind: (typeof kinds)[number], raw: boolean, ...ids: string[]) => {
    const lines = ids.map((id, i) => aLine(`l${i}`, 50, id, { eatenRaw: raw, cook: raw ? null : "boil" }));
    const dish = aFormula(lines, { kind });
    return cautionsFor(dish, writtenUse(dish), catalogue).map((caution) => [
      caution.trigger,
      caution.severity,
    ]);
  };
  expectKept("larder-cautions", [
    ...kinds.map((kind) => [
      kind,
      of(kind, true, "garlic", "olive-oil", "parsley"),
      of(kind, false, "rice-white", "egg"),
    ]),
    ...all.map((id) => [id, of("composed-plate", true, id), of("composed-plate", false, id)]),
  ]);
});

it("lots split, labelled, urgent, in files, and from beds", () => {
  const conditions: readonly (Condition | null)[] = [
    "small",
    "large",
    "tender",
    "woody",
    "flowering",
    "damaged",
    null,
  ];
  const kitchen = { catalogue, cup: "us-customary", ounces: {}, today: "2026-09-10" } as const;
  const file = [
    "item,amount,came_in,source,note,place,grade,price,price_per,best_before",
    "chard,1 bunch,2026-09-08,own bed,far end,,,,,",
    "Rocket,120 g,,market,stall,fridge,seconds,1.8,all,",
    "feta,200,2026-09-09,shop,,cupboard,prime,2.405,each,2026-10-01",
    "kale,2 lb,2026-09-11,gift,,freezer,,0,kg,2026-01-01",
    "plum,1.5 kg,2025-01-01,foraged,,room,,12,100g,",
    "leek,4,,box share,,,,3,each,",
    "moonflower,3,,,,,,,,",
  ].join("\n");
  const part = (condition: Condition, grams: number) => ({ condition, grams });
  const picked = ["2026-09-01", "2026-09-04", "2026-09-08"].map((day, i) => ({ day, grams: 500 + 100 * i }));
  expectKept("larder-lots", {
    splits: [
      [],
      [part("small", 0)],
      [part("small", 400)],
      [part("small", 400), part("large", 600)],
      [part("small", 400), part("large", 600.002)],
      [part("small", 1), part("small", 1)],
    ].map((parts) => splitLot(1000, parts)),
    methods: conditions.map((condition) =>
      ["zucchini", "chard", "carrot"].map((id) =>
        methodsFor(factsOf(id).trims, condition).map((one) => one.method),
      ),
    ),
    bands: [-1, 0, 1, 2, 3, 4].map((days) => [useFirstBand(days), urgency(days)]),
    salt: ["1.2", "sodium 0.4 g", "Na: 400 mg", "400mg sodium", "1,2 g salt", "lots", "", "-1"].map((text) =>
      labelSalt(text),
    ),
    file: readLotsCsv(file, kitchen),
    beds: ["2026-09-09", "2026-09-10", "2026-09-11", "2026-09-12", "2026-09-30"].map((on) => [
      nextHarvest({ state: "growing", forecast: { on, grams: 800 } }, picked, "2026-09-11") ?? null,
      nextHarvest({ state: "growing", forecast: null }, picked, on) ?? null,
    ]),
  });
});

it("makes that are settled, matched, and run out", () => {
  const pesto = aFormula(
    [
      aLine("green", 150, "chard kale:0.5"),
      aLine("nut", 60, "walnut", { optional: true }),
      aLine("oil", 100, "olive-oil"),
      aLine("bean", 80, "runner-bean", { eatenRaw: false, cook: "boil" }),
    ],
    { id: "pesto", servings: 5 },
  );
  const lot = (lotId: string, ingredient: string, onHandG: number, more = {}) => ({
    lotId,
    ingredient,
    onHandG,
    state: "usable" as const,
    method: "strip-leaves" as string | null,
    pastSafety: false,
    ...more,
  });
  const lots = [
    lot("c", "chard", 200),
    lot("k", "kale", 90, { pastSafety: true }),
    lot("r", "chard", 500, { state: "raw", method: null }),
  ];
  const used = (lineId: string, ingredient: string, lotId: string | null, grams: number): UsedPart => ({
    lineId,
    ingredient,
    lotId,
    grams,
  });
  const settled = [
    [],
    [used("green", "chard", "c", 150), used("oil", "olive-oil", null, 100)],
    [used("green", "chard", "c", 120), used("green", "chard", "c", 80.001)],
    [used("green", "chard", "c", 120), used("green", "chard", "c", 81)],
    [used("green", "chard", "c", 0)],
    [used("green", "walnut", null, 10)],
    [used("x", "chard", "c", 10)],
    [used("green", "chard", "none", 10)],
    [used("green", "kale", "k", 10)],
    [used("green", "chard", "r", 10)],
    [used("bean", "runner-bean", null, 80)],
  ].map((parts) => reconcileBatch(pesto, parts, { lots, catalogue }));
  const stocks = [
    [],
    [someStock("c", "chard", 40)],
    [someStock("c", "chard", 640), someStock("k", "kale", 90)],
    [someStock("k", "kale", 900)],
  ];
  const measuring = { cup: "us-customary", display: { system: "metric", locale: "en-GB" } } as const;
  const kitchen = { catalogue, diners: everyone, staples: new Set(["olive-oil"]), ...measuring };
  expectKept("larder-makes", {
    settled,
    limits: stocks.map((stock) => {
      const plan = planMake(pesto, 2, { stock, kitchen });
      return plan.ok ? limitingLine(pesto, plan.value, { stock, kitchen }) : plan.issue;
    }),
    matched: stocks.map((stock) => matchRecipe(pesto, stock, aKitchen()) ?? null),
    eaten: [0, 1, 3, 8].flatMap((keepDays) =>
      [false, true].map((freezes) =>
        consumableInTime({ kind: "pesto", keepDays, freezes }, aKitchen().household, [
          { kind: "pesto", portions: 3, daysLeft: 2, frozen: false },
        ]),
      ),
    ),
  });
});
