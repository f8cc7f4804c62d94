import type { IngredientFacts } from "../catalogue/index.ts";

/** Who eats here, as far as fillings are concerned. */
export type Diners = {
  readonly diet: "any" | "vegetarian" | "vegan";
  readonly avoidAllergens: readonly string[];
  readonly avoidIngredients: readonly string[];
};

/**
 * May these diners eat it? A "check the label" mark counts as no: the cautious reading.
 * Diet words are those of the catalogue's `diet` column.
 */
export function suits(facts: IngredientFacts, diners: Diners): boolean {
  if (diners.avoidIngredients.includes(facts.id)) return false;
  if (facts.allergens.some((allergen) => diners.avoidAllergens.includes(allergen))) return false;
  return diners.diet === "any" || facts.diet.includes(diners.diet);
}
