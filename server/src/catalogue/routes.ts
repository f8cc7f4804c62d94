import type { UseCases } from "../context/request-context.ts";
import { getCatalogue, getIngredient, listIngredients } from "./ingredients.ts";
import { addIngredient, dropFigure, setFigure } from "./own-figures.ts";
import { readAmount, readLines } from "./read-amount.ts";

export const catalogueUseCases = {
  listIngredients,
  getIngredient,
  getCatalogue,
  addIngredient,
  setFigure,
  dropFigure,
  readAmount,
  readLines,
} satisfies UseCases<
  | "listIngredients"
  | "getIngredient"
  | "getCatalogue"
  | "addIngredient"
  | "setFigure"
  | "dropFigure"
  | "readAmount"
  | "readLines"
>;
