import type { IngredientFacts as Sent } from "@apron/contract";
import type { IngredientFacts } from "@apron/core/catalogue";

/** An ingredient as it travelled, as core knows it. */
export const factsOf = (sent: Sent): IngredientFacts => ({
  ...sent,
  composition: sent.composition ?? undefined,
  season: sent.season ?? undefined,
});
