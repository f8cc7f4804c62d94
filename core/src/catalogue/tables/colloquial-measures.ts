import { wordTable } from "../../measure/index.ts";
import type { Category, MeasureName } from "../row-words.ts";
import type { MeasureRow } from "../rows.ts";

/**
 * Loose measures for ingredients that have none of their own, by kind. `ml` rows go through the density.
 * Common practice, no source: weigh once and the kitchen's own figure stands instead.
 */
type LooseMeasure = {
  readonly measure: MeasureName;
  readonly categories: readonly Category[];
  readonly per: "g" | "ml";
  readonly amount: number;
  readonly low: number;
  readonly high: number;
  /** Ready to be eaten, as nuts out of their shells and chopped herbs are; as bought where nothing is said. */
  readonly state?: MeasureRow["state"];
};

const pourable: readonly Category[] = ["oil", "acid", "sweet", "emulsifier", "other", "salt-condiment"];
const leaves: readonly Category[] = ["leaf", "soft-herb", "brassica"];
const dry: readonly Category[] = ["spice", "salt-condiment", "woody-herb", "soft-herb", "sweet", "seed"];

const looseMeasures: readonly LooseMeasure[] = [
  { measure: "glug", categories: pourable, per: "ml", amount: 15, low: 8, high: 25 },
  { measure: "drizzle", categories: pourable, per: "ml", amount: 8, low: 4, high: 15 },
  { measure: "splash", categories: pourable, per: "ml", amount: 8, low: 4, high: 15 },
  { measure: "dash", categories: pourable, per: "ml", amount: 0.8, low: 0.4, high: 2 },
  { measure: "squeeze", categories: ["acid", "fruit"], per: "g", amount: 6, low: 3, high: 12 },
  { measure: "knob", categories: ["other"], per: "g", amount: 15, low: 8, high: 25 },
  { measure: "pinch", categories: dry, per: "g", amount: 0.3, low: 0.1, high: 0.6 },
  { measure: "handful", categories: leaves, per: "g", amount: 20, low: 12, high: 35 },
  { measure: "handful", categories: ["flower"], per: "g", amount: 6, low: 3, high: 12 },
  { measure: "handful", categories: ["nut", "seed"], per: "g", amount: 30, low: 18, high: 45, state: "trimmed" },
  { measure: "handful", categories: ["fruit"], per: "g", amount: 65, low: 35, high: 100 },
  { measure: "handful", categories: ["fruit-vegetable", "legume", "salt-condiment"], per: "g", amount: 60, low: 35, high: 95 },
  { measure: "handful", categories: ["cheese"], per: "g", amount: 30, low: 18, high: 50 },
  { measure: "handful", categories: ["grain"], per: "g", amount: 40, low: 22, high: 65 },
  { measure: "bunch", categories: ["soft-herb"], per: "g", amount: 40, low: 22, high: 75 },
  { measure: "bunch", categories: ["woody-herb"], per: "g", amount: 20, low: 12, high: 35 },
  { measure: "bunch", categories: ["leaf", "brassica"], per: "g", amount: 200, low: 110, high: 340 },
  { measure: "sprig", categories: ["soft-herb"], per: "g", amount: 1.5, low: 0.6, high: 2.8 },
  { measure: "sprig", categories: ["woody-herb"], per: "g", amount: 1.2, low: 0.5, high: 2.2 },
  { measure: "leaf", categories: ["soft-herb", "woody-herb"], per: "g", amount: 0.5, low: 0.2, high: 1, state: "trimmed" },
  { measure: "cup-chopped", categories: ["soft-herb"], per: "g", amount: 50, low: 28, high: 64, state: "prepared" },
  { measure: "cup-loose-leaves", categories: ["leaf", "soft-herb"], per: "g", amount: 20, low: 12, high: 32, state: "trimmed" },
  { measure: "cup-packed-leaves", categories: ["leaf", "soft-herb"], per: "g", amount: 40, low: 28, high: 58, state: "trimmed" },
  { measure: "tbsp-chopped", categories: ["soft-herb", "woody-herb"], per: "g", amount: 2.6, low: 1.6, high: 4, state: "prepared" },
];

/** Words for a whole one of some foods only; of any other they are asked about. Common practice, no source. */
export const countedBy: Readonly<Record<string, readonly string[]>> = wordTable({
  bulb: ["garlic", "onion", "red-onion", "shallot", "fennel-bulb"],
  head: ["fennel-bulb", "kohlrabi"],
  spear: ["asparagus", "sprouting-broccoli", "gherkin"],
  fillet: [
    ...["white-fish", "salmon", "trout", "mackerel", "mackerel-smoked", "smoked-salmon", "anchovy", "tuna-fresh"],
    "sardine-tinned",
  ],
  steak: ["beef", "lamb", "pork", "tuna-fresh", "salmon", "white-fish"],
  cube: ["stock-cube"],
  sheet: ["puff-pastry", "shortcrust-pastry", "filo-pastry", "nori", "pasta-dry", "gelatine"],
});

