import type { Category } from "../../catalogue/index.ts";

/** Where in a shop or market things stand, in the order of a walk through it. Common practice, no source. */
export const counters = [
  "Vegetables and fruit",
  "Cheese and dairy",
  "Dry goods and nuts",
  "Oils, vinegars and sauces",
  "Spices and salt",
  "Other",
] as const;
export type Counter = (typeof counters)[number];

const counterOf: Readonly<Record<Category, Counter>> = {
  acid: "Oils, vinegars and sauces",
  allium: "Vegetables and fruit",
  brassica: "Vegetables and fruit",
  cheese: "Cheese and dairy",
  emulsifier: "Oils, vinegars and sauces",
  flower: "Vegetables and fruit",
  fruit: "Vegetables and fruit",
  "fruit-vegetable": "Vegetables and fruit",
  grain: "Dry goods and nuts",
  leaf: "Vegetables and fruit",
  legume: "Vegetables and fruit",
  nut: "Dry goods and nuts",
  oil: "Oils, vinegars and sauces",
  other: "Other",
  root: "Vegetables and fruit",
  "salt-condiment": "Spices and salt",
  seed: "Dry goods and nuts",
  "soft-herb": "Vegetables and fruit",
  spice: "Spices and salt",
  sweet: "Dry goods and nuts",
  "woody-herb": "Vegetables and fruit",
};

/** Where something is looked for: what is no food of the tables, at the last. */
export const counterFor = (category: Category | undefined): Counter =>
  category === undefined ? "Other" : counterOf[category];


/** Grams that what stands dry on a shelf is usually packed in; loose goods are weighed out to the next step. Common practice, no source. */
export const packG: Readonly<Partial<Record<Category, number>>> = {
  acid: 250,
  grain: 500,
  nut: 100,
  oil: 250,
  "salt-condiment": 250,
  seed: 100,
  spice: 25,
  sweet: 250,
};
export const looseStepG = (category: Category): number => (dear.includes(category) ? 10 : 50);
const dear: readonly Category[] = ["flower", "soft-herb", "woody-herb"];
