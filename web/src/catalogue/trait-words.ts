import { ingredientTraits, type IngredientTrait } from "@apron/core/catalogue";

const words: Readonly<Record<IngredientTrait, string>> = {
  "carrot-family": "a wild carrot relative (never foraged)",
  citrus: "citrus juice or fruit",
  vinegar: "vinegar",
  "nut-oil": "nut oil",
  melon: "melon",
  tomato: "tomato",
  sprout: "sprouts",
  rice: "rice",
  avocado: "avocado",
  "raw-egg": "raw egg",
  "counted-whole": "something counted in wholes, like eggs",
  yogurt: "yogurt",
  "sesame-paste": "sesame paste",
  mustard: "mustard",
  salt: "salt",
  creamy: "cream or yogurt in a dressing",
  "dry-pulse": "a dry pulse",
};

/** Which rules an ingredient of the kitchen's own falls under. */
export const traitChoices = ingredientTraits.map((value) => ({ value, label: words[value] }));
