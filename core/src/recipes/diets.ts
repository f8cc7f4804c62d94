import type { Catalogue, IngredientFacts } from "../catalogue/index.ts";
import type { Formula } from "./formula.ts";

/** What a dish can be said to be. */
export const diets = ["vegan", "vegetarian", "nut-free", "dairy-free", "gluten-free"] as const;
export type Diet = (typeof diets)[number];

/** Allergens that stand against each. Oats count as gluten unless certified; the cautious reading. */
const against: Readonly<Record<Exclude<Diet, "vegan" | "vegetarian">, readonly string[]>> = {
  "nut-free": ["nuts", "peanut"],
  "dairy-free": ["milk"],
  "gluten-free": ["wheat", "gluten-barley", "gluten-oats", "gluten-rye"],
};

/** May it be in a dish of this diet? What must be checked on the label counts as no. */
export const fitsDiet = (facts: Pick<IngredientFacts, "diet" | "allergens">, diet: Diet): boolean =>
  diet === "vegan" || diet === "vegetarian"
    ? facts.diet.includes(diet) || (diet === "vegetarian" && facts.diet.includes("vegan"))
    : !facts.allergens.some((allergen) => against[diet].includes(allergen));

/**
 * The diets a dish of these ingredients fits, cooking liquid and optional lines included: a grain boiled in meat stock
 * is not vegetarian. Unknown ingredients make every answer no.
 */
export function dietsOf(ingredients: readonly string[], catalogue: Catalogue): Diet[] {
  const facts = ingredients.map((id) => catalogue.ingredients.get(id));
  return diets.filter((diet) => facts.every((one) => one !== undefined && fitsDiet(one, diet)));
}

/** True of a formula with lines that could not be read: nothing can be promised of it. */
export const isPartlyRead = (formula: Formula): boolean => formula.unread.length > 0;
