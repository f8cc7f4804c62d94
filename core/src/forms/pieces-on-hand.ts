import type { IngredientFacts, Weight } from "../catalogue/index.ts";
import { showEstimate } from "../measure/index.ts";
import { trimOf } from "./as-bought.ts";

/** Words of pieces that are counted as they come; a handful or a cup is of what is in the hand. */
const pieceWords = ["", "small", "medium", "large", "clove", "ear", "head", "stalk", "spear"];

/**
 * What counted pieces weigh as they come in. Where the table weighs a piece trimmed (an egg without its shell), the whole
 * one is more, by the usual trim: then two eggs bought are two eggs asked for.
 */
export function piecesOnHand(
  weight: Weight,
  counted: { readonly word: string; readonly facts: Pick<IngredientFacts, "trims" | "category"> },
): Weight {
  const way = trimOf(counted.facts, null);
  const isTrimmedPiece =
    weight.form === "usable" && !weight.weighed && pieceWords.includes(counted.word.split(" ").at(-1) ?? "");
  if (!isTrimmedPiece || !way) return weight;
  const { value, low, high } = weight.grams;
  const grams = { value: value / way.mean, low: low / way.mean, high: high / way.mean };
  return {
    ...{ grams, weighed: false, form: "as-bought" },
    workings: `${weight.workings}; ÷ ${way.mean} (${way.method.replaceAll("-", " ")}) = ${showEstimate(grams)} as bought`,
  };
}
