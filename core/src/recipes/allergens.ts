import type { Catalogue } from "../catalogue/index.ts";

/** Every allergen named by the ingredients really used, in alphabetical order. */
export const allergensOf = (ingredients: readonly string[], catalogue: Catalogue): string[] =>
  [...new Set(ingredients.flatMap((id) => catalogue.ingredients.get(id)?.allergens ?? []))].sort();
