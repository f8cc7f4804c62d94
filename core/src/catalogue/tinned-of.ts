import type { LineParts } from "../measure/index.ts";
import type { IngredientFacts } from "./catalogue.ts";
import type { LineIngredient, LineReader } from "./line-reading.ts";
import type { Category, FoodClass } from "./row-words.ts";
import { saysCooked } from "./said-cooked.ts";
import { madeFrom } from "./tables/made-from.ts";

const mayBeCooked = /^(?:tin|can|jar|carton)$/;
const isTin = /^(?:tin|can)$/;

/** What is bought fresh, by category; and what of it keeps in a way of its own. */
const freshCategories: ReadonlySet<Category> = new Set([
  "allium",
  "brassica",
  "flower",
  "fruit",
  "fruit-vegetable",
  "leaf",
  "root",
  "soft-herb",
] as const);
const freshClasses = new Set<FoodClass | undefined>([
  ...(["avocado", "citrus", "garlic", "melon", "sprout", "tomato", "vegetable"] as const),
  undefined,
]);
const isFresh = ({ category, keepsAs, trims }: IngredientFacts): boolean =>
  freshCategories.has(category) &&
  freshClasses.has(keepsAs) &&
  trims.every(({ method }) => method !== "drain-can");

/**
 * A tin of green lentils holds cooked ones, whatever dry pulse goes by that name; so do "cooked Puy lentils". A tin of
 * carrots is asked about: what the tables know of is the fresh one, and a third of a tin is water.
 */
export function tinnedOf(
  named: LineIngredient,
  { word, name }: Pick<LineParts, "word" | "name">,
  { facts }: Pick<LineReader, "facts">,
): LineIngredient {
  if (named.kind !== "one") return named;
  // Only dry pulses are made into another food by boiling.
  const cooked = madeFrom.find((one) => one.from === named.id && one.method === "boil");
  if (cooked && (mayBeCooked.test(word) || saysCooked.test(name))) return { ...named, id: cooked.ingredient };
  const one = isTin.test(word) ? facts(named.id) : undefined;
  return one && isFresh(one) ? { kind: "ask", candidates: [named.id] } : named;
}
