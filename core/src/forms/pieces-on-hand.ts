import type { IngredientFacts, Weight } from "../catalogue/index.ts";
import { showEstimate } from "../measure/index.ts";
import { trimOf } from "./as-bought.ts";

/**
 * What counted pieces weigh as they come in. Where the table weighs a piece trimmed (an egg without its shell), the whole
 * one is more, by the usual trim: then two eggs bought are two eggs asked for.
 */
export function piecesOnHand(weight: Weight, facts: Pick<IngredientFacts, "trims" | "category">): Weight {
  const way = weight.isTrimmedPiece ? trimOf(facts, null) : undefined;
  if (!way) return weight;
  const { value, low, high } = weight.grams;
  const grams = { value: value / way.mean, low: low / way.mean, high: high / way.mean };
  return {
    ...{ grams, weighed: false, form: "as-bought", isTrimmedPiece: false },
    workings: `${weight.workings}; ÷ ${way.mean} (${way.method.replaceAll("-", " ")}) = ${showEstimate(grams)} as bought`,
  };
}
