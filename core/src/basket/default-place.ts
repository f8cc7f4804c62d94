import type { IngredientFacts, Place } from "../catalogue/index.ts";
import { spoilsOutOfTheCold } from "./freshness.ts";
import type { SourceKind } from "./lot.ts";

const dryCategories = ["salt-condiment", "spice", "grain", "sweet", "oil", "acid", "nut", "seed"];

/**
 * Where an ingredient usually stands as it comes from there: where it keeps best whole, else the cupboard for dry goods, else
 * the fridge. Never out of the cold what is not safe there: anchovies are a condiment, and stand in the fridge.
 */
export function defaultPlace(facts: IngredientFacts, sourceKind: SourceKind = "shop"): Place {
  const usual = facts.season?.bestPlace ?? (dryCategories.includes(facts.category) ? "cupboard" : "fridge");
  const lot = { ...({ state: "raw", method: null, bestBefore: null } as const), place: usual, sourceKind };
  return spoilsOutOfTheCold(lot, facts) ? "fridge" : usual;
}
