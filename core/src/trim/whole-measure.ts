import type { IngredientFacts } from "../catalogue/index.ts";

type MeasureRow = IngredientFacts["measures"][number];

/** Measures that are bought and picked whole; the first that an ingredient has counts. */
const wholeMeasures = ["bunch", "head", "each-medium", "punnet", "block", "ear"] as const;
/** What is sold by the piece or tin although its table says what is in it: eggs, tinned fish. */
const soldByContent = ["each-medium", "can-drained"] as const;

/** Smaller things are weighed out: nobody counts beans or cherry tomatoes. Grams each; common practice, no source. */
const countedFromG = 25;

const rowOf = (
  { measures }: IngredientFacts,
  names: readonly string[],
  state: MeasureRow["state"],
): MeasureRow | undefined =>
  names
    .map((name) => measures.find((row) => row.measure === name && row.state === state))
    .find((row) => row !== undefined && row.grams >= countedFromG);

/** What an ingredient is bought by where it is not bought by weight: a bunch, a head, one of it. */
export const wholeMeasureOf = (facts: IngredientFacts): MeasureRow | undefined =>
  rowOf(facts, wholeMeasures, "whole");

/** The same where the table weighs only what is in it: an egg without its shell, a tin drained. */
export const contentMeasureOf = (facts: IngredientFacts): MeasureRow | undefined =>
  rowOf(facts, soldByContent, "trimmed");
