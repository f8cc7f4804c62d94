import type { UseCases } from "../kit.ts";
import { costRecipe } from "./cost.ts";
import { exportRecipe, exportRecipes, exportRecipeText, readRecipes } from "./in-and-out.ts";
import { adaptRecipe, substitutes } from "./other-diners.ts";
import { plateRecipe } from "./plate.ts";
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
