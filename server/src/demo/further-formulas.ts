import type { Formula } from "@apron/core/recipes";
import { aDish, cooked, linesOf, oil, stepsOf } from "./write-formula.ts";

/** Dishes with other dishes in them, cooking liquids, and preserves. */
export const furtherFormulas: readonly Formula[] = [
  aDish({
    id: "leek-and-plum-plate",
    name: "Charred leeks with plums and sheep's cheese",
    kind: "composed-plate",
    servings: 4,
    minutes: 35,
    lines: linesOf([
      ["base", 400, "leek fennel-bulb:0.5", "split, charred, outer layer off", cooked("char-grill")],
      ["bright", 160, "plum fig:0.5 pear:0.5", "in sixths"],
      ["cheese", 80, "feta goat-cheese", "crumbled"],
      ["crunch", 30, "hazelnut walnut sunflower-seed", "roasted, chopped"],
      ["finish", 60, "", "drizzled", { recipe: "plum-and-mustard-dressing", group: "To dress" }],
      ["finish", 6, "nasturtium-flower borage-flower", "on top", { optional: true }],
    ]),
    steps: stepsOf(
      [
        "Char the leeks on the grill for 10–14 minutes, turn every 4 minutes, until the outside is black.",
        {},
      ],
      "Set a plain portion aside for whoever wants no cheese.",
      "Lay out leeks and plums, cheese and nuts over, dressing drizzled, flowers last.",
    ),
    keeping: { fridge: "roasted-vegetables", freezer: null },
    gramsPerMl: 0.5,
  }),
  aDish({
    id: "barley-with-fennel",
    name: "Barley in stock with fennel and parsley",
    kind: "grain-salad",
    servings: 6,
    minutes: 55,
    lines: linesOf([
      ["base", 240, "barley farro rice-brown", "boiled in the stock", cooked("boil")],
      ["liquid", 700, "stock-vegetable", "boiling, to cook in", { eatenRaw: false }],
      ["crunch", 180, "fennel-bulb celery kohlrabi:0.5", "shaved"],
      ["green", 24, "parsley chervil fennel-fronds", "chopped"],
      ["oil", 40, oil, ""],
      ["acid", 28, "lemon-juice cider-vinegar orange-juice~:0.5", ""],
      [
        "salt",
        2,
        "salt-sea-fine",
        "",
        { toTaste: true, gradualAddition: { start: 0.5, step: 0.25, most: 2 } },
      ],
    ]),
    steps: stepsOf(
      ["Boil the barley in the stock for 30–35 minutes until tender, drain.", { warmUpMin: 8 }],
      "Spread it to cool within the hour.",
      "Dress while warm; fennel and herbs when cold. Taste again cold.",
    ),
    keeping: { fridge: "grain-salad", freezer: null },
    gramsPerMl: 0.75,
    notes: "The stock contains salt and celery: allow for both.",
  }),
  aDish({
    id: "quick-pickled-kohlrabi",
    name: "Quick-pickled kohlrabi",
    kind: "preserve",
    servings: 12,
    makes: { kind: "volume", ml: 600 },
    minutes: 25,
    lines: linesOf([
      ["body", 400, "kohlrabi radish turnip:0.5", "in matchsticks"],
      ["acid", 200, "cider-vinegar wine-vinegar-white", "5 %, boiling"],
      ["liquid", 60, "water", "with the vinegar"],
      ["sweet", 16, "sugar honey", ""],
      ["salt", 8, "salt-sea-fine", ""],
      ["finish", 2, "coriander-seed fennel-seed", "", { optional: true }],
    ]),
    steps: stepsOf(
      "Bring vinegar, water, salt and sugar to the boil.",
      "Pour over the matchsticks; cool, then chill for at least 12 hours.",
    ),
    keeping: { fridge: "quick-pickles", freezer: null },
    gramsPerMl: 1.02,
  }),
];
