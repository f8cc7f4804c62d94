import type { Allergen, IngredientFacts } from "../catalogue/index.ts";

/** From the least to the most that is left out. */
export const eatingDiets = ["any", "vegetarian", "vegan"] as const;
type EatingDiet = (typeof eatingDiets)[number];

/** One person who eats here. */
export type Eater = {
  readonly name: string;
  readonly diet: EatingDiet;
  readonly avoidAllergens: readonly Allergen[];
  readonly avoidIngredients: readonly string[];
};

/** Everyone who eats here, as far as fillings are concerned. */
export type Diners = {
  readonly diet: EatingDiet;
  readonly avoidAllergens: readonly Allergen[];
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

const union = <Word extends string>(lists: readonly (readonly Word[])[]): Word[] =>
  [...new Set(lists.flat())].sort();

/** What all of them can eat: the strictest diet, and everything that any of them avoids. */
export const dinersOf = (eaters: readonly Eater[]): Diners => ({
  diet: [...eatingDiets].reverse().find((diet) => eaters.some((eater) => eater.diet === diet)) ?? "any",
  avoidAllergens: union(eaters.map((eater) => eater.avoidAllergens)),
  avoidIngredients: union(eaters.map((eater) => eater.avoidIngredients)),
});
