import type { LineParts } from "../measure/index.ts";
import type { LineIngredient } from "./line-reading.ts";
import { saysCooked } from "./said-cooked.ts";
import { madeFrom } from "./tables/made-from.ts";

const isTin = /^(?:tin|can|jar|carton)$/;
/** A tin of green lentils holds cooked ones, whatever dry pulse goes by that name; so do "cooked Puy lentils". */
export function tinnedOf(
  named: LineIngredient,
  { word, name }: Pick<LineParts, "word" | "name">,
): LineIngredient {
  if (named.kind !== "one" || !(isTin.test(word) || saysCooked.test(name))) return named;
  // Only dry pulses are made into another food by boiling.
  const cooked = madeFrom.find((one) => one.from === named.id && one.method === "boil");
  return cooked ? { ...named, id: cooked.ingredient } : named;
}
