export { photoType, type PhotoIssue, type PhotoType } from "./photo.ts";
export { mostCsvRows, readCsv, writeCsv, type CsvIssue, type CsvRow } from "./csv-rows.ts";
export {
  lotColumns,
  lotColumnsOut,
  readLotsCsv,
  type LotDraft,
  type LotsFile,
  type RowFault,
} from "./lots-csv.ts";
export { acceptReview, type LineAnswer, type ReviewIssue } from "./accept-review.ts";
export { draftOfParts, type RecipeParts } from "./draft-of-parts.ts";
export {
  draftLimits,
  sourceKinds,
  type DraftIssue,
  type RecipeDraft,
  type SourceKind,
  type SourceLine,
} from "./recipe-draft.ts";
export { foodNamer } from "./names-food.ts";
export { readRecipeFiles, readRecipes, type RecipeFile } from "./read-recipes.ts";
export { readYield } from "./read-yield.ts";
export { reviewRecipe, type RecipeReview, type ReviewedLine } from "./review-recipe.ts";
export { listLineText, shoppingCsv, shoppingMarkdown, type ListLine } from "./write-shopping-list.ts";
export { lineText, recipeJson, recipeMarkdown, recipeWriter, type RecipeWriter } from "./write-recipe.ts";
