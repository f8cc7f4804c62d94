import { buildCatalogue, type Catalogue } from "./catalogue.ts";
import { cautions } from "./tables/cautions.ts";
import { compositions } from "./tables/composition.ts";
import { cookingChanges } from "./tables/cooking-changes.ts";
import { ingredients } from "./tables/ingredients.ts";
import { keepingRules } from "./tables/keeping.ts";
import { measures } from "./tables/measures.ts";
import { seasons } from "./tables/seasons.ts";
import { trimYields } from "./tables/trim-yields.ts";

/** The reference catalogue that ships with the program. Its own door, so that a browser page need not load it. */
export const referenceCatalogue: Catalogue = buildCatalogue({
  ingredients,
  measures,
  trimYields,
  cookingChanges,
  compositions,
  seasons,
  keepingRules,
  cautions,
});