/** Names of a kind whose pieces are of another size than the table weighs: a crouton is no loaf. Common practice, no source. */
const ofAnotherSize: readonly string[] = [
  ...["crouton", "chapati", "roti", "matzo", "piadina", "mozzarella pearl", "pearl mozzarella", "ancho", "guajillo"],
  ...["fresh anchovy", "fresh sardine", "sardine fresh", "herring", "scallop", "oyster", "clam"],
];

/** What is counted by a name that is a size of its own. Common practice, no source. */
export const colloquialMeasures: readonly (readonly [said: string, measure: MeasureName])[] = [
  ["little gem", "head-little-gem"],
  ["gem lettuce", "head-little-gem"],
  ["cogollo", "head-little-gem"],
  ["romaine heart", "head-heart"],
  ["pickling onion", "each-baby"],
  ["pearl onion", "each-baby"],
  ["plum tomato", "each-plum"],
  ["roma tomato", "each-plum"],
  ["persian cucumber", "each-persian"],
  ["lebanese cucumber", "each-persian"],
  ["english cucumber", "each-english"],
  ["continental cucumber", "each-english"],
  ["new potato", "each-new"],
  ["new pot", "each-new"],
  ["ciliegine", "each-small"],
  ["jersey royal", "each-new"],
  ["charlotte", "each-salad"],
  ["salad potato", "each-salad"],
  ["fingerling", "each-salad"],
  ["baking potato", "each-baking"],
  ["jacket potato", "each-baking"],
  ["russet", "each-baking"],
  ["bramley", "each-cooking"],
  ["cooking apple", "each-cooking"],
  ["spanish onion", "each-spanish"],
  ["cornichon", "each-cornichon"],
  ["pickling cucumber", "each-pickling"],
  ["bird eye", "each-birds-eye"],
  ["birds eye", "each-birds-eye"],
  ["thai chilli", "each-birds-eye"],
  ["thai chili", "each-birds-eye"],
  ["king oyster", "each-king"],
  ["patty pan", "each-patty-pan"],
  ["banana shallot", "each-large"],
  ["long shallot", "each-large"],
  ["echalion", "each-large"],
  ["beef tomato", "each-large"],
  ["beefsteak tomato", "each-large"],
  ["baguette", "each-baguette"],
  ["french stick", "each-baguette"],
  ["ciabatta", "each-ciabatta"],
  ["bread roll", "each-roll"],
  ["burger bun", "each-roll"],
  ...ofAnotherSize.map((said) => [said, "each-other"] as const),
  ["baby", "each-baby"],
  ["mini", "each-baby"],
  ["bocconcini", "each-small"],
  ["breast", "breast"],
  ["thigh", "thigh"],
  ["drumstick", "drumstick"],
  ["chicken leg", "leg"],
  ["duck leg", "leg"],
  ["wing", "wing"],
];

/** What grows as a head, a root or sprouts comes in no bunch of leaves; of a brassica, no handful of leaves either. */
const isLooseHere = ({ measure, per }: LooseMeasure, { category, measures, gramsPerMl }: Measured): boolean => {
  // Only what pours is drizzled: no anchovy is.
  if (per === "ml" && gramsPerMl === null && !["oil", "acid"].includes(category)) return false;
  const isWhole = measures.some((one) => /^(?:head|each)/.test(one.measure));
  const needsLeaves = measure === "bunch" ? ["leaf", "brassica"] : measure === "handful" ? ["brassica"] : [];
  return !isWhole || !needsLeaves.includes(category);
};

type Measured = {
  readonly category: Category;
  readonly measures: readonly Pick<MeasureRow, "measure">[];
  readonly gramsPerMl: number | null;
};

/** The loose measures that suit an ingredient of a category with a density (grams per millilitre, 1 when unknown). */
export const looseMeasuresFor = (
  about: Measured & { readonly id: string },
): MeasureRow[] =>
  looseMeasures
    .filter((row) => row.categories.includes(about.category) && isLooseHere(row, about))
    .map((row) => {
      const factor = row.per === "ml" ? (about.gramsPerMl ?? 1) : 1;
      return {
        ingredient: about.id,
        measure: row.measure,
        grams: row.amount * factor,
        low: row.low * factor,
        high: row.high * factor,
        state: row.state ?? "whole",
        source: "common practice, no source",
        confidence: "low",
        basis: "estimate",
      };
    });
