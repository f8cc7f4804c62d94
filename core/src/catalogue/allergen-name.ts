import type { Allergen } from "./row-words.ts";

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
