import type { UseCases } from "../context/request-context.ts";
import { adaptRecipe, substitutions } from "./other-diners.ts";
import { getRecipe, listRecipes } from "./read.ts";
import { timeBySize } from "./time-by-size.ts";
import {
  compareVersions,
  defaultFromBatch,
  listVersions,
  setDefaultVersion,
  archiveRecipe,
} from "./versions.ts";
import { saveDressing } from "./save-dressing.ts";
import { removePhoto, setPhoto } from "./photo.ts";
import { editRecipe, saveRecipe } from "./write.ts";

export const recipeUseCases = {
  listRecipes,
  getRecipe,
  saveRecipe,
  setPhoto,
  removePhoto,
  saveDressing,
  editRecipe,
  listVersions,
  compareVersions,
  setDefaultVersion,
  archiveRecipe,
  defaultFromBatch,
  adaptRecipe,
  substitutions,
  timeBySize,
} satisfies UseCases<
  | "listRecipes"
  | "getRecipe"
  | "saveRecipe"
  | "setPhoto"
  | "removePhoto"
  | "saveDressing"
  | "editRecipe"
  | "listVersions"
  | "compareVersions"
  | "setDefaultVersion"
  | "archiveRecipe"
  | "defaultFromBatch"
  | "adaptRecipe"
  | "substitutions"
  | "timeBySize"
>;
