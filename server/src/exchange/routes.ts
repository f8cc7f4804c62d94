import type { UseCases } from "../context/request-context.ts";
import { importRecipes } from "./import-recipes.ts";
import { exportLots, importLots } from "./lots-file.ts";
import { exportRecipe, exportRecipes, exportRecipeText, readRecipes } from "./recipes-file.ts";

export const exchangeUseCases = {
  importLots,
  exportLots,
  readRecipes,
  importRecipes,
  exportRecipe,
  exportRecipeText,
  exportRecipes,
} satisfies UseCases<
  | "importLots"
  | "exportLots"
  | "readRecipes"
  | "importRecipes"
  | "exportRecipe"
  | "exportRecipeText"
  | "exportRecipes"
>;
