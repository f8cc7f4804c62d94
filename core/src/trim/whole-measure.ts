import type { IngredientFacts } from "../catalogue/index.ts";

/** Measures that are bought and picked whole; the first that an ingredient has counts. */
const wholeMeasures = ["bunch", "head", "each-medium", "punnet", "block", "ear"] as const;

/** Smaller things are weighed out: nobody counts beans or cherry tomatoes. Grams each; common practice, no source. */
const countedFromG = 25;

/** What an ingredient is bought by where it is not bought by weight: a bunch, a head, one of it. */
export const wholeMeasureOf = (facts: IngredientFacts): IngredientFacts["measures"][number] | undefined =>
  wholeMeasures
    .map((name) => facts.measures.find((row) => row.measure === name && row.state === "whole"))
    .find((row) => row !== undefined && row.grams >= countedFromG);
