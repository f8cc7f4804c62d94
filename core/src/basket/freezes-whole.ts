import type { IngredientFacts } from "../catalogue/index.ts";

/**
 * Foods that come out of the freezer limp or watery, eaten as they are: salad leaves, cucumber, radish, celery, cress
 * (National Center for Home Food Preservation, "Foods that do not freeze well", from memory); flowers (common practice,
 * no source).
 */
const limp =
  /^(?:lettuce|cucumber|radish|celery|cress|watercress|endive|chicory|radicchio|escarole|frisee|arugula|rocket|purslane|pea-shoots|corn-salad|mizuna|sorrel-salad)/;

/** Is it worth freezing as it lies, to be cooked later? */
export const freezesWhole = ({ id, category }: Pick<IngredientFacts, "id" | "category">): boolean =>
  category !== "flower" && category !== "oil" && category !== "acid" && !limp.test(id);
