import { allergens, type Allergen } from "@apron/core/catalogue";

const names: Readonly<Partial<Record<Allergen, string>>> = {
  "gluten-barley": "barley (gluten)",
  "gluten-oats": "oats (gluten)",
  "gluten-rye": "rye (gluten)",
  wheat: "wheat (gluten)",
  soy: "soya",
};

/** An allergen as a label names it. */
export const allergenName = (allergen: string): string =>
  names[allergen as Allergen] ?? allergen.replaceAll("-", " ");

/** Every allergen a label must name, by its name. */
export const allergenChoices = allergens
  .map((value) => ({ value, label: allergenName(value) }))
  .sort((a, b) => a.label.localeCompare(b.label));
