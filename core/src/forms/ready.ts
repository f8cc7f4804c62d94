import type { IngredientFacts } from "../catalogue/index.ts";

/** Bought as it is used; a rind or brine taken off is not worth a trip to the trim bench. */
const readyCategories = ["cheese", "acid", "salt-condiment", "emulsifier"];

/** Packed in a liquid that is food itself and goes into the dish with it, unless a line says drained. */
const readyClasses = ["tinned-tomato"];

/** Does it come in ready to use, with nothing to trim? */
export const needsNoTrimming = (facts: Pick<IngredientFacts, "trims" | "category" | "keepsAs">): boolean =>
  facts.trims.length === 0 ||
  readyCategories.includes(facts.category) ||
  readyClasses.includes(facts.keepsAs ?? "");
