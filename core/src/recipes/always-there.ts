import type { Catalogue, IngredientFacts } from "../catalogue/index.ts";

/** Does it come from the tap? It is never bought, and costs nothing worth counting. */
export const isTapWater = (facts: Pick<IngredientFacts, "group">): boolean => facts.group === "water";

/** What is never to be bought: the kitchen's shelf of dry goods, and tap water. */
export const alwaysThere = (staples: readonly string[], catalogue: Catalogue): ReadonlySet<string> =>
  new Set([...staples, ...[...catalogue.ingredients.values()].filter(isTapWater).map((facts) => facts.id)]);
