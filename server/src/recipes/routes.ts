import type { UseCases } from "../context/request-context.ts";
import { costRecipe } from "../cook/cost-recipe.ts";
import { exportRecipe, exportRecipes, exportRecipeText, readRecipes } from "../exchange/recipes-file.ts";
import { adaptRecipe, substitutes } from "./other-diners.ts";
import { plateRecipe } from "../plate/plate-recipe.ts";
import { getRecipe, listRecipes } from "./read.ts";
import { timeBySize } from "./time-by-size.ts";
import { compareVersions, houseFromBatch, listVersions, makeHouse, putAway } from "./versions.ts";
import { editRecipe, importRecipes, saveRecipe } from "./write.ts";

export const recipeUseCases = {
  listRecipes,
  getRecipe,
  saveRecipe,
  editRecipe,
  importRecipes,
  readRecipes,
  exportRecipe,
  exportRecipeText,
  exportRecipes,
  listVersions,
  compareVersions,
  makeHouse,
  putAway,
  houseFromBatch,
  adaptRecipe,
  substitutes,
  costRecipe,
  plateRecipe,
  timeBySize,
} satisfies UseCases<
  | "listRecipes"
  | "getRecipe"
  | "saveRecipe"
  | "editRecipe"
  | "importRecipes"
  | "readRecipes"
  | "exportRecipe"
  | "exportRecipeText"
  | "exportRecipes"
  | "listVersions"
  | "compareVersions"
  | "makeHouse"
  | "putAway"
  | "houseFromBatch"
  | "adaptRecipe"
  | "substitutes"
  | "costRecipe"
  | "plateRecipe"
  | "timeBySize"
>;
