import { madeFrom } from "./tables/made-from.ts";

/** What food is called once a method is done to it: a lemon that was pressed is lemon juice. */
export const ingredientAfter = (ingredient: string, method: string): string =>
  madeFrom.find((one) => one.from === ingredient && one.method === method)?.ingredient ?? ingredient;
