import { hasTrait, type Category, type FoodClass, type IngredientFacts } from "../catalogue/index.ts";
import { produce } from "./tables/class-limits.ts";

/** Is it a plant as it is picked, that is cut when it is opened? A pack of anything else is only opened. */
export const isProduce = (foodClass: FoodClass): boolean =>
  (produce as readonly FoodClass[]).includes(foodClass);

/** What a category keeps as where the row does not say: the shortest of what the category holds. */
const byCategory: Readonly<Record<Category, FoodClass>> = {
  acid: "citrus-juice",
  allium: "bulb",
  brassica: "leaf",
  cheese: "fresh-cheese",
  emulsifier: "separated-egg",
  flower: "flower",
  fruit: "fruit",
  "fruit-vegetable": "vegetable",
  grain: "rice",
  leaf: "leaf",
  legume: "cooked-pulse",
  nut: "nut",
  oil: "nut-oil",
  other: "unknown",
  root: "root",
  "salt-condiment": "unknown",
  seed: "nut",
  "soft-herb": "soft-herb",
  spice: "spice-paste",
  sweet: "jam",
  "woody-herb": "woody-herb",
};

/**
 * How an ingredient keeps: as its row says, else as the shortest of its category; a kitchen's own ingredient without
 * either is `unknown`.
 */
export function foodClassOf(facts: Pick<IngredientFacts, "keepsAs" | "category" | "traits">): FoodClass {
  if (facts.keepsAs) return facts.keepsAs;
  if (hasTrait(facts, "salt")) return "salt";
  if (hasTrait(facts, "vinegar")) return "vinegar";
  return byCategory[facts.category];
}
