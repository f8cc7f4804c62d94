import { foodClasses, ingredientTraits, type FoodClass, type IngredientTrait } from "@apron/core/catalogue";

const words: Readonly<Record<IngredientTrait, string>> = {
  "carrot-family": "a wild carrot relative (never foraged)",
  citrus: "citrus juice or fruit",
  vinegar: "vinegar",
  avocado: "avocado",
  "raw-egg": "raw egg",
  "counted-whole": "something counted in wholes, like eggs",
  mustard: "mustard",
  salt: "salt",
  creamy: "cream or yogurt in a dressing",
  "dry-pulse": "a dry pulse",
};

/** Which rules an ingredient of the kitchen's own falls under. */
export const traitChoices = ingredientTraits.map((value) => ({ value, label: words[value] }));

/** Kinds of food by how they keep, where the word alone does not say it. */
const keepingWords: Readonly<Partial<Record<FoodClass, string>>> = {
  unknown: "nothing known (shortest)",
  "in-brine": "something in brine or vinegar",
  "in-oil": "something in oil",
  "dried-herb-or-spice": "dried herb or spice",
  "smoked-or-cured-fish": "smoked or cured fish",
  "sugar-or-honey": "sugar or honey",
};

/** What a kitchen's own ingredient may keep like; by its kind where nothing is chosen. */
export const keepsLikeChoices: readonly { readonly value: FoodClass | null; readonly label: string }[] = [
  { value: null, label: "by its kind, cautiously" },
  ...foodClasses.map((value) => ({ value, label: keepingWords[value] ?? value.replaceAll("-", " ") })),
];
