import type { UseCases } from "../context/request-context.ts";
import { changeKitchen } from "./change-kitchen.ts";
import { getKitchen } from "./get-kitchen.ts";
import { setOunceMeaning } from "./set-ounce-meaning.ts";

export const kitchenUseCases = { getKitchen, changeKitchen, setOunceMeaning } satisfies UseCases<
  "getKitchen" | "changeKitchen" | "setOunceMeaning"
>;
