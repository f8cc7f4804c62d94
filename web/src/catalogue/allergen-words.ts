import { allergenName, allergens } from "@apron/core/catalogue";

/** Every allergen a label must name, by its name. */
export const allergenChoices = allergens
  .map((value) => ({ value, label: allergenName(value) }))
  .sort((a, b) => a.label.localeCompare(b.label));
