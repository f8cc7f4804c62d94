import { it } from "@jest/globals";
import { estimate, exactly } from "../../src/measure/index.ts";
import {
  closeBalance,
  compareBuys,
  costPerUsable100g,
  diceForTheSlowest,
  expectedTrim,
  judgeWeighing,
  kitchenYield,
  netOf,
  pieceMm,
  planPurchase,
  sizesForSameTime,
  suggestParts,
  timeForSize,
  wholeUnits,
  yieldChain,
  type OwnWeighing,
} from "../../src/trim/index.ts";
import { wholeTimeFactor } from "../../src/trim/time-by-size.ts";
import { expectKept } from "../kept.ts";
import { factsOf } from "../kitchen.ts";

const methods = ["chard", "eggplant", "chickpea", "lemon"].flatMap((id) =>
  factsOf(id).trims.map((handbook) => ({ id, handbook })),
);
const weighed = (grade: OwnWeighing["grade"], ...fractions: number[]): OwnWeighing[] =>
  fractions.map((fraction) => ({ grade, juices: null, fraction }));
const series: readonly (readonly OwnWeighing[])[] = [
  [],
  weighed("prime", 0.6),
  weighed("prime", 0.6, 0.62, 0.58, 0.61),
  weighed("seconds", 0.5, 0.52),
  [...weighed("prime", 0.7, 0.72), ...weighed("seconds", 0.55)],
  [{ grade: "prime", juices: "kept", fraction: 0.66 }],
];

it("what a kitchen expects of every way, by what it has weighed", () => {
  expectKept(
    "trim-yields",
    methods.map(({ id, handbook }) => ({
      id,
      method: handbook.method,
      expected: series.flatMap((own) =>
        (["prime", "seconds"] as const).map((grade) => {
          const y = kitchenYield(handbook, { grade, juices: null }, own);
          const { next, ownWeighings, fallback, workings, posterior } = y;
          const judged = [0.3, 0.61, 0.8, 1, 1.01].map((fraction) =>
            judgeWeighing({ rawG: 500, usableG: 500 * fraction, scaleStepG: 1 }, { posterior, handbook }),
          );
          return { next, ownWeighings, fallback, workings, judged, trim: expectedTrim(740, y) };
        }),
      ),
      light: [19, 20, 21].map((rawG) =>
        judgeWeighing(
          { rawG, usableG: rawG * handbook.mean, scaleStepG: 1 },
          { handbook, posterior: kitchenYield(handbook, { grade: "prime", juices: null }, []).posterior },
        ),
      ),
      parts: [0, 10, 333].map((rest) => suggestParts(rest, handbook)),
    })),
  );
});

it("what to buy, and which offer is the better one", () => {
  const y = estimate(0.6, 0.5, 0.7);
  const offers = [
    { label: "bunch", unitG: estimate(350, 250, 450), whole: true, priceMinor: 240, yield: y },
    { label: "kilo", unitG: exactly(1000), whole: false, priceMinor: 560, yield: estimate(0.64, 0.6, 0.68) },
    { label: "bag", unitG: exactly(200), whole: true, priceMinor: 150, yield: exactly(1) },
  ];
  expectKept("trim-buying", {
    plans: [1, 250, 333, 1999].map((grams) => planPurchase(grams, y)),
    costs: [1, 240].map((price) => costPerUsable100g(price, 350, y)),
    units: [10, 250, 700].map((grams) => wholeUnits(grams, estimate(350, 250, 450), y)),
    compared: [50, 250, 900].map((grams) => compareBuys(grams, offers)),
    one: compareBuys(250, offers.slice(0, 1)),
  });
});

it("weights that close, bowls, and trays", () => {
  const part = (name: string, grams: number) => ({ part: name, grams, fate: "keep" as const });
  expectKept("trim-weights", {
    closed: [
      closeBalance(1000, 640, [part("stems", 300), part("ends", 40)]),
      closeBalance(1000, 640, [part("stems", 360.5)]),
      closeBalance(1000, 640, [part("stems", 361), part("ends", 0.4)]),
      closeBalance(1000, 640, [part("stems", 361.1)]),
      closeBalance(1000, 640, [part("stems", 0)]),
      closeBalance(1000, 1000, []),
    ],
    bowls: [
      netOf([
        { grossG: 600, tareG: 200 },
        { grossG: 300.4, tareG: 0 },
      ]),
      netOf([{ grossG: 200, tareG: 200 }]),
      netOf([{ grossG: 0, tareG: 0 }]),
      netOf([{ grossG: 10, tareG: -1 }]),
    ],
    chains: ["beet", "eggplant", "winter-squash-butternut", "rice-white"].flatMap((id) => {
      const facts = factsOf(id);
      const trims = facts.trims.map((one) => kitchenYield(one, { grade: "prime", juices: null }, []));
      const [change] = facts.changes;
      const cook = change
        ? (["kept", "drained"] as const).map((juices) => ({ kind: "cook" as const, change, juices }))
        : [];
      const [trim] = trims.map((y) => ({ kind: "trim" as const, yield: y }));
      return [
        ...cook.map((one) => [one]),
        ...(trim ? [[trim], ...cook.map((one) => [trim, one])] : []),
        [],
      ].map((steps) => yieldChain(800, steps, facts));
    }),
  });
});

it("times by size", () => {
  const tray = [
    { id: "beet", minutes: 60, mm: 25 },
    { id: "squash", minutes: 30, mm: 25 },
    { id: "carrot", minutes: 35, mm: 20 },
  ];
  expectKept("trim-times", {
    pieces: ["2 cm dice", "20-30 mm", "1.5 – 2 cm", "whole", "3 mm"].map((text) => pieceMm(text) ?? null),
    times: (["oven", "grill", "water"] as const).flatMap((heat) =>
      [1, 10, 25, 50, 400, 401, 0].map((mm) => timeForSize(mm, { referenceMm: 25, low: 25, high: 35 }, heat)),
    ),
    same: [20, 40].map((minutes) => sizesForSameTime(tray, minutes)),
    dice: diceForTheSlowest(tray),
    whole: [200, 400, 800].map((grams) =>
      wholeTimeFactor({ grams, referenceG: 300, referenceMm: 80, heat: "oven" }),
    ),
  });
});
