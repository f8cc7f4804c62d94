import type { UseCases } from "../context/request-context.ts";
import { bringShoppingHome } from "./bring-home.ts";
import { shoppingTable, shoppingTasks, shoppingText } from "./shopping-files.ts";
import { addShoppingItem, removeShoppingItem, shoppingList, tickShoppingItem } from "./shopping-list.ts";

export const shoppingUseCases = {
  shoppingList,
  addShoppingItem,
  tickShoppingItem,
  removeShoppingItem,
  bringShoppingHome,
  shoppingText,
  shoppingTable,
  shoppingTasks,
} satisfies UseCases<
  | "shoppingList"
  | "addShoppingItem"
  | "tickShoppingItem"
  | "removeShoppingItem"
  | "bringShoppingHome"
  | "shoppingText"
  | "shoppingTable"
  | "shoppingTasks"
>;
