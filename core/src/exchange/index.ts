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
export { draftLimits, type DraftIssue, type RecipeDraft } from "./recipe-draft.ts";
export { readRecipes } from "./read-recipes.ts";
export { readYield, reviewRecipe, type RecipeReview, type ReviewedLine } from "./review-recipe.ts";
export { lineText, recipeJson, recipeMarkdown, recipeWriter, type RecipeWriter } from "./write-recipe.ts";
