import type { UseCases } from "../context/request-context.ts";
import { changeKitchen } from "./change-kitchen.ts";
import { getKitchen } from "./get-kitchen.ts";
import { setNameMeaning } from "./set-name-meaning.ts";
import { setOunceMeaning } from "./set-ounce-meaning.ts";

export const kitchenUseCases = {
  getKitchen,
  changeKitchen,
  setNameMeaning,
  setOunceMeaning,
} satisfies UseCases<"getKitchen" | "changeKitchen" | "setNameMeaning" | "setOunceMeaning">;
