import type { InputOf } from "@apron/contract";
import type { Grade, SourceKind } from "@apron/core/basket";
import type { Place } from "@apron/core/catalogue";

type LotLabel = NonNullable<InputOf<"logLot">["body"]["label"]>;

/** A crop that comes in every few days: grams each time, and what this kitchen's knife really leaves. */
export type Crop = {
  readonly ingredient: string;
  readonly every: number;
  readonly phase: number;
  readonly grams: number;
  readonly keeps: number;
  readonly bed: string;
};

export const seasonDays = 70;

export const crops: readonly Crop[] = [
  { ingredient: "chard", every: 4, phase: 1, grams: 900, keeps: 0.64, bed: "north bed" },
  { ingredient: "kohlrabi", every: 9, phase: 3, grams: 1400, keeps: 0.71, bed: "brassica bed" },
  { ingredient: "runner-bean", every: 3, phase: 0, grams: 650, keeps: 0.89, bed: "bean row" },
  { ingredient: "carrot-tops", every: 6, phase: 2, grams: 320, keeps: 0.5, bed: "root bed" },
  { ingredient: "lettuce-butterhead", every: 5, phase: 4, grams: 420, keeps: 0.78, bed: "frame" },
  { ingredient: "sorrel", every: 7, phase: 5, grams: 160, keeps: 0.76, bed: "herb strip" },
  { ingredient: "beet", every: 11, phase: 6, grams: 1500, keeps: 0.7, bed: "root bed" },
  { ingredient: "tomatillo", every: 8, phase: 7, grams: 800, keeps: 0.93, bed: "polytunnel" },
  { ingredient: "kale", every: 10, phase: 8, grams: 500, keeps: 0.66, bed: "brassica bed" },
];

/** Made through the season, every so many days from a first one. */
export const makes: readonly { readonly recipe: string; readonly every: number; readonly phase: number }[] = [
  { recipe: "chard-and-hazelnut-pesto", every: 8, phase: 2 },
  { recipe: "carrot-top-pesto", every: 12, phase: 3 },
  { recipe: "kohlrabi-and-fennel-slaw", every: 9, phase: 4 },
  { recipe: "sorrel-and-round-lettuce", every: 5, phase: 5 },
  { recipe: "runner-beans-with-walnuts", every: 6, phase: 1 },
  { recipe: "roast-beet-and-plum", every: 11, phase: 7 },
  { recipe: "farro-tomatillo-and-dill", every: 8, phase: 8 },
];

export type Arrival = {
  readonly ingredient: string;
  readonly amount: string;
  readonly daysAgo: number;
  readonly source: SourceKind;
  readonly note: string;
  readonly place?: Place;
  readonly grade?: Grade;
  readonly priceMinor?: number;
  /** Days from today on a sealed pack's label. */
  readonly labelDays?: number;
  /** What the pack says of itself, grams in 100 g. */
  readonly label?: LotLabel;
  /** Trimmed on arrival to this fraction; left raw without it. */
  readonly trimmedTo?: number;
};

/** Beds that have given nothing yet, and how some of the others stand: what a cook would say of them today. */
export const laterBeds: readonly { readonly name: string; readonly ingredient: string }[] = [
  { name: "south fence", ingredient: "zucchini" },
  { name: "herb strip", ingredient: "lovage" },
];
export const bedsNow = {
  bolting: ["sorrel"],
  finished: ["kale"],
  forecast: { ingredient: "zucchini", inDays: 3, grams: 600 },
} as const;

/** One box, logged in one go: a price shared over its lines by weight. */
export const box = {
  daysAgo: 3,
  note: "Thursday box",
  priceMinor: 640,
  lines: ["2 fennel bulbs", "3 leeks", "1 celeriac"],
} as const;

/** The marrows among them go another way than the small ones. */
export const sorted = { ingredient: "zucchini", small: 520, large: 700 } as const;

/** The glut that stands in the kitchen today. */
export const glut: readonly Arrival[] = [
  { ingredient: "chard", amount: "1240", daysAgo: 3, source: "own-bed", note: "north bed" },
  { ingredient: "runner-bean", amount: "1150", daysAgo: 2, source: "own-bed", note: "bean row" },
  { ingredient: "kohlrabi", amount: "1480", daysAgo: 4, source: "own-bed", note: "brassica bed" },
  { ingredient: "carrot-tops", amount: "390", daysAgo: 1, source: "own-bed", note: "root bed" },
  { ingredient: "lovage", amount: "120", daysAgo: 1, source: "own-bed", note: "herb strip" },
  { ingredient: "sorrel", amount: "210", daysAgo: 2, source: "own-bed", note: "herb strip", trimmedTo: 0.77 },
  {
    ingredient: "plum",
    amount: "1.65 kg",
    daysAgo: 2,
    source: "market",
    note: "corner stall",
    grade: "seconds",
    priceMinor: 240,
  },
  { ingredient: "tomatillo", amount: "740", daysAgo: 4, source: "own-bed", note: "polytunnel" },
  { ingredient: "lettuce-butterhead", amount: "2 heads", daysAgo: 2, source: "own-bed", note: "frame" },
  {
    ingredient: "winter-squash-kabocha",
    amount: "2.1 kg",
    daysAgo: 6,
    source: "own-bed",
    note: "compost heap",
    place: "cupboard",
  },
  { ingredient: "beet", amount: "1.3 kg", daysAgo: 3, source: "own-bed", note: "root bed" },
  {
    ingredient: "nasturtium-flower",
    amount: "25",
    daysAgo: 0,
    source: "own-bed",
    note: "path edge",
    trimmedTo: 0.92,
  },
  {
    ingredient: "parsley",
    amount: "1 bunch",
    daysAgo: 1,
    source: "market",
    note: "corner stall",
    priceMinor: 120,
  },
  { ingredient: "zucchini", amount: "1380", daysAgo: 1, source: "own-bed", note: "south fence" },
  {
    ingredient: "feta",
    amount: "200",
    daysAgo: 1,
    source: "shop",
    note: "",
    labelDays: 12,
    label: { saltG: 2.6, sugarsG: 0.7, acidG: null, allergens: ["milk"] },
  },
  { ingredient: "yogurt-greek", amount: "450", daysAgo: 0, source: "shop", note: "", labelDays: 4 },
  { ingredient: "pecorino", amount: "180", daysAgo: 4, source: "shop", note: "", labelDays: 40 },
  { ingredient: "apple", amount: "900", daysAgo: 3, source: "gift", note: "next plot" },
];

/** Evenings on which a dish was cooked along, so many days ago: the kitchen has learned how long its pot takes. */
export const cookedEvenings = [
  { daysAgo: 11, recipeId: "braised-fennel-and-leeks", time: "19:30", tookMin: 28 },
  { daysAgo: 5, recipeId: "braised-fennel-and-leeks", time: "18:45", tookMin: 30 },
] as const;

/** What is planned for tomorrow. */
export const evening = {
  dishes: ["braised-fennel-and-leeks", "farro-tomatillo-and-dill", "kohlrabi-and-fennel-slaw"],
  time: "19:00",
} as const;
